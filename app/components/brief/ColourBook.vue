<script setup lang="ts">
import {
  colourWords,
  HARMONIES,
  HARMONY_WORDS,
  MATERIAL_COLOURS,
  proposeTheme,
  seenAs,
  VISIONS,
  VISION_WORDS,
  type Theme,
  type Vision,
} from '~~/core/colour'
import { MONTH_NAMES, monthName, type PlaceMonth } from '~~/core/time'

/** The colour theme: from the building and what stands behind, by harmony, adjusted by hand, month by month. */
const brief = useBriefStore()
const store = useBedStore()
const garden = useGardenScene()
const compose = useComposeStore()
const vision = ref<Vision>('full')
const theme = computed(() => brief.brief.theme)
const wall = computed(() => garden.bed.value?.wall ?? null)
const base = computed(() => theme.value?.base ?? wall.value?.colour ?? '#a4573f')
const set = (value: Theme | null, name = 'change the colours') => brief.set({ theme: value }, name)
const proposals = computed(() => HARMONIES.map((h) => ({ h, theme: proposeTheme(base.value, h) })))
const seen = (c: string) => seenAs(c, vision.value)
function setBase(colour: string) {
  if (theme.value) set({ ...theme.value, base: colour }, 'change the backdrop’s colour')
  else set(proposeTheme(colour, 'opposites'))
}
const setColour = (i: number, colour: string) =>
  set({ ...theme.value!, colours: theme.value!.colours.map((c, k) => (k === i ? { ...c, colour } : c)) })
function toggleMonth(i: number, month: PlaceMonth) {
  const { months } = theme.value!.colours[i]!
  const after = months.includes(month)
    ? months.filter((m) => m !== month)
    : [...months, month].sort((a, b) => a - b)
  set({ ...theme.value!, colours: theme.value!.colours.map((c, k) => (k === i ? { ...c, months: after } : c)) })
}
const addColour = () =>
  set({ ...theme.value!, colours: [...theme.value!.colours, { colour: '#f3ead2', months: [] }] })
const cut = (i: number) => set({ ...theme.value!, colours: theme.value!.colours.filter((_, k) => k !== i) })

const photo = shallowRef<string | null>(null)
const problem = ref('')
/** A photo stays in the browser. */
async function takePhoto(event: Event) {
  const file = takenFile(event)
  if (!file) return
  problem.value = ''
  try {
    photo.value = (await readPhoto(file, 560, 240)).toDataURL('image/jpeg', 0.9)
  } catch (error) {
    problem.value = (error as Error).message
  }
}
/** The colour under the pointer, the mean of a few pixels so that one speck does not decide. */
function pick(event: MouseEvent) {
  const image = event.currentTarget as HTMLImageElement
  const canvas = document.createElement('canvas')
  canvas.width = image.naturalWidth
  canvas.height = image.naturalHeight
  const context = canvas.getContext('2d', { willReadFrequently: true })!
  context.drawImage(image, 0, 0)
  const x = Math.round((event.offsetX / image.clientWidth) * canvas.width)
  const y = Math.round((event.offsetY / image.clientHeight) * canvas.height)
  const { data } = context.getImageData(Math.max(0, x - 2), Math.max(0, y - 2), 5, 5)
  const mean = [0, 1, 2].map((k) => {
    let n = 0
    for (let i = k; i < data.length; i += 4) n += data[i]!
    return Math.round(n / (data.length / 4))
  })
  setBase(`#${mean.map((v) => v.toString(16).padStart(2, '0')).join('')}`)
}
</script>

