<script setup lang="ts">
import type { BedCard, ShownBed } from '~~/shared/answers'

/** A bed's picture in a list: the kept one, or drawn here once and kept for the next time. */
const props = defineProps<{ card: BedCard; height: number }>()
const library = useLibraryStore()
const holder = useTemplateRef<HTMLDivElement>('holder')
const near = ref(false)
const shown = shallowRef<ShownBed | null>(null)
const { stop } = useIntersectionObserver(
  holder,
  ([entry]) => {
    if (!entry?.isIntersecting) return
    near.value = true
    stop()
  },
  { rootMargin: '300px' },
)
const month = computed(() => ((shown.value?.garden.place.latitude ?? 0) < 0 ? 1 : 7))
const source = computed(() => `/api/beds/${props.card.id}/picture?shows=${props.card.shows}`)
watch(
  [near, () => props.card],
  async () => {
    if (!near.value || props.card.hasPicture) return
    const [bed] = await Promise.all([
      ask('shown', `/api/beds/${props.card.id}/shown`).catch(() => null),
      library.load(),
    ])
    shown.value = bed
  },
  { immediate: true },
)
/** A picture that cannot be kept is drawn again the next time. */
const keep = useDebounceFn((picture: HTMLCanvasElement) => {
  picture.toBlob(
    (file) => {
      if (!file) return
      const headers = { 'content-type': 'image/jpeg' }
      void request(source.value, { method: 'PUT', body: file, headers }).catch(() => null)
    },
    'image/jpeg',
    0.86,
  )
}, 300)
</script>

<template>
  <div
    ref="holder"
    :style="{ height: `${height}px` }"
    class="grid place-items-center overflow-hidden rounded-sm bg-sky text-soft"
    aria-hidden="true"
  >
    <img class="w-full h-full object-cover" v-if="near && card.hasPicture" :src="source" alt="" />
    <BedPicture
      v-else-if="shown"
      :bed="shown.bed"
      :garden="shown.garden"
      :month="month"
      :height="height"
      :schools="shown.schools"
      @drawn="keep"
    />
  </div>
</template>
