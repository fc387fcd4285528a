<script setup lang="ts">
import { together } from '~~/core/match'
import { cautionWords, fullHeightM, misfits, rangeWords, RETENTION_WORDS, words, type Plant } from '~~/core/plant'
import { libraryMonth, monthName, monthSpan, type PlaceMonth, placeMonths } from '~~/core/time'

const { length, figure, say } = useManner()

/** Two to six plants together in one picture at true size, a person beside them; how well they go together, and their figures beneath. */
const props = defineProps<{ plants: readonly Plant[]; month: PlaceMonth }>()
const emit = defineEmits<{ drop: [plant: Plant]; put: [plants: readonly Plant[]] }>()
const { scene, climate } = useScene()
const holder = useTemplateRef<HTMLDivElement>('holder')
const { width } = useElementSize(holder)
const HEIGHT_PX = 300
const tallest = computed(() => Math.max(1.8, ...props.plants.map(fullHeightM)))
const PERSON_PX = 64
/** Neighbours stand so far into one another as they do in a bed, part of a spread. */
const MEETS = 0.28
/** Each with its left edge in metres from the first: the higher stand behind, where they meet. */
const places = computed(() => {
  let at = 0
  return props.plants.map((plant) => {
    const left = at
    at += plant.spreadM * (1 - MEETS)
    return { plant, left }
  })
})
const wideM = computed(() => {
  const last = places.value.at(-1)
  return last ? last.left + last.plant.spreadM : 1
})
const pxPerM = computed(() =>
  Math.min((HEIGHT_PX - 20) / tallest.value, (Math.max(240, width.value) - PERSON_PX - 20) / (wideM.value * 1.1)),
)
const boxOf = (plant: Plant) => Math.round(plant.spreadM * 1.3 * pxPerM.value) + 8
/** The group stands in the middle of what room is left beside the person. */
const fromLeft = computed(
  () => PERSON_PX + Math.max(0, (width.value - PERSON_PX - wideM.value * pxPerM.value) / 2 - PERSON_PX / 2),
)
const styleOf = ({ plant, left }: { plant: Plant; left: number }) => ({
  left: `${fromLeft.value + left * pxPerM.value - (boxOf(plant) - plant.spreadM * pxPerM.value) / 2}px`,
  // A lower one in front stands a little nearer to whoever looks.
  bottom: `${-Math.round(6 * (1 - fullHeightM(plant) / tallest.value))}px`,
  zIndex: String(1000 - Math.round(fullHeightM(plant) * 100)),
})
const goes = computed(() => together(props.plants, libraryMonth(props.month, climate.value)))
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
    <PlantsSetBook v-if="plants.length === 0" :plants="plants" @put="(all) => emit('put', all)" />
    <p v-if="plants.length === 0" class="hint text-soft">
      Choose two to six plants with the scales beneath them: they stand here together at true size, month by month.
    </p>
    <template v-else>
      <div
        class="relative overflow-hidden border-b-5 border-soil bg-sky rounded-[6px_6px_0_0]"
        :style="{ height: `${HEIGHT_PX}px` }"
      >
        <svg width="56" :height="HEIGHT_PX" class="absolute left-0 bottom-0" aria-hidden="true">
          <g class="person" :transform="personAt">
            <circle cx="0" cy="-93" r="7" />
            <path
              d="M-9 -82 Q0 -86 9 -82 L12 -50 L8 -49 L7 -66 L7 -46 L6 0 L1 0 L0 -42 L-1 0 L-6 0 L-7 -46 L-7 -66 L-8 -49 L-12 -50 Z"
            />
          </g>
        </svg>
        <PlantPortrait
          v-for="place in places"
          :key="place.plant.id"
          class="absolute"
          :style="styleOf(place)"
          :plant="place.plant"
          :month="month"
          :width="boxOf(place.plant)"
          :height="HEIGHT_PX"
          :px-per-m="pxPerM"
        />
      </div>
      <p v-if="plants.length > 1" class="mt-2" role="status" data-testid="together">
        <b>{{ goes.score }}</b>
        of 100 together in {{ monthName(month)
        }}{{ goes.reasons.length > 0 ? `: ${say(goes.reasons.join('; '))}` : '' }}.
      </p>
      <PlantsSetBook :plants="plants" @put="(all) => emit('put', all)" />
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
