<script setup lang="ts">
import {
  type SchoolId,
  MANNERS,
  PURPOSES,
  TRAITS,
  type Brief,
  type Requirement,
  type TraitId,
  type Weight,
} from '~~/core/model'
import { SCHOOLS } from '~~/core/bed'
import { MANNER_WORDS, TRAIT } from '~~/core/brief'
import { MONTH_NAMES } from '~~/core/time'

/** A letter with blanks, read aloud with those who will use the garden; each completed blank becomes a check. */
const brief = useBriefStore()
const bedStore = useBedStore()
const { beds, loadBeds } = useSite()
onMounted(() => {
  void loadBeds()
})
const b = computed(() => brief.brief)
const put = (change: Partial<Brief>) => brief.set(change)
const manners = MANNERS.map((value) => ({ label: MANNER_WORDS[value], value }))
const schools = Object.values(SCHOOLS).map((s) => ({ label: s.name.toLowerCase(), value: s.id }))
const purposes = PURPOSES.map((value) => ({
  value,
  label: {
    welcome: 'welcome people',
    display: 'be looked at',
    rest: 'rest in',
    screen: 'shut out what is behind',
    learning: 'learn from',
    work: 'yield and cut from',
  }[value],
}))
const toggleMonth = (m: number) =>
  put({
    months: b.value.months.includes(m)
      ? b.value.months.filter((x) => x !== m)
      : [...b.value.months, m].sort((x, y) => x - y),
  })
const GOOD = TRAITS.filter((t) => TRAIT[t].good)
const BAD = TRAITS.filter((t) => !TRAIT[t].good)
const of = (trait: TraitId): Requirement | undefined => b.value.requirements.find((r) => r.trait === trait)
function setWeight(trait: TraitId, weight: Weight) {
  const rest = b.value.requirements.filter((r) => r.trait !== trait)
  put({ requirements: weight === 'open' ? rest : [...rest, { trait, weight, beds: of(trait)?.beds ?? [] }] })
}
function setBeds(trait: TraitId, where: string) {
  put({
    requirements: b.value.requirements.map((r) =>
      r.trait === trait ? { ...r, beds: where === 'everywhere' ? [] : [where] } : r,
    ),
  })
}
const where = computed(() => [
  { label: 'everywhere', value: 'everywhere' },
  ...beds.value.map((x) => ({ label: x.bed.name, value: x.id })),
])
const GOOD_WEIGHTS = [
  { label: 'open', value: 'open' },
  { label: 'a wish', value: 'wish' },
  { label: 'a must', value: 'must' },
]
const BAD_WEIGHTS = [
  { label: 'allowed', value: 'open' },
  { label: 'never', value: 'never' },
]
const namesOf = (text: string) =>
  [
    ...new Set(
      text
        .split(/[,;\n]/)
        .map((s) => s.trim())
        .filter(Boolean),
    ),
  ]
    .slice(0, 30)
    .map((s) => s.slice(0, 80))
const onNames = (key: 'likes' | 'hates', event: Event) =>
  put({ [key]: namesOf((event.target as HTMLInputElement).value) })
</script>

