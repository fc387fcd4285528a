<script setup lang="ts">
import { UNIT_SPACE } from '~~/core/measure'
import { AMOUNT_OF, CAUSE_WORDS, dayWithWeather, KIND_WORDS, WISH_WORDS, type LogEntry } from '~~/core/log'
import { capital } from '~~/core/measure'

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
    <a v-if="entry.photoId" :href="book!.photoOf(entry.photoId)" target="_blank" class="thumb">
      <img :src="book!.photoOf(entry.photoId)" :alt="`${KIND_WORDS[entry.kind]}, ${who}`" loading="lazy" />
      <small v-if="entry.drawn">drawn</small>
    </a>
    <div class="words">
      <p class="title">
        <b>{{ capital(KIND_WORDS[entry.kind]) }}</b>
        <span class="who">{{ who }}</span>
        <span v-if="place" class="soft">{{ place }}</span>
        <span v-if="amount">{{ amount }}</span>
        <i v-if="entry.colour" class="dot" :style="{ background: entry.colour }" :title="entry.colour" />
        <span v-if="entry.cause" class="tag">{{ CAUSE_WORDS[entry.cause] }}</span>
        <span v-if="entry.wish" class="tag wish" :class="{ over: entry.done }">
          next season: {{ WISH_WORDS[entry.wish] }}
        </span>
        <span v-if="entry.trial" class="tag">trial</span>
      </p>
      <p v-if="entry.note || became" class="note">{{ entry.note }} {{ became }}</p>
      <p class="soft" title="Weather made up for planning">{{ say(dayWithWeather(entry)) }}</p>
      <div v-if="canRename" class="rename">
        <UButton v-if="!isNaming" size="xs" color="neutral" variant="outline" @click="isNaming = true">
          Say what it is
        </UButton>
        <template v-else>
          <USelectMenu
            v-model="naming"
            :items="items"
            value-key="value"
            size="xs"
            class="menu"
            aria-label="What it is"
          />
          <UButton size="xs" @click="setName">Rename it in the plan</UButton>
        </template>
      </div>
    </div>
    <button
      class="out"
      :aria-label="`Take out: ${KIND_WORDS[entry.kind]}, ${who}`"
      title="Take this entry out"
      @click="remove(entry)"
    >
      <UIcon name="i-lucide-x" />
    </button>
  </li>
</template>

<style scoped>
.entry {
  display: flex;
  gap: 12px;
  padding: 8px 0;
  border-bottom: 1px solid var(--line);
}
.thumb {
  position: relative;
  width: 92px;
  flex: none;
}
.thumb img {
  width: 92px;
  height: 62px;
  object-fit: cover;
  border-radius: 5px;
}
.thumb small {
  position: absolute;
  left: 4px;
  bottom: 4px;
  padding: 0 4px;
  font-size: 10.5px;
  background: var(--card);
  border-radius: 3px;
}
.words {
  flex: 1;
  min-width: 0;
  font-size: 13px;
}
.title {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 8px;
}
.who {
  font-weight: 500;
}
.soft {
  font-size: 12px;
  color: var(--soft);
}
.tag {
  padding: 0 6px;
  font-size: 11.5px;
  border: 1px solid var(--line);
  border-radius: 4px;
}
.wish {
  border-color: var(--amber);
}
.over {
  text-decoration: line-through;
}
.dot {
  width: 12px;
  height: 12px;
  border-radius: 50%;
  border: 1px solid var(--line);
  align-self: center;
}
.rename {
  display: flex;
  gap: 6px;
  margin-top: 4px;
}
.menu {
  width: 300px;
}
.out {
  align-self: start;
  color: var(--soft);
  cursor: pointer;
}
</style>
