<script setup lang="ts">
import { LOG_KINDS } from '~~/core/model'
import { UNIT_SPACE } from '~~/core/measure'
import { KIND_WORDS } from '~~/core/log'
import { MONTH_NAMES, yearOfDay } from '~~/core/time'

/** What happened, the newest first, a month at a time; beside it the losses of this bed and the plan with its places. */
const { entries, lossesHere, timerOf } = useLog()
const bed = useBedStore()
const compose = useComposeStore()
const stage = useTemplateRef<HTMLDivElement>('stage')
const { width } = useElementSize(stage)
const MOST_PX = 330
const { axis, heightPx, topPx } = usePlanAlone({ width, mostPx: MOST_PX })
const SCOPES = [
  { id: 'bed', label: 'this bed' },
  { id: 'garden', label: 'the garden' },
] as const
const scope = ref<'bed' | 'garden'>('bed')
const kind = ref('all')
const search = ref('')
const kinds = [{ label: 'all', value: 'all' }, ...LOG_KINDS.map((value) => ({ label: KIND_WORDS[value], value }))]
const library = useLibraryStore()
const shown = computed(() =>
  entries.value.filter((e) => {
    if (scope.value === 'bed' && e.bedId !== bed.id) return false
    if (kind.value !== 'all' && e.kind !== kind.value) return false
    const text = search.value.trim().toLowerCase()
    const plant = library.byId.get(e.plantId)
    return (
      text === '' ||
      `${e.note} ${plant?.commonName ?? ''} ${plant?.botanicalName ?? ''}`.toLowerCase().includes(text)
    )
  }),
)
const { say } = useManner()
/** What the timer did that month; its record is part of the log. */
function timerWords(month: string): string {
  const { runs, litres, leftOut } = timerOf(`${month}-01`, `${month}-31`)
  return runs > 0 ? say(`timer: ${Math.round(litres)}${UNIT_SPACE}L, ${leftOut} runs left out`) : ''
}
const isEmpty = computed(() => shown.value.length === 0 && search.value === '' && kind.value === 'all')
const FIRST = 60
const most = ref(FIRST)
watch([scope, kind, search], () => {
  most.value = FIRST
})
const months = computed(() => {
  const groups = new Map<string, typeof shown.value>()
  for (const e of shown.value.slice(0, most.value)) {
    const key = e.day.slice(0, 7)
    groups.set(key, [...(groups.get(key) ?? []), e])
  }
  return [...groups].map(([key, list]) => ({
    key,
    timer: timerWords(key),
    name: `${MONTH_NAMES[Number(key.slice(5)) - 1]} ${yearOfDay(`${key}-01`)}`,
    list,
  }))
})
const left = computed(() => Math.max(0, shown.value.length - most.value))
onBeforeUnmount(() => {
  compose.lit = []
})
</script>

<template>
  <div class="ledger grid grid-cols-[minmax(0,1.45fr)_minmax(0,1fr)] gap-7.5 max-[820px]:grid-cols-[minmax(0,1fr)]">
    <div>
      <LogWrite />
      <div class="flex items-center gap-3 mt-3.5 max-[820px]:flex-wrap">
        <ChoiceRow v-model="scope" :items="SCOPES" label="Of" />
        <USelect v-model="kind" :items="kinds" size="xs" class="w-37" aria-label="Kind of entry" />
        <UInput
          v-model="search"
          size="xs"
          icon="i-lucide-search"
          placeholder="Word or plant"
          aria-label="Find in the log"
        />
        <span class="soft">{{ shown.length }} entries</span>
      </div>
      <NextStep v-if="isEmpty" :sample="SAMPLES.diary">
        Nothing is written yet. Tap a plant in the plan, say what happened; add a photo, or a thought for next year.
      </NextStep>
      <p v-else-if="shown.length === 0" class="soft py-5.5 px-0">No entry answers this: loosen the choice above.</p>
      <section v-for="m in months" :key="m.key" :aria-label="m.name">
        <h3>
          {{ m.name }}
          <small v-if="m.timer" class="soft">{{ m.timer }}</small>
        </h3>
        <ul v-roving="'li'" data-testid="log-entries">
          <LogRow v-for="e in m.list" :key="e.id" :entry="e" />
        </ul>
      </section>
      <UButton v-if="left > 0" size="sm" color="neutral" variant="outline" @click="most += 120">
        {{ left }} more
      </UButton>
    </div>
    <aside>
      <div ref="stage" class="stage overflow-hidden border border-line rounded-md bg-card">
        <ClientOnly>
          <ComposePlanView still :axis="axis" :height="heightPx" :top-px="topPx" />
        </ClientOnly>
      </div>
      <p class="soft mt-1.5">Point at an entry: its place lights up. Tap a plant of the plan to write about it.</p>
      <section v-if="lossesHere.length > 0" aria-label="Losses" data-testid="losses">
        <h3>Losses to make good</h3>
        <LogLossCard v-for="l in lossesHere" :key="l.entries[0]!.id" :loss="l" />
      </section>
    </aside>
  </div>
</template>
