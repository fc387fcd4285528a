<script setup lang="ts">
import { UNITS } from '~~/core/exchange'
import { type Units } from '~~/core/measure'

const { length } = useManner()

/** A drawing before it is taken in: its unit or scale, where it lies, and what each layer becomes. */
defineProps<{ units: Units }>()
const emit = defineEmits<{ take: [] }>()
const {
  found,
  lines,
  groups,
  becomes,
  placing,
  simpler,
  fromGrid,
  page,
  ratio,
  setUnit,
  setRatio,
  choose,
  place,
  leave,
} = useDrawingImport()
const MOVES = [
  { of: 'dx', word: 'right', label: 'Moved to the right' },
  { of: 'dy', word: 'up', label: 'Moved up the sheet' },
] as const
const RATIOS = [20, 50, 100, 200, 500].map((r) => ({ label: `1 : ${r}`, value: String(r) }))
const unitItems = computed(() => {
  const now = found.value!.unit.metres
  const known = UNITS.map((u) => ({ label: u.name, value: String(u.metres) }))
  return known.some((u) => u.value === String(now))
    ? known
    : [{ label: found.value!.unit.said ?? `${now} m`, value: String(now) }, ...known]
})
const isMap = computed(() => found.value?.unit.doubt === null && found.value.unit.said === 'metres' && !page.value)
const shownRatio = computed(() => {
  const own = found.value && 'ratio' in found.value ? found.value.ratio : null
  return String(ratio.value ?? own ?? 50)
})
const turn = (deg: number) => place({ turnDeg: ((placing.value.turnDeg + deg + 540) % 360) - 180 })
const across = computed(() => {
  const xs = lines.value.flatMap((l) => l.points.map((p) => p.x))
  return length((Math.max(...xs) - Math.min(...xs)) * placing.value.scale)
})
const goes = computed(() => lines.value.filter((l) => becomes.value.get(groupKey(l)) !== 'none').length)
</script>

<template>
  <section
    class="border border-line rounded-sm p-3 text-sm grid gap-2.5"
    aria-label="The drawing before it is taken in"
  >
    <p class="leading-normal">
      <b>{{ lines.length }} shapes, {{ across }} across.</b>
      Drag it on the plan to where it belongs, or by figures.
    </p>
    <p v-if="found?.unit.doubt" class="text-amber-deep leading-snug" role="status">
      Look at its size: {{ found.unit.doubt }}.
    </p>
    <p v-for="t in found?.told" :key="t" class="text-amber-deep leading-snug">{{ t }}</p>
    <div class="flex flex-wrap gap-2.5 items-end">
      <label class="grid gap-0.5 text-xs text-soft" v-if="page">
        drawn at
        <USelect
          :model-value="shownRatio"
          :items="RATIOS"
          size="xs"
          aria-label="Scale of the drawing’s page"
          @update:model-value="(v) => setRatio(Number(v))"
        />
      </label>
      <label class="grid gap-0.5 text-xs text-soft" v-else-if="!isMap || unitItems.length > 0">
        unit
        <USelect
          :model-value="String(found!.unit.metres)"
          :items="unitItems"
          size="xs"
          aria-label="One unit of the drawing is"
          @update:model-value="(v) => setUnit(Number(v))"
        />
      </label>
      <label class="grid gap-0.5 text-xs text-soft" v-for="m in MOVES" :key="m.of">
        {{ m.word }}
        <GroundSignedLength
          :model-value="placing[m.of]"
          :label="m.label"
          :units="units"
          @update:model-value="(metres) => place({ [m.of]: metres })"
        />
      </label>
      <label class="grid gap-0.5 text-xs text-soft">
        turned
        <NumberInput
          hide-label
          label="Turned, degrees to the left"
          class="w-19"
          :model-value="placing.turnDeg"
          :min="-360"
          :max="360"
          @update:model-value="(turnDeg) => place({ turnDeg })"
        />
      </label>
      <UButton
        size="xs"
        color="neutral"
        variant="outline"
        icon="i-lucide-rotate-ccw"
        aria-label="A quarter to the left"
        @click="turn(90)"
      />
      <label class="grid gap-0.5 text-xs text-soft">
        times
        <NumberInput
          hide-label
          label="Enlarged, times"
          class="w-19"
          :model-value="placing.scale"
          :min="0.001"
          :max="1000"
          @update:model-value="(scale) => place({ scale })"
        />
      </label>
    </div>
    <p v-if="fromGrid" class="hint text-xs text-soft leading-snug">
      It lies {{ -fromGrid.x }} m east and {{ -fromGrid.y }} m north, as on a national grid, and is moved to the
      sheet; a point keeps the way.
    </p>
    <table class="w-full border-collapse">
      <thead>
        <tr>
          <th class="text-left font-medium text-soft text-xs">Layer</th>
          <th class="text-left font-medium text-soft text-xs">Kind</th>
          <th class="font-medium text-soft text-xs text-right tabular-nums pr-3">Count</th>
          <th class="text-left font-medium text-soft text-xs">becomes</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="g in groups" :key="g.key">
          <td class="py-1 pr-1.5 pl-0 align-top border-t border-line">
            <span class="wrap-anywhere">{{ g.layer || '—' }}</span>
            <small class="block text-soft wrap-anywhere">{{ g.names.join(', ') }}</small>
          </td>
          <td class="py-1 pr-1.5 pl-0 align-top border-t border-line">{{ g.what }}</td>
          <td class="py-1 pr-1.5 pl-0 align-top border-t border-line text-right tabular-nums pr-3">
            {{ g.count }}
          </td>
          <td class="py-1 pr-1.5 pl-0 align-top border-t border-line">
            <USelect
              :model-value="becomes.get(g.key)"
              :items="[...g.choices]"
              size="xs"
              class="w-38"
              :aria-label="`${g.layer} ${g.what} becomes`"
              @update:model-value="(v) => choose(g.key, String(v))"
            />
          </td>
        </tr>
        <tr v-for="l in found?.left" :key="`${l.layer}|${l.what}|${l.why}`">
          <td class="py-1 pr-1.5 pl-0 align-top border-t border-line text-soft">{{ l.layer || '—' }}</td>
          <td class="py-1 pr-1.5 pl-0 align-top border-t border-line text-soft">{{ l.what }}</td>
          <td class="py-1 pr-1.5 pl-0 align-top border-t border-line text-right tabular-nums pr-3 text-soft">
            {{ l.count }}
          </td>
          <td class="py-1 pr-1.5 pl-0 align-top border-t border-line text-soft">left out: {{ l.why }}</td>
        </tr>
      </tbody>
    </table>
    <p v-if="simpler.count > 0" class="hint text-xs text-soft leading-snug">
      {{ simpler.count }} of more than 400 corners are simplified, nowhere by more than {{ length(simpler.offM) }}.
    </p>
    <div class="row flex flex-wrap gap-2.5 items-center">
      <UButton size="sm" :disabled="goes === 0" @click="emit('take')">Bring them in</UButton>
      <UButton size="sm" color="neutral" variant="ghost" @click="leave">Leave it</UButton>
      <span class="hint text-xs text-soft leading-snug">
        {{ goes }} of {{ lines.length }} are taken in; one undo takes them out again.
      </span>
    </div>
  </section>
</template>
