<script setup lang="ts">
import { bedFigures } from '~~/core/bed'
import { shallowest } from '~~/core/judge'
import { distance, type Point } from '~~/core/geometry'

const { length, area, both, volume, weight, units } = useManner()

const store = useBedStore()
const brief = useBriefStore()
const siteStore = useSiteStore()
const compose = useComposeStore()
const ground = useGroundStore()
const { scene } = useScene()
const { frame } = useAspect()
const { moveStation } = useGround()
const { loadBeds } = useSite()
const bed = computed(() => store.bed!)
const TABS = [
  { id: 'site', label: 'The site' },
  { id: 'bed', label: 'This bed' },
  { id: 'soil', label: 'Soil and harm' },
] as const
onMounted(() => {
  void loadBeds()
})
const figures = computed(() => (frame.value ? bedFigures(bed.value, frame.value) : null))
const needed = computed(() => (scene.value ? shallowest(scene.value) : null))

/** The two ends of a known length on the drawing under the plan. */
const known = shallowRef<{ a: Point; b: Point } | null>(null)
function scaleBy(metres: number) {
  const base = siteStore.kept?.base
  const ends = known.value
  if (base && ends) {
    const by = metres / distance(ends.a, ends.b)
    // The first point stays where it is.
    siteStore.edit({
      kind: 'setBase',
      base: {
        ...base,
        x: ends.a.x + (base.x - ends.a.x) * by,
        y: ends.a.y + (base.y - ends.a.y) * by,
        widthM: base.widthM * by,
        heightM: base.heightM * by,
      },
    })
  }
  known.value = null
  ground.take('choose')
}
const TOLERATED_M = 0.05
const sayMissing = ({ need, have }: { need: number; have: number }) =>
  need > have + TOLERATED_M ? `${length(need - have)} are missing` : 'which there is'
const headingOf = (id: string) => TABS.find((t) => t.id === id)?.label ?? ''
</script>

<template>
  <div class="flex min-h-0">
    <div class="book w-123 flex-none border-r border-line bg-card flex flex-col min-h-0" aria-label="Field book">
      <PageTabs v-model="ground.tab" :tabs="TABS" class="py-0 px-2.5" />
      <h2 class="sr-only">{{ headingOf(ground.tab) }}</h2>
      <div class="overflow-y-auto pt-1 pb-8.5 px-5 flex-1 min-h-0">
        <GroundSiteBook v-if="ground.tab === 'site'" />
        <GroundBedBook v-else-if="ground.tab === 'bed'" />
        <GroundSoilBook v-else />
      </div>
    </div>
    <div v-if="ground.tab === 'site'" class="sheet flex-1 min-w-0 flex flex-col">
      <div class="paper flex-1 min-h-0 overflow-hidden bg-card m-0 border-0 rounded-none">
        <ClientOnly>
          <GroundSitePlan
            @scaled="
              (a, b) => {
                known = { a, b }
              }
            "
          />
        </ClientOnly>
      </div>
      <ClientOnly><GroundSunBar /></ClientOnly>
      <UModal
        :open="known !== null"
        title="How long is that on site?"
        @update:open="
          (o) => {
            if (!o) known = null
          }
        "
      >
        <template #body>
          <LengthInput
            v-if="known"
            label="Known length"
            :model-value="distance(known.a, known.b)"
            :units="units"
            :min="0.05"
            @update:model-value="scaleBy"
          />
          <p class="hint text-xs text-soft leading-snug">
            Type the true length between the two points and press Enter: the drawing is scaled about the first.
          </p>
        </template>
      </UModal>
    </div>
    <div v-else-if="ground.tab === 'bed'" class="sheet flex-1 min-w-0 flex flex-col">
      <p v-if="frame && figures" class="pt-3.5 pb-3 px-5 text-sm leading-normal">
        Area {{ area(figures.areaM2) }} · edge {{ both(figures.edgeM) }} · depth {{ both(frame.depths.least) }} to
        {{ both(frame.depths.greatest) }}
        <template v-if="needed">
          · its layers need {{ both(needed.need) }},
          {{ sayMissing(needed) }}
        </template>
        · soil
        {{ volume(figures.soilM3) }}
        at {{ length(figures.soilDepthM) }}
        <template v-if="figures.fillKg">
          · about {{ weight(Math.round(figures.fillKg)) }} a filled pot: lift it with help
        </template>
      </p>
      <div class="paper flex-1 min-h-0 my-0 mx-4.5 border border-line rounded-md overflow-hidden bg-card">
        <ClientOnly><GroundPlan @move="(which, i, to, how) => moveStation(which, i, to, how)" /></ClientOnly>
      </div>
      <p class="hint text-xs text-soft leading-snug text-center p-2.5">
        {{
          frame?.closed
            ? 'Drag the amber handles to shape the edge, or type the stations in the book. The viewer stands below.'
            : 'Drag the amber handles to shape the edges, or type the stations in the book. The wall is at the top, the viewer below.'
        }}
      </p>
      <div
        v-if="store.garden"
        class="front mt-1.5 mb-0 mx-4.5 border border-line rounded-md overflow-hidden flex-none"
      >
        <ClientOnly>
          <BedPicture
            :bed="bed"
            :garden="store.garden.value"
            :month="compose.moment.month"
            :height="236"
            :schools="brief.brief.schools"
          />
        </ClientOnly>
      </div>
      <p class="hint text-xs text-soft leading-snug text-center p-2.5">
        The same from {{ bed.viewpoint.name.toLowerCase() }}, in the third year.
      </p>
    </div>
    <div v-else class="sheet flex-1 min-w-0 flex flex-col"><GroundSoilTests /></div>
  </div>
</template>
