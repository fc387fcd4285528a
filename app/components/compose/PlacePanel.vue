<script setup lang="ts">
import { libraryMonth } from '~~/core/time'
import type { Suggestion } from '~~/core/mend'
import type { Plant } from '~~/core/plant'

/** What could stand at a place: kinds for its lanes, tried in this bed, with what the whole gains by them. */
const props = defineProps<{ atM: number; lane: number }>()
const store = useBedStore()
const compose = useComposeStore()
const { settled } = useScene()
const { suggested, askSuggestions, problem } = useSecondLook()
const size = ref<2 | 3 | 5>(3)
const bias = ref(0.5)
const SIZES = { 2: 'pairs', 3: 'trios', 5: 'fives' } as const
const ASK_AFTER_MS = 200

watchDebounced(
  [settled, () => props.atM, () => props.lane, size, bias, () => compose.moment.month],
  () => {
    const now = settled.value?.scene
    if (!now) return
    askSuggestions(now, {
      atM: props.atM,
      lane: props.lane,
      size: size.value,
      bias: bias.value,
      month: libraryMonth(compose.moment.month, now.climate),
    })
  },
  { debounce: ASK_AFTER_MS, immediate: true },
)
const listed = computed(() => new Set(store.bed?.shortlist ?? []))
function take({ plants }: Suggestion) {
  const plantIds = [...new Set([...(store.bed?.shortlist ?? []), ...plants.map((p) => p.id)])]
  store.edit({ kind: 'setShortlist', plantIds })
}
const set = ({ edit }: Suggestion) => store.edit(edit)
const BOX_PX = 68
const scale = ({ plants }: Suggestion) =>
  Math.min(46, 62 / Math.max(...plants.map((p) => Math.max(p.foliageHeightM, p.flowerHeightM))))
const boxWidth = (plant: Plant, s: Suggestion) => Math.max(34, plant.spreadM * scale(s) + 8)
const names = ({ plants, drifts }: Suggestion) =>
  plants.map((p, i) => `${drifts[i]!.count} ${p.commonName}`).join(' · ')
const gains = ({ gain, total }: Suggestion) =>
  `${gain >= 0 ? 'The whole gains' : 'The whole loses'} ${Math.abs(gain).toFixed(0)}, to ${total.toFixed(0)} of 100`
const isListed = ({ plants }: Suggestion) => plants.every((p) => listed.value.has(p.id))
</script>

<template>
  <div class="partners" data-testid="partners">
    <div class="top">
      <b>For this place</b>
      <div role="group" aria-label="How many together">
        <UButton
          v-for="n in [2, 3, 5] as const"
          :key="n"
          size="xs"
          color="neutral"
          :variant="size === n ? 'soft' : 'ghost'"
          :aria-pressed="size === n"
          @click="size = n"
        >
          {{ SIZES[n] }}
        </UButton>
      </div>
    </div>
    <label class="bias">
      <span>evergreen first</span>
      <input
        v-model.number="bias"
        type="range"
        min="0"
        max="1"
        step="0.1"
        aria-label="From evergreen only to flower first"
      />
      <span>flower first</span>
    </label>
    <p v-if="problem" class="hint" role="alert">{{ problem }}</p>
    <p v-else-if="suggested === null" class="hint" aria-live="polite">Trying plants in this place…</p>
    <p v-else-if="suggested.length === 0" class="hint">
      Nothing is free about this place, or nothing in the library suits it: choose another lane.
    </p>
    <article v-for="s in suggested ?? []" :key="s.plants.map((p) => p.id).join('+')">
      <div class="line">
        <PlantPortrait
          v-for="p in s.plants"
          :key="p.id"
          :plant="p"
          :month="compose.moment.month"
          :width="boxWidth(p, s)"
          :height="BOX_PX"
          :px-per-m="scale(s)"
        />
      </div>
      <p class="names">{{ names(s) }}</p>
      <p class="gain">{{ gains(s) }}</p>
      <p class="hint">{{ s.reasons.join('; ') }}</p>
      <div class="acts">
        <UButton size="xs" color="neutral" variant="outline" icon="i-lucide-shovel" @click="set(s)">
          Set them there
        </UButton>
        <UButton
          size="xs"
          color="neutral"
          variant="ghost"
          icon="i-lucide-plus"
          :disabled="isListed(s)"
          @click="take(s)"
        >
          {{ isListed(s) ? 'On the shortlist' : 'To the shortlist' }}
        </UButton>
      </div>
    </article>
  </div>
</template>

<style scoped>
.partners {
  padding: 8px 14px;
  font-size: 12.5px;
}
.top {
  display: flex;
  gap: 8px;
  align-items: center;
  justify-content: space-between;
  flex-wrap: wrap;
}
.bias {
  display: flex;
  gap: 6px;
  align-items: center;
  font-size: 11.5px;
  color: var(--soft);
}
.bias input {
  flex: 1;
  min-width: 60px;
}
article {
  border-top: 1px solid var(--line);
  padding: 6px 0 8px;
}
.line {
  display: flex;
  align-items: flex-end;
  gap: 0;
  background: linear-gradient(transparent calc(100% - 3px), var(--soil) 0);
  overflow: hidden;
}
.acts {
  display: flex;
  gap: 6px;
}
.names {
  font-family: var(--font-serif);
  line-height: 1.3;
  margin-top: 3px;
}
.gain {
  font-weight: 600;
  font-size: 12px;
}
.hint {
  color: var(--soft);
  font-size: 11.5px;
  line-height: 1.3;
  margin-bottom: 4px;
}
</style>
