<script setup lang="ts">
import type { Plant } from '~~/core/plant'
import type { PlaceMonth } from '~~/core/time'
import { drawLater } from '~/painters/drawLater'
import { thumbnailAddress } from '~/painters/drawThumbnail'

/** A plant's portrait on a block of the score: an image, so that a drag has not a layer for each of them to put together. */
const props = defineProps<{ plant: Plant; month: PlaceMonth; width: number; height: number }>()
const { climate } = useScene()
const address = ref('')
function draw() {
  address.value = thumbnailAddress({ ...props, pxPerM: 0 }, climate.value)
}
if (import.meta.client) draw()

let cancel = () => {}
onBeforeUnmount(() => cancel())
watch(
  () => [props.plant, props.month, props.width, props.height, climate.value],
  () => {
    cancel = drawLater(draw)
  },
)
</script>

<template>
  <img
    :src="address"
    alt=""
    :width="width"
    :height="height"
    draggable="false"
    decoding="sync"
    class="flex-none max-w-none"
  />
</template>
