<script setup lang="ts">
import { climateOf, type Plant } from '~~/core/plant'
import { drawLater } from '~/painters/drawLater'
import { drawThumbnail } from '~/painters/drawThumbnail'

/** A plant's portrait, mature, in a month; drawn to fill its box, or at a scale shared with others. */
const props = withDefaults(
  defineProps<{ plant: Plant; month: number; width: number; height: number; pxPerM?: number }>(),
  { pxPerM: 0 },
)
const canvas = useTemplateRef<HTMLCanvasElement>('canvas')
const climate = climateOf({ latitude: 45, lastFrost: '05-08', firstFrost: '10-14' })

function draw() {
  const element = canvas.value
  if (element) drawThumbnail(element, props, climate)
}

let cancel = () => {}
onMounted(draw)
onBeforeUnmount(() => cancel())
// Thumbnails follow after the large pictures have moved.
watch(
  () => [props.plant, props.month, props.width, props.height, props.pxPerM],
  () => {
    cancel = drawLater(draw)
  },
)
</script>

<template>
  <canvas ref="canvas" :style="{ width: `${width}px`, height: `${height}px` }" aria-hidden="true" />
</template>
