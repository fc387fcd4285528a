<script setup lang="ts">
import { cautionWords, fullHeightM, misfits, rangeWords, RETENTION_WORDS, words, type Plant } from '~~/core/plant'
import { monthSpan, type PlaceMonth, placeMonths } from '~~/core/time'

const { length, figure } = useManner()

/** Up to six plants side by side at one scale, a person among them, and their figures beneath. */
const props = defineProps<{ plants: readonly Plant[]; month: PlaceMonth }>()
const emit = defineEmits<{ drop: [plant: Plant] }>()
const { scene, climate } = useScene()
const holder = useTemplateRef<HTMLDivElement>('holder')
const { width } = useElementSize(holder)
const HEIGHT_PX = 300
const tallest = computed(() => Math.max(1.8, ...props.plants.map(fullHeightM)))
const column = computed(() => Math.max(110, (width.value - 60) / Math.max(1, props.plants.length)))
const pxPerM = computed(() =>
  Math.min((HEIGHT_PX - 20) / tallest.value, ...props.plants.map((p) => (column.value - 8) / (p.spreadM * 1.1))),
)
const suits = (p: Plant) => {
  const wrong = scene.value ? misfits(p, scene.value.site) : []
  return wrong.length === 0 ? 'suits this bed' : wrong.map((m) => m.text).join('; ')
}
const rows: readonly { label: string; of: (p: Plant) => string }[] = [
  { label: 'High × wide', of: (p) => `${length(fullHeightM(p))} × ${length(p.spreadM)}` },
  { label: 'Leaf', of: (p) => `${words(p.leafSize)}, ${words(p.leafOutline)}, ${words(p.leafSurface)}` },
  { label: 'Leaf lasts', of: (p) => RETENTION_WORDS[p.retention] },
  {
    label: 'Flower',
    of: (p) =>
      p.flowerMonths.length === 0
        ? 'none'
        : `${p.flowerForm}, ${monthSpan(placeMonths(p.flowerMonths, climate.value))}`,
  },
  { label: 'Light', of: (p) => rangeWords(p.sun.brightest, p.sun.darkest) },
  { label: 'Water', of: (p) => rangeWords(p.water.driest, p.water.wettest) },
  { label: 'Here', of: suits },
  { label: 'Cautions', of: (p) => cautionWords(p) || 'none' },
  { label: 'From', of: (p) => `${p.sizes[0]!.label}, ${figure(p.sizes[0]!.price, 2, 2)}` },
]
const personAt = computed(() => `translate(28 ${HEIGHT_PX - 4}) scale(${(pxPerM.value * 1.7) / 100})`)
</script>

<template>
  <div ref="holder" class="overflow-y-auto py-4 px-4.5 text-sm" data-testid="compare-plants">
    <p v-if="plants.length === 0" class="hint text-soft">
      Choose up to six plants with the scales beneath them; they stand here side by side at one scale.
    </p>
    <template v-else>
      <div
        class="flex items-end border-b-5 border-soil bg-sky rounded-[6px_6px_0_0]"
        :style="{ height: `${HEIGHT_PX}px` }"
      >
        <svg width="56" :height="HEIGHT_PX" aria-hidden="true">
          <g class="person" :transform="personAt">
            <circle cx="0" cy="-93" r="7" />
            <path
              d="M-9 -82 Q0 -86 9 -82 L12 -50 L8 -49 L7 -66 L7 -46 L6 0 L1 0 L0 -42 L-1 0 L-6 0 L-7 -46 L-7 -66 L-8 -49 L-12 -50 Z"
            />
          </g>
        </svg>
        <PlantPortrait
          v-for="p in plants"
          :key="p.id"
          :plant="p"
          :month="month"
          :width="Math.floor(column)"
          :height="HEIGHT_PX"
          :px-per-m="pxPerM"
        />
      </div>
      <table class="w-full table-fixed mt-2.5">
        <thead>
          <tr>
            <th class="font-serif text-left py-1 px-1.5 first:w-26 first:text-soft" />
            <th class="font-serif text-left py-1 px-1.5 first:w-26 first:text-soft" v-for="p in plants" :key="p.id">
              {{ p.commonName }}
              <button
                class="ml-1 text-soft cursor-pointer align-middle"
                :aria-label="`Leave ${p.commonName} out`"
                @click="emit('drop', p)"
              >
                <UIcon name="i-lucide-x" />
              </button>
            </th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="r in rows" :key="r.label">
            <td class="py-1 px-1.5 border-t border-line align-top leading-snug first:w-26 first:text-soft">
              {{ r.label }}
            </td>
            <td
              class="py-1 px-1.5 border-t border-line align-top leading-snug first:w-26 first:text-soft"
              v-for="p in plants"
              :key="p.id"
            >
              {{ r.of(p) }}
            </td>
          </tr>
        </tbody>
      </table>
    </template>
  </div>
</template>

<style scoped>
.person {
  fill: #8a7d6a;
  opacity: 0.75;
}
</style>
