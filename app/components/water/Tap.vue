<script setup lang="ts">
import type { Tap } from '~~/core/model'
import { typedFigure, typedUnit } from '~~/core/measure'
import { SOIL_WATER, tapFlowLH, USUAL_TAP } from '~~/core/water'
import { PLACE_MONTHS, monthName } from '~~/core/time'

/** The tap with a bucket and a watch, what is laid, and the weather by month that need is reckoned from. */
const { plan, set, laid, units, here } = useWater()
const soil = computed(() => SOIL_WATER[here.value?.bed.ground.soil ?? 'loam'])
const isTyped = computed(() => plan.value.rowM !== null || plan.value.emitterM !== null)
const tap = computed(() => plan.value.tap ?? USUAL_TAP)
const { figure } = useManner()
const flow = computed(() => figure(typedFigure(tapFlowLH(tap.value) / 60, 'L', units.value), 1))
const flowUnit = computed(() => `${typedUnit('L', units.value)}/min`)
const setTap = (change: Partial<Tap>) => set({ tap: { ...tap.value, ...change } }, 'tap')
const months = computed(() =>
  PLACE_MONTHS.map((m) => ({ m, name: monthName(m).slice(0, 3), ...laid.value.table[m - 1]! })),
)
const FIELDS = [
  { id: 'highC', label: 'warmest', unit: '°C', min: -60, max: 60 },
  { id: 'lowC', label: 'coldest', unit: '°C', min: -60, max: 60 },
  { id: 'rainMm', label: 'rain', unit: 'mm', min: 0, max: 3000 },
] as const
type Field = (typeof FIELDS)[number]['id']
function setMonth(month: number, field: Field, value: number) {
  const table = laid.value.table.map((row, i) => {
    if (i !== month - 1) return row
    const next = { ...row, [field]: value }
    return { ...next, lowC: Math.min(next.lowC, next.highC) }
  })
  set({ months: table }, 'weather by month')
}
const mains = computed(() =>
  laid.value.beds
    .filter((b) => b.drip)
    .map((b) => ({ id: b.id, name: b.bed.name, m: b.mainM, typed: plan.value.mains[b.id] !== undefined })),
)
const setMain = (id: string, m: number) => set({ mains: { ...plan.value.mains, [id]: m } }, 'way from the tap')
</script>

<template>
  <section class="ledger" aria-labelledby="tap-title" data-testid="water-tap">
    <h2 id="tap-title">
      Tap and pipe
      <small v-if="!plan.tap">a usual tap is reckoned with until yours is measured</small>
      <FieldNote of="tap" />
    </h2>
    <div class="flex flex-wrap items-end gap-3 mt-1.5">
      <QuantityInput
        label="Bucket"
        unit="L"
        class="w-26"
        :model-value="tap.litres"
        :min="0.1"
        :max="1000"
        @update:model-value="(litres) => setTap({ litres })"
      />
      <NumberInput
        label="fills in, s"
        class="w-26"
        :model-value="tap.seconds"
        :min="0.1"
        :max="3600"
        @update:model-value="(seconds) => setTap({ seconds })"
      />
      <QuantityInput
        label="Pressure"
        unit="bar"
        class="w-26"
        :model-value="tap.bar"
        :min="0.1"
        :max="16"
        @update:model-value="(bar) => setTap({ bar })"
      />
      <p class="pb-1.5 text-sm">
        <b>{{ flow }}</b>
        {{ flowUnit }}
      </p>
      <QuantityInput
        label="Emitters"
        unit="L/h"
        class="w-26"
        :model-value="plan.emitterLH"
        :min="0.5"
        :max="20"
        @update:model-value="(emitterLH) => set({ emitterLH }, 'emitters')"
      />
      <LengthInput
        :label="plan.rowM === null ? 'Rows apart, by soil' : 'Rows apart'"
        :units="units"
        :model-value="plan.rowM ?? soil.rowM"
        :min="0.15"
        :max="2"
        class="w-37"
        @update:model-value="(rowM: number) => set({ rowM }, 'rows of pipe')"
      />
      <LengthInput
        :label="plan.emitterM === null ? 'Emitters, by plants' : 'Emitters apart'"
        :units="units"
        :model-value="plan.emitterM ?? soil.emitterM"
        :min="0.1"
        :max="1.5"
        class="w-37"
        @update:model-value="(emitterM: number) => set({ emitterM }, 'emitters apart')"
      />
      <UButton
        v-if="isTyped"
        size="xs"
        color="neutral"
        variant="link"
        @click="set({ rowM: null, emitterM: null }, 'pipe by soil')"
      >
        by soil and plants again
      </UButton>
    </div>
    <div v-if="mains.length > 0" class="flex flex-wrap items-end gap-3 mt-1.5">
      <LengthInput
        v-for="b in mains"
        :key="b.id"
        :label="`Tap to ${b.name}`"
        :units="units"
        :model-value="b.m"
        :min="0"
        :max="1000"
        class="main w-54"
        @update:model-value="(m: number) => setMain(b.id, m)"
      />
    </div>
    <details>
      <summary class="soft mt-3 cursor-pointer">
        Weather by month: {{ plan.months ? 'as typed' : 'reckoned from latitude and frosts' }}
        <UButton
          v-if="plan.months"
          size="xs"
          color="neutral"
          variant="link"
          @click="set({ months: null }, 'weather by month')"
        >
          take the reckoned one
        </UButton>
      </summary>
      <div class="scroll">
        <table>
          <thead>
            <tr>
              <th class="text-xs whitespace-nowrap" scope="col"><span class="sr-only">Figure</span></th>
              <th class="text-xs whitespace-nowrap" v-for="m in months" :key="m.m" scope="col">{{ m.name }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="f in FIELDS" :key="f.id">
              <th class="text-xs whitespace-nowrap" scope="row">{{ f.label }}, {{ typedUnit(f.unit, units) }}</th>
              <td v-for="m in months" :key="m.m">
                <QuantityInput
                  hide-label
                  :label="`${m.name}, ${f.label}`"
                  :unit="f.unit"
                  class="w-15.5"
                  :model-value="m[f.id]"
                  :min="f.min"
                  :max="f.max"
                  @update:model-value="(n) => setMonth(m.m, f.id, n)"
                />
              </td>
            </tr>
          </tbody>
        </table>
      </div>
    </details>
  </section>
</template>
