<script setup lang="ts">
import type { Mark, MarkId } from '~~/core/marks'
import type { Raise } from '~~/core/mend'

const { say, length } = useManner()

/** The marks of the bed; each opens to what was measured, its worst stretch lit in the pictures, and what would raise it most. */
const store = useBedStore()
const compose = useComposeStore()
const { scene } = useScene()
const { marks, total, raised, problem, askRaises } = useSecondLook()
const open = ref<MarkId | null>(null)
const opened = computed<Mark | null>(() => marks.value.find((m) => m.id === open.value) ?? null)
const offers = computed(() => (open.value ? raised.value.get(open.value) : undefined))
const LOW = 60
const rounded = (value: number) => Math.round(value)

function toggle(id: MarkId) {
  open.value = open.value === id ? null : id
  light()
  if (open.value) askRaises(open.value)
}
function light() {
  const worst = opened.value?.worst
  const plants = scene.value?.placement.plants ?? []
  compose.lit = worst ? plants.filter((p) => p.along >= worst.from && p.along <= worst.to).map((p) => p.id) : []
}
function take(raise: Raise) {
  compose.lit = []
  store.edit({ kind: 'all', name: raise.label.toLowerCase(), edits: [mendEdit(raise.edit)] })
}
watch(marks, () => {
  if (open.value) askRaises(open.value)
})
onBeforeUnmount(() => {
  compose.lit = []
})
</script>

<template>
  <section v-if="marks.length > 0 || problem" class="marks" aria-label="Marks" data-testid="marks">
    <p class="total">
      As a whole
      <b data-testid="total">{{ rounded(total) }}</b>
      <span>of 100, from what is seen</span>
    </p>
    <div class="grid">
      <button
        v-for="mark in marks"
        :key="mark.id"
        class="mark"
        :class="{ low: mark.value < LOW, open: mark.id === open }"
        :aria-expanded="mark.id === open"
        :title="mark.question"
        @click="toggle(mark.id)"
      >
        <span class="name">{{ mark.name }}</span>
        <span class="bar"><i :style="{ width: `${mark.value}%` }" /></span>
        <b>{{ rounded(mark.value) }}</b>
      </button>
    </div>
    <div v-if="opened" class="opened" data-testid="opened-mark">
      <p class="question">{{ opened.question }}</p>
      <dl>
        <template v-for="f in opened.figures" :key="f.name">
          <dt>{{ f.name }}</dt>
          <dd>
            <b>{{ say(f.value) }}</b>
            <span>wanted: {{ say(f.wanted) }}</span>
          </dd>
        </template>
      </dl>
      <p v-if="opened.worst" class="worst">
        Weakest from {{ length(opened.worst.from, 1) }} to {{ length(opened.worst.to, 1) }}, lit in the pictures.
      </p>
      <p v-if="!offers" class="trying">Trying what would raise it…</p>
      <p v-else-if="offers.length === 0" class="trying">No small change that was tried raises it.</p>
      <div v-else class="offers">
        <UButton
          v-for="r in offers"
          :key="r.label"
          size="xs"
          color="secondary"
          variant="soft"
          class="offer"
          @click="take(r)"
        >
          {{ say(r.label) }}
          <small>+{{ rounded(r.mark) }}</small>
        </UButton>
      </div>
    </div>
    <p v-if="problem" class="trying" role="alert">{{ problem }}</p>
  </section>
</template>

<style scoped>
.total {
  font-size: 12.5px;
  color: var(--soft);
  margin-bottom: 4px;
}
.total b {
  margin: 0 4px;
  font-size: 17px;
  color: var(--ink);
  font-variant-numeric: tabular-nums;
}
.grid {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 0 14px;
}
.mark {
  display: grid;
  grid-template-columns: 58px 1fr 24px;
  gap: 6px;
  align-items: center;
  font-size: 12.5px;
  min-height: 24px;
  line-height: 1.3;
  text-align: left;
  cursor: pointer;
  border-radius: 4px;
}
.mark:hover,
.mark.open {
  background: var(--amber-wash);
}
.mark b {
  text-align: right;
  font-weight: 600;
  font-variant-numeric: tabular-nums;
}
.bar {
  height: 5px;
  border-radius: 3px;
  background: var(--line);
  overflow: hidden;
}
.bar i {
  display: block;
  height: 100%;
  border-radius: 3px;
  background: var(--good);
}
.low .bar i {
  background: var(--amber-deep);
}
.opened {
  margin-top: 7px;
  padding: 7px 9px 8px;
  border-left: 2px solid var(--amber);
  background: var(--amber-wash);
  font-size: 12px;
}
.question {
  font-weight: 600;
}
dl {
  margin: 3px 0;
}
dt {
  color: var(--soft);
  float: left;
  margin-right: 5px;
}
dd span {
  color: var(--soft);
  margin-left: 5px;
}
.worst,
.trying {
  color: var(--soft);
  font-size: 12px;
}
.offers {
  display: flex;
  flex-wrap: wrap;
  gap: 5px;
  margin-top: 4px;
}
.offer {
  color: var(--amber-deep);
  border: 1px solid color-mix(in srgb, var(--amber) 55%, var(--line));
}
</style>
