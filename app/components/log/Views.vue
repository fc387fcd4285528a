<script setup lang="ts">
import { monthOfDay, yearOfDay } from '~~/core/time'

const { dayWords } = useManner()

/** Photos from the bed's viewpoint on one axis; the chosen one over the reckoned picture of its month, with a slider between. */
const { entries, book, planted } = useLog()
const bed = useBedStore()
const photos = computed(() =>
  entries.value
    .filter((e) => e.photoId !== '' && e.fromView && e.bedId === bed.id)
    .sort((a, b) => (a.day < b.day ? -1 : 1)),
)
const chosenId = ref('')
const chosen = computed(() => photos.value.find((p) => p.id === chosenId.value) ?? photos.value.at(-1) ?? null)
const otherId = ref('plan')
const others = computed(() => [
  { label: 'the plan’s picture of that month', value: 'plan' },
  ...photos.value.filter((p) => p !== chosen.value).map((p) => ({ label: dayWords(p.day), value: p.id })),
])
const other = computed(() => photos.value.find((p) => p.id === otherId.value) ?? null)
const share = ref(50)
const day = (text: string) => Date.parse(text)
const span = computed(() => {
  const days = photos.value.map((p) => day(p.day))
  return { from: Math.min(...days), to: Math.max(...days) }
})
const leftOf = (text: string) => {
  const { from, to } = span.value
  return to > from ? 2 + (96 * (day(text) - from)) / (to - from) : 50
}
const chosenYear = computed(() => Math.max(0, yearOfDay(chosen.value?.day ?? '') - planted.value))
const cut = computed(() => ({ clipPath: `inset(0 ${100 - share.value}% 0 0)` }))
const HEIGHT_PX = 300
/** The photo's day, and that it is a drawing where it is one. */
const whenWords = computed(() =>
  chosen.value ? `${dayWords(chosen.value.day)}${chosen.value.drawn ? ', drawn by the program' : ''}` : '',
)
</script>

<template>
  <section class="ledger" aria-labelledby="views-title" data-testid="views">
    <header>
      <h2 id="views-title">From the viewpoint</h2>
      <template v-if="chosen">
        <span class="soft">{{ whenWords }} beside</span>
        <USelect v-model="otherId" :items="others" size="sm" class="w-71" aria-label="Beside" />
      </template>
    </header>
    <p v-if="!chosen" class="soft">
      No photo from the bed’s viewpoint yet: stand where the viewer stands, and say so when you write the photo
      down.
    </p>
    <template v-else>
      <div class="pair relative overflow-hidden rounded-sm bg-sky" :style="{ height: `${HEIGHT_PX}px` }">
        <img
          class="[&.other]:w-71 absolute inset-0 w-full h-full object-cover [&.drawn]:object-contain [&.drawn]:bg-sky"
          v-if="other"
          :class="{ drawn: other.drawn }"
          :src="book!.photoOf(other.photoId)"
          :alt="`Photo of ${dayWords(other.day)}`"
        />
        <ClientOnly v-else>
          <BedPicture
            v-if="bed.bed"
            :bed="bed.bed"
            :garden="bed.garden!.value"
            :month="monthOfDay(chosen.day)"
            :year="chosenYear"
            :height="HEIGHT_PX"
          />
        </ClientOnly>
        <img
          :src="book!.photoOf(chosen.photoId)"
          :alt="`Photo of ${dayWords(chosen.day)}`"
          class="over absolute inset-0 w-full h-full object-cover [&.drawn]:object-contain [&.drawn]:bg-sky"
          :class="{ drawn: chosen.drawn }"
          :style="cut"
        />
        <i class="seam absolute top-0 bottom-0 w-0.5 bg-amber" :style="{ left: `${share}%` }" />
      </div>
      <input
        v-model.number="share"
        type="range"
        min="0"
        max="100"
        class="w-full accent-amber"
        aria-label="How much of the photo shows"
      />
      <div class="axis relative h-5 border-b-2 border-line" role="group" aria-label="Photos by day">
        <button
          class="[&.on]:bg-amber [&.on]:outline-2 [&.on]:outline-amber-deep"
          v-for="p in photos"
          :key="p.id"
          :style="{ left: `${leftOf(p.day)}%` }"
          :class="{ on: p === chosen }"
          :aria-label="`Photo of ${dayWords(p.day)}`"
          :title="dayWords(p.day)"
          @click="chosenId = p.id"
        />
      </div>
      <div class="flex justify-between mt-2.5 text-xs text-soft">
        <span>{{ dayWords(photos[0]!.day) }}</span>
        <span>{{ dayWords(photos.at(-1)!.day) }}</span>
      </div>
    </template>
  </section>
</template>

<style scoped>
@layer components {
  .axis button {
    position: absolute;
    bottom: -7px;
    width: 13px;
    height: 13px;
    margin-left: -6px;
    border-radius: 50%;
    background: var(--sage);
    cursor: pointer;
  }
}
</style>
