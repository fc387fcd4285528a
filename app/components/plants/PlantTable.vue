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
  <div
    ref="holder"
    class="overflow-y-auto text-sm [contain:strict] [container-type:inline-size] bg-paper"
    data-testid="plant-table"
  >
    <table class="w-full min-w-274 table-fixed border-separate [border-spacing:0]" :aria-rowcount="plants.length">
      <colgroup>
        <col class="wide w-[34%]" />
        <col class="narrow w-30" />
        <col class="w-18" />
        <col class="w-18" />
        <col class="words w-[12%]" />
        <col class="words w-[12%]" />
        <col class="zones w-18" />
        <col class="words w-[12%]" />
        <col class="note" />
        <col class="w-12" />
      </colgroup>
      <thead>
        <tr class="cursor-pointer">
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
        <tr class="cursor-pointer hover:bg-amber/12" v-if="first > 0" aria-hidden="true">
          <td :style="{ height: aboveHeight }" />
        </tr>
        <tr
          class="cursor-pointer [&.chosen]:bg-amber/12 hover:bg-amber/12"
          v-for="(p, i) in rows"
          :key="p.id"
          v-memo="[p, rowNumber(i), p.id === chosenId, listed.has(p.id), marks.get(p.id), climate, units, region]"
          :aria-rowindex="rowNumber(i)"
          :class="{ chosen: p.id === chosenId }"
          :style="{ height: `${ROW_PX}px` }"
          @click="emit('choose', p)"
        >
          <td>
            <button
              class="open block w-full min-h-7 text-left cursor-pointer truncate"
              :aria-pressed="p.id === chosenId"
              @click.stop="emit('choose', p)"
            >
              <b class="serif">{{ p.commonName }}</b>
              <BotanicalName :name="p.botanicalName" class="text-soft ml-1.5" />
            </button>
          </td>
          <td>{{ p.kind }}</td>
          <td class="tabular-nums">{{ length(fullHeightM(p)) }}</td>
          <td class="tabular-nums">{{ length(p.spreadM) }}</td>
          <td>{{ rangeWords(p.sun.brightest, p.sun.darkest) }}</td>
          <td>{{ rangeWords(p.water.driest, p.water.wettest) }}</td>
          <td class="zones tabular-nums">{{ p.zones.coldest }}–{{ p.zones.warmest }}</td>
          <td>
            <i
              v-if="p.flowerColour"
              class="inline-block rounded-full mr-1.5 border border-line size-3"
              :style="{ background: p.flowerColour }"
            />
            {{ months(p) }}
          </td>
          <td class="text-amber-deep">{{ marks.get(p.id) ?? '' }}</td>
          <td>
            <button
              class="border border-line rounded-sm cursor-pointer inline-flex items-center justify-center size-7"
              :aria-label="`${listed.has(p.id) ? 'Take off' : 'Put on'} the shortlist: ${p.commonName}`"
              :aria-pressed="listed.has(p.id)"
              @click.stop="emit('list', p)"
            >
              {{ listed.has(p.id) ? '✓' : '+' }}
            </button>
          </td>
        </tr>
        <tr class="cursor-pointer hover:bg-amber/12" v-if="last < plants.length" aria-hidden="true">
          <td :style="{ height: belowHeight }" />
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
/* Columns of fixed width: rows that come into view lay out by themselves, and nothing jumps. */
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
@layer components {
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
}
</style>
