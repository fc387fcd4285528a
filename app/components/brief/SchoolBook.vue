<script setup lang="ts">
import { SCHOOL_FIGURES, SCHOOL_IDS, schoolOf, type School, type SchoolFigures, type SchoolId } from '~~/core/bed'
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
  <div class="schools">
    <table>
      <thead>
        <tr>
          <th>School</th>
          <th v-for="k in KEYS" :key="k">{{ SCHOOL_FIGURES[k].label }}</th>
          <th>how it is done</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="s in schools" :key="s.id" :class="{ on: s.id === store.bed?.school }">
          <td :title="s.reason">
            <b class="serif">{{ s.name }}</b>
            <small>{{ s.reason }}</small>
          </td>
          <td v-for="k in KEYS" :key="k">
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
              class="back"
              :aria-label="`${s.name}: ${SCHOOL_FIGURES[k].label} as it was`"
              @click="set(s.id, k, null)"
            >
              changed · back
            </button>
          </td>
          <td class="words">
            {{ sayManner(s) }}
          </td>
        </tr>
      </tbody>
    </table>
    <section class="compare" data-testid="compare">
      <h3>Two schools on {{ store.bed?.name }}</h3>
      <div class="sides">
        <div v-for="i in [0, 1] as const" :key="i" class="side">
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
            <p>
              {{ results[i]!.findings.length }} findings · {{ results[i]!.crowded }} plants without room · lanes
              {{ results[i]!.fill.map((f) => `${percent(f)} %`).join(', ') }} full
            </p>
            <p class="marks">
              <span>
                As a whole
                <b>{{ Math.round(results[i]!.total) }}</b>
              </span>
              <span v-for="m in results[i]!.marks" :key="m.name" :title="m.question">
                {{ m.name }}
                <b>{{ Math.round(m.value) }}</b>
              </span>
            </p>
            <p class="hint">
              Only here:
              <template v-if="only(i).length === 0">nothing.</template>
            </p>
            <ul>
              <li v-for="title in only(i)" :key="title">{{ title }}</li>
            </ul>
          </template>
        </div>
      </div>
      <p class="hint">In both: {{ both.length === 0 ? 'nothing' : both.join('; ') }}.</p>
    </section>
  </div>
</template>

<style scoped>
.schools {
  max-width: 900px;
  margin: 0 auto;
  font-size: 12.5px;
}
table {
  width: 100%;
  border-collapse: collapse;
}
th {
  text-align: left;
  font-weight: 500;
  color: var(--soft);
  font-size: 11.5px;
  padding: 4px 6px;
  vertical-align: bottom;
  line-height: 1.25;
}
td {
  padding: 5px 6px;
  border-top: 1px solid var(--line);
  vertical-align: top;
}
td:first-child {
  width: 230px;
}
td small {
  display: block;
  color: var(--soft);
  font-size: 11.5px;
  line-height: 1.3;
}
tr.on td {
  background: color-mix(in srgb, var(--amber) 9%, transparent);
}
.back {
  font-size: 10.5px;
  color: var(--amber-deep);
  text-decoration: underline;
  cursor: pointer;
}
.words {
  color: var(--soft);
  font-size: 11.5px;
  line-height: 1.3;
  width: 130px;
}
.compare {
  margin-top: 16px;
  border: 1px solid var(--line);
  border-radius: 8px;
  background: var(--card);
  padding: 12px 14px;
}
h3 {
  font-size: 16px;
  margin-bottom: 8px;
}
.sides {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 18px;
}
.side p {
  margin-top: 6px;
}
.marks {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 12px;
  color: var(--soft);
}
.marks b {
  color: var(--ink);
}
.side li {
  padding: 1px 0 1px 12px;
}
.hint {
  color: var(--soft);
  margin-top: 6px;
}
</style>
