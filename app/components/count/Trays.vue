<script setup lang="ts">
import { TRAY_STEPS, type Tray, type TrayStep } from '~~/core/model'
import { daysLeftToSow, type RaisingPlan } from '~~/core/count'

const { dayWords } = useManner()

/** Trays by number, coloured as their kind is on the plan; each step ticked on its day, and what failed sown again or bought. */
const props = defineProps<{ plans: readonly RaisingPlan[] }>()
const supply = useSupplyStore()
const library = useLibraryStore()
const { frosts } = useCount()
const now = today()
const nameOf = (id: string) => library.byId.get(id)?.commonName ?? id
const colourOf = (id: string) => {
  const plant = library.byId.get(id)
  return plant?.flowerColour ?? plant?.foliage.summer ?? '#8a9a6b'
}
const when = (day: string) => (day === '' ? '' : dayWords(day))
const STEP_WORDS: Readonly<Record<TrayStep, string>> = {
  sown: 'sown',
  germinated: 'up',
  prickedOut: 'pricked out',
  hardenedOff: 'hardened off',
  plantedOut: 'planted out',
}
const trays = computed(() => [...supply.supply.trays].sort((a, b) => a.number - b.number))
const setTray = (tray: Tray, change: Partial<Tray>, name: string) =>
  supply.set({ trays: supply.supply.trays.map((t) => (t.id === tray.id ? { ...t, ...change } : t)) }, name)
function tickStep(tray: Tray, step: TrayStep, on: boolean) {
  const others = Object.fromEntries(Object.entries(tray.done).filter(([s]) => s !== step))
  setTray(tray, { done: on ? { ...others, [step]: now } : others }, `tray ${tray.number}: ${STEP_WORDS[step]}`)
}
/** A tray that failed is sown again while there is time; else its plants are bought. */
function failed(tray: Tray) {
  const plan = props.plans.find((p) => p.plantId === tray.plantId)
  const number = supply.supply.trays.reduce((n, t) => Math.max(n, t.number), 0) + 1
  const rest = supply.supply.trays.map((t) => (t.id === tray.id ? { ...t, failed: true } : t))
  if (plan && daysLeftToSow(plan, frosts.value, now) >= 0) {
    const fresh = { sow: now, done: {}, came: null, failed: false }
    supply.set({ trays: [...rest, { ...tray, id: `tray-${number}-${newId()}`, number, ...fresh }] }, 'sow again')
    return
  }
  const lines = supply.supply.lines.map((l) => (l.plantId === tray.plantId ? { ...l, way: 'pot' as const } : l))
  supply.set({ trays: rest, lines }, `buy ${nameOf(tray.plantId)} instead`)
}
</script>

<template>
  <table data-testid="trays">
    <tbody>
      <tr class="[&.done]:opacity-60" v-for="t in trays" :key="t.id" :class="{ done: t.failed }">
        <td>
          <span
            class="inline-flex min-w-8.5 h-8.5 items-center justify-center border-4 rounded-sm font-semibold"
            :style="{ borderColor: colourOf(t.plantId) }"
          >
            {{ t.number }}
          </span>
        </td>
        <td>
          {{ nameOf(t.plantId) }}
          <br />
          <small class="hint">{{ t.seeds }} in {{ t.cells }} cells</small>
        </td>
        <td v-for="s in TRAY_STEPS" :key="s">
          <UCheckbox
            :model-value="t.done[s] !== undefined"
            :label="STEP_WORDS[s]"
            :disabled="t.failed"
            size="sm"
            @update:model-value="(on) => tickStep(t, s, on === true)"
          />
          <small class="hint">{{ when(t.done[s] ?? '') }}</small>
        </td>
        <td>
          <NumberInput
            hide-label
            :label="`Came up in tray ${t.number}`"
            :model-value="t.came ?? 0"
            :min="0"
            :max="100000"
            whole
            class="w-18"
            @update:model-value="(came) => setTray(t, { came }, `count tray ${t.number}`)"
          />
        </td>
        <td>
          <UButton v-if="!t.failed" size="xs" color="neutral" variant="ghost" @click="failed(t)">Failed</UButton>
          <span v-else class="hint">failed</span>
        </td>
      </tr>
    </tbody>
  </table>
</template>
