<script setup lang="ts">
import type { Plant } from '~~/core/plant'
import type { PlaceMonth } from '~~/core/time'
import { drawLater } from '~/painters/drawLater'
import { drawThumbnail } from '~/painters/drawThumbnail'

/** A plant's portrait, mature, in a month; drawn to fill its box, or at a scale shared with others. */
const props = withDefaults(
  defineProps<{ plant: Plant; month: PlaceMonth; width: number; height: number; pxPerM?: number }>(),
  { pxPerM: 0 },
)
const canvas = useTemplateRef<HTMLCanvasElement>('canvas')
const { climate } = useScene()

function draw() {
  const element = canvas.value
  if (element) drawThumbnail(element, props, climate.value)
}

let cancel = () => {}
onMounted(draw)
onBeforeUnmount(() => cancel())
// Thumbnails follow after the large pictures have moved.
watch(
  () => [props.plant, props.month, props.width, props.height, props.pxPerM, climate.value],
  () => {
    cancel = drawLater(draw)
  },
)
</script>

<template>
  <canvas ref="canvas" :style="{ width: `${width}px`, height: `${height}px` }" aria-hidden="true" />
</template>
