<script setup lang="ts">
import { LIFT_ALONE_KG, materials, type MaterialLine } from '~~/core/count'

/** What the bed needs that does not grow. */
const store = useBedStore()
const lines = computed(() => (store.bed ? materials(store.bed) : []))
const number = (n: number, digits: number) => n.toLocaleString(undefined, { maximumFractionDigits: digits })
function amountOf(line: MaterialLine): string {
  if (line.amount === null) return `${line.count}`
  const loose = line.volumeM3 === null ? '' : `, ${number(line.volumeM3, 2)} m³`
  return `${number(line.amount, 1)} ${line.unit}${loose}`
}
const weightOf = (line: MaterialLine) => (line.pieceKg === null ? '' : `${number(line.pieceKg, 0)} kg each`)
const isHeavy = (line: MaterialLine) => (line.pieceKg ?? 0) > LIFT_ALONE_KG
const hasHeavy = computed(() => lines.value.some(isHeavy))
</script>

<template>
  <section v-if="lines.length > 0" class="materials" aria-labelledby="materials" data-testid="materials">
    <h2 id="materials">Stone, pots and supports</h2>
    <table>
      <thead>
        <tr>
          <th scope="col">What</th>
          <th scope="col">Size</th>
          <th scope="col" class="right">How much</th>
          <th scope="col" class="right">Weight</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(line, i) in lines" :key="i">
          <td>
            <i class="dot" :style="{ background: line.colour }" />
            <span class="what">{{ line.name }}</span>
          </td>
          <td>{{ line.size }}</td>
          <td class="right">{{ amountOf(line) }}</td>
          <td class="right" :class="{ heavy: isHeavy(line) }">{{ weightOf(line) }}</td>
        </tr>
      </tbody>
    </table>
    <p v-if="hasHeavy" class="caution">
      More than {{ LIFT_ALONE_KG }} kg is not lifted by one person: use a machine or enough hands, and keep to the
      local rules for lifting.
    </p>
  </section>
</template>

<style scoped>
.materials {
  margin-top: 22px;
}
h2 {
  font-size: 17px;
  font-weight: 600;
  margin-bottom: 6px;
}
table {
  width: 100%;
  font-size: 13px;
}
th {
  text-align: left;
  font-weight: 600;
  color: var(--soft);
}
th,
td {
  padding: 4px 6px;
  border-bottom: 1px solid var(--line);
}
.right {
  text-align: right;
}
.dot {
  display: inline-block;
  width: 11px;
  height: 11px;
  border-radius: 3px;
  border: 1px solid var(--line);
  margin-right: 7px;
}
.what {
  display: inline-block;
}
.what::first-letter {
  text-transform: uppercase;
}
.heavy,
.caution {
  color: var(--amber-deep);
}
.caution {
  font-size: 12.5px;
  margin-top: 6px;
}
</style>
