<script setup lang="ts">
const store = useBedStore()
const compose = useComposeStore()
const stage = useTemplateRef<HTMLDivElement>('stage')
const { width, height } = useElementSize(stage)
/** At which stage the parts of the page are made; the plan is there from the first. */
const SEEN = { front: 1, score: 2, beside: 3 } as const
const stageNo = useStages(SEEN.beside)
const LANE_PX = 40
const CAPTION_PX = 23
const lanes = computed(() => store.bed?.laneShares.length ?? 3)
const scorePx = computed(() => CAPTION_PX + lanes.value * (LANE_PX + 3) + 6)
/** On a phone one picture at a time; on a page that is higher than wide the findings lie below the pictures. */
const isPhone = useMediaQuery('(max-width: 700px)')
const isUpright = useMediaQuery('(max-width: 1000px) and (orientation: portrait)')
const PARTS = [
  { id: 'front', label: 'From the front' },
  { id: 'score', label: 'Score' },
  { id: 'above', label: 'From above' },
  { id: 'side', label: 'Second look' },
] as const
const part = ref<(typeof PARTS)[number]['id']>('front')
const shows = (which: (typeof PARTS)[number]['id']) => !isPhone.value || part.value === which
const beside = computed(() => (lined.value ? 2 : 1) * CAPTION_PX)
const rest = computed(() =>
  isPhone.value
    ? Math.max(160, height.value - CAPTION_PX)
    : Math.max(240, height.value - scorePx.value - beside.value - 2),
)
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
const { axis, planAxis, planPx, elevationPx, planTopPx, neededPx } = useAxis({
  width,
  restPx: rest,
  alone: isPhone,
})
/** The pictures of an upright page are as high as they need to be, and no higher. */
const stageStyle = computed(() =>
  isUpright.value && !isPhone.value
    ? { height: `min(56vh, ${neededPx.value + scorePx.value + beside.value + 2}px)` }
    : {},
)
usePinch(stage)
useFirstNearness({ isPhone, isUpright, axis, restPx: rest, neededPx })
watchEffect(() => setDropAxis(axis.value))
useRehearsal()

const tabs = usePanelTabs()
const hasChosen = computed(() => compose.driftId !== null || compose.many.length > 1)
/** The card of what was chosen comes, and goes, when the hand has let go. */
const showsCard = ref(hasChosen.value)
watch([hasChosen, () => store.dragging], ([now, isDragging]) => {
  if (!isDragging) showsCard.value = now
})
useEventListener('keydown', (event: KeyboardEvent) => {
  if (event.key === 'Escape') {
    compose.choose(null)
    compose.tool = 'none'
    store.preview(null)
  }
})
</script>

<template>
  <div class="compose" :class="{ upright: isUpright, phone: isPhone }">
    <ChoiceRow v-if="isPhone" v-model="part" :items="PARTS" label="What is shown" class="parts" />
    <div v-show="part !== 'side' || !isPhone" class="left">
      <div
        ref="stage"
        class="stage"
        :class="{ beside: !lined && !isPhone, near: zoom > 1 }"
        :style="stageStyle"
        @wheel="wheel"
      >
        <section v-show="shows('front')" class="front">
          <ComposeLookFrom />
          <ClientOnly>
            <ComposeElevationView v-if="stageNo >= SEEN.front" :axis="axis" :height="elevationPx" />
          </ClientOnly>
        </section>
        <section v-show="shows('score')" class="ruled score">
          <h2 class="caption">
            The score
            <FieldNote of="score" />
            <small>
              {{
                lined
                  ? 'drag a block along or between lanes, its right end to add plants'
                  : 'once round the bed, beginning at the left; drag a block along or between lanes'
              }}
            </small>
            <ComposeScoreZoom :axis="axis" />
          </h2>
          <ClientOnly>
            <ComposeScoreView v-if="stageNo >= SEEN.score" :axis="axis" :lane-height="LANE_PX" />
          </ClientOnly>
        </section>
        <section v-show="shows('above')" class="ruled above">
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
      <ComposeTimeBar v-if="stageNo >= SEEN.beside" />
      <div v-else class="bar-to-come" />
    </div>
    <aside v-show="shows('side')" class="side" aria-label="Second look, shortlist and list">
      <PageTabs v-model="compose.panel" :tabs="tabs" narrow />
      <LatePart v-if="showsCard"><LazyComposePlantCard /></LatePart>
      <div v-if="stageNo >= SEEN.beside" class="scroll">
        <ComposeSecondLook v-if="compose.panel === 'look'" />
        <LatePart v-else :key="compose.panel">
          <LazyComposeShortlistPanel v-if="compose.panel === 'shortlist'" />
          <LazyComposeDriftList v-else-if="compose.panel === 'list'" />
          <LazyComposeThingsPanel v-else />
        </LatePart>
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
/* Each painted by itself: what the hand moves in one is no reason for the browser to paint the others. */
.score,
.side {
  isolation: isolate;
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
/* The months and years keep their place until they come. */
.bar-to-come {
  flex: none;
  height: 84px;
}
.upright {
  flex-direction: column;
}
.upright .left {
  flex: none;
}
.upright .stage {
  flex: none;
}
.upright .side {
  width: 100%;
  flex: 1;
  border-left: none;
  border-top: 1px solid var(--line);
}
.phone {
  flex-direction: column;
}
.phone .left,
.phone .stage {
  flex: 1;
  min-height: 0;
}
.phone .side {
  width: 100%;
  flex: 1;
  border: none;
}
.phone .ruled {
  border-top: none;
}
.phone .front {
  touch-action: pan-y;
}
.phone .caption small {
  display: none;
}
.parts {
  flex: none;
  justify-content: space-between;
  padding: 2px 8px;
  border-bottom: 1px solid var(--line);
  background: var(--card);
}
.parts :deep(button) {
  min-height: 34px;
}
.scroll {
  flex: 1;
  overflow-y: auto;
  min-height: 0;
}
</style>
