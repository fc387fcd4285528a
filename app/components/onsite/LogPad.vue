<script setup lang="ts">
import { CAUSES, type Cause, type LogKind, type Wish } from '~~/core/model'
import { AMOUNT_OF, CAUSE_WORDS, KIND_WORDS } from '~~/core/log'
import type { SiteBed, SiteKind, SitePlant } from '~~/core/setout'
import { parseLength, type Units } from '~~/core/measure'
import type { useLogBook } from '~/composables/useLogBook'

const { length } = useManner()

/** Writing the log in the garden: tap a plant, tap what happened, say a word; a photo when there is something to see. */
const props = defineProps<{
  bed: SiteBed
  plant: SitePlant | null
  kind: SiteKind | undefined
  units: Units
  weatherOn: (day: string) => { lowC: number; highC: number; rainMm: number }
  book: ReturnType<typeof useLogBook>
}>()
const KINDS: readonly LogKind[] = [
  ...(['came up', 'first flower', 'last flower', 'tallest', 'flopped', 'eaten', 'sulked', 'died'] as const),
  ...(['moved', 'divided', 'self-sown', 'wrong colour', 'wrong plant', 'cut', 'watered', 'thought'] as const),
]
const WISHED: readonly Wish[] = ['move', 'split', 'more', 'less', 'never']
const what = ref<LogKind | null>(null)
const note = ref('')
const amount = ref('')
const cause = ref<Cause>('not known')
const wish = ref<Wish | ''>('')
const photo = shallowRef<Blob | null>(null)
const photoName = ref('')
const fromView = ref(false)
const problem = ref('')
const said = ref('')
const unit = computed(() => (what.value ? (AMOUNT_OF[what.value] ?? '') : ''))
watch(
  () => props.plant?.ref,
  () => {
    said.value = ''
  },
)
async function pick(event: Event) {
  const file = takenFile(event)
  if (!file) return
  const smaller = await smallerPicture(file)
  if (!smaller.ok) {
    problem.value = smaller.error
    return
  }
  photo.value = smaller.value
  photoName.value = file.name
  problem.value = ''
}
function amountOf(): number | null | undefined {
  if (unit.value === '' || amount.value.trim() === '') return null
  if (unit.value === 'm') {
    const read = parseLength(amount.value, props.units, { minM: 0, maxM: 60, name: 'height' })
    return read.ok ? read.value : undefined
  }
  const n = Number(amount.value.replace(',', '.'))
  return Number.isFinite(n) && n >= 0 ? n : undefined
}
const sample = computed(() => (unit.value === 'm' ? length(1.2) : '2'))
/** What of the plant that is tapped goes with the entry. */
const plantOf = (p: SitePlant | null) =>
  p ? { driftId: p.ref.split('@')[0]!.split(':')[0]!, place: p.ref, plantId: p.plantId } : {}
async function write() {
  const kind = what.value ?? 'thought'
  const many = amountOf()
  if (many === undefined) {
    problem.value = `“${amount.value}” does not read: say how much, such as ${sample.value}.`
    return
  }
  const day = today()
  await props.book.write(
    {
      ...{ day, kind, bedId: props.bed.id, amount: many, note: note.value.trim(), wish: wish.value },
      ...plantOf(props.plant),
      ...(kind === 'died' ? { cause: cause.value } : {}),
      fromView: fromView.value && photo.value !== null,
      weather: props.weatherOn(day),
    },
    photo.value,
  )
  said.value = `Written: ${kind}, ${props.kind?.commonName ?? props.bed.name}`
  clear()
}
function clear() {
  note.value = ''
  amount.value = ''
  wish.value = ''
  what.value = null
  photo.value = null
  photoName.value = ''
  problem.value = ''
}
const isReady = computed(() => what.value !== null || note.value.trim() !== '' || photo.value !== null)
const causes = CAUSES.map((value) => ({ label: CAUSE_WORDS[value], value }))
</script>

<template>
  <section class="pt-2.5 pb-3.5 px-3.5 border-t-2 border-[#14110d]" data-testid="log-pad">
    <p>
      <b>{{ kind ? kind.commonName : bed.name }}</b>
      <span class="ml-2.5 text-lg">{{ kind ? 'this plant' : 'the whole bed: tap a plant to speak of it' }}</span>
    </p>
    <div class="kinds flex flex-wrap items-center gap-1.5 mt-1.5" role="group" aria-label="What happened">
      <button
        class="aria-pressed:bg-[#14110d] aria-pressed:text-[#fffdf8]"
        v-for="k in KINDS"
        :key="k"
        :aria-pressed="what === k"
        @click="what = what === k ? null : k"
      >
        {{ KIND_WORDS[k] }}
      </button>
    </div>
    <div class="flex items-center gap-2.5 mt-2.5">
      <UInput
        v-if="unit"
        v-model="amount"
        size="xl"
        class="w-37"
        :placeholder="unit === 'm' ? 'height' : unit"
        :aria-label="`How much, ${unit}`"
      />
      <USelect
        v-if="what === 'died'"
        v-model="cause"
        :items="causes"
        size="xl"
        class="w-37"
        aria-label="Why it died"
      />
      <UInput v-model="note" size="xl" class="flex-1" placeholder="A word" aria-label="A word" />
    </div>
    <div class="kinds flex flex-wrap items-center gap-1.5 mt-1.5" role="group" aria-label="Next season">
      <span>Next season</span>
      <button
        class="aria-pressed:bg-[#14110d] aria-pressed:text-[#fffdf8]"
        v-for="w in WISHED"
        :key="w"
        :aria-pressed="wish === w"
        @click="wish = wish === w ? '' : w"
      >
        {{ w }}
      </button>
    </div>
    <div class="flex items-center gap-2.5 mt-2.5">
      <label
        class="flex items-center gap-1.5 min-h-15 py-0 px-4 border-2 border-dashed border-[#14110d] rounded-md cursor-pointer"
      >
        <UIcon name="i-lucide-camera" />
        {{ photoName || 'Photo' }}
        <input type="file" accept="image/*" capture="environment" class="sr-only" @change="pick" />
      </label>
      <UCheckbox v-if="photo" v-model="fromView" size="xl" label="from the viewpoint" />
      <button
        class="flex-1 min-h-15 font-bold bg-[#14110d] text-[#fffdf8] rounded-md cursor-pointer disabled:opacity-45"
        :disabled="!isReady"
        @click="write"
      >
        Write it down
      </button>
    </div>
    <p v-if="problem" class="problem mt-1.5 text-[#8a2f14]" role="alert">{{ problem }}</p>
    <p v-if="said" class="mt-1.5 font-semibold" role="status">{{ said }}</p>
  </section>
</template>

<style scoped>
@layer components {
  .kinds button {
    min-height: 46px;
    padding: 0 12px;
    border: 1.5px solid #14110d;
    border-radius: 8px;
    cursor: pointer;
  }
}
</style>
