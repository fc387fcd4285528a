<script setup lang="ts">
import type { Bed, SchoolChanges, Garden } from '~~/core/model'
import { bedFrame } from '~~/core/bed'
import { bodiesAt, place, staysOf } from '~~/core/layout'
import { climateOf, type PlaceMonth } from '~~/core/time'
import { aspectOf, repeated } from '~~/core/see'
import { elevation } from '~~/core/draw'
import { ElevationPainter } from '~/painters/ElevationPainter'

/** A bed's own elevation as its picture: a month, of the third year or the one that is said. */
const props = withDefaults(
  defineProps<{
    bed: Bed
    garden: Garden
    month: PlaceMonth
    height: number
    schools?: SchoolChanges
    year?: number
  }>(),
  { schools: undefined, year: 3 },
)
/** The picture once all of it is drawn: to be kept. */
const emit = defineEmits<{ drawn: [picture: HTMLCanvasElement] }>()
const library = useLibraryStore()
const palette = usePalette()
const holder = useTemplateRef<HTMLDivElement>('holder')
const { width } = useElementSize(holder)
/** Where the bed lies in the picture: marks are set by it. */
const lie = ref({ leftPx: 0, pxPerM: 1 })
defineExpose({
  alongOf: (px: number) => Math.max(0, (px - lie.value.leftPx) / lie.value.pxPerM),
  pxOf: (alongM: number) => lie.value.leftPx + alongM * lie.value.pxPerM,
})
const painter = shallowRef<ElevationPainter | null>(null)
onMounted(() => {
  painter.value = new ElevationPainter(holder.value!, () => {
    // The layer of marks follows in the same step.
    void nextTick(() => painter.value && emit('drawn', painter.value.flat()))
  })
})
onBeforeUnmount(() => painter.value?.destroy())

watchPostEffect(() => {
  if (!painter.value || !palette.value || width.value < 50 || library.byId.size === 0) return
  const frame = bedFrame(props.bed)
  const { plants, standing } = place(props.bed, library.byId, frame, props.schools)
  const aspect = aspectOf(props.bed, frame, props.bed.viewpoint)
  const climate = climateOf(props.garden.place)
  const list = elevation(
    bodiesAt(
      [...repeated(plants, props.bed.form, library.byId), ...standing],
      { month: props.month, year: props.year },
      climate,
      props.bed.buying,
      staysOf(props.bed, library.byId, climate),
    ),
    frame,
    props.bed,
    aspect,
  )
  const across = aspect.lastX - aspect.firstX
  const pxPerM = Math.min(
    (width.value - 8) / across,
    (props.height - 16) / (Math.min(4, list.topM) + 0.4 + Math.min(1.6, Math.abs(list.frontBaseM) + list.raisedM)),
  )
  const leftPx = (width.value - across * pxPerM) / 2
  lie.value = { leftPx, pxPerM }
  painter.value.show({
    list,
    width: width.value,
    height: props.height,
    pxPerM,
    leftPx,
    palette: palette.value,
    lit: new Set(),
    chosen: new Set(),
    bare: true,
  })
})
</script>

<template>
  <div
    ref="holder"
    :style="{ height: `${height}px` }"
    class="w-full overflow-hidden rounded-sm bg-sky"
    aria-hidden="true"
  />
</template>
