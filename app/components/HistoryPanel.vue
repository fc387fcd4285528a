<script setup lang="ts">
import type { Bed } from '~~/core/model'
import { compareBeds } from '~~/core/edit'
import type { HistoryEntry } from '~~/shared/answers'
import type { MarkedState } from '~/workers/look.worker'

const { say, timeOf, weekdayOf } = useManner()

/** The bed's history: what was done and when, any state of it beside the one now, and the way back to it. */
const open = defineModel<boolean>('open', { required: true })
const store = useBedStore()
const compose = useComposeStore()
const { asLaid } = useGardenScene()
const library = useLibraryStore()
const brief = useBriefStore()
const entries = shallowRef<readonly HistoryEntry[]>([])
const chosen = ref<number | null>(null)
const then = shallowRef<Bed | null>(null)
const problem = ref('')
const isWhole = ref(false)
const PAGE = 100

async function load(before?: number) {
  try {
    const more = await ask('history', `/api/beds/${store.id}/history`, { query: before ? { before } : {} })
    entries.value = before ? [...entries.value, ...more] : more
    isWhole.value = more.length < PAGE
    problem.value = ''
  } catch (error) {
    problem.value = messageOf(error)
  }
}
async function opens(is: boolean) {
  if (!is) return
  chosen.value = null
  then.value = null
  // What is still on its way belongs to the history too.
  await store.save()
  await load()
}
watch(open, opens, { immediate: true })
async function look(revision: number) {
  chosen.value = revision
  try {
    const bed = await ask('revision', `/api/beds/${store.id}/history/${revision}`)
    // Another moment may have been chosen since.
    if (chosen.value !== revision) return
    then.value = bed
    problem.value = ''
  } catch (error) {
    then.value = null
    problem.value = messageOf(error)
  }
}

const HOW = { edit: '', undo: 'undone: ', redo: 'done again: ' } as const
const days = computed(() => {
  const groups = new Map<string, HistoryEntry[]>()
  for (const e of entries.value) groups.set(weekdayOf(e.at), [...(groups.get(weekdayOf(e.at)) ?? []), e])
  return [...groups].map(([day, list]) => ({ day, list }))
})
const entry = computed(() => entries.value.find((e) => e.revision === chosen.value) ?? null)
const nameOf = (plantId: string) => library.byId.get(plantId)?.commonName ?? plantId
const differences = computed(() => (then.value && store.kept ? compareBeds(then.value, store.kept, nameOf) : []))
const MOST_SHOWN = 12
const shown = computed(() => differences.value.slice(0, MOST_SHOWN))
const rest = computed(() => differences.value.length - shown.value.length)
const holds = (bed: Bed) => `${bed.drifts.length} drifts, ${bed.drifts.reduce((n, d) => n + d.count, 0)} plants`
const sides = computed(() =>
  then.value && store.kept && entry.value
    ? [
        { title: `After this change, ${timeOf(entry.value.at)}`, bed: then.value },
        { title: 'Now', bed: store.kept },
      ]
    : [],
)
const { marks: marksNow, total: totalNow, marksOfState } = useSecondLook()
const marksThen = shallowRef<MarkedState | null>(null)
watch(then, async (bed) => {
  marksThen.value = null
  const marked = bed && (await marksOfState(asLaid(bed)))
  if (then.value === bed) marksThen.value = marked
})
/** Marks that are not what they were then, the whole first. */
const LEAST_CHANGE = 1
const markRows = computed(() => {
  const before = marksThen.value
  if (!before || marksNow.value.length === 0) return []
  const whole = { name: 'As a whole', then: before.total, now: totalNow.value }
  const rows = before.marks.flatMap((m) => {
    const now = marksNow.value.find((n) => n.id === m.id)
    return now && Math.abs(now.value - m.value) >= LEAST_CHANGE
      ? [{ name: m.name, then: m.value, now: now.value }]
      : []
  })
  return [whole, ...rows].map((r) => ({ ...r, then: Math.round(r.then), now: Math.round(r.now) }))
})
function bringBack() {
  if (!then.value) return
  store.edit({ kind: 'replace', bed: then.value })
  open.value = false
}
const loadEarlier = () => load(entries.value[entries.value.length - 1]?.revision)
</script>

