<script setup lang="ts">
import { bodiesAt } from '~~/core/layout'
import { climateOf, type Plant } from '~~/core/plant'
import { portrait } from '~~/core/view'
import { drawPaints } from '~/painters/paintPath'

/** A plant's portrait, mature, in a month; drawn to fill its box, or at a scale shared with others. */
const props = withDefaults(defineProps<{ plant: Plant; month: number; width: number; height: number; pxPerM?: number }>(), { pxPerM: 0 })
const canvas = useTemplateRef<HTMLCanvasElement>('canvas')
const climate = climateOf({ latitude: 45, lastFrost: '05-08', firstFrost: '10-14' })

function draw() {
  const element = canvas.value
  if (!element) return
  const ratio = Math.min(2, window.devicePixelRatio || 1)
  element.width = props.width * ratio
  element.height = props.height * ratio
  const [body] = bodiesAt([{ id: 'p', driftId: 'p', index: 0, plant: props.plant, lane: 0, x: 0, y: 0, pinned: false, crowded: false }], { month: props.month, year: 10 }, climate)
  if (!body) return
  const full = Math.max(props.plant.foliageHeightM, props.plant.flowerHeightM)
  const scale = (props.pxPerM || Math.min((props.height - 4) / (full * 1.06), (props.width - 4) / (props.plant.spreadM * 1.15))) * ratio
  const context = element.getContext('2d')!
  context.setTransform(scale, 0, 0, scale, element.width / 2, element.height - 3 * ratio)
  drawPaints(context, portrait({ plant: props.plant, look: body.look, foliageM: body.foliageM, flowerM: body.flowerM, spreadM: body.spreadM }, 0, scale / ratio))
}

onMounted(draw)
watch(() => [props.plant, props.month, props.width, props.height, props.pxPerM], draw)
</script>

<template>
  <canvas ref="canvas" :style="{ width: `${width}px`, height: `${height}px` }" aria-hidden="true" />
</template>
