<script setup lang="ts">
const route = useRoute()
const store = useBedStore()
const library = useLibraryStore()
const site = useSiteStore()
const brief = useBriefStore()
const supply = useSupplyStore()
const compose = useComposeStore()
const { loadBeds, beginAlone, bringNeighbours, isAlone } = useGardenScene()
const problem = ref('')
const ready = ref(false)
/** The bed itself is there: its name stands at the head while the rest comes. */
const isNamed = ref(false)

useUndoKeys()
const view = String(route.name).split('-').at(-1) ?? ''
const nuxt = useNuxtApp()
const toldGarden = useBedHints(String(route.params.id), view)
useHead({ title: () => (store.bed ? `${store.bed.name} · Amber Terrace` : 'Amber Terrace') })

const later = () => new Promise((done) => setTimeout(done))
const idle = () => new Promise((done) => requestIdleCallback(done, { timeout: 250 }))
/** What the pictures are made from, worked out piece by piece before they are wanted, so that no piece holds the page for long. */
let held = effectScope()
async function prepare() {
  if (view !== 'compose') return
  beginAlone()
  const made = await nuxt.runWithContext(() => held.run(() => useScene()))
  await later()
  void made?.planList.value
  await later()
}

const openGarden = (id: string) =>
  Promise.all([library.load(id), site.open(id), brief.open(id), supply.open(id), loadBeds(id)])

async function open() {
  ready.value = isNamed.value = false
  problem.value = ''
  try {
    // What the server told of the page it made holds for the bed that it was made for.
    const told = toldGarden.value && openGarden(toldGarden.value)
    toldGarden.value = ''
    await Promise.all([store.open(String(route.params.id)).then(() => (isNamed.value = true)), told])
    if (!told && store.garden) await openGarden(store.garden.id)
    compose.lookFrom(null)
    compose.enter((store.garden?.value.place.latitude ?? 0) < 0)
    // What has come is shown before anything is made from it.
    await later()
    await prepare()
    ready.value = true
    // The page that is made now holds it from here on.
    await nextTick()
    held.stop()
    held = effectScope()
    if (isAlone.value) void bringNeighbours(idle)
  } catch (error) {
    problem.value = messageOf(error)
  }
}
/** Most visits never see a conflict: what settles one is fetched with the first. */
const hasClashed = ref(false)
watchEffect(() => {
  if ([store, site, brief, supply].some((kept) => kept.saveState === 'conflict')) hasClashed.value = true
})
onMounted(open)
watch(
  () => route.params.id,
  (now, then) => {
    if (now && now !== then) void open()
  },
)

onBeforeRouteLeave(async () => {
  await Promise.all([store, site, brief, supply].map((kept) => kept.save()))
})
useEventListener('beforeunload', (event: BeforeUnloadEvent) => {
  if ([store, site, brief, supply].some((kept) => kept.saveState !== 'saved')) event.preventDefault()
})
</script>

<template>
  <div class="frame flex h-[100vh] h-dvh overflow-hidden max-[700px]:flex-col-reverse">
    <AppRail :bed-id="String(route.params.id)" />
    <main class="main max-[700px]:min-h-0 flex-1 flex flex-col min-w-0">
      <BedHeader v-if="isNamed && !problem" />
      <template v-if="ready">
        <ViewGuard>
          <NuxtPage id="content" class="flex-1 min-h-0" tabindex="-1" />
        </ViewGuard>
        <LatePart v-if="hasClashed"><LazyConflictModal /></LatePart>
      </template>
      <Trouble v-else-if="problem" title="This bed cannot be opened">
        {{ problem }}
        <template #ways>
          <UButton to="/" icon="i-lucide-arrow-left">All gardens</UButton>
          <UButton color="neutral" variant="outline" icon="i-lucide-rotate-ccw" @click="open">Try again</UButton>
        </template>
      </Trouble>
      <p v-else class="my-[20vh] mx-auto text-soft">Opening the bed…</p>
    </main>
  </div>
</template>
