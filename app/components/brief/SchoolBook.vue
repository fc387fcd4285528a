<script setup lang="ts">
import { SCHOOL_FIGURES, SCHOOL_IDS, type SchoolFigures, type SchoolId } from '~~/core/model'
import { schoolOf, type School } from '~~/core/bed'
import { critique } from '~~/core/judge'
import { marksOf, totalOf } from '~~/core/marks'
import { makeScene } from '~~/core/scene'

/** The schools as sets of figures, each changeable; and two of them on this bed, side by side. */
const brief = useBriefStore()
const store = useBedStore()
const { scene } = useScene()
const KEYS = Object.keys(SCHOOL_FIGURES) as (keyof SchoolFigures)[]
const bedAs = (school: SchoolId) => ({ ...store.bed!, school })
const schools = computed(() =>
  SCHOOL_IDS.map((id) => schoolOf({ school: id, form: { kind: 'foundation' } }, brief.brief.schools)),
)
const isChanged = (id: SchoolId, key: keyof SchoolFigures) => brief.brief.schools[id]?.[key] !== undefined
function set(id: SchoolId, key: keyof SchoolFigures, value: number | null) {
  const own = { ...brief.brief.schools[id] }
  if (value === null) Reflect.deleteProperty(own, key)
  else own[key as 'spacing'] = value
  brief.set({ schools: { ...brief.brief.schools, [id]: own } }, 'change a school')
}
const pair = ref<[SchoolId, SchoolId]>([store.bed?.school ?? 'layered', 'close-knit'])
const results = computed(() =>
  pair.value.map((school) => {
    const now = scene.value
    if (!now || !store.bed) return null
    const other = makeScene({ ...now.input, bed: bedAs(school), schools: brief.brief.schools })
    const { findings } = critique(other)
    const marks = marksOf(other, findings)
    return {
      school: other.school,
      marks,
      total: totalOf(marks),
      crowded: other.placement.plants.filter((p) => p.crowded).length,
      fill: other.placement.laneFill,
      findings,
    }
  }),
)
const idsOf = (i: 0 | 1) => new Set(results.value[i]?.findings.map((f) => f.id))
/** Titles of some findings of a school's bed; one that comes several times stands once, with how often. */
function titlesOf(i: 0 | 1, is: (id: string) => boolean): string[] {
  const counts = new Map<string, number>()
  for (const { id, title } of results.value[i]?.findings ?? [])
    if (is(id)) counts.set(title, (counts.get(title) ?? 0) + 1)
  return [...counts].map(([title, many]) => (many > 1 ? `${title} (${many})` : title))
}
const only = (i: 0 | 1) => {
  const there = idsOf(i === 0 ? 1 : 0)
  return titlesOf(i, (id) => !there.has(id))
}
const both = computed(() => {
  const there = idsOf(1)
  return titlesOf(0, (id) => there.has(id))
})
const items = computed(() => schools.value.map((s) => ({ label: s.name, value: s.id })))
const rounded = (figure: number) => Math.round(figure * 100) / 100
const GROUPS = {
  any: 'groups of any number',
  'odd always': 'odd groups always',
  'odd for anchors': 'odd groups for anchors',
} as const
const sayManner = (s: School) =>
  `${s.lines} lines; ${GROUPS[s.groups]}; tall plants ${s.tall === 'behind' ? 'behind' : 'anywhere if airy'}; ` +
  (s.upkeep === 'in between' ? 'some upkeep' : s.upkeep)
</script>

<template>
  <div class="max-w-257 my-0 mx-auto text-sm">
    <table class="w-full border-collapse">
      <thead>
        <tr>
          <th class="text-left font-medium text-soft text-xs py-1 px-1.5 align-bottom leading-tight">School</th>
          <th
            class="text-left font-medium text-soft text-xs py-1 px-1.5 align-bottom leading-tight"
            v-for="k in KEYS"
            :key="k"
          >
            {{ SCHOOL_FIGURES[k].label }}
          </th>
          <th class="text-left font-medium text-soft text-xs py-1 px-1.5 align-bottom leading-tight">
            how it is done
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="s in schools" :key="s.id" :class="{ on: s.id === store.bed?.school }">
          <td class="py-1.5 px-1.5 border-t border-line align-top first:w-66 [.on_&]:bg-amber/9" :title="s.reason">
            <b class="serif">{{ s.name }}</b>
            <small class="block text-soft text-xs leading-snug">{{ s.reason }}</small>
          </td>
          <td
            class="py-1.5 px-1.5 border-t border-line align-top first:w-66 [.on_&]:bg-amber/9"
            v-for="k in KEYS"
            :key="k"
          >
            <NumberInput
              hide-label
              :label="`${s.name}: ${SCHOOL_FIGURES[k].label}`"
              :model-value="rounded(s[k])"
              :min="SCHOOL_FIGURES[k].min"
              :max="SCHOOL_FIGURES[k].max"
              @update:model-value="(v) => set(s.id, k, v)"
            />
            <button
              v-if="isChanged(s.id, k)"
              class="text-xs text-amber-deep underline cursor-pointer"
              :aria-label="`${s.name}: ${SCHOOL_FIGURES[k].label} as it was`"
              @click="set(s.id, k, null)"
            >
              changed · back
            </button>
          </td>
          <td
            class="py-1.5 px-1.5 border-t border-line align-top text-soft text-xs leading-snug w-37 first:w-66 [.on_&]:bg-amber/9"
          >
            {{ sayManner(s) }}
          </td>
        </tr>
      </tbody>
    </table>
    <section class="mt-4.5 border border-line rounded-md bg-card py-3.5 px-4" data-testid="compare">
      <h3 class="text-lg mb-2.5">Two schools on {{ store.bed?.name }}</h3>
      <div class="grid grid-cols-[1fr_1fr] gap-5">
        <div v-for="i in [0, 1] as const" :key="i">
          <USelect
            :model-value="pair[i]"
            :items="items"
            size="sm"
            :aria-label="i === 0 ? 'First school' : 'Second school'"
            class="w-full"
            @update:model-value="
              (v) => {
                pair = i === 0 ? [v as SchoolId, pair[1]] : [pair[0], v as SchoolId]
              }
            "
          />
          <template v-if="results[i]">
            <p class="mt-1.5">
              {{ results[i]!.findings.length }} findings · {{ results[i]!.crowded }} plants without room · lanes
              {{ results[i]!.fill.map((f) => `${percent(f)} %`).join(', ') }} full
            </p>
            <p class="flex flex-wrap gap-y-0.5 gap-x-3.5 text-soft mt-1.5">
              <span>
                As a whole
                <b class="text-ink">{{ Math.round(results[i]!.total) }}</b>
              </span>
              <span v-for="m in results[i]!.marks" :key="m.name" :title="m.question">
                {{ m.name }}
                <b class="text-ink">{{ Math.round(m.value) }}</b>
              </span>
            </p>
            <p class="hint text-soft mt-1.5">
              Only here:
              <template v-if="only(i).length === 0">nothing.</template>
            </p>
            <ul>
              <li class="py-px pr-0 pl-3.5" v-for="title in only(i)" :key="title">{{ title }}</li>
            </ul>
          </template>
        </div>
      </div>
      <p class="hint text-soft mt-1.5">In both: {{ both.length === 0 ? 'nothing' : both.join('; ') }}.</p>
    </section>
  </div>
</template>
