<script setup lang="ts">
import type { LogEntry } from '~~/core/model'
import { UNIT_SPACE, capital } from '~~/core/measure'
import { AMOUNT_OF, CAUSE_WORDS, dayWithWeather, KIND_WORDS, WISH_WORDS } from '~~/core/log'

/** One entry: what, of what, when and in which weather, with its photo. */
const props = defineProps<{ entry: LogEntry }>()
const { say, figure } = useManner()
const { book, bedName, plantName, length, remove } = useLog()
const { rename } = useLogDeeds()
const compose = useComposeStore()
const bed = useBedStore()
const { scene } = useScene()
const amount = computed(() => {
  const { kind, amount: n } = props.entry
  const what = AMOUNT_OF[kind]
  if (n === null || !what) return ''
  if (what === 'm') return length(n)
  if (what === 'litres') return say(`${Number(n.toFixed(1))}${UNIT_SPACE}L`)
  const AMOUNT_WORDS = { plants: n === 1 ? 'plant' : 'plants', minutes: 'min', money: '' }
  return `${figure(n)} ${AMOUNT_WORDS[what]}`.trim()
})
const who = computed(() => (props.entry.plantId ? plantName(props.entry.plantId) : bedName(props.entry.bedId)))
const place = computed(() => (props.entry.plantId && props.entry.bedId ? bedName(props.entry.bedId) : ''))
const became = computed(() => {
  const { toPlantId, kind } = props.entry
  if (!toPlantId) return ''
  return kind === 'died' ? `made good with ${plantName(toPlantId)}` : `it was ${plantName(toPlantId)}`
})
const light = (on: boolean) => {
  const { place: at, driftId } = props.entry
  const ids = at ? [at] : (scene.value?.planted ?? []).filter((p) => p.driftId === driftId).map((p) => p.id)
  compose.lit = on && props.entry.bedId === bed.id ? ids : []
}
const canRename = computed(
  () => props.entry.kind === 'wrong plant' && props.entry.done === '' && props.entry.bedId === bed.id,
)
const isNaming = ref(false)
const library = useLibraryStore()
const items = computed(() =>
  library.plants.map((p) => ({ label: `${p.commonName} · ${p.botanicalName}`, value: p.id })),
)
const naming = ref<string | undefined>(undefined)
async function setName() {
  if (naming.value && (await rename(props.entry, naming.value))) isNaming.value = false
}
</script>

<template>
  <li class="entry" @mouseenter="light(true)" @mouseleave="light(false)">
    <a v-if="entry.photoId" :href="book!.photoOf(entry.photoId)" target="_blank" class="relative w-26 flex-none">
      <img
        class="w-26 h-18 object-cover rounded-sm"
        :src="book!.photoOf(entry.photoId)"
        :alt="`${KIND_WORDS[entry.kind]}, ${who}`"
        loading="lazy"
      />
      <small class="absolute left-1 bottom-1 py-0 px-1 text-xs bg-card rounded-xs" v-if="entry.drawn">drawn</small>
    </a>
    <div class="flex-1 min-w-0 text-sm">
      <p class="flex flex-wrap items-baseline gap-2.5">
        <b>{{ capital(KIND_WORDS[entry.kind]) }}</b>
        <span class="font-medium">{{ who }}</span>
        <span v-if="place" class="soft text-xs text-soft">{{ place }}</span>
        <span v-if="amount">{{ amount }}</span>
        <i
          v-if="entry.colour"
          class="rounded-full border border-line self-center size-3.5"
          :style="{ background: entry.colour }"
          :title="entry.colour"
        />
        <span v-if="entry.cause" class="tag">{{ CAUSE_WORDS[entry.cause] }}</span>
        <span v-if="entry.wish" class="tag border-amber [&.over]:line-through" :class="{ over: entry.done }">
          next season: {{ WISH_WORDS[entry.wish] }}
        </span>
        <span v-if="entry.trial" class="tag">trial</span>
      </p>
      <p v-if="entry.note || became" class="note">{{ entry.note }} {{ became }}</p>
      <p class="soft text-xs text-soft" title="Weather made up for planning">{{ say(dayWithWeather(entry)) }}</p>
      <div v-if="canRename" class="flex gap-1.5 mt-1">
        <UButton v-if="!isNaming" size="xs" color="neutral" variant="outline" @click="isNaming = true">
          Say what it is
        </UButton>
        <template v-else>
          <USelectMenu
            v-model="naming"
            :items="items"
            value-key="value"
            size="xs"
            class="w-86"
            aria-label="What it is"
          />
          <UButton size="xs" @click="setName">Rename it in the plan</UButton>
        </template>
      </div>
    </div>
    <button
      class="self-start text-soft cursor-pointer"
      :aria-label="`Take out: ${KIND_WORDS[entry.kind]}, ${who}`"
      title="Take this entry out"
      @click="remove(entry)"
    >
      <UIcon name="i-lucide-x" />
    </button>
  </li>
</template>

<style scoped>
@layer components {
  .entry {
    display: flex;
    gap: 12px;
    padding: 8px 0;
    border-bottom: 1px solid var(--line);
  }
  .tag {
    padding: 0 6px;
    font-size: var(--text-xs);
    border: 1px solid var(--line);
    border-radius: 4px;
  }
}
</style>
