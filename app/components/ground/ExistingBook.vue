<script setup lang="ts">
import { CONDITIONS, FATES, type Existing } from '~~/core/model'
import { freedBy } from '~~/core/bed'
import { monthName, PLACE_MONTHS, type PlaceMonth } from '~~/core/time'
import { findPlants, renovationAdvice, shootsAgain } from '~~/core/plant'

const { length, units } = useManner()

/** What stands in the bed already, its condition, and what becomes of it; gaps kept for what will come. */
const store = useBedStore()
const library = useLibraryStore()
const { frame } = useAspect()
const { climate } = useScene()
const list = computed(() => store.bed?.existing ?? [])
const open = ref<string | null>(null)
const text = ref('')
const CONDITION_WORDS: Readonly<Record<Existing['condition'], string>> = {
  good: 'good',
  tired: 'tired',
  poor: 'poor',
}
const FATE_WORDS: Readonly<Record<Existing['fate'], string>> = {
  keep: 'keep',
  move: 'move',
  divide: 'divide',
  'cut-back': 'cut back',
  'take-out': 'take out',
  reserve: 'gap reserved',
}
const conditions = CONDITIONS.map((value) => ({ label: CONDITION_WORDS[value], value }))
const put = (id: string, change: Partial<Existing>) =>
  store.edit({ kind: 'setExisting', existing: list.value.map((e) => (e.id === id ? { ...e, ...change } : e)) })
const cut = (id: string) => store.edit({ kind: 'setExisting', existing: list.value.filter((e) => e.id !== id) })
const answers = computed(() =>
  text.value.trim().length < 2
    ? []
    : findPlants(library.plants, text.value)
        .slice(0, 6)
        .map((id) => library.byId.get(id)!),
)
const plantOf = (e: Existing) => library.byId.get(e.plantId)

function add(plantId: string) {
  const f = frame.value
  if (!f) return
  const plant = library.byId.get(plantId)
  const { x, y } = f.at((f.runFrom + f.runTo) / 2, f.depthAlong((f.runFrom + f.runTo) / 2) / 2)
  const cm = (n: number) => Math.round(n * 100) / 100
  const entry: Existing = {
    id: newId(),
    name: plant?.commonName ?? (text.value.trim() || 'gap for what will come'),
    plantId,
    x: cm(x),
    y: cm(y),
    heightM: plant ? cm(plant.foliageHeightM * 0.8) : 1,
    spreadM: plant ? cm(plant.spreadM * 0.8) : 1,
    condition: 'good',
    fate: plant ? 'keep' : 'reserve',
    into: 1,
    note: '',
  }
  store.edit({ kind: 'setExisting', existing: [...list.value, entry] })
  open.value = entry.id
  text.value = ''
}
const NOT_SAID = 0
const monthItems = [
  { label: 'not said yet', value: NOT_SAID },
  ...PLACE_MONTHS.map((value) => ({ label: monthName(value), value: value as number })),
]
const setMonth = (id: string, month: number) =>
  put(id, { month: month === NOT_SAID ? null : (month as PlaceMonth) })
const hasMonth = (e: Existing) => e.fate === 'move' || e.fate === 'divide'

/** What to know before it is done, and what is free afterwards. */
function advice(e: Existing): string {
  const plant = plantOf(e)
  if (e.fate === 'reserve') return 'Nothing is planted into this gap.'
  if (!plant)
    return 'Its kind is not known: look at new shoots before cutting, and move only in the dormant season.'
  if (e.fate === 'cut-back' && !shootsAgain(plant))
    return 'It does not shoot again from old wood: take little, or take it out.'
  return renovationAdvice(plant, climate.value)
}
</script>

