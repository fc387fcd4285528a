<script setup lang="ts">
import { UNIT_SPACE } from '~~/core/measure'

/** How the garden is watered: tap, drip as laid, zones with their year, the timer, cans; the lines over the plan beside it. */
const { faults, here, paints, laid } = useWater()
const { say } = useManner()
const bed = useBedStore()
const compose = useComposeStore()
const stage = useTemplateRef<HTMLDivElement>('stage')
const { width } = useElementSize(stage)
const MOST_PX = 290
const { axis, heightPx, topPx } = usePlanAlone({ width, mostPx: MOST_PX })
const light = (places: readonly string[]) => {
  compose.lit = [...places]
}
onBeforeUnmount(() => {
  compose.lit = []
})
const said = computed(() => {
  const drip = here.value?.drip
  if (!drip)
    return `${bed.bed?.name} has no drip: in Ground say that it is watered so, and its lines are laid here.`
  const metres = drip.rows.reduce((n, r) => n + r.lengthM, 0)
  const rings = drip.spots.filter((s) => s.ringM > 0).length
  const parts = here.value!.parts > 1 ? `, in each of ${here.value!.parts} parts` : ''
  const rows = `${drip.rows.length} rows, ${amount(metres)} of pipe`
  return `${bed.bed?.name}: ${rows}, ${rings} rings, ${drip.spots.length - rings} shrubs with emitters of their own${parts}.`
})
const amount = (m: number) => say(`${m.toFixed(1)}${UNIT_SPACE}m`)
</script>

<template>
  <div class="overflow-y-auto">
    <figure class="top bg-card border-b border-line">
      <figcaption class="flex flex-wrap justify-between pt-2.5 pb-0 px-5.5">
        <p class="hint text-sm text-soft">{{ said }}</p>
        <WaterLegend />
      </figcaption>
      <div ref="stage" class="stage overflow-hidden">
        <ClientOnly>
          <ComposePlanView still :axis="axis" :height="heightPx" :top-px="topPx" :over="paints" />
        </ClientOnly>
      </div>
    </figure>
    <div class="grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)] gap-8 pt-4 pb-11.5 px-5.5">
      <div class="flex flex-col gap-5">
        <section v-if="faults.length > 0" class="ledger" aria-label="What is wrong" data-testid="water-faults">
          <h2>What to look at</h2>
          <ul>
            <li
              class="py-1.5 px-2.5 mt-1 text-sm border-l-3 border-line bg-card [&.grave]:border-l-amber"
              v-for="f in faults"
              :key="f.says"
              tabindex="0"
              :class="{ grave: f.kind !== 'not measured' }"
              @mouseenter="light(f.places)"
              @focus="light(f.places)"
              @mouseleave="light([])"
            >
              {{ f.says }}
              <small class="block text-soft">{{ f.todo }}</small>
            </li>
          </ul>
        </section>
        <p v-else-if="laid.zones.length > 0" class="text-sm text-soft" data-testid="water-faults">
          Every plant has an emitter in reach, no zone mixes wants, and the tap is enough.
        </p>
        <WaterZones @light="light" />
        <WaterTap />
        <p class="hint text-sm text-soft">
          Lines near services are dug by hand. Connection to drinking water needs what the local code asks against
          backflow, done by licensed people.
        </p>
      </div>
      <div class="flex flex-col gap-5">
        <WaterYear />
        <WaterTimer />
        <WaterByHand />
      </div>
    </div>
  </div>
</template>
