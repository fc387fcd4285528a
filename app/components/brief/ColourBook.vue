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
  <div class="max-w-234 my-0 mx-auto grid gap-1">
    <section class="pt-3 pb-3.5 px-0 border-b border-line">
      <h3 class="text-lg font-semibold mb-1.5">Begin with what stands behind</h3>
      <div class="flex gap-1.5 flex-wrap">
        <button
          v-for="m in MATERIAL_COLOURS"
          :key="m.name"
          class="swatch [&.m.on]:bg-amber/30 [&.m.on]:text-ink [&.m.on]:border-amber"
          :class="{ on: m.colour === base }"
          :title="m.name"
          :aria-label="m.name"
          :style="{ background: seen(m.colour) }"
          @click="setBase(m.colour)"
        />
        <button
          v-if="wall"
          class="swatch border-2 border-dashed border-ink"
          :style="{ background: seen(wall.colour) }"
          title="this bed’s wall"
          aria-label="This bed’s wall"
          @click="setBase(wall.colour)"
        />
      </div>
      <div class="row flex gap-3.5 items-center mt-2.5 flex-wrap">
        <label class="flex gap-2.5 items-center font-serif">
          <input
            class="w-10.5 h-7.5 border border-line rounded-sm bg-transparent cursor-pointer"
            type="color"
            :value="base"
            aria-label="Colour of the backdrop"
            @change="setBase(($event.target as HTMLInputElement).value)"
          />
          {{ colourWords(base) }}
        </label>
        <label
          class="inline-flex gap-1.5 items-center border border-line rounded-sm py-1 px-3 text-sm cursor-pointer"
        >
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
      <p v-if="problem" class="problem text-amber-deep text-sm mt-1.5" role="alert">{{ problem }}</p>
      <figure v-if="photo">
        <img
          class="max-w-full cursor-crosshair rounded-sm mt-2.5"
          :src="photo"
          alt="Photo of the building: click to take a colour from it"
          @click="pick"
        />
        <figcaption class="text-xs text-soft">
          Click on the wall, the roof, the door to begin with its colour.
        </figcaption>
      </figure>
    </section>
    <section class="pt-3 pb-3.5 px-0 border-b border-line">
      <h3 class="text-lg font-semibold mb-1.5">Answer it</h3>
      <div class="grid grid-cols-[repeat(3,1fr)] gap-2.5">
        <button
          v-for="p in proposals"
          :key="p.h"
          class="proposal [&.on]:border-amber [&.on]:shadow-[0_0_0_1.5px_var(--amber)]"
          :class="{ on: theme?.harmony === p.h }"
          :data-harmony="p.h"
          @click="set(p.theme, `choose ${HARMONY_WORDS[p.h].name.toLowerCase()}`)"
        >
          <span class="flex h-7.5 rounded-sm overflow-hidden">
            <i class="flex-1 first:flex-[0.6]" :style="{ background: seen(base) }" />
            <i
              class="flex-1 first:flex-[0.6]"
              v-for="c in p.theme.colours"
              :key="c.colour"
              :style="{ background: seen(c.colour) }"
            />
          </span>
          <b class="font-serif block mt-1.5">{{ HARMONY_WORDS[p.h].name }}</b>
          <small class="text-soft text-xs leading-snug block">{{ HARMONY_WORDS[p.h].how }}</small>
        </button>
      </div>
    </section>
    <section class="pt-3 pb-3.5 px-0 border-b border-line" v-if="theme">
      <h3 class="text-lg font-semibold mb-1.5">By hand, and by month</h3>
      <div
        v-for="(c, i) in theme.colours"
        :key="i"
        class="grid grid-cols-[40px_130px_max-content_60px_30px] gap-2.5 items-center py-0.5 px-0 text-sm"
      >
        <input
          class="w-10.5 h-7.5 border border-line rounded-sm bg-transparent cursor-pointer"
          type="color"
          :value="c.colour"
          :aria-label="`Theme colour ${nth(i)}`"
          @change="setColour(i, ($event.target as HTMLInputElement).value)"
        />
        <b class="font-serif font-medium">{{ colourWords(c.colour) }}</b>
        <span class="inline-flex gap-0.5">
          <button
            v-for="(name, k) in MONTH_NAMES"
            :key="name"
            class="m [&.months]:inline-flex [&.months]:gap-0.5 [&.on]:bg-amber/30 [&.on]:text-ink [&.on]:border-amber"
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
      <div class="row flex gap-3.5 items-center mt-2.5 flex-wrap">
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
        <span class="hint text-xs text-soft">Greens and greys are always free.</span>
      </div>
    </section>
    <section class="pt-3 pb-3.5 px-0 border-b border-line">
      <div class="row flex gap-3.5 items-center mt-2.5 flex-wrap">
        <h3 class="text-lg font-semibold mb-1.5">What {{ store.bed?.name }} shows</h3>
        <USelect
          v-model="vision"
          :items="VISIONS.map((value) => ({ label: VISION_WORDS[value], value }))"
          size="xs"
          aria-label="Seen by people who are"
        />
      </div>
      <ClientOnly><BriefColourStrip :vision="vision" /></ClientOnly>
      <div v-if="store.garden && store.bed" class="border border-line rounded-md overflow-hidden mt-1.5">
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
      <p class="hint text-xs text-soft">
        {{ monthName(compose.moment.month) }} of the third year; click a month of the strip. Colours that stray from
        the theme stand in the second look, and can be accepted there.
      </p>
    </section>
  </div>
</template>

<style scoped>
@layer components {
  .swatch {
    width: 44px;
    height: 30px;
    border-radius: 5px;
    border: 1px solid var(--line);
    cursor: pointer;
  }
  .swatch.on {
    outline: 2.5px solid var(--amber);
    outline-offset: 1px;
  }
  .proposal {
    display: flex;
    flex-direction: column;
    justify-content: flex-start;
    text-align: left;
    border: 1px solid var(--line);
    border-radius: 8px;
    padding: 8px 10px;
    background: var(--card);
    cursor: pointer;
  }
  .m {
    width: 24px;
    height: 24px;
    border-radius: 50%;
    font-size: var(--text-xs);
    color: var(--soft);
    border: 1px solid var(--line);
    cursor: pointer;
  }
}
</style>
