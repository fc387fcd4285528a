<script setup lang="ts">
import { replaceKind } from '~~/core/edit'
import type { Loss } from '~~/core/log'
import { capital } from '~~/core/measure'
import type { Plant } from '~~/core/plant'

/** What was lost in one place, why, and what could stand there: taken over into the plan in one step. */
const props = defineProps<{ loss: Loss }>()
const { write, now } = useLog()
const bed = useBedStore()
const compose = useComposeStore()
const what = computed(() => props.loss.plants.map((p) => `${p.count} ${p.plant.commonName}`).join(', '))
const why = computed(() => {
  const { causes, against } = props.loss
  const said = causes.length > 0 ? `Noted: ${causes.join(', ')}. ` : ''
  return said + (against.length > 0 ? `${capital(against.join('; '))}.` : 'By the figures the place suits them.')
})
/** The same again: the place is filled as it was. */
const again = async () => {
  const { plant, count } = props.loss.plants[0]!
  await fill(plant, count)
}
async function swap(plant: Plant) {
  const lost = props.loss.plants[0]!
  const edit =
    bed.kept && replaceKind(bed.kept, lost.plant.id, plant.id, `${plant.commonName} for ${lost.plant.commonName}`)
  if (edit) bed.edit(edit)
  await fill(plant, lost.count)
}
const fill = (plant: Plant, amount: number) =>
  write({
    ...{ day: now, kind: 'planted', bedId: props.loss.bedId, plantId: plant.id, amount },
    ...{ place: props.loss.places[0] ?? '', driftId: props.loss.places[0]?.split(':')[0] ?? '' },
    note: 'in the place of what was lost',
  })
const light = (on: boolean) => {
  compose.lit = on ? [...props.loss.places] : []
}
</script>

<template>
  <article class="loss" @mouseenter="light(true)" @mouseleave="light(false)">
    <p>
      <b>{{ what }}</b>
    </p>
    <p class="soft">{{ why }}</p>
    <div class="acts">
      <UButton size="xs" color="neutral" variant="outline" @click="again">Set the same again</UButton>
      <UButton v-for="p in loss.instead" :key="p.id" size="xs" color="neutral" variant="outline" @click="swap(p)">
        {{ p.commonName }} instead
      </UButton>
    </div>
  </article>
</template>

<style scoped>
.loss {
  padding: 8px 0;
  font-size: 13px;
  border-bottom: 1px solid var(--line);
}
.soft {
  font-size: 12.5px;
  color: var(--soft);
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin-top: 5px;
}
</style>
