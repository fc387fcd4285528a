<script setup lang="ts">
import type { Drift } from '~~/core/model'
import { swapKind, type Edit } from '~~/core/edit'
import { WISH_WORDS, type NextItem } from '~~/core/log'
import { standIns } from '~~/core/match'
import { capital } from '~~/core/measure'
import type { Plant } from '~~/core/plant'

/** What the log proposes for this bed: losses to make good, and what was wished for next season, each done in one step. */
const { open, lossesHere, next, change, plantName, now } = useLog()
const bed = useBedStore()
const compose = useComposeStore()
const { settled } = useScene()
onMounted(open)
const items = computed(() => next.value.filter((i) => i.entry.bedId === bed.id))
const has = computed(() => items.value.length + lossesHere.value.length)

interface Act {
  readonly label: string
  readonly edit: Edit
}
const driftOf = (i: NextItem): Drift | undefined =>
  bed.kept?.drifts.find((d) => d.id === i.entry.driftId) ??
  bed.kept?.drifts.find((d) => d.plantId === i.entry.plantId)
const STEP = 2
const counted = (d: Drift, by: number): Act => {
  const count = Math.max(1, d.count + by)
  return { label: `${d.count} → ${count}`, edit: { kind: 'changeDrift', driftId: d.id, change: { count } } }
}
const swapped = (plant: Plant, by: Plant): Act => ({
  label: `${by.commonName} instead`,
  edit: {
    kind: 'all',
    name: `${by.commonName} for ${plant.commonName}`,
    edits: swapKind(bed.kept!, plant.id, by.id),
  },
})
function actsOf(i: NextItem): Act[] {
  const drift = driftOf(i)
  const scene = settled.value?.scene
  if (!drift) return []
  if (i.wish === 'more') return [counted(drift, STEP)]
  if (i.wish === 'less' || i.wish === 'thin') return [counted(drift, -STEP)]
  if (i.wish === 'never' && i.plant && scene)
    return standIns(i.plant, scene, { maxSpreadM: i.plant.spreadM * 1.2 }).map((p) => swapped(i.plant!, p))
  return []
}
const shown = computed(() => items.value.map((item) => ({ item, acts: actsOf(item) })))
function act(item: NextItem, { edit }: Act) {
  bed.edit(edit)
  void change(item.entry, { done: now })
}
const show = (i: NextItem) => {
  const drift = driftOf(i)
  if (drift) compose.choose(drift.id)
}
</script>

<template>
  <section
    v-if="has > 0"
    class="pt-2.5 pb-3 px-4 border-b border-line bg-amber-wash dark:bg-amber/10"
    aria-labelledby="proposals-title"
    data-testid="log-proposals"
  >
    <h3 class="text-base" id="proposals-title">From the log</h3>
    <LogLossCard class="py-1.5 px-0 text-sm" v-for="l in lossesHere" :key="l.entries[0]!.id" :loss="l" />
    <article class="py-1.5 px-0 text-sm" v-for="{ item, acts } in shown" :key="item.entry.id">
      <p>
        <b>{{ capital(WISH_WORDS[item.wish]) }}:</b>
        {{ plantName(item.entry.plantId) || bed.kept?.name }}
      </p>
      <p v-if="item.entry.note" class="soft text-xs text-soft">{{ item.entry.note }}</p>
      <div class="acts flex flex-wrap gap-1">
        <UButton v-for="a in acts" :key="a.label" size="xs" color="neutral" variant="outline" @click="act(item, a)">
          {{ a.label }}
        </UButton>
        <UButton size="xs" color="neutral" variant="ghost" @click="show(item)">Show it</UButton>
        <UButton size="xs" color="neutral" variant="ghost" @click="change(item.entry, { done: now })">Done</UButton>
      </div>
    </article>
  </section>
</template>
