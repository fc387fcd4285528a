<script setup lang="ts">
import type { TickKind } from '~~/core/model'
import { formatLength, PLAIN_MANNER } from '~~/core/measure'
import type { SitePlant } from '~~/core/setout'
import { simulatedWeather } from '~~/core/weather'
import { MANNER } from '~/composables/useManner'

/** Setting out with a tablet or a phone: find a plant, tick it, go on; without a network the day's ticks wait in the device. */
const route = useRoute()
const gardenId = String(route.params.garden)
const book = useSiteSheet(gardenId)
const { sheet, problem, reached, kinds, open, has, insteadOf, tick, state, waiting } = book
const week = useWeekBook(gardenId)
const log = useLogBook(gardenId)
const live = useLiveStore()
const MODES = [
  { id: 'set', label: 'Set out' },
  { id: 'week', label: 'Week' },
  { id: 'log', label: 'Log' },
] as const
type Mode = (typeof MODES)[number]['id']
const mode = ref<Mode>(MODES.find((m) => m.id === route.query.do)?.id ?? 'set')
const bedId = ref(String(route.query.bed ?? ''))
const bed = computed(() => sheet.value?.beds.find((b) => b.id === bedId.value) ?? sheet.value?.beds[0] ?? null)
const chosenRef = ref('')
const chosen = computed(() => bed.value?.plants.find((p) => p.ref === chosenRef.value) ?? null)
const search = ref('')
const view = ref<'plan' | 'list'>('plan')
useHead({ title: () => `${sheet.value?.name ?? 'Set out'} · on site` })

onMounted(async () => {
  void navigator.serviceWorker?.register('/sw.js').catch(() => undefined)
  live.enter(gardenId)
  await Promise.all([open(), week.open(), log.open()])
})
onBeforeUnmount(live.leave)
watchEffect(() => live.gardenId && live.say({ bedId: bed.value?.id ?? null, view: 'onsite', driftId: null }))

const matches = (p: SitePlant) => {
  const text = search.value.trim().toLowerCase()
  if (text === '') return true
  const kind = kinds.value.get(p.plantId)
  if (p.letters.toLowerCase() === text) return true
  return text.length > 1 && `${kind?.botanicalName} ${kind?.commonName}`.toLowerCase().includes(text)
}
const shown = computed(() => bed.value?.plants.filter(matches) ?? [])
/** Plants of the task that is looked at; all that are found otherwise. */
const places = ref<ReadonlySet<string>>(new Set())
const spoken = computed(() => {
  if (mode.value !== 'week' || places.value.size === 0) return shown.value
  return bed.value?.plants.filter((p) => places.value.has(p.ref)) ?? []
})
function showPlaces(refs: readonly string[], of: string) {
  bedId.value = of
  places.value = new Set(refs)
}
const weatherOn = (day: string) => {
  const { lowC, highC, rainMm } = simulatedWeather(sheet.value!.place, gardenId)(day)
  return { lowC, highC, rainMm }
}
const manner = computed(() => sheet.value?.manner ?? PLAIN_MANNER)
provide(MANNER, manner)
const units = computed(() => manner.value.units)
const measure = (m: number) => formatLength(m, units.value, 2, manner.value.region)
const STEPS: readonly { what: TickKind; label: string; icon: string }[] = [
  { what: 'set', label: 'Set', icon: 'i-lucide-map-pin' },
  { what: 'turned', label: 'Turned', icon: 'i-lucide-rotate-cw' },
  { what: 'planted', label: 'Planted', icon: 'i-lucide-shovel' },
  { what: 'watered', label: 'Watered', icon: 'i-lucide-droplets' },
]
const is = (p: SitePlant, what: TickKind) => bed.value !== null && has(bed.value, p, what)
const place = (p: SitePlant) => ({ bedId: bed.value!.id, plant: p.ref, plantId: p.plantId })
const toggle = (p: SitePlant, what: TickKind) => void tick([place(p)], what, is(p, what) ? 'no' : 'yes')
const instead = (p: SitePlant) => (bed.value ? insteadOf(bed.value, p) : '')
const setInstead = (p: SitePlant, id: string) => void tick([place(p)], 'instead', id)
const kindItems = computed(() => [
  { label: 'as drawn', value: 'no' },
  ...[...kinds.value.values()].map((k) => ({ label: `${k.letters} ${k.commonName}`, value: k.id })),
])
const done = (what: TickKind) => bed.value?.plants.filter((p) => is(p, what)).length ?? 0
const next = computed(() => bed.value?.plants.find((p) => !is(p, 'planted') && !is(p, 'missing')) ?? null)
function choose(ref: string) {
  chosenRef.value = ref
}
const waits = computed(
  () =>
    waiting.value.length +
    Object.keys(week.waiting.value).length +
    log.waiting.value.length +
    log.photosWaiting.value.length,
)
const stateWords = computed(() => {
  if (log.refused.value) return log.refused.value
  if (waits.value > 0)
    return waits.value === 1 ? '1 word waits in this device' : `${waits.value} words wait in this device`
  if (state.value === 'joining') return 'joining…'
  if (book.refused.value.many + week.refused.value.many > 0) return 'not all joined'
  return reached.value ? 'all joined' : 'no network: the plan as kept'
})
const all = (what: TickKind) => void tick(shown.value.filter((p) => !is(p, what)).map(place), what, 'yes')
const bedItems = computed(() => (sheet.value?.beds ?? []).map((b) => ({ label: b.name, value: b.id })))
const bedChoice = computed({
  get: () => bed.value?.id ?? '',
  set: (id: string) => {
    bedId.value = id
    chosenRef.value = ''
  },
})
const stateOf = (p: SitePlant) => {
  if (is(p, 'missing')) return 'missing'
  return (['watered', 'planted', 'set'] as const).find((w) => is(p, w)) ?? (p.open ? 'stays open' : 'open')
}
const kindOf = (p: SitePlant) => kinds.value.get(instead(p) || p.plantId)
const sumWords = computed(() => {
  const watered = done('watered')
  const said = `${done('planted')} of ${bed.value?.plants.length ?? 0} planted, ${done('set')} set`
  return watered > 0 ? `${said}, ${watered} watered` : said
})
</script>

