<script setup lang="ts">
import type { Axis } from '~/composables/useAxis'
import { bodiesAt } from '~~/core/layout'
import { elevation } from '~~/core/view'
import { drawAhead, ElevationPainter } from '~/painters/ElevationPainter'

const props = defineProps<{ axis: Axis; height: number }>()
const { elevationList, scene, climate } = useScene()
const compose = useComposeStore()
const palette = usePalette()
const holder = useTemplateRef<HTMLDivElement>('holder')
const { chosenIds } = useChosen()
const painter = shallowRef<ElevationPainter | null>(null)

onMounted(() => { painter.value = new ElevationPainter(holder.value!) })
onBeforeUnmount(() => painter.value?.destroy())

watchPostEffect(() => {
  if (!painter.value || !elevationList.value || !palette.value || props.axis.width < 50) return
  painter.value.show({
    list: elevationList.value, width: props.axis.width, height: props.height, pxPerM: props.axis.pxPerM, leftPx: props.axis.leftPx,
    palette: palette.value, lit: new Set(compose.lit), chosen: chosenIds.value,
  })
})

// The months to either side are drawn while nothing else is to do, the nearest first.
let round = 0
watchDebounced(() => [scene.value, compose.moment.year, props.axis.pxPerM] as const, ([now, year]) => {
  const mine = ++round
  if (!now) return
  const figures = [1, 11, 2, 10, 3, 9, 4, 8, 5, 7, 6].flatMap((step) => {
    const month = ((compose.moment.month - 1 + step) % 12) + 1
    return elevation(bodiesAt(now.placement.plants, { month, year }, climate.value, now.bed.buying), now.frame, now.bed.wall).figures
  })
  drawAhead(figures, props.axis.pxPerM, () => mine !== round)
}, { debounce: 400, immediate: true })
onBeforeUnmount(() => { round++ })

const figureUnder = (event: PointerEvent) => painter.value?.hit(event.offsetX, event.offsetY) ?? null
const tip = ref('')
function choose(event: PointerEvent) {
  const figure = figureUnder(event)
  compose.choose(figure?.body.at.driftId ?? null, null)
}
function hover(event: PointerEvent) {
  const figure = figureUnder(event)
  tip.value = figure ? `${figure.body.at.plant.commonName}, ${Math.max(figure.body.foliageM, figure.body.flowerM).toFixed(2)} m now` : ''
}
</script>

<template>
  <div ref="holder" class="canvas" :style="{ height: `${height}px` }" :title="tip" role="img" aria-label="Elevation of the bed; its drifts and plants are in the list" @pointerdown="choose" @pointermove="hover" />
</template>

<style scoped>
.canvas { width: 100%; overflow: hidden; cursor: default; }
</style>