<template>
  <UModal
    v-model:open="open"
    title="What was done to this bed"
    description="Choose a moment to see the bed as it was then, beside the bed as it is now."
    :ui="{ content: 'max-w-5xl' }"
  >
    <template #body>
      <div class="grid grid-cols-[290px_1fr] gap-5.5 h-134">
        <div class="list overflow-y-auto min-w-0 border-r border-line pr-3.5" data-testid="history">
          <p v-if="entries.length === 0 && !problem" class="soft text-soft">
            Nothing yet: it begins with the first change.
          </p>
          <section v-for="{ day, list } in days" :key="day">
            <h3 class="text-sm mt-3 mb-1 mx-0">{{ day }}</h3>
            <button
              v-for="e in list"
              :key="e.id"
              class="flex gap-3 w-full text-left py-1 px-2.5 rounded-sm text-sm hover:bg-paper [&.now]:bg-amber/22"
              :class="{ now: e.revision === chosen }"
              :aria-pressed="e.revision === chosen"
              @click="look(e.revision)"
            >
              <time class="text-soft tabular-nums flex-none">{{ timeOf(e.at) }}</time>
              <span>{{ HOW[e.how] }}{{ e.name }}</span>
            </button>
          </section>
          <UButton
            v-if="!isWhole && entries.length > 0"
            size="xs"
            color="neutral"
            variant="ghost"
            @click="loadEarlier"
          >
            Earlier
          </UButton>
        </div>
        <div class="overflow-y-auto min-w-0">
          <p v-if="problem" class="problem text-(--ui-error)" role="alert">{{ problem }}</p>
          <p v-else-if="!then" class="soft text-soft">
            Each line is one change. The bed as it was after it opens here; bringing it back is a change like any
            other, and can be undone.
          </p>
          <template v-else>
            <div class="pair grid grid-cols-[1fr_1fr] gap-4">
              <figure v-for="side in sides" :key="side.title">
                <figcaption class="flex flex-col text-sm mb-1">
                  <b>{{ side.title }}</b>
                  <small class="text-soft">{{ holds(side.bed) }}</small>
                </figcaption>
                <BedPicture
                  v-if="store.garden"
                  :bed="asLaid(side.bed)"
                  :garden="store.garden.value"
                  :month="compose.moment.month"
                  :height="120"
                  :schools="brief.brief.schools"
                />
              </figure>
            </div>
            <dl
              v-if="markRows.length > 0"
              class="grid grid-cols-[repeat(auto-fill,minmax(150px,1fr))] gap-y-0.5 gap-x-4 mt-3.5 text-sm"
              data-testid="marks-then"
            >
              <div
                class="flex justify-between gap-2.5"
                v-for="row in markRows"
                :key="row.name"
                :class="{ better: row.now > row.then }"
              >
                <dt class="text-soft">{{ row.name }}</dt>
                <dd>
                  {{ row.then }} then,
                  <b class="[.better_&]:text-[var(--moss,#4e6a3a)]">{{ row.now }}</b>
                  now
                </dd>
              </div>
            </dl>
            <p v-if="differences.length === 0" class="soft text-soft">They are alike.</p>
            <ul v-else class="my-4 mx-0 pl-5 list-disc text-base" data-testid="differences">
              <li v-for="text in shown" :key="text">{{ say(text) }}</li>
              <li v-if="rest > 0" class="soft text-soft">and {{ rest }} more</li>
            </ul>
            <UButton :disabled="differences.length === 0" icon="i-lucide-history" @click="bringBack">
              Bring it back
            </UButton>
          </template>
        </div>
      </div>
    </template>
  </UModal>
</template>