<template>
  <main id="content" class="flex flex-col h-dvh bg-[#fffdf8] text-[#14110d] text-lg">
    <h1 class="sr-only">{{ sheet?.name ?? 'Set out' }} on site</h1>
    <header class="flex items-center gap-3 py-2.5 px-3.5 border-b-2 border-[#14110d]">
      <NuxtLink
        :to="`/beds/${bed?.id ?? ''}/setout`"
        class="inline-flex items-center justify-center text-2xl size-13.5"
        aria-label="Back to the desk"
      >
        <UIcon name="i-lucide-arrow-left" />
      </NuxtLink>
      <USelect
        v-model="bedChoice"
        :items="bedItems"
        size="xl"
        class="bed flex-1 min-w-0 h-13.5 font-semibold"
        aria-label="Bed"
      />
      <span
        class="state text-base text-right max-w-[34vw] [&.waits]:font-bold"
        :class="{ waits: waits > 0 }"
        role="status"
        data-testid="join-state"
      >
        {{ stateWords }}
      </span>
    </header>
    <OnsiteRefused :books="[book, week]" />
    <p v-if="problem" class="problem p-3.5 font-semibold text-[#7c1f10]" role="alert">
      {{ problem }} Open this page once with a network: it keeps the plan for the day.
    </p>
    <template v-if="bed">
      <div
        class="flex border-2 border-[#14110d] rounded-md overflow-hidden mt-2.5 mb-0 mx-3.5"
        role="group"
        aria-label="What is done"
      >
        <button
          class="min-w-18 h-13 cursor-pointer flex-1 aria-pressed:bg-[#14110d] aria-pressed:text-[#fffdf8]"
          v-for="m in MODES"
          :key="m.id"
          :aria-pressed="mode === m.id"
          @click="mode = m.id"
        >
          {{ m.label }}
        </button>
      </div>
      <div v-if="mode !== 'week'" class="flex gap-3 pt-2.5 pb-1 px-3.5">
        <UInput
          v-model="search"
          size="xl"
          icon="i-lucide-search"
          placeholder="Letter or name"
          aria-label="Find by letter or name"
          class="flex-1"
        />
        <div class="flex border-2 border-[#14110d] rounded-md overflow-hidden" role="group" aria-label="Shown as">
          <button
            class="min-w-18 h-13 cursor-pointer aria-pressed:bg-[#14110d] aria-pressed:text-[#fffdf8]"
            :aria-pressed="view === 'plan'"
            @click="view = 'plan'"
          >
            Plan
          </button>
          <button
            class="min-w-18 h-13 cursor-pointer aria-pressed:bg-[#14110d] aria-pressed:text-[#fffdf8]"
            :aria-pressed="view === 'list'"
            @click="view = 'list'"
          >
            List
          </button>
        </div>
      </div>
      <p v-if="mode === 'set'" class="pt-0.5 pb-1.5 px-4" data-testid="sum">{{ sumWords }}</p>
      <div
        class="flex-1 min-h-0 overflow-hidden flex [&.week]:flex-[0_0_34dvh] [&.log]:min-h-[26dvh]"
        :class="mode"
      >
        <OnsitePlan
          v-if="view === 'plan' || mode === 'week'"
          :bed="bed"
          :shown="spoken"
          :chosen="chosenRef"
          :state-of="stateOf"
          @choose="choose"
        />
        <ul v-else class="list overflow-y-auto flex-1">
          <li
            class="[&.planted]:bg-[#e4ead6] [&.watered]:bg-[#e4ead6]"
            v-for="p in shown"
            :key="p.ref"
            :class="stateOf(p)"
          >
            <button class="aria-pressed:bg-[#fbe3b3]" :aria-pressed="p.ref === chosenRef" @click="choose(p.ref)">
              <b class="min-w-9.5 text-base tabular-nums">{{ p.no }}</b>
              <b class="key">{{ p.letters }}</b>
              <span>
                {{ kindOf(p)?.commonName }}
                <small class="block text-base">{{ measure(p.alongM) }} along · {{ measure(p.outM) }} out</small>
              </span>
              <em class="ml-auto text-base [.missing_&]:font-bold [.missing_&]:text-[#7c1f10]">{{ stateOf(p) }}</em>
            </button>
          </li>
        </ul>
      </div>
      <OnsiteWeek v-if="mode === 'week'" :tasks="sheet!.care" :bed-id="bed.id" :book="week" @show="showPlaces" />
      <OnsiteLogPad
        v-else-if="mode === 'log'"
        :bed="bed"
        :plant="chosen"
        :kind="chosen ? kindOf(chosen) : undefined"
        :units="units"
        :weather-on="weatherOn"
        :book="log"
      />
      <section v-else class="card" aria-live="polite" data-testid="site-card">
        <template v-if="chosen">
          <div class="flex gap-3.5 text-xl leading-tight max-[480px]:text-lg">
            <b class="key">{{ chosen.letters }}</b>
            <div>
              <BotanicalName :name="kindOf(chosen)?.botanicalName ?? ''" />
              <p class="text-lg">{{ measure(chosen.alongM) }} along · {{ measure(chosen.outM) }} out</p>
              <p v-if="chosen.open" class="text-[#7c3a00] font-semibold text-lg">
                This place stays open: its plant is short.
              </p>
              <p v-if="chosen.turn" class="text-[#7c3a00] font-semibold text-lg">
                Turn its fullest side to the viewer.
              </p>
              <p v-if="kindOf(chosen)?.caution" class="text-[#7c3a00] font-semibold text-lg">
                {{ kindOf(chosen)?.caution }}
              </p>
            </div>
          </div>
          <div class="grid grid-cols-[repeat(4,1fr)] gap-2.5 mt-3 mb-2.5 mx-0">
            <button
              v-for="s in STEPS"
              :key="s.what"
              class="tick max-[480px]:text-lg max-[480px]:h-16.5 aria-pressed:bg-[#33491f] aria-pressed:text-white"
              :aria-pressed="is(chosen, s.what)"
              @click="toggle(chosen, s.what)"
            >
              <UIcon :name="s.icon" />
              {{ s.label }}
            </button>
          </div>
          <div class="flex flex-wrap gap-2.5 items-end">
            <button
              class="small aria-pressed:bg-[#7c1f10] aria-pressed:text-white"
              :aria-pressed="is(chosen, 'missing')"
              @click="toggle(chosen, 'missing')"
            >
              Not here
            </button>
            <label class="flex-1 min-w-43 text-base">
              <span class="block">Instead of it</span>
              <USelect
                :model-value="instead(chosen) || 'no'"
                :items="kindItems"
                size="xl"
                aria-label="What stands there instead"
                @update:model-value="(id) => setInstead(chosen!, String(id))"
              />
            </label>
            <button v-if="next" class="small" @click="choose(next.ref)">Next</button>
          </div>
        </template>
        <template v-else>
          <p>Tap a plant, or find it by its letter.</p>
          <div class="flex flex-wrap gap-2.5 items-end">
            <button v-if="next" class="small" @click="choose(next.ref)">
              Begin with {{ next.letters }}, place {{ next.no }}
            </button>
            <button class="small" @click="all('set')">All shown are set</button>
            <button class="small" @click="all('planted')">All shown are planted</button>
            <button class="small" @click="all('watered')">All shown are watered</button>
          </div>
        </template>
      </section>
    </template>
    <p v-else-if="!problem" class="pt-0.5 pb-1.5 px-4">Opening the plan…</p>
  </main>
</template>

<style scoped src="~/assets/css/parts/onsite.css"></style>
