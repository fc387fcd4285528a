<script setup lang="ts">
import type { GardenSummary } from '~~/shared/answers'

/** Finds gardens, beds, plants, screens and actions by a few letters; opened with Ctrl K. */
const { box, keys } = useHelpers()
const route = useRoute()
const library = useLibraryStore()
const colour = useColorMode()
const { active } = useDesk()
const gardens = shallowRef<readonly GardenSummary[]>([])
const term = ref('')

const look = useDebounceFn(async () => {
  const query = new URLSearchParams({ find: term.value, most: '20' })
  gardens.value = await ask('gardens', `/api/gardens?${query.toString()}`)
}, 150)
watch(term, look, { immediate: true })
/** The list says what it is; its maker leaves it without a name. */
const nameList = () => {
  document.querySelector('.command-box [role="listbox"]')?.setAttribute('aria-label', 'What was found')
}
onMounted(() => nextTick(nameList))
watch([term, gardens], nameList, { flush: 'post' })
const bedId = computed(() => (route.path.startsWith('/beds/') ? String(route.params.id) : null))
const SCREENS = ['ground', 'brief', 'plants', 'compose', 'count', 'setout', 'seasons', 'care', 'log'] as const
const NAMES: Readonly<Record<string, string>> = { setout: 'Set out' }
const nameOf = (screen: string) => NAMES[screen] ?? `${screen[0]!.toUpperCase()}${screen.slice(1)}`
function go(to: string) {
  box.value = false
  void navigateTo(to)
}
function act(work: () => void) {
  box.value = false
  work()
}
const showPlant = (id: string) => go(`/beds/${bedId.value}/plants?plant=${id}`)
const beds = computed(() =>
  gardens.value.flatMap(({ garden, beds: own }) =>
    own.map((b) => ({
      label: b.name,
      suffix: garden.value.name,
      icon: 'i-lucide-rows-3',
      onSelect: () => go(`/beds/${b.id}/compose`),
    })),
  ),
)
const screens = computed(() =>
  bedId.value === null
    ? []
    : SCREENS.map((s) => ({
        label: nameOf(s),
        icon: 'i-lucide-panel-top',
        onSelect: () => go(`/beds/${bedId.value}/${s}`),
      })),
)
const plants = computed(() =>
  bedId.value === null
    ? []
    : library.plants.map((p) => ({
        label: p.commonName,
        suffix: p.botanicalName,
        icon: 'i-lucide-sprout',
        onSelect: () => showPlant(p.id),
      })),
)
const actions = computed(() => [
  { label: 'All gardens', icon: 'i-lucide-house', onSelect: () => go('/') },
  { label: 'Undo', icon: 'i-lucide-undo-2', onSelect: () => act(() => active.value.undo()) },
  { label: 'Redo', icon: 'i-lucide-redo-2', onSelect: () => act(() => active.value.redo()) },
  {
    label: 'Light or dark colours',
    icon: 'i-lucide-moon',
    onSelect: () =>
      act(() => {
        colour.preference = colour.value === 'dark' ? 'light' : 'dark'
      }),
  },
  { label: 'Keys', icon: 'i-lucide-keyboard', onSelect: () => act(() => (keys.value = true)) },
  { label: 'Removed and backups', icon: 'i-lucide-vault', onSelect: () => go('/keeping') },
])
const groups = computed(() => [
  { id: 'screens', label: 'Screens of this bed', items: screens.value },
  { id: 'beds', label: 'Beds', items: beds.value },
  { id: 'actions', label: 'Actions', items: actions.value },
  { id: 'plants', label: 'Plants', items: term.value.length > 1 ? plants.value : [] },
])
</script>

<template>
  <UModal
    v-model:open="box"
    title="Find"
    description="Gardens, beds, plants, screens and actions."
    :ui="{ content: 'max-h-[62vh]' }"
  >
    <template #content>
      <UCommandPalette
        v-model:search-term="term"
        :groups="groups"
        placeholder="A bed, a plant, a screen, an action…"
        class="command-box min-h-0"
        :fuse="{
          resultLimit: 12,
          fuseOptions: { ignoreLocation: true, threshold: 0.3, keys: ['label', 'suffix'] },
        }"
      />
    </template>
  </UModal>
</template>
