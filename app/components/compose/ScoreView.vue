<script setup lang="ts">
import { laneNames } from '~~/core/bed'
import type { Axis } from '~/composables/useAxis'
import type { BlockFace, ScoreBlock } from '~/composables/useScoreBlocks'

const props = defineProps<{ axis: Axis; laneHeight: number }>()
const store = useBedStore()
const { scene } = useScene()
const { blocks } = useScoreBlocks(() => props.axis)
const names = computed(() => laneNames(store.bed?.laneShares.length ?? 1, store.bed?.form.kind))
const compose = useComposeStore()
const score = useTemplateRef<HTMLDivElement>('score')
useBlockHand(score, { axis: () => props.axis, laneHeight: () => props.laneHeight, blocks: () => blocks.value })
useHoldToChoose(score, ({ target }) => {
  const key = (target as Element).closest<HTMLElement>('[data-block]')?.dataset.block
  return blocks.value.find((b) => b.face.key === key)?.face.drift.id ?? null
})
/** Blocks from left to right, lane by lane: the order in which comma and dot go through them. */
const inOrder = computed(() => [...blocks.value].sort((a, b) => a.face.lane - b.face.lane || a.left - b.left))
const stopKey = computed(
  () => (inOrder.value.find((b) => b.face.drift.id === compose.driftId) ?? inOrder.value[0])?.face.key ?? '',
)
const WAYS: Readonly<Record<string, (at: number, last: number) => number>> = {
  ',': (at) => Math.max(0, at - 1),
  '.': (at, last) => Math.min(last, at + 1),
  Home: () => 0,
  End: (_, last) => last,
}
function key(event: KeyboardEvent) {
  const way = WAYS[event.key]
  if (!way) return
  event.preventDefault()
  const at = inOrder.value.findIndex((b) => b.face.key === stopKey.value)
  const to = inOrder.value[way(at, inOrder.value.length - 1)]
  if (!to) return
  compose.choose(to.face.drift.id)
  void nextTick(() => score.value?.querySelector<HTMLElement>('.score-block[tabindex="0"]')?.focus())
}
const PEG_PX = 30
const SLIM_PX = 7
const isPeg = ({ drift }: BlockFace) => drift.shape?.kind === 'exact'
function leftOf({ face, left, width }: ScoreBlock, wide: number) {
  return isPeg(face) ? left + (width - wide) / 2 : left
}
/** Where a block lies, as one text, so that only those that moved are set anew. Slim ones lie at the foot of their lane. */
function placeOf(block: ScoreBlock) {
  const { lane, slim, tier } = block.face
  const wide = Math.max(10, Math.min(block.width - 2, isPeg(block.face) ? PEG_PX : Infinity))
  const inLane = slim ? props.laneHeight - SLIM_PX - 9 * (tier % 3) : 1
  const top = lane * (props.laneHeight + 3) + inLane
  const height = slim ? SLIM_PX : props.laneHeight - 10
  return `left:${leftOf(block, wide)}px;width:${wide}px;top:${top}px;height:${height}px`
}
const shown = computed(() =>
  blocks.value.map((block) => ({
    face: block.face,
    place: placeOf(block),
    isStop: block.face.key === stopKey.value,
  })),
)
const fill = (lane: number) => Math.round((scene.value?.placement.laneFill[lane] ?? 0) * 100)
</script>

<template>
  <div
    ref="score"
    class="relative overflow-hidden"
    role="group"
    aria-label="Score: a block for each drift, lane by lane"
    data-testid="score"
    @keydown="key"
  >
    <div
      v-for="(name, lane) in names"
      :key="lane"
      class="lane relative mb-1"
      :style="{ height: `${laneHeight}px` }"
      :data-lane="lane"
    >
      <span
        class="[&.lane]:relative [&.lane]:mb-1 absolute left-3.5 top-1 text-xs text-ink leading-tight w-14.5 z-4"
        :class="{ over: fill(lane) > 100 }"
        :title="`${name} lane: its plants need ${fill(lane)} % of the length${fill(lane) > 100 ? ', overfull' : ''}`"
      >
        {{ name }}
        <small class="block text-soft text-xs whitespace-pre [.over_&]:text-amber-deep [.over_&]:font-bold">
          {{ fill(lane) }} %{{ fill(lane) > 100 ? ' !' : '' }}
        </small>
      </span>
      <div class="strip" :style="{ left: `${axis.score.leftPx}px`, width: `${axis.score.lengthPx}px` }" />
    </div>
    <ComposeOrderMarks :blocks="blocks" :axis="axis" :lane-height="laneHeight" />
    <!-- All blocks in one holder: a block dragged into another lane must stay the same element. -->
    <div
      v-for="{ face, place, isStop } in shown"
      :key="face.key"
      v-memo="[face, place, isStop, laneHeight]"
      class="absolute"
      :style="place"
    >
      <ComposeScoreBlock :block="face" :lane-height="laneHeight" :stop="isStop" />
    </div>
  </div>
</template>

<style scoped>
/* Blocks that are scrolled away pass beneath the names. */
.lane::before {
  content: '';
  position: absolute;
  left: 0;
  top: 0;
  bottom: 0;
  width: 62px;
  background: var(--paper);
  z-index: 3;
}
@layer components {
  .strip {
    position: absolute;
    top: 0;
    bottom: 0;
    box-sizing: border-box;
    border-radius: 5px;
    background: repeating-linear-gradient(
      135deg,
      var(--rail) 0 6px,
      color-mix(in srgb, var(--rail) 65%, var(--line)) 6px 7px
    );
  }
}
</style>
