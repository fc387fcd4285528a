<script setup lang="ts">
import { dryRun, type PotLine } from '~~/core/setout'

const { length: measure } = useManner()

/** The bed full size on a drive before going to site: outline as a list, pots by lane, what is loaded last, a photo beside the plan. */
const { path, units, scene } = useSetOut()
const bed = useBedStore()
const run = computed(() => (scene.value ? dryRun(scene.value, units.value, path.value) : null))
const lanes = computed(() => byLane(run.value?.pots ?? []))
const packing = computed(() => byLane(run.value?.packing ?? []))
function byLane(lines: readonly PotLine[]) {
  const lists = new Map<string, PotLine[]>()
  for (const line of lines) lists.set(line.lane, [...(lists.get(line.lane) ?? []), line])
  return [...lists].map(([lane, own]) => ({ lane, lines: own, count: own.reduce((n, l) => n + l.count, 0) }))
}
const stations = computed(() => (run.value?.table.edge ?? []).map((e, i) => ({ ...e, no: i + 1 })))
const total = computed(() => run.value?.pots.reduce((n, l) => n + l.count, 0) ?? 0)
const supply = useSupplyStore()
const problem = ref('')
const photo = computed(() => {
  const id = supply.supply.dryRuns[bed.id ?? '']
  return id ? `/api/drawings/${id}` : ''
})
const file = ref<HTMLInputElement>()
/** Keeps the photo with the garden, made smaller first. */
async function choose(event: Event) {
  const chosen = (event.target as HTMLInputElement).files?.[0]
  if (!chosen || !bed.id) return
  const smaller = await smallerPicture(chosen)
  problem.value = smaller.ok ? '' : smaller.error
  if (!smaller.ok) return
  try {
    const { drawingId } = await ask('drawing', `/api/gardens/${bed.garden!.id}/drawings`, {
      method: 'POST',
      body: smaller.value,
      headers: { 'content-type': 'image/jpeg' },
    })
    supply.set({ dryRuns: { ...supply.supply.dryRuns, [bed.id]: drawingId } }, 'photo of the dry run')
  } catch (error) {
    problem.value = messageOf(error)
  }
}
const planPicture = computed(() => `/api/beds/${bed.id}/sheet?view=plan&as=svg&month=6&year=0`)
</script>

<template>
  <section v-if="run" class="worksheet" aria-labelledby="dry-title">
    <header>
      <div>
        <h2 id="dry-title">Dry run</h2>
        <p class="hint">
          Chalk or lay {{ measure(run.outlineM) }} of string on a drive or a floor, set the {{ total }} pots on it
          at their spacing, the tallest first; count, look from the viewpoint, photograph, change.
        </p>
      </div>
      <div class="acts">
        <input
          ref="file"
          type="file"
          accept="image/*"
          capture="environment"
          class="sr-only"
          aria-label="Photo of the dry run"
          @change="choose"
        />
        <UButton size="sm" color="neutral" variant="outline" icon="i-lucide-camera" @click="file?.click()">
          Photo beside the plan
        </UButton>
      </div>
    </header>
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
    <div v-if="photo" class="grid grid-cols-[1fr_1fr] gap-4">
      <figure>
        <img class="w-full max-h-97 object-contain bg-white" :src="planPicture" alt="The bed from above as drawn" />
        <figcaption class="hint">As drawn</figcaption>
      </figure>
      <figure>
        <img class="w-full max-h-97 object-contain bg-white" :src="photo" alt="The pots as they stand" />
        <figcaption class="hint">As it stands, kept with the garden</figcaption>
      </figure>
    </div>
    <div class="grid grid-cols-[1fr_1.3fr_1.1fr] gap-7.5">
      <div>
        <h3>Outline, full size</h3>
        <p class="hint">
          <span v-for="d in run.table.diagonals" :key="d.name">
            {{ d.name }}
            <b>{{ measure(d.lengthM) }}</b>
            <br />
          </span>
        </p>
        <table>
          <thead>
            <tr>
              <th scope="col" class="right">Station</th>
              <th scope="col" class="right">Along</th>
              <th scope="col" class="right">Out</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="e in stations" :key="e.no">
              <td class="right">{{ e.no }}</td>
              <td class="right">{{ measure(e.alongM) }}</td>
              <td class="right">{{ measure(e.outM) }}</td>
            </tr>
          </tbody>
        </table>
      </div>
      <div>
        <h3>Pots as they are set</h3>
        <div v-for="l in lanes" :key="l.lane">
          <p class="font-serif font-semibold capitalize mt-2.5 mb-0.5 mx-0">
            {{ l.lane }}
            <span class="hint">{{ l.count }} pots</span>
          </p>
          <ul>
            <li class="flex gap-2.5 items-center py-0.5 px-0 text-sm" v-for="p in l.lines" :key="p.letters">
              <span class="letters">{{ p.letters }}</span>
              <b>{{ p.count }}</b>
              {{ p.plant.commonName }}
              <small class="hint">{{ p.size }}</small>
            </li>
          </ul>
        </div>
      </div>
      <div>
        <h3>Packing: loaded from the top, planted from the foot</h3>
        <div v-for="l in packing" :key="l.lane">
          <p class="font-serif font-semibold capitalize mt-2.5 mb-0.5 mx-0">{{ l.lane }}</p>
          <ol>
            <li class="flex gap-2.5 items-center py-0.5 px-0 text-sm" v-for="p in l.lines" :key="p.letters">
              <span class="letters">{{ p.letters }}</span>
              {{ p.count }} × {{ p.size }}
            </li>
          </ol>
        </div>
      </div>
    </div>
  </section>
</template>
