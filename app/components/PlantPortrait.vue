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
const { climate } = useScene()
const picture = () => (import.meta.client ? drawThumbnail(props, climate.value) : undefined)
const address = ref(picture())

let cancel = () => {}
onBeforeUnmount(() => cancel())
// Thumbnails follow after the large pictures have moved.
watch(
  () => [props.plant, props.month, props.width, props.height, props.pxPerM, climate.value],
  () => {
    cancel = drawLater(() => {
      address.value = picture()
    })
  },
)
</script>

<template>
  <img
    :src="address"
    alt=""
    :width="width"
    :height="height"
    :style="{ width: `${width}px`, height: `${height}px`, maxWidth: 'none' }"
    draggable="false"
    decoding="sync"
  />
</template>
