<script setup lang="ts">
import type { MaterialChoice } from '~~/core/model'
import { LIFT_ALONE_KG, MATERIAL_GROUPS, type MaterialNeed } from '~~/core/count'
import { UNIT_SPACE } from '~~/core/measure'

const { say, weight, figure } = useManner()

/** What the garden needs that does not grow, each with how it was reckoned, its waste, its price and what one piece weighs. */
const supply = useSupplyStore()
const { materials, units, asMoney } = useCount()
const NAMES: Readonly<Record<MaterialNeed['group'], string>> = {
  ground: 'Ground',
  cover: 'Cover',
  supports: 'Supports',
  water: 'Water',
  hard: 'Stone and edging',
  pots: 'Pots',
  away: 'Carried away',
}
const groups = computed(() =>
  MATERIAL_GROUPS.map((id) => ({
    id,
    name: NAMES[id],
    needs: materials.value.filter((m) => m.group === id),
  })).filter((g) => g.needs.length > 0),
)
const total = computed(() => materials.value.reduce((n, m) => n + m.total, 0))
const hasHeavy = computed(() => materials.value.some((m) => m.isHeavy))
const amountOf = (m: MaterialNeed) => {
  if (m.unit === 'piece') return figure(m.amount, 0)
  if (units.value === 'metric') return `${figure(m.amount, 2)} ${m.unit}`
  return say(`${m.amount.toFixed(2)}${UNIT_SPACE}${m.unit}`)
}
const wasteOf = (m: MaterialNeed) => (m.wasteShare > 0 ? `+${Math.round(m.wasteShare * 100)} %` : '')
const weightOf = (m: MaterialNeed) => (m.pieceKg === null ? '' : weight(m.pieceKg))
function choose(id: string, change: Partial<MaterialChoice>, name: string) {
  const list = supply.supply.materials
  const there = list.find((m) => m.id === id) ?? { id, wanted: null, depthM: null, price: null, supplier: '' }
  supply.set({ materials: [...list.filter((m) => m.id !== id), { ...there, ...change }] }, name)
}
const limit = computed(() => weight(LIFT_ALONE_KG))
</script>

<template>
  <section class="worksheet" aria-labelledby="materials-title" data-testid="materials">
    <header>
      <div>
        <h2 id="materials-title">Materials</h2>
        <p class="hint">
          For all beds of the garden. Prices and depths are typical: type yours over them. What is not ticked is not
          bought.
        </p>
      </div>
      <b>{{ asMoney(total) }}</b>
    </header>
    <table>
      <thead>
        <tr>
          <th scope="col"><span class="sr-only">Wanted</span></th>
          <th scope="col">What</th>
          <th scope="col">How it was reckoned</th>
          <th scope="col">Depth</th>
          <th scope="col" class="right">Needed</th>
          <th scope="col" class="right">Waste</th>
          <th scope="col" class="right">Buy</th>
          <th scope="col">Sold in</th>
          <th scope="col">Price</th>
          <th scope="col" class="right">Total</th>
          <th scope="col" class="right">One weighs</th>
        </tr>
      </thead>
      <tbody v-for="g in groups" :key="g.id">
        <tr>
          <th colspan="11" scope="rowgroup" class="pt-3.5 font-serif text-base text-ink">{{ g.name }}</th>
        </tr>
        <tr v-for="m in g.needs" :key="m.id" :class="{ left: !m.wanted }">
          <td>
            <UCheckbox
              :model-value="m.wanted"
              :aria-label="`${say(m.name)} is wanted`"
              @update:model-value="(on) => choose(m.id, { wanted: on === true }, `${m.name} wanted or not`)"
            />
          </td>
          <td class="what font-semibold">{{ say(m.name) }}</td>
          <td class="text-soft max-w-74">{{ say(m.basis) }}</td>
          <td>
            <LengthInput
              v-if="m.depthM !== null"
              hide-label
              :label="`Depth of ${say(m.name)}`"
              :units="units"
              :model-value="m.depthM"
              :min="0.01"
              :max="1"
              class="w-27"
              @update:model-value="(depthM: number) => choose(m.id, { depthM }, `depth of ${m.name}`)"
            />
          </td>
          <td class="right">{{ amountOf(m) }}</td>
          <td class="right">{{ wasteOf(m) }}</td>
          <td class="right">
            <b>{{ m.bought }}</b>
          </td>
          <td>{{ say(m.soldIn) }}</td>
          <td>
            <NumberInput
              hide-label
              :label="`Price of ${say(m.name)}`"
              class="w-22"
              :model-value="m.price"
              :min="0"
              :max="1000000"
              @update:model-value="(price) => choose(m.id, { price }, `price of ${m.name}`)"
            />
          </td>
          <td class="right">{{ asMoney(m.total) }}</td>
          <td class="right [&.heavy]:text-amber-deep [&.heavy]:font-semibold" :class="{ heavy: m.isHeavy }">
            {{ weightOf(m) }}
          </td>
        </tr>
      </tbody>
    </table>
    <p v-if="hasHeavy" class="caution">
      More than {{ limit }} is not lifted by one person: use a machine or enough hands, and keep to the local rules
      for lifting.
    </p>
  </section>
</template>

<style scoped>
.what::first-letter {
  text-transform: uppercase;
}
@layer components {
  .left td {
    color: var(--soft);
  }
}
</style>
