<script setup lang="ts">
import type { WaterPlan } from '~~/core/model'

const { say, length } = useManner()

/** The zones: what hangs on each, how much it draws of the tap, what pressure it needs. */
const emit = defineEmits<{ light: [places: readonly string[]] }>()
const { zones, plan, set, laid, need } = useWater()
const WAYS: readonly { id: WaterPlan['zoning']; label: string }[] = [
  { id: 'want', label: 'by what plants want' },
  { id: 'bed', label: 'one for each bed' },
]
const rows = computed(() =>
  zones.value.map(({ zone }) => ({
    id: zone.id,
    name: zone.name,
    beds: zone.parts.map((p) => p.bed.bed.name).join(', '),
    plants: zone.plants.length,
    places: zone.plants.map((p) => p.id),
    emitters: zone.emitters,
    pipe: length(zone.pipeM),
    flow: Math.round(zone.flowLH),
    share: Math.round((100 * zone.flowLH) / laid.value.tapLH),
    bar: say(`${zone.needsBar.toFixed(1)}\u202fbar`),
  })),
)
const parts = computed(() => {
  if (!need.value) return ''
  const m = (n: number) => length(n)
  const { rowsM, ringsM, plainM, tubeM, tees, ends, emitters, valves } = need.value
  return (
    `${m(rowsM + ringsM)} of drip pipe, ${m(plainM)} of plain pipe, ${m(tubeM)} of tube, ${emitters} single emitters, ` +
    `${tees} tees, ${ends} ends, ${valves} valves: they stand in Materials.`
  )
})
</script>

<template>
  <section class="ledger" aria-labelledby="zones-title" data-testid="water-zones">
    <header>
      <h2 id="zones-title">Zones</h2>
      <ChoiceRow
        :items="WAYS"
        :model-value="plan.zoning"
        label="How zones are made"
        @update:model-value="(zoning) => set({ zoning }, 'zones')"
      />
    </header>
    <p v-if="rows.length === 0" class="soft">No bed of this garden is watered by drip: say so in Ground, Soil.</p>
    <table v-else>
      <thead>
        <tr>
          <th scope="col">Zone</th>
          <th scope="col">Beds</th>
          <th scope="col" class="right">Plants</th>
          <th scope="col" class="right">Emitters</th>
          <th scope="col" class="right">Pipe</th>
          <th scope="col" class="right">Flow</th>
          <th scope="col" class="right">of the tap</th>
          <th scope="col" class="right">Needs</th>
        </tr>
      </thead>
      <tbody>
        <tr
          class="hover:bg-card"
          v-for="z in rows"
          :key="z.id"
          tabindex="0"
          @mouseenter="emit('light', z.places)"
          @focus="emit('light', z.places)"
          @mouseleave="emit('light', [])"
        >
          <th scope="row">{{ z.name }}</th>
          <td class="soft">{{ z.beds }}</td>
          <td class="right">{{ z.plants }}</td>
          <td class="right">{{ z.emitters }}</td>
          <td class="right">{{ z.pipe }}</td>
          <td class="right">{{ say(`${z.flow}\u202fL/h`) }}</td>
          <td class="right">{{ z.share }} %</td>
          <td class="right">{{ z.bar }}</td>
        </tr>
      </tbody>
    </table>
    <p v-if="parts" class="soft">{{ parts }}</p>
  </section>
</template>
