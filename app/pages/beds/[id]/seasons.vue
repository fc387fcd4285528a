<script setup lang="ts">
import { monthName, monthSpan, type PlaceMonth } from '~~/core/time'

/** The year of the bed at a glance: what shows when, what is missing, what could fill it; and its ten years. */
const { cloth, gaps, fillers, problem } = useSeasons()
const bed = useBedStore()
const isBare = computed(() => bed.bed?.drifts.length === 0)
const compose = useComposeStore()
const woven = useTemplateRef<{ svg: SVGSVGElement | null }>('woven')
const stage = useTemplateRef<HTMLDivElement>('stage')
const { width, height } = useElementSize(stage)
const HIGHEST = 0.72
const rest = computed(() => Math.max(220, Math.min(height.value - 8, width.value * HIGHEST)))
const { axis, planAxis, planPx, elevationPx, planTopPx } = useAxis({ width, restPx: rest })

/** The year passes in 24 seconds. */
const MONTH_MS = 2000
const { isActive, pause, resume } = useIntervalFn(
  () => {
    compose.moment = { ...compose.moment, month: (compose.moment.month % 12) + 1 }
  },
  MONTH_MS,
  { immediate: false },
)
const play = () => (isActive.value ? pause() : resume())
const here = computed(() => cloth.value?.months.find((m) => m.month === compose.moment.month))
const percent = (share: number) => `${Math.round(share * 100)} %`
const options = computed(() => fillers(compose.moment.month))
const fill = (i: number) => bed.edit(options.value[i]!.edit)
const gapWords = computed(() => monthSpan([...gaps.value]))

function picture(): string {
  const copy = woven.value!.svg!.cloneNode(true) as SVGSVGElement
  const sheet = document.createElementNS('http://www.w3.org/2000/svg', 'style')
  sheet.textContent =
    'text{font:12px sans-serif;fill:#2b2621}.month,.foot,.gap{text-anchor:middle}.rule{stroke:#d8ccb4}' +
    '.frost{stroke:#6f8fa3;stroke-dasharray:4 3}.leaf{fill:#7d9a5a;opacity:.45}.shown,.touch{fill:none}.spike{stroke-width:1.8}'
  copy.prepend(sheet)
  return new XMLSerializer().serializeToString(copy)
}
function save(name: string, blob: Blob) {
  const url = URL.createObjectURL(blob)
  const link = document.createElement('a')
  link.href = url
  link.download = name
  link.click()
  setTimeout(() => URL.revokeObjectURL(url), 5000)
}
const asSvg = () => save('seasons.svg', new Blob([picture()], { type: 'image/svg+xml' }))
async function asPng() {
  const image = new Image()
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(picture())}`
  await image.decode()
  const canvas = document.createElement('canvas')
  canvas.width = image.width * 2
  canvas.height = image.height * 2
  const pen = canvas.getContext('2d')!
  pen.fillStyle = '#fbf7ee'
  pen.fillRect(0, 0, canvas.width, canvas.height)
  pen.scale(2, 2)
  pen.drawImage(image, 0, 0)
  canvas.toBlob((blob) => {
    if (blob) save('seasons.png', blob)
  })
}
const exports = [
  { label: 'SVG', onSelect: asSvg },
  { label: 'PNG', onSelect: () => void asPng() },
]
const toMonth = (m: PlaceMonth) => {
  compose.moment = { ...compose.moment, month: m }
}
</script>

<template>
  <div class="grid grid-cols-[minmax(0,1.3fr)_minmax(0,1fr)] min-h-0 print:block">
    <div class="list overflow-y-auto pt-4 pb-11.5 px-5.5 print:overflow-visible">
      <header class="flex flex-wrap items-baseline gap-3">
        <h2 class="text-xl flex-1">
          The year of the bed
          <FieldNote of="tapestry" />
          <small class="font-sans text-sm font-normal text-soft">
            year {{ compose.moment.year }}
            <template v-if="gaps.length > 0">
              · little to show:
              <button v-for="g in gaps" :key="g" class="link underline mr-1.5 text-amber-deep" @click="toMonth(g)">
                {{ monthName(g) }}
              </button>
            </template>
            <template v-else>· no month is empty</template>
          </small>
        </h2>
        <div class="acts flex flex-wrap gap-1.5 items-center print:hidden">
          <UButton
            size="xs"
            color="neutral"
            variant="outline"
            :icon="isActive ? 'i-lucide-pause' : 'i-lucide-play'"
            :aria-pressed="isActive"
            @click="play"
          >
            {{ isActive ? 'Stop' : 'Let the year pass' }}
          </UButton>
          <UDropdownMenu v-if="!isBare" :items="exports">
            <UButton size="xs" color="neutral" variant="ghost" icon="i-lucide-download">Take it out</UButton>
          </UDropdownMenu>
        </div>
      </header>
      <p v-if="problem" role="alert" class="loud text-amber-deep">{{ problem }}</p>
      <NextStep
        v-if="isBare"
        :to="`/beds/${bed.id}/compose`"
        action="Compose"
        icon="i-lucide-layers"
        :sample="SAMPLES.seasons"
      >
        Nothing stands in this bed yet. What you set into its lanes is woven here, month by month.
      </NextStep>
      <SeasonsTapestryCloth v-else ref="woven" />
      <section
        v-if="options.length > 0"
        class="flex flex-wrap gap-1.5 items-center"
        aria-label="What could fill this month"
      >
        <h3 class="text-base mr-1.5">What could fill {{ monthName(compose.moment.month) }}</h3>
        <UButton
          v-for="(o, i) in options"
          :key="o.label"
          size="xs"
          color="neutral"
          variant="outline"
          icon="i-lucide-plus"
          @click="fill(i)"
        >
          {{ o.label }}
        </UButton>
      </section>
      <SeasonsTapestryTable />
      <SeasonsTenYears />
      <SeasonsBeside />
    </div>
    <aside
      ref="stage"
      class="stage min-h-0 overflow-hidden border-l border-line bg-card print:hidden"
      :aria-label="`The bed in ${monthName(compose.moment.month)}`"
      :data-gaps="gapWords"
    >
      <p class="pt-3 pb-1.5 px-5 text-sm text-soft">
        <b class="serif text-lg text-ink mr-2.5">{{ monthName(compose.moment.month) }}</b>
        <span v-if="here">
          {{ percent(here.bloom) }} in flower, {{ percent(here.leaf) }} leaf and stems of interest
        </span>
      </p>
      <ClientOnly>
        <ComposeElevationView :axis="axis" :height="elevationPx" />
        <ComposePlanView still :axis="planAxis" :height="planPx" :top-px="planTopPx" />
      </ClientOnly>
    </aside>
  </div>
</template>
