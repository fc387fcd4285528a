<script setup lang="ts">
import type { Drift, Stay, StayDay, Turn } from '~~/core/model'
import { divides } from '~~/core/plant'
import { monthSpan, stayMonths } from '~~/core/time'

/** When a drift stands: the year it is planted, its months, and what takes its places before and after it. */
const props = defineProps<{ drift: Drift }>()
const store = useBedStore()
const library = useLibraryStore()
const { scene } = useScene()
const turns = computed<readonly Turn[]>(() => props.drift.turns ?? [])
const change = (next: Partial<Drift>) => store.edit({ kind: 'changeDrift', driftId: props.drift.id, change: next })
const nameOf = (id: string) => library.byId.get(id)?.commonName ?? id
const spanOf = (stay: Stay) => (scene.value ? monthSpan([...stayMonths(stay, scene.value.climate)]) : '')

const FROM_LAST: StayDay = { frost: 'last', days: 7 }
const TO_FIRST: StayDay = { frost: 'first', days: 0 }
const isOpen = ref(false)
const shown = computed(
  () => isOpen.value || !!props.drift.stay || turns.value.length > 0 || (props.drift.plantedYear ?? 0) > 0,
)
const open = () => {
  isOpen.value = true
}
const compose = useComposeStore()
const plant = computed(() => library.byId.get(props.drift.plantId))
const mother = computed(() => store.bed?.drifts.find((d) => d.id === props.drift.dividedFrom) ?? null)
const canDivide = computed(() => plant.value !== undefined && divides(plant.value) && !props.drift.dividedFrom)
/** Clumps are divided when their kind asks for it, in the third year where it does not say. */
const divideIn = computed(() => (props.drift.plantedYear ?? 0) + (plant.value?.divideYears || 3))
/** The divisions become plants of their own, next to those they come from. */
function divide() {
  const drift: Drift = {
    ...props.drift,
    ...{ id: newId(), plantedYear: divideIn.value, dividedFrom: props.drift.id },
    ...{ stay: null, turns: null, numbers: null, shape: undefined },
  }
  store.edit({ kind: 'addDrift', drift })
  compose.choose(drift.id)
}
const setStay = (on: boolean) => change({ stay: on ? { from: FROM_LAST, to: TO_FIRST } : null })

/** Kinds that a place can be handed to: seasonal ones first, then the whole library. */
const kinds = computed(() => {
  const isSeasonal = (id: string) =>
    ['annual', 'biennial', 'tender', 'bulb'].includes(library.byId.get(id)!.lifeCycle)
  return [...library.plants]
    .filter((p) => p.id !== props.drift.plantId)
    .sort((a, b) => Number(isSeasonal(b.id)) - Number(isSeasonal(a.id)))
    .map((p) => ({ label: p.commonName, value: p.id }))
})
/** A new turn takes the months that nothing holds yet: from the end of what is there to its beginning. */
function addTurn(plantId: unknown) {
  if (typeof plantId !== 'string' || plantId === '') return
  const before = turns.value.at(-1) ?? props.drift.stay
  const next: Turn = { plantId, from: before?.to ?? TO_FIRST, to: props.drift.stay?.from ?? FROM_LAST, year: null }
  change({
    turns: [...turns.value, next],
    ...(props.drift.stay ? {} : { stay: { from: FROM_LAST, to: TO_FIRST } }),
  })
}
const setTurn = (i: number, next: Partial<Turn>) =>
  change({ turns: turns.value.map((t, k) => (k === i ? { ...t, ...next } : t)) })
const removeTurn = (i: number) => {
  const left = turns.value.filter((_, k) => k !== i)
  change({ turns: left.length > 0 ? left : null })
}
const yearItems = [
  { label: 'each year', value: -1 },
  ...Array.from({ length: 10 }, (_, y) => ({ label: `year ${y} only`, value: y })),
]
</script>

<template>
  <div class="grid gap-1.5 mt-1.5" data-testid="stay-fields">
    <UButton
      v-if="!shown"
      size="xs"
      color="neutral"
      variant="ghost"
      icon="i-lucide-calendar-range"
      class="justify-self-start"
      @click="open"
    >
      Hand its place over through the year
    </UButton>
    <template v-else>
      <p class="row flex items-center gap-1.5 text-xs">
        <span class="kind flex-1">Planted in year</span>
        <NumberInput
          hide-label
          label="Year in which it is planted, 0 with the bed"
          class="w-16"
          :model-value="drift.plantedYear ?? 0"
          :min="0"
          :max="30"
          whole
          @update:model-value="(y) => change({ plantedYear: y || null })"
        />
      </p>
      <p v-if="drift.dividedFrom" class="row flex items-center gap-1.5 text-xs" data-testid="divided-from">
        Comes of dividing {{ mother ? nameOf(mother.plantId) : 'a drift that is gone' }}: nothing of it is bought.
      </p>
      <UButton
        v-if="canDivide"
        size="xs"
        color="neutral"
        variant="ghost"
        icon="i-lucide-split"
        class="justify-self-start"
        @click="divide"
      >
        Divide it in year {{ divideIn }} into new plants
      </UButton>
      <div class="grid gap-1 border-l-2 border-line pl-2.5">
        <p class="row flex items-center gap-1.5 text-xs">
          <UCheckbox
            :model-value="!!drift.stay"
            label="Only for a part of the year"
            @update:model-value="(on) => setStay(on === true)"
          />
          <small class="text-soft" v-if="drift.stay">{{ spanOf(drift.stay) }}</small>
        </p>
        <template v-if="drift.stay">
          <ComposeStayDayField
            label="Stands from"
            :model-value="drift.stay.from"
            @update:model-value="(from) => change({ stay: { ...drift.stay!, from } })"
          />
          <ComposeStayDayField
            label="until"
            :model-value="drift.stay.to"
            @update:model-value="(to) => change({ stay: { ...drift.stay!, to } })"
          />
        </template>
      </div>
      <div v-for="(t, i) in turns" :key="i" class="grid gap-1 border-l-2 border-line pl-2.5" :data-turn="t.plantId">
        <p class="row flex items-center gap-1.5 text-xs">
          <b class="kind flex-1">{{ nameOf(t.plantId) }}</b>
          <small class="text-soft">{{ spanOf(t) }}</small>
          <UButton
            size="xs"
            color="neutral"
            variant="ghost"
            icon="i-lucide-x"
            :aria-label="`Without ${nameOf(t.plantId)}`"
            @click="removeTurn(i)"
          />
        </p>
        <ComposeStayDayField
          :label="`${nameOf(t.plantId)} from`"
          :model-value="t.from"
          @update:model-value="(from) => setTurn(i, { from })"
        />
        <ComposeStayDayField
          :label="`${nameOf(t.plantId)} until`"
          :model-value="t.to"
          @update:model-value="(to) => setTurn(i, { to })"
        />
        <USelect
          size="xs"
          :model-value="t.year ?? -1"
          :items="yearItems"
          :aria-label="`Years of ${nameOf(t.plantId)}`"
          @update:model-value="(y) => setTurn(i, { year: Number(y) < 0 ? null : Number(y) })"
        />
      </div>
      <USelectMenu
        :model-value="''"
        :items="kinds"
        value-key="value"
        size="xs"
        virtualize
        placeholder="Then its places go to …"
        aria-label="Then its places go to"
        @update:model-value="addTurn"
      />
    </template>
  </div>
</template>

<style scoped>
.kind::first-letter {
  text-transform: uppercase;
}
</style>
