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
  <div class="water">
    <figure class="top">
      <figcaption>
        <p class="hint">{{ said }}</p>
        <WaterLegend />
      </figcaption>
      <div ref="stage" class="stage">
        <ClientOnly>
          <ComposePlanView still :axis="axis" :height="heightPx" :top-px="topPx" :over="paints" />
        </ClientOnly>
      </div>
    </figure>
    <div class="columns">
      <div>
        <section
          v-if="faults.length > 0"
          class="ledger faults"
          aria-label="What is wrong"
          data-testid="water-faults"
        >
          <h2>What to look at</h2>
          <ul>
            <li
              v-for="f in faults"
              :key="f.says"
              tabindex="0"
              :class="{ grave: f.kind !== 'not measured' }"
              @mouseenter="light(f.places)"
              @focus="light(f.places)"
              @mouseleave="light([])"
            >
              {{ f.says }}
              <small>{{ f.todo }}</small>
            </li>
          </ul>
        </section>
        <p v-else-if="laid.zones.length > 0" class="well" data-testid="water-faults">
          Every plant has an emitter in reach, no zone mixes wants, and the tap is enough.
        </p>
        <WaterZones @light="light" />
        <WaterTap />
        <p class="hint">
          Lines near services are dug by hand. Connection to drinking water needs what the local code asks against
          backflow, done by licensed people.
        </p>
      </div>
      <div>
        <WaterYear />
        <WaterTimer />
        <WaterByHand />
      </div>
    </div>
  </div>
</template>

<style scoped>
.water {
  overflow-y: auto;
}
.top {
  background: var(--card);
  border-bottom: 1px solid var(--line);
}
figcaption {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  padding: 8px 20px 0;
}
.stage {
  overflow: hidden;
}
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 28px;
  padding: 14px 20px 40px;
}
.columns > div {
  display: flex;
  flex-direction: column;
  gap: 18px;
}
.faults li {
  padding: 5px 8px;
  margin-top: 4px;
  font-size: 13px;
  border-left: 3px solid var(--line);
  background: var(--card);
}
.faults .grave {
  border-left-color: var(--amber);
}
.faults small {
  display: block;
  color: var(--soft);
}
.well {
  font-size: 13px;
  color: var(--soft);
}
.hint {
  font-size: 12.5px;
  color: var(--soft);
}
</style>
