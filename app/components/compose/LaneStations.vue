<script setup lang="ts">
import { laneNames, laneSharesAt, withLaneLine, withoutLaneStation } from '~~/core/bed'

const { length } = useManner()

/** Places along the bed where the lanes share the depth otherwise: typed here, or drawn in the plan. */
const store = useBedStore()
const compose = useComposeStore()
const { frame } = useAspect()
const names = computed(() => laneNames(store.bed?.laneShares.length ?? 1, store.bed?.form.kind))
const stations = computed(() => store.bed?.laneStations ?? [])
const save = (laneStations: typeof stations.value) => store.edit({ kind: 'setBed', change: { laneStations } })

/** A new station in the middle of the widest stretch without one; the lanes there stay as they are. */
function add() {
  const bed = store.bed
  const f = frame.value
  if (!bed || !f) return
  const ats = [0, ...bed.laneStations.map((s) => s.atM), f.frontLength]
  const gaps = ats.slice(1).map((at, i) => at - ats[i]!)
  const widest = gaps.indexOf(Math.max(...gaps))
  const at = (ats[widest]! + ats[widest + 1]!) / 2
  save(withLaneLine(bed, f, at, 1, laneSharesAt(bed, f, at)[0]!))
}
/** The typed share of a lane; what it takes or leaves goes to the lane before it, or behind it for the front one. */
function set(atM: number, lane: number, hundredths: number) {
  const bed = store.bed
  const f = frame.value
  if (!bed || !f) return
  const shares = laneSharesAt(bed, f, atM)
  const isLast = lane === shares.length - 1
  const line = isLast ? lane : lane + 1
  const before = shares.slice(0, line).reduce((sum, n) => sum + n, 0)
  const by = hundredths / 100 - shares[lane]!
  save(withLaneLine(bed, f, atM, line, isLast ? before - by : before + by))
}
const sharesAt = (atM: number) => stations.value.find((s) => s.atM === atM)?.shares ?? []
const remove = (atM: number) => save(withoutLaneStation(stations.value, atM))
const where = (atM: number) => length(atM)
const canVary = computed(() => names.value.length > 1)
</script>

<template>
  <section v-if="canVary" aria-label="Lanes along the bed">
    <h3>
      Lanes along the bed
      <FieldNote of="station" />
      <UButton
        size="xs"
        color="neutral"
        :variant="compose.tool === 'lanes' ? 'soft' : 'outline'"
        icon="i-lucide-spline"
        :aria-pressed="compose.tool === 'lanes'"
        @click="compose.take('lanes')"
      >
        {{ compose.tool === 'lanes' ? 'Drag a line …' : 'In the plan' }}
      </UButton>
    </h3>
    <p v-if="stations.length === 0" class="hint">
      The lanes share the depth the same way all along. At a station they differ; a lane may be nothing there, so
      that a corner has one of its own.
    </p>
    <ul>
      <li v-for="station in stations" :key="station.atM">
        <div class="line">
          <span class="name">at {{ where(station.atM) }}</span>
          <NumberInput
            v-for="(name, lane) in names"
            :key="lane"
            hide-label
            :label="`${name} at ${where(station.atM)}, hundredths`"
            class="w-13"
            :model-value="percent(sharesAt(station.atM)[lane] ?? 0)"
            :min="0"
            :max="100"
            @update:model-value="(n) => set(station.atM, lane, n)"
          />
          <UButton
            size="xs"
            color="neutral"
            variant="ghost"
            icon="i-lucide-trash-2"
            :aria-label="`Take out the station at ${where(station.atM)}`"
            @click="remove(station.atM)"
          />
        </div>
      </li>
    </ul>
    <UButton size="xs" color="neutral" variant="outline" icon="i-lucide-plus" data-adds @click="add">
      Station
    </UButton>
  </section>
</template>
