<script setup lang="ts">
import { fullHeightM, rangeWords, type Plant } from '~~/core/plant'
import { monthSpan, placeMonths } from '~~/core/time'

const { length, region, units } = useManner()

/** The same plants as a table; only the rows in view are made, the others are room above and below them. */
const props = defineProps<{
  plants: readonly Plant[]
  chosenId: string | null
  listed: ReadonlySet<string>
  marks: ReadonlyMap<string, string>
}>()
const emit = defineEmits<{ choose: [plant: Plant]; list: [plant: Plant] }>()
const { climate } = useScene()
const ROW_PX = 33
const MARGIN_ROWS = 12
const holder = useTemplateRef<HTMLDivElement>('holder')
const { height } = useElementSize(holder)
const { y } = useScroll(holder)
const first = computed(() => Math.max(0, Math.floor(y.value / ROW_PX) - MARGIN_ROWS))
const last = computed(() =>
  Math.min(props.plants.length, Math.ceil((y.value + height.value) / ROW_PX) + MARGIN_ROWS),
)
const rows = computed(() => props.plants.slice(first.value, last.value))
const months = (p: Plant) => monthSpan(placeMonths(p.flowerMonths, climate.value))
watch(
  () => props.plants,
  () => holder.value?.scrollTo({ top: 0 }),
)
const aboveHeight = computed(() => `${first.value * ROW_PX}px`)
const belowHeight = computed(() => `${(props.plants.length - last.value) * ROW_PX}px`)
const rowNumber = (i: number) => first.value + nth(i)
</script>

<template>
  <div ref="holder" class="holder" data-testid="plant-table">
    <table :aria-rowcount="plants.length">
      <colgroup>
        <col class="wide" />
        <col class="narrow" />
        <col class="figure" />
        <col class="figure" />
        <col class="words" />
        <col class="words" />
        <col class="figure zones" />
        <col class="words" />
        <col class="note" />
        <col class="act" />
      </colgroup>
      <thead>
        <tr>
          <th>Plant</th>
          <th>Kind</th>
          <th>High</th>
          <th>Wide</th>
          <th>Light</th>
          <th>Water</th>
          <th class="zones">Zones</th>
          <th>Flower</th>
          <th><span class="sr-only">Remark</span></th>
          <th><span class="sr-only">Shortlist</span></th>
        </tr>
      </thead>
      <tbody v-roving="'tr:not([aria-hidden])'">
        <tr v-if="first > 0" aria-hidden="true"><td :style="{ height: aboveHeight }" /></tr>
        <tr
          v-for="(p, i) in rows"
          :key="p.id"
          v-memo="[p, rowNumber(i), p.id === chosenId, listed.has(p.id), marks.get(p.id), climate, units, region]"
          :aria-rowindex="rowNumber(i)"
          :class="{ chosen: p.id === chosenId }"
          :style="{ height: `${ROW_PX}px` }"
          @click="emit('choose', p)"
        >
          <td>
            <button class="open" :aria-pressed="p.id === chosenId" @click.stop="emit('choose', p)">
              <b class="serif">{{ p.commonName }}</b>
              <BotanicalName :name="p.botanicalName" class="bot" />
            </button>
          </td>
          <td>{{ p.kind }}</td>
          <td class="n">{{ length(fullHeightM(p)) }}</td>
          <td class="n">{{ length(p.spreadM) }}</td>
          <td>{{ rangeWords(p.sun.brightest, p.sun.darkest) }}</td>
          <td>{{ rangeWords(p.water.driest, p.water.wettest) }}</td>
          <td class="n zones">{{ p.zones.coldest }}–{{ p.zones.warmest }}</td>
          <td>
            <i v-if="p.flowerColour" class="dot" :style="{ background: p.flowerColour }" />
            {{ months(p) }}
          </td>
          <td class="mark">{{ marks.get(p.id) ?? '' }}</td>
          <td>
            <button
              class="add"
              :aria-label="`${listed.has(p.id) ? 'Take off' : 'Put on'} the shortlist: ${p.commonName}`"
              :aria-pressed="listed.has(p.id)"
              @click.stop="emit('list', p)"
            >
              {{ listed.has(p.id) ? '✓' : '+' }}
            </button>
          </td>
        </tr>
        <tr v-if="last < plants.length" aria-hidden="true">
          <td :style="{ height: belowHeight }" />
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.holder {
  overflow-y: auto;
  font-size: 12.5px;
  contain: strict;
  container-type: inline-size;
  background: var(--paper);
}
.open {
  display: block;
  width: 100%;
  min-height: 24px;
  text-align: left;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
  cursor: pointer;
}
/* Columns of fixed width: rows that come into view lay out by themselves, and nothing jumps. */
table {
  width: 100%;
  min-width: 960px;
  table-layout: fixed;
  border-collapse: separate;
  border-spacing: 0;
}
.wide {
  width: 34%;
}
.narrow {
  width: 104px;
}
.figure {
  width: 62px;
}
.words {
  width: 12%;
}
.act {
  width: 42px;
}
/* Beside an open plant there is less room, and its zones stand there. */
@container (width < 1100px) {
  table {
    min-width: 800px;
  }
  .wide {
    width: 29%;
  }
  .words {
    width: 11%;
  }
  .zones {
    display: none;
  }
}
th {
  text-align: left;
  font-weight: 500;
  color: var(--soft);
  padding: 6px 8px;
  background: var(--card);
  position: sticky;
  top: 0;
  z-index: 1;
}
td {
  padding: 0 8px;
  border-top: 1px solid var(--line);
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
tr {
  cursor: pointer;
}
tbody tr:hover,
.chosen {
  background: color-mix(in srgb, var(--amber) 12%, transparent);
}
.bot {
  color: var(--soft);
  margin-left: 6px;
}
.n {
  font-variant-numeric: tabular-nums;
}
.dot {
  display: inline-block;
  width: 10px;
  height: 10px;
  border-radius: 50%;
  margin-right: 5px;
  border: 1px solid var(--line);
}
.mark {
  color: var(--amber-deep);
}
.add {
  width: 24px;
  height: 24px;
  border: 1px solid var(--line);
  border-radius: 6px;
  cursor: pointer;
  display: inline-flex;
  align-items: center;
  justify-content: center;
}
</style>