<template>
  <div class="grid gap-1.5" data-testid="existing">
    <NextStep v-if="list.length === 0" :sample="SAMPLES.existing">
      Nothing noted yet. What is worth keeping stands in all pictures, and nothing is planted into it.
    </NextStep>
    <ul>
      <li v-for="e in list" :key="e.id">
        <div class="flex gap-1.5 items-center">
          <button
            class="flex-1 flex gap-1.5 items-baseline text-left text-sm cursor-pointer"
            :aria-expanded="open === e.id"
            @click="open = open === e.id ? null : e.id"
          >
            <b class="serif">{{ e.name }}</b>
            <small class="text-soft text-xs">
              {{ length(e.heightM) }} × {{ length(e.spreadM) }}, {{ CONDITION_WORDS[e.condition] }}
            </small>
          </button>
          <USelect
            :model-value="e.fate"
            :items="FATES.map((value) => ({ label: FATE_WORDS[value], value }))"
            size="xs"
            class="w-30"
            :aria-label="`What becomes of ${e.name}`"
            @update:model-value="(fate) => put(e.id, { fate, into: fate === 'divide' ? Math.max(2, e.into) : 1 })"
          />
          <UButton
            size="xs"
            color="neutral"
            variant="ghost"
            icon="i-lucide-x"
            :aria-label="`Strike ${e.name} from the inventory`"
            @click="cut(e.id)"
          />
        </div>
        <div v-if="open === e.id" class="grid grid-cols-[repeat(3,1fr)] gap-2.5 items-end pt-1 pb-2.5 px-0">
          <LengthInput
            label="Height now"
            :model-value="e.heightM"
            :units="units"
            :min="0.02"
            :max="40"
            @update:model-value="(heightM) => put(e.id, { heightM })"
          />
          <LengthInput
            label="Spread now"
            :model-value="e.spreadM"
            :units="units"
            :min="0.02"
            :max="30"
            @update:model-value="(spreadM) => put(e.id, { spreadM })"
          />
          <div>
            <span class="block text-xs text-soft mb-1">Condition</span>
            <USelect
              :model-value="e.condition"
              :items="conditions"
              size="sm"
              class="w-full"
              aria-label="Condition"
              @update:model-value="(condition) => put(e.id, { condition })"
            />
          </div>
          <div>
            <span class="block text-xs text-soft mb-1">Along</span>
            <GroundSignedLength
              :label="`${e.name} along`"
              :model-value="e.x"
              :units="units"
              @update:model-value="(x) => put(e.id, { x })"
            />
          </div>
          <div>
            <span class="block text-xs text-soft mb-1">Out</span>
            <GroundSignedLength
              :label="`${e.name} out`"
              :model-value="e.y"
              :units="units"
              @update:model-value="(y) => put(e.id, { y })"
            />
          </div>
          <NumberInput
            v-if="e.fate === 'divide'"
            label="Into"
            :model-value="e.into"
            :min="1"
            :max="50"
            whole
            @update:model-value="(into) => put(e.id, { into })"
          />
          <div v-if="hasMonth(e)">
            <span class="block text-xs text-soft mb-1">In the month</span>
            <USelect
              :model-value="e.month ?? NOT_SAID"
              :items="monthItems"
              size="sm"
              class="w-full"
              aria-label="In the month"
              @update:model-value="(month) => setMonth(e.id, month)"
            />
          </div>
          <p class="hint col-span-full text-xs text-soft leading-snug">
            {{ advice(e) }}
            <template v-if="freedBy(e) > 0">
              {{ freedBy(e) }} {{ freedBy(e) === 1 ? 'plant is' : 'plants are' }} free to use again and counted as
              had.
            </template>
            <template v-if="e.fate === 'take-out'">
              Large trees and stumps: a licensed professional and the local code.
            </template>
          </p>
        </div>
      </li>
    </ul>
    <div class="flex gap-2.5">
      <UInput
        v-model="text"
        size="sm"
        icon="i-lucide-search"
        placeholder="Name of what stands there"
        aria-label="Name of what stands there"
        class="flex-1"
        @keydown.enter="answers[0] && add(answers[0].id)"
      />
      <UButton size="sm" color="neutral" variant="outline" @click="add('')">Reserve a gap</UButton>
    </div>
    <ul v-if="answers.length > 0">
      <li v-for="p in answers" :key="p.id">
        <button class="cursor-pointer py-0.5 px-1 text-sm hover:bg-amber/14" @click="add(p.id)">
          {{ p.commonName }}
          <small class="text-soft text-xs"><BotanicalName :name="p.botanicalName" /></small>
        </button>
      </li>
    </ul>
  </div>
</template>
