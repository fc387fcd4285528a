<script setup lang="ts">
import { firstHeight, goodSides, trioTurns, type TrioTurn } from '~~/core/setout'

const { length: measure } = useManner()

/** What is turned before it is planted: trios so that all three are seen, good sides to the viewer; and how tall each first stands. */
const { scene } = useSetOut()
const { letters } = useLetters()
const store = useBedStore()
const trios = computed(() => (scene.value ? trioTurns(scene.value) : []))
const sides = computed(() => (scene.value ? goodSides(scene.value) : []))
const HALF = 180
const clock = (deg: number) => `${Math.round((((HALF - deg + 360) % 360) / 30 + 12) % 12) || 12} o’clock as drawn`
const percent = (share: number) => `${Math.round(share * 100)} %`
const turnWords = (t: TrioTurn) => `${Math.abs(t.turnDeg)}° ${t.turnDeg > 0 ? 'clockwise' : 'anticlockwise'}`
const heights = computed(() => {
  const now = scene.value
  if (!now) return []
  return [...now.byPlant.keys()]
    .filter((p) => p.lifeCycle !== 'bulb')
    .map((plant) => {
      const size = now.bed.buying.find((b) => b.plantId === plant.id)?.size ?? plant.sizes[0]?.label ?? ''
      return { plant, size, letters: letters.value.get(plant.id) ?? '', ...firstHeight(plant, size) }
    })
    .sort((a, b) => b.standsM - a.standsM)
})
</script>

<template>
  <section class="worksheet" aria-labelledby="turn-title">
    <header>
      <div>
        <h2 id="turn-title">Turning</h2>
        <p class="hint">
          Seen from {{ scene?.bed.viewpoint.name }}: a trio looks right from few angles until it has grown.
        </p>
      </div>
    </header>
    <h3>Trios</h3>
    <p v-if="trios.length === 0" class="hint">No group of three hides one of its own from the main viewpoint.</p>
    <ul>
      <li class="flex gap-3 items-center py-1 px-0 text-base" v-for="t in trios" :key="t.driftId">
        <span class="letters">{{ letters.get(t.plants[0]!.plant.id) }}</span>
        <span>
          {{ t.plants[0]!.plant.commonName }}: turn the three by
          <b>{{ turnWords(t) }}</b>
          about their middle; of the one most hidden {{ percent(t.best) }} is seen instead of {{ percent(t.now) }}.
        </span>
        <UButton size="xs" color="neutral" variant="outline" @click="store.edit(t.edit)">Turn them</UButton>
      </li>
    </ul>
    <h3>Good sides</h3>
    <p v-if="sides.length === 0" class="hint">No large shrub or tree stands alone here.</p>
    <ul>
      <li class="flex gap-3 items-center py-1 px-0 text-base" v-for="s in sides" :key="s.plant.id">
        <span class="letters">{{ letters.get(s.plant.plant.id) }}</span>
        <span>{{ s.plant.plant.commonName }}: {{ s.why }}, toward {{ clock(s.towardDeg) }}.</span>
      </li>
    </ul>
    <h3>How tall it first stands</h3>
    <p class="hint">
      The pot goes into the ground: height in the first year is the height sold less the depth of the pot.
    </p>
    <table class="max-w-217">
      <thead>
        <tr>
          <th scope="col">Letter</th>
          <th scope="col">Plant</th>
          <th scope="col">Size</th>
          <th scope="col" class="right">As sold, with its pot</th>
          <th scope="col" class="right">Pot</th>
          <th scope="col" class="right">Stands</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="h in heights" :key="h.plant.id">
          <td>
            <span class="letters">{{ h.letters }}</span>
          </td>
          <td>{{ h.plant.commonName }}</td>
          <td>{{ h.size }}</td>
          <td class="right">{{ measure(h.asSoldM) }}</td>
          <td class="right">{{ measure(h.potDepthM) }}</td>
          <td class="right">
            <b>{{ measure(h.standsM) }}</b>
          </td>
        </tr>
      </tbody>
    </table>
  </section>
</template>
