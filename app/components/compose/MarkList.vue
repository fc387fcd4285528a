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
    <p class="total text-sm text-soft mb-1">
      As a whole
      <b class="my-0 mx-1 text-lg text-ink tabular-nums" data-testid="total">{{ rounded(total) }}</b>
      <span>of 100, from what is seen</span>
    </p>
    <div class="grid grid-cols-[1fr_1fr] gap-y-0 gap-x-4">
      <button
        v-for="mark in marks"
        :key="mark.id"
        class="mark hover:bg-amber-wash [&.open]:bg-amber-wash"
        :class="{ low: mark.value < LOW, open: mark.id === open }"
        :aria-expanded="mark.id === open"
        :title="mark.question"
        @click="toggle(mark.id)"
      >
        <span class="name">{{ mark.name }}</span>
        <span class="h-1.5 rounded-xs bg-line overflow-hidden">
          <i class="block h-full rounded-xs bg-good [.low_&]:bg-amber-deep" :style="{ width: `${mark.value}%` }" />
        </span>
        <b class="text-right font-semibold tabular-nums">{{ rounded(mark.value) }}</b>
      </button>
    </div>
    <div
      v-if="opened"
      class="mt-2 pt-2 pb-2.5 px-2.5 border-l-2 border-amber bg-amber-wash text-xs"
      data-testid="opened-mark"
    >
      <p class="font-semibold">{{ opened.question }}</p>
      <dl class="my-1 mx-0">
        <template v-for="f in opened.figures" :key="f.name">
          <dt class="text-soft float-left mr-1.5">{{ f.name }}</dt>
          <dd>
            <b>{{ say(f.value) }}</b>
            <span class="text-soft ml-1.5">wanted: {{ say(f.wanted) }}</span>
          </dd>
        </template>
      </dl>
      <p v-if="opened.worst" class="text-soft text-xs">
        Weakest from {{ length(opened.worst.from, 1) }} to {{ length(opened.worst.to, 1) }}, lit in the pictures.
      </p>
      <p v-if="!offers" class="text-soft text-xs">Trying what would raise it…</p>
      <p v-else-if="offers.length === 0" class="text-soft text-xs">No small change that was tried raises it.</p>
      <div v-else class="flex flex-wrap gap-1.5 mt-1">
        <UButton
          v-for="r in offers"
          :key="r.label"
          size="xs"
          color="secondary"
          variant="soft"
          class="text-amber-deep border border-amber/55"
          @click="take(r)"
        >
          {{ say(r.label) }}
          <small>+{{ rounded(r.mark) }}</small>
        </UButton>
      </div>
    </div>
    <p v-if="problem" class="text-soft text-xs" role="alert">{{ problem }}</p>
  </section>
</template>

<style scoped>
@layer components {
  .mark {
    display: grid;
    grid-template-columns: 58px 1fr 24px;
    gap: 6px;
    align-items: center;
    font-size: var(--text-sm);
    min-height: 24px;
    line-height: 1.3;
    text-align: left;
    cursor: pointer;
    border-radius: 4px;
  }
}
</style>
