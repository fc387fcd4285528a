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
  <div class="flex min-h-0 [&.upright]:flex-col [&.phone]:flex-col" :class="{ upright: isUpright, phone: isPhone }">
    <ChoiceRow
      v-if="isPhone"
      v-model="part"
      :items="PARTS"
      label="What is shown"
      class="parts flex-none justify-between py-0.5 px-2.5 border-b border-line bg-card"
    />
    <div
      v-show="part !== 'side' || !isPhone"
      class="flex-1 min-w-0 flex flex-col [.upright_&]:flex-none [.phone_&]:flex-1 [.phone_&]:min-h-0"
    >
      <div
        ref="stage"
        class="stage [&.near]:overflow-y-auto [.upright_&]:flex-none [.phone_&]:flex-1 [.phone_&]:min-h-0"
        :class="{ beside: !lined && !isPhone, near: zoom > 1 }"
        :style="stageStyle"
        @wheel="wheel"
      >
        <section
          v-show="shows('front')"
          class="front [.beside_&]:[grid-area:1_/_1] [.beside_&]:min-w-0 [.phone_&]:touch-pan-y"
        >
          <ComposeLookFrom />
          <ClientOnly>
            <ComposeElevationView v-if="stageNo >= SEEN.front" :axis="axis" :height="elevationPx" />
          </ClientOnly>
        </section>
        <section
          v-show="shows('score')"
          class="border-t border-line isolate [.beside_&]:[grid-area:2_/_1_/_3_/_3] [.phone_&]:border-t-0"
        >
          <h2
            class="h-6.5 leading-[23px] pl-3.5 text-base font-semibold whitespace-nowrap overflow-hidden flex items-center"
          >
            The score
            <FieldNote of="score" />
            <small
              class="overflow-hidden text-ellipsis font-sans font-normal text-xs text-soft ml-2.5 [.phone_&]:hidden"
            >
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
        <section v-show="shows('above')" class="above border-t border-line [.phone_&]:border-t-0">
          <h2
            class="h-6.5 leading-[23px] pl-3.5 text-base font-semibold whitespace-nowrap overflow-hidden flex items-center"
          >
            From above
            <small
              class="overflow-hidden text-ellipsis font-sans font-normal text-xs text-soft ml-2.5 [.phone_&]:hidden"
            >
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
              class="ml-auto mr-3.5 font-sans h-5.5"
              @click="compose.take('lasso')"
            >
              {{ compose.tool === 'lasso' ? 'Draw round them …' : 'Lasso' }}
            </UButton>
          </h2>
          <ClientOnly><ComposePlanView :axis="planAxis" :height="planPx" :top-px="planTopPx" /></ClientOnly>
        </section>
      </div>
      <ComposeTimeBar v-if="stageNo >= SEEN.beside" />
      <div v-else class="flex-none h-24" />
    </div>
    <aside
      v-show="shows('side')"
      class="side isolate [.phone_&]:w-full [.phone_&]:flex-1 [.phone_&]:border-0"
      aria-label="Second look, shortlist and list"
    >
      <PageTabs v-model="compose.panel" :tabs="tabs" narrow />
      <LatePart v-if="showsCard"><LazyComposePlantCard /></LatePart>
      <div v-if="stageNo >= SEEN.beside" class="scroll flex-1 overflow-y-auto min-h-0">
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
.parts :deep(button) {
  min-height: 34px;
}
@layer components {
  .stage {
    flex: 1;
    min-height: 0;
    overflow: hidden;
    background: var(--paper);
  }
  /* Elevation and plan side by side, the score beneath both. */
  .beside {
    display: grid;
    grid-template-columns: 58% 42%;
    align-content: start;
  }
  .beside .above {
    grid-area: 1 / 2;
    border-top: none;
    border-left: 1px solid var(--line);
    min-width: 0;
  }
  /* Each painted by itself: what the hand moves in one is no reason for the browser to paint the others. */
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
  .upright .side {
    width: 100%;
    flex: 1;
    border-left: none;
    border-top: 1px solid var(--line);
  }
}
</style>