<template>
  <div class="colours">
    <section>
      <h3>Begin with what stands behind</h3>
      <div class="swatches">
        <button
          v-for="m in MATERIAL_COLOURS"
          :key="m.name"
          class="swatch"
          :class="{ on: m.colour === base }"
          :title="m.name"
          :aria-label="m.name"
          :style="{ background: seen(m.colour) }"
          @click="setBase(m.colour)"
        />
        <button
          v-if="wall"
          class="swatch wall"
          :style="{ background: seen(wall.colour) }"
          title="this bed’s wall"
          aria-label="This bed’s wall"
          @click="setBase(wall.colour)"
        />
      </div>
      <div class="row">
        <label class="now">
          <input
            type="color"
            :value="base"
            aria-label="Colour of the backdrop"
            @change="setBase(($event.target as HTMLInputElement).value)"
          />
          {{ colourWords(base) }}
        </label>
        <label class="photo">
          <UIcon name="i-lucide-image" />
          From a photo
          <input
            type="file"
            accept="image/png,image/jpeg"
            class="sr-only"
            aria-label="Photo of the building"
            @change="takePhoto"
          />
        </label>
      </div>
      <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
      <figure v-if="photo">
        <img :src="photo" alt="Photo of the building: click to take a colour from it" @click="pick" />
        <figcaption>Click on the wall, the roof, the door to begin with its colour.</figcaption>
      </figure>
    </section>
    <section>
      <h3>Answer it</h3>
      <div class="proposals">
        <button
          v-for="p in proposals"
          :key="p.h"
          class="proposal"
          :class="{ on: theme?.harmony === p.h }"
          :data-harmony="p.h"
          @click="set(p.theme, `choose ${HARMONY_WORDS[p.h].name.toLowerCase()}`)"
        >
          <span class="bar">
            <i :style="{ background: seen(base) }" />
            <i v-for="c in p.theme.colours" :key="c.colour" :style="{ background: seen(c.colour) }" />
          </span>
          <b>{{ HARMONY_WORDS[p.h].name }}</b>
          <small>{{ HARMONY_WORDS[p.h].how }}</small>
        </button>
      </div>
    </section>
    <section v-if="theme">
      <h3>By hand, and by month</h3>
      <div v-for="(c, i) in theme.colours" :key="i" class="own">
        <input
          type="color"
          :value="c.colour"
          :aria-label="`Theme colour ${nth(i)}`"
          @change="setColour(i, ($event.target as HTMLInputElement).value)"
        />
        <b>{{ colourWords(c.colour) }}</b>
        <span class="months">
          <button
            v-for="(name, k) in MONTH_NAMES"
            :key="name"
            class="m"
            :class="{ on: c.months.length === 0 || c.months.includes(nth(k)) }"
            :aria-label="`${colourWords(c.colour)} in ${name}`"
            :aria-pressed="c.months.includes(nth(k))"
            @click="toggleMonth(i, nth(k))"
          >
            {{ name.charAt(0) }}
          </button>
        </span>
        <small>{{ c.months.length === 0 ? 'all year' : '' }}</small>
        <UButton
          size="xs"
          color="neutral"
          variant="ghost"
          icon="i-lucide-x"
          :aria-label="`Take out ${colourWords(c.colour)}`"
          @click="cut(i)"
        />
      </div>
      <div class="row">
        <UButton
          size="xs"
          color="neutral"
          variant="outline"
          icon="i-lucide-plus"
          :disabled="theme.colours.length >= 8"
          data-adds
          @click="addColour"
        >
          Colour
        </UButton>
        <UButton size="xs" color="neutral" variant="ghost" @click="set(null, 'no theme')">No theme</UButton>
        <span class="hint">Greens and greys are always free.</span>
      </div>
    </section>
    <section>
      <div class="row">
        <h3>What {{ store.bed?.name }} shows</h3>
        <USelect
          v-model="vision"
          :items="VISIONS.map((value) => ({ label: VISION_WORDS[value], value }))"
          size="xs"
          aria-label="Seen by people who are"
        />
      </div>
      <ClientOnly><BriefColourStrip :vision="vision" /></ClientOnly>
      <div v-if="store.garden && store.bed" class="picture">
        <ClientOnly>
          <BedPicture
            :bed="store.bed"
            :garden="store.garden.value"
            :month="compose.moment.month"
            :height="200"
            :schools="brief.brief.schools"
          />
        </ClientOnly>
      </div>
      <p class="hint">
        {{ monthName(compose.moment.month) }} of the third year; click a month of the strip. Colours that stray from
        the theme stand in the second look, and can be accepted there.
      </p>
    </section>
  </div>
</template>

<style scoped src="~/assets/css/parts/ColourBook.css"></style>
