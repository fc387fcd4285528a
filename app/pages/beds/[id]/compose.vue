<script setup lang="ts">
import { MONTH_NAMES } from '~~/core/time'

const store = useBedStore()
const compose = useComposeStore()
const { findings } = useScene()
const stage = useTemplateRef<HTMLDivElement>('stage')
const { width, height } = useElementSize(stage)
const LANE_PX = 40
const CAPTION_PX = 23
const lanes = computed(() => store.bed?.laneShares.length ?? 3)
const scorePx = computed(() => CAPTION_PX + lanes.value * (LANE_PX + 3) + 6)
const rest = computed(() => Math.max(240, height.value - scorePx.value - (lined.value ? 2 : 1) * CAPTION_PX - 2))
const { lined } = useAspect()
const { zoom, along, nearer, farther } = useAlong()
/** Sideways along the bed, with Ctrl nearer and farther. */
function wheel(event: WheelEvent) {
  if (event.ctrlKey) {
    event.preventDefault()
    return event.deltaY < 0 ? nearer() : farther()
  }
  const sideways = event.shiftKey ? event.deltaY : event.deltaX
  if (sideways !== 0 && zoom.value > 1) along(sideways / 2000)
}
const { axis, planAxis, planPx, elevationPx, planTopPx } = useAxis({ width, restPx: rest })
watchEffect(() => setDropAxis(axis.value))

const YEARS = ['planting year', 'first year']
const when = computed(
  () =>
    `${MONTH_NAMES[compose.moment.month - 1]}, ` + `${YEARS[compose.moment.year] ?? `year ${compose.moment.year}`}`,
)
const thingCount = computed(() => {
  const { features = [], orders = [], notes = [] } = store.bed ?? {}
  return features.length + orders.length + notes.length
})
const tabs = computed(() => [
  { id: 'look' as const, label: 'Second look', count: findings.value.length },
  { id: 'shortlist' as const, label: 'Shortlist', count: store.bed?.shortlist.length ?? 0 },
  { id: 'list' as const, label: 'List', count: store.bed?.drifts.length ?? 0 },
  { id: 'things' as const, label: 'Things', count: thingCount.value || undefined },
])
useEventListener('keydown', (event: KeyboardEvent) => {
  if (event.key === 'Escape') {
    compose.choose(null)
    compose.tool = 'none'
    store.preview(null)
  }
})
</script>

<template>
  <div class="compose">
    <div class="left">
      <div ref="stage" class="stage" :class="{ beside: !lined, near: zoom > 1 }" @wheel="wheel">
        <section class="front">
          <ComposeLookFrom :when="when" />
          <ClientOnly><ComposeElevationView :axis="axis" :height="elevationPx" /></ClientOnly>
        </section>
        <section class="ruled score">
          <h2 class="caption">
            The score
            <small>
              {{
                lined
                  ? 'drag a block along or between lanes, its right end to add plants'
                  : 'once round the bed, beginning at the left; drag a block along or between lanes'
              }}
            </small>
            <ComposeScoreZoom :axis="axis" />
          </h2>
          <ClientOnly><ComposeScoreView :axis="axis" :lane-height="LANE_PX" /></ClientOnly>
        </section>
        <section class="ruled above">
          <h2 class="caption">
            From above
            <small>
              {{
                lined
                  ? 'pale to mature spread, solid as it is now; drag a plant to pin it'
                  : 'drag a plant to pin it'
              }}
            </small>
            <UButton
              size="xs"
              color="neutral"
              :variant="compose.tool === 'lasso' ? 'soft' : 'ghost'"
              icon="i-lucide-lasso"
              :aria-pressed="compose.tool === 'lasso'"
              class="tool"
              @click="compose.take('lasso')"
            >
              {{ compose.tool === 'lasso' ? 'Draw round them …' : 'Lasso' }}
            </UButton>
          </h2>
          <ClientOnly><ComposePlanView :axis="planAxis" :height="planPx" :top-px="planTopPx" /></ClientOnly>
        </section>
      </div>
      <ComposeTimeBar />
    </div>
    <aside class="side" aria-label="Second look, shortlist and list">
      <PageTabs v-model="compose.panel" :tabs="tabs" />
      <ComposePlantCard />
      <div class="scroll">
        <ComposeSecondLook v-if="compose.panel === 'look'" />
        <ComposeShortlistPanel v-else-if="compose.panel === 'shortlist'" />
        <ComposeDriftList v-else-if="compose.panel === 'list'" />
        <ComposeThingsPanel v-else />
      </div>
    </aside>
  </div>
</template>

<style scoped>
.compose {
  display: flex;
  min-height: 0;
}
.left {
  flex: 1;
  min-width: 0;
  display: flex;
  flex-direction: column;
}
.stage {
  flex: 1;
  min-height: 0;
  overflow: hidden;
  background: var(--paper);
}
.near {
  overflow-y: auto;
}
.caption {
  height: 23px;
  line-height: 23px;
  padding-left: 12px;
  font-size: 13.5px;
  font-weight: 600;
  white-space: nowrap;
  overflow: hidden;
  display: flex;
  align-items: center;
}
.tool {
  margin-left: auto;
  margin-right: 12px;
  font-family: var(--font-sans);
  height: 20px;
}
.caption small {
  overflow: hidden;
  text-overflow: ellipsis;
  font-family: var(--font-sans);
  font-weight: 400;
  font-size: 12px;
  color: var(--soft);
  margin-left: 8px;
}
/* Elevation and plan side by side, the score beneath both. */
.beside {
  display: grid;
  grid-template-columns: 58% 42%;
  align-content: start;
}
.beside .front {
  grid-area: 1 / 1;
  min-width: 0;
}
.beside .above {
  grid-area: 1 / 2;
  border-top: none;
  border-left: 1px solid var(--line);
  min-width: 0;
}
.beside .score {
  grid-area: 2 / 1 / 3 / 3;
}
.ruled {
  border-top: 1px solid var(--line);
}
.side {
  width: 312px;
  flex: none;
  border-left: 1px solid var(--line);
  background: var(--card);
  display: flex;
  flex-direction: column;
  min-height: 0;
  overflow: hidden;
}
.side :deep(.tab) {
  padding-inline: 5.5px;
  font-size: 13px;
}
.side :deep([role='tablist']) {
  padding-left: 7px;
}
.scroll {
  flex: 1;
  overflow-y: auto;
  min-height: 0;
}
</style>
