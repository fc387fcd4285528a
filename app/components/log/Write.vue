<script setup lang="ts">
import { CAUSES, LOG_KINDS, WISHES, type Cause, type LogKind, type Wish } from '~~/core/model'
import { AMOUNT_OF, CAUSE_WORDS, KIND_WORDS, WISH_WORDS } from '~~/core/log'
import { isDay } from '~~/core/time'

/** A new line of the log: what, where, a word; a photo and what follows from it where they are wanted. */
const { write, units, now } = useLog()
const bed = useBedStore()
const compose = useComposeStore()
const library = useLibraryStore()
const { scene } = useScene()
const KINDS: { label: string; value: LogKind }[] = LOG_KINDS.filter((k) => k !== 'learned').map((k) => ({
  label: KIND_WORDS[k],
  value: k,
}))
const kind = ref<LogKind>('thought')
const day = ref(now)
const note = ref('')
const where = ref('bed')
const amount = ref('')
const cause = ref<Cause>('not known')
const wish = ref<Wish | 'none'>('none')
const colour = ref('#c06a8a')
const trial = ref(false)
const fromView = ref(false)
const photo = shallowRef<File | null>(null)
const problem = ref('')
const busy = ref(false)

/** The garden, the bed as a whole, the plant that is chosen in the plan, or a drift. */
const onePlant = computed(() => scene.value?.planted.find((p) => p.id === compose.plantId) ?? null)
const places = computed(() => [
  ...(onePlant.value ? [{ label: `this one ${onePlant.value.plant.commonName}`, value: onePlant.value.id }] : []),
  { label: 'the whole bed', value: 'bed' },
  { label: 'the whole garden', value: 'garden' },
  ...(bed.bed?.drifts ?? []).map((d) => ({
    label: library.byId.get(d.plantId)?.commonName ?? d.plantId,
    value: d.id,
  })),
])
watch(
  () => compose.plantId ?? compose.driftId,
  (id) => {
    if (id) where.value = id
  },
  { immediate: true },
)
const unit = computed(() => {
  const what = AMOUNT_OF[kind.value]
  return what === 'm' ? { metric: 'm', imperial: 'ft' }[units.value] : (what ?? '')
})
const M_A_FOOT = 0.3048
const amountValue = computed(() => {
  if (unit.value === '' || amount.value.trim() === '') return null
  const n = Number(amount.value.trim().replace(',', '.'))
  if (!Number.isFinite(n) || n < 0) return undefined
  return unit.value === 'ft' ? n * M_A_FOOT : n
})
function faultOfForm(): string {
  if (!isDay(day.value)) return 'The day is not one: type it as 2026-05-08.'
  if (amountValue.value === undefined) return `“${amount.value}” is no number: type how much, such as 1.2.`
  return ''
}
/** What of the plan it is about. */
function aboutOf() {
  if (where.value === 'garden') return {}
  const bedId = bed.id ?? ''
  const one = onePlant.value?.id === where.value ? onePlant.value : null
  if (one) return { bedId, driftId: one.driftId, plantId: one.plant.id, place: one.id }
  const drift = bed.bed?.drifts.find((d) => d.id === where.value)
  return drift ? { bedId, driftId: drift.id, plantId: drift.plantId } : { bedId }
}
/** What the form says beside photo and weather; what does not belong to its kind is left out. */
const saidOf = () => ({
  ...{ day: day.value, kind: kind.value, note: note.value.trim(), trial: trial.value },
  ...aboutOf(),
  amount: amountValue.value ?? null,
  ...(kind.value === 'died' ? { cause: cause.value } : {}),
  ...(kind.value === 'wrong colour' ? { colour: colour.value } : {}),
  ...(wish.value === 'none' ? {} : { wish: wish.value }),
  fromView: fromView.value && photo.value !== null,
})
async function save() {
  problem.value = faultOfForm()
  if (problem.value) return
  busy.value = true
  const smaller = photo.value ? await smallerPicture(photo.value) : null
  busy.value = false
  if (smaller && !smaller.ok) {
    problem.value = smaller.error
    return
  }
  await write(saidOf(), smaller?.ok ? smaller.value : null)
  note.value = ''
  amount.value = ''
  wish.value = 'none'
  trial.value = false
  photo.value = null
}
const pick = (event: Event) => {
  photo.value = takenFile(event)
}
const causeItems = CAUSES.map((value) => ({ label: CAUSE_WORDS[value], value }))
const NO_WISH = { label: 'none', value: 'none' } as const
const wishItems = [NO_WISH, ...WISHES.map((value) => ({ label: WISH_WORDS[value], value }))]
</script>

<template>
  <form class="py-3 px-3.5 border border-line rounded-md bg-card" data-testid="log-write" @submit.prevent="save">
    <div class="row flex flex-wrap items-end gap-3">
      <label>
        <span class="block text-xs text-soft mb-1">What</span>
        <USelect v-model="kind" :items="KINDS" size="sm" class="w-38" aria-label="What happened" />
      </label>
      <label>
        <span class="block text-xs text-soft mb-1">Where</span>
        <USelect v-model="where" :items="places" size="sm" class="w-60" aria-label="Where" />
      </label>
      <label>
        <span class="block text-xs text-soft mb-1">Day</span>
        <input
          v-model="day"
          type="date"
          class="block h-8 py-0 px-1.5 text-sm border border-accented rounded-sm bg-paper text-ink"
          aria-label="Day"
        />
      </label>
      <label v-if="unit">
        <span class="block text-xs text-soft mb-1">How much, {{ unit }}</span>
        <UInput v-model="amount" size="sm" class="w-24" :aria-label="`How much, ${unit}`" />
      </label>
      <label v-if="kind === 'died'">
        <span class="block text-xs text-soft mb-1">Why</span>
        <USelect v-model="cause" :items="causeItems" size="sm" class="w-38" aria-label="Why it died" />
      </label>
      <label v-if="kind === 'wrong colour'">
        <span class="block text-xs text-soft mb-1">Colour that came</span>
        <input
          v-model="colour"
          type="color"
          class="block h-8 py-0 px-1.5 text-sm border border-accented rounded-sm bg-paper text-ink"
          aria-label="Colour that came"
        />
      </label>
    </div>
    <div class="row flex flex-wrap items-end gap-3">
      <UInput v-model="note" size="sm" class="flex-1 min-w-57" placeholder="A word" aria-label="A word" />
      <label>
        <span class="block text-xs text-soft mb-1">Next season</span>
        <USelect v-model="wish" :items="wishItems" size="sm" class="w-38" aria-label="Next season" />
      </label>
      <UCheckbox v-model="trial" label="a trial" />
      <label
        class="flex items-center gap-1.5 h-8 py-0 px-2.5 text-sm cursor-pointer border border-dashed border-accented rounded-sm"
      >
        <UIcon name="i-lucide-camera" />
        {{ photo ? photo.name.slice(0, 18) : 'Photo' }}
        <input type="file" accept="image/*" class="sr-only" @change="pick" />
      </label>
      <UCheckbox v-if="photo" v-model="fromView" label="from the bed’s viewpoint" />
      <UButton type="submit" size="sm" :loading="busy">Write it down</UButton>
    </div>
    <p v-if="problem" class="problem mt-1.5 text-sm text-brick-600" role="alert">{{ problem }}</p>
  </form>
</template>

<style scoped>
.row + .row {
  margin-top: 8px;
}
</style>
