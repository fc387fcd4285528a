<script setup lang="ts">
import type { PictureAxis } from '~/composables/useAxis'
import { ElevationPainter } from '~/painters/ElevationPainter'

const { length, manner } = useManner()

const props = defineProps<{ axis: PictureAxis; height: number }>()
const { elevationList } = useScene()
const compose = useComposeStore()
const palette = usePalette()
const holder = useTemplateRef<HTMLDivElement>('holder')
const { chosenIds } = useChosen()
const { marks } = useAspect()
const painter = shallowRef<ElevationPainter | null>(null)

onMounted(() => {
  // What it shows is made in this task and drawn in the next, so that neither holds the page for long.
  void elevationList.value
  setTimeout(() => {
    if (holder.value) painter.value = new ElevationPainter(holder.value)
  })
})
onBeforeUnmount(() => painter.value?.destroy())

const isTurn = useTurn()
watchPostEffect(() => {
  if (!painter.value || !palette.value || props.axis.width < 50 || !isTurn() || !elevationList.value) return
  painter.value.show({
    list: elevationList.value,
    width: props.axis.width,
    height: props.height,
    pxPerM: props.axis.pxPerM,
    leftPx: props.axis.leftPx,
    palette: palette.value,
    manner: manner.value,
    lit: new Set(compose.lit),
    chosen: chosenIds.value,
    targets: marks.value,
  })
})

useAhead(
  () => props.axis.pxPerM,
  (pictures) => pictures.elevation,
  (lists) => painter.value?.ahead(lists),
)

const figureUnder = (event: PointerEvent) => painter.value?.hit(event.offsetX, event.offsetY) ?? null
const tip = ref('')
function choose(event: PointerEvent) {
  const figure = figureUnder(event)
  compose.choose(figure?.body.at.driftId ?? null, null)
}
function hover(event: PointerEvent) {
  const figure = figureUnder(event)
  tip.value = figure
    ? `${figure.body.at.plant.commonName}, ${length(Math.max(figure.body.foliageM, figure.body.flowerM))} now`
    : ''
}
</script>

<template>
  <div
    ref="holder"
    class="w-full overflow-hidden cursor-default"
    :style="{ height: `${height}px` }"
    :title="tip"
    role="img"
    aria-label="Elevation of the bed; its drifts and plants are in the list"
    @pointerdown="choose"
    @pointermove="hover"
  />
</template>
