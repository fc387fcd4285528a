<script setup lang="ts">
import { genusOf } from '~~/core/plant'
import type { BlockFace } from '~/composables/useScoreBlocks'

const { length } = useManner()

/** `stop`: the one block of the score that Tab comes to. */
const props = defineProps<{ block: BlockFace; laneHeight: number; stop: boolean }>()
const store = useBedStore()
const compose = useComposeStore()
const { change, within, remove } = useChosen()

const chosen = computed(
  () => compose.driftId === props.block.drift.id || compose.many.includes(props.block.drift.id),
)
const isPeg = computed(() => props.block.drift.shape?.kind === 'exact')
const choose = (event: MouseEvent | KeyboardEvent) =>
  event.shiftKey ? compose.alsoChoose(props.block.drift.id) : compose.choose(props.block.drift.id)
const lit = computed(() => compose.lit.some((id) => id.startsWith(`${props.block.drift.id}:`)))
const genus = computed(() => genusOf(props.block.plant))
const label = computed(
  () =>
    `${props.block.plant.commonName}, ${props.block.drift.count}, ${length(props.block.onCentreM)} ` +
    `on centre, at ${length(props.block.drift.at, 1)}`,
)

/** What can be read on the block: it can be called by that. */
const shown = computed(() => `${genus.value} ${props.block.letter} × ${props.block.count},`)

const lanes = () => store.bed?.laneShares.length ?? 1

function key(event: KeyboardEvent) {
  const { id, at, lane, count } = props.block.drift
  const by = event.shiftKey ? 0.5 : 0.1
  const acts: Record<string, () => unknown> = {
    ArrowLeft: () => change(id, { at: within(at - by) }),
    ArrowRight: () => change(id, { at: within(at + by) }),
    ArrowUp: () => lane > 0 && change(id, { lane: lane - 1 }),
    ArrowDown: () => lane < lanes() - 1 && change(id, { lane: lane + 1 }),
    '+': () => change(id, { count: Math.min(500, count + 1) }),
    '=': () => change(id, { count: Math.min(500, count + 1) }),
    '-': () => count > 1 && change(id, { count: count - 1 }),
    Delete: () => remove(id),
    Backspace: () => remove(id),
  }
  if (event.key === 'Enter' && event.shiftKey) {
    event.preventDefault()
    return compose.alsoChoose(id)
  }
  const act = acts[event.key]
  if (!act || event.ctrlKey || event.metaKey) return
  event.preventDefault()
  if (!compose.many.includes(id)) compose.choose(id)
  act()
  void nextTick(() => document.querySelector<HTMLElement>(`[data-drift="${id}"]`)?.focus())
}
const showsCount = computed(
  () => props.block.fits.count && props.block.count > 1 && props.block.drift.pattern !== 'dotted',
)
/** A strip at its foot shows when it flowers, or what it is mixed of. */
const isStriped = computed(() => Boolean(props.block.year) || props.block.shares.length > 1)
const portraitPx = computed(() => props.laneHeight - 12)
const isNow = (m: number) => m + 1 === compose.moment.month
</script>

<template>
  <button
    class="score-block [&.striped]:pb-1.5 [&.weaves]:rounded-sm [&.weaves]:bg-(--leaf) [&.weaves]:z-1"
    :class="{ chosen, lit, weaves: block.slim, peg: isPeg, striped: isStriped }"
    :style="{ '--leaf': block.colour }"
    :title="label"
    :tabindex="stop ? 0 : -1"
    :aria-label="`${shown} ${label}. Arrow keys move it, plus and minus change the count, comma and dot go to the next block.`"
    :aria-pressed="chosen"
    :data-block="block.key"
    :data-in-lane="block.drift.lane"
    :data-drift="block.isFirst ? block.drift.id : undefined"
    @click="choose"
    @keydown="key"
  >
    <template v-if="!block.slim">
      <ComposeBlockPortrait
        v-if="block.fits.portrait"
        :plant="block.plant"
        :month="compose.moment.month"
        :width="22"
        :height="portraitPx"
      />
      <span
        v-if="block.fits.words"
        class="words min-w-0 leading-tight overflow-hidden [.striped_&]:flex [.striped_&]:items-baseline [.striped_&]:gap-1.5"
        aria-hidden="true"
      >
        <i class="botanical block text-xs whitespace-nowrap">{{ genus }}</i>
        {{ ' ' }}
        <small class="text-xs [.striped_&]:flex-none">{{ block.letter }} × {{ block.count }}</small>
      </span>
      <span
        v-else-if="block.fits.letter"
        class="text-xs flex flex-col items-center leading-[1.05] ml-auto pr-1 [&.alone]:my-0 [&.alone]:mx-auto [&.alone]:p-0"
        :class="{ alone: !block.fits.middling }"
        aria-hidden="true"
      >
        <b>{{ block.letter }}</b>
        <small v-if="showsCount">×{{ block.count }}</small>
      </span>
    </template>
    <span
      v-if="block.year"
      class="absolute left-0 right-0 bottom-0 flex items-end"
      aria-hidden="true"
      data-testid="hand-over"
    >
      <i
        class="flex-1 h-1 [&.now]:border-t-2 [&.now]:border-ink"
        v-for="(colour, m) in block.year"
        :key="m"
        :class="{ now: isNow(m) }"
        :style="{ background: colour ?? 'transparent' }"
      />
    </span>
    <span
      v-else-if="block.shares.length > 1"
      class="absolute left-0 right-0 bottom-0 h-1.5 flex"
      aria-hidden="true"
    >
      <i v-for="s in block.shares" :key="s.plantId" :style="{ flex: s.share, background: s.colour }" />
    </span>
    <span class="grip absolute right-0 top-0 bottom-0 w-2 cursor-ew-resize" aria-hidden="true" />
  </button>
</template>

<style scoped>
@layer components {
  .score-block {
    position: relative;
    width: 100%;
    height: 100%;
    display: flex;
    align-items: center;
    gap: 3px;
    padding: 0 3px;
    border-radius: 5px;
    overflow: hidden;
    text-align: left;
    cursor: grab;
    touch-action: none;
    user-select: none;
    background: color-mix(in srgb, var(--leaf) 26%, var(--card));
    border: 1px solid color-mix(in srgb, var(--leaf) 60%, var(--ink));
    color: var(--ink);
  }
  .chosen {
    outline: 2.5px solid var(--amber);
    outline-offset: 0;
    z-index: 2;
  }
  .lit {
    box-shadow: 0 0 0 2px var(--amber);
    z-index: 1;
  }
  /* One line above the strip. */
  .striped .words i {
    min-width: 0;
    overflow: hidden;
    text-overflow: ellipsis;
  }
  .peg {
    border-radius: 5px 5px 50% 50%;
    border-width: 2px;
  }
  .score-block:hover .grip,
  .chosen .grip {
    background: linear-gradient(
      90deg,
      transparent 2px,
      color-mix(in srgb, var(--ink) 40%, transparent) 2px 3px,
      transparent 3px 4px,
      color-mix(in srgb, var(--ink) 40%, transparent) 4px 5px,
      transparent 5px
    );
  }
}
</style>