<template>
  <article class="letter">
    <p class="mb-3.5">
      For
      <input
        :value="b.client"
        class="blank wide"
        placeholder="who will use it"
        aria-label="Client"
        maxlength="120"
        @change="put({ client: ($event.target as HTMLInputElement).value.trim().slice(0, 120) })"
      />
      , who would like {{ bedStore.garden?.value.name }} to
      <USelect
        :model-value="b.purpose"
        :items="purposes"
        variant="none"
        class="blank"
        aria-label="What it is for"
        @update:model-value="(purpose) => put({ purpose })"
      />
      . It should look
      <USelect
        :model-value="b.manner"
        :items="manners"
        variant="none"
        class="blank"
        aria-label="How it should look"
        @update:model-value="(manner) => put({ manner: manner as Brief['manner'] })"
      />
      , planted in the school of
      <USelect
        :model-value="b.school"
        :items="schools"
        variant="none"
        class="blank"
        aria-label="School"
        @update:model-value="(school) => put({ school: school as SchoolId })"
      />
      .
    </p>
    <p class="mb-3.5">
      It must be at its best in
      <span class="inline-flex flex-wrap gap-1 align-middle" role="group" aria-label="Months that matter">
        <button
          v-for="(name, i) in MONTH_NAMES"
          :key="name"
          class="month [&.months]:inline-flex [&.months]:flex-wrap [&.months]:gap-1 [&.months]:align-middle"
          :class="{ on: b.months.includes(nth(i)) }"
          :aria-pressed="b.months.includes(nth(i))"
          @click="toggleMonth(nth(i))"
        >
          {{ name.slice(0, 3) }}
        </button>
      </span>
      .
    </p>
    <p class="mb-0.5">We ask of the plants:</p>
    <ul class="mb-3.5">
      <li
        class="flex flex-wrap gap-y-0.5 gap-x-2.5 items-center leading-relaxed pl-4 text-lg"
        v-for="t in GOOD"
        :key="t"
      >
        <span>{{ TRAIT[t].label }} is</span>
        <USelect
          :model-value="of(t)?.weight ?? 'open'"
          :items="GOOD_WEIGHTS"
          variant="none"
          class="blank"
          :aria-label="`${TRAIT[t].label} is`"
          @update:model-value="(w) => setWeight(t, w as Weight)"
        />
        <template v-if="of(t)">
          <span v-if="of(t)!.beds.length > 0">in</span>
          <USelect
            :model-value="of(t)!.beds[0] ?? 'everywhere'"
            :items="where"
            variant="none"
            class="blank"
            :aria-label="`${TRAIT[t].label}, where`"
            @update:model-value="(w) => setBeds(t, String(w))"
          />
        </template>
      </li>
    </ul>
    <p class="mb-0.5">And what we would rather not see:</p>
    <ul class="mb-3.5">
      <li
        class="flex flex-wrap gap-y-0.5 gap-x-2.5 items-center pl-4 text-lg leading-snug"
        v-for="t in BAD"
        :key="t"
      >
        <span>{{ TRAIT[t].label }}:</span>
        <USelect
          :model-value="of(t)?.weight ?? 'open'"
          :items="BAD_WEIGHTS"
          variant="none"
          class="blank"
          :aria-label="TRAIT[t].label"
          @update:model-value="(w) => setWeight(t, w as Weight)"
        />
        <USelect
          v-if="of(t)"
          :model-value="of(t)!.beds[0] ?? 'everywhere'"
          :items="where"
          variant="none"
          class="blank"
          :aria-label="`${TRAIT[t].label}, where`"
          @update:model-value="(w) => setBeds(t, String(w))"
        />
      </li>
    </ul>
    <div class="sentence mb-3.5 flex flex-wrap items-center gap-y-0 gap-x-2.5">
      There are
      <NumberInput
        hide-label
        label="Hours of work a year"
        :model-value="b.hoursAYear"
        :min="0"
        :max="5000"
        class="w-24 inline-block"
        @update:model-value="(hoursAYear) => put({ hoursAYear })"
      />
      hours of work a year for it, and
      <NumberInput
        hide-label
        label="Budget for plants"
        :model-value="b.budget"
        :min="0"
        :max="10000000"
        class="w-24 inline-block"
        @update:model-value="(budget) => put({ budget })"
      />
      for plants
      <FieldNote of="budget" />
      , in
      <NumberInput
        hide-label
        label="Phases"
        :model-value="b.phases"
        :min="1"
        :max="12"
        whole
        class="w-15.5 inline-block"
        @update:model-value="(phases) => put({ phases })"
      />
      {{ b.phases === 1 ? 'phase' : 'phases' }}.
    </div>
    <p class="mb-3.5">
      They love
      <input
        :value="b.likes.join(', ')"
        class="blank wide"
        placeholder="names, with commas between"
        aria-label="Loved plants"
        @change="onNames('likes', $event)"
      />
      and cannot stand
      <input
        :value="b.hates.join(', ')"
        class="blank wide"
        placeholder="names, with commas between"
        aria-label="Plants not wanted"
        @change="onNames('hates', $event)"
      />
      .
    </p>
    <p class="mb-3.5">
      What stays where it is:
      <input
        :value="b.stays"
        class="blank whole"
        placeholder="an urn, a bell, the old lilac"
        aria-label="What stays"
        maxlength="2000"
        @change="put({ stays: ($event.target as HTMLInputElement).value.trim() })"
      />
      .
    </p>
  </article>
</template>

<style scoped src="~/assets/css/parts/Letter.css"></style>
