<script setup lang="ts">
import type { SchoolChanges, Bed, Garden } from '~~/core/model'
import type { Plant } from '~~/core/plant'
import type { PlaceMonth } from '~~/core/time'
import type { ShareNote } from '~~/shared/answers'

/** One bed of a shown garden: its picture, what was said of it, and room to say more. */
const props = defineProps<{
  base: string
  bed: { readonly id: string; readonly name: string; readonly revision: number }
  month: PlaceMonth
  year: number
  notes: readonly ShareNote[]
}>()
const emit = defineEmits<{ notes: [notes: readonly ShareNote[]] }>()
const { length } = useManner()
interface Shown {
  readonly bed: Bed
  readonly garden: Garden
  readonly schools: SchoolChanges
  readonly plants: readonly Plant[]
  readonly revision: number
}
const library = useLibraryStore()
const shown = shallowRef<Shown | null>(null)
const picture = useTemplateRef<{ alongOf: (px: number) => number; pxOf: (m: number) => number }>('picture')
const mark = ref<number | null>(null)
const said = ref('')
const problem = ref('')
const thanks = ref('')

async function load() {
  try {
    const answer = await ask('sharedBed', `${props.base}/beds/${props.bed.id}`)
    // All beds of the page share one library.
    library.take(answer.plants)
    shown.value = answer
  } catch (error) {
    problem.value = messageOf(error)
  }
}
onMounted(load)
watch(() => props.bed.revision, load)
function place(event: MouseEvent) {
  const along = picture.value?.alongOf(event.offsetX)
  mark.value = along === undefined ? null : Math.round(along * 10) / 10
}
async function send(kind: ShareNote['kind']) {
  problem.value = ''
  thanks.value = ''
  try {
    const body = {
      bedId: props.bed.id,
      revision: shown.value!.revision,
      alongM: mark.value,
      kind,
      said: said.value,
    }
    emit('notes', await ask('shareNotes', `${props.base}/notes`, { method: 'POST', body }))
    said.value = ''
    mark.value = null
    thanks.value = 'The designer sees it.'
  } catch (error) {
    problem.value = messageOf(error)
  }
}
const threads = computed(() =>
  props.notes
    .filter((n) => n.answers === null)
    .map((note) => ({ note, answers: props.notes.filter((n) => n.answers === note.id) })),
)
const WORDS = { note: 'A note', approve: 'Good so', change: 'Please change' } as const
const whereOf = ({ alongM }: ShareNote) => (alongM === null ? '' : `, ${length(alongM, 1)} along`)
const marks = computed(() =>
  [
    ...threads.value.map(({ note }, i) => ({ at: note.alongM, label: String(i + 1) })),
    { at: mark.value, label: '+' },
  ].flatMap(({ at, label }) => (at === null ? [] : [{ label, left: `${picture.value?.pxOf(at) ?? 0}px` }])),
)
const markWords = computed(() =>
  mark.value === null ? 'Press a place in the picture to mark it.' : `Marked ${length(mark.value, 1)} along.`,
)
</script>

<template>
  <section class="bed mt-8.5" :aria-label="bed.name">
    <h2 class="text-xl font-semibold mb-2.5">{{ bed.name }}</h2>
    <div v-if="shown" class="frame relative cursor-crosshair" @click="place">
      <BedPicture
        ref="picture"
        :bed="shown.bed"
        :garden="shown.garden"
        :month="month"
        :year="year"
        :height="280"
        :schools="shown.schools"
      />
      <span v-for="m in marks" :key="m.label" class="mark" :style="{ left: m.left }">{{ m.label }}</span>
    </div>
    <ol class="my-3 mx-0 pl-6.5 list-decimal text-base" v-if="threads.length > 0">
      <li
        class="mb-1.5 [&.settled]:text-soft"
        v-for="{ note, answers } in threads"
        :key="note.id"
        :class="{ settled: note.settled }"
      >
        <b>{{ WORDS[note.kind] }}{{ whereOf(note) }}</b>
        {{ note.said }}
        <em v-if="note.settled">settled</em>
        <p class="text-soft" v-for="a in answers" :key="a.id">Designer: {{ a.said }}</p>
      </li>
    </ol>
    <form v-if="shown" class="grid gap-1.5 mt-2.5" @submit.prevent="send('note')">
      <UTextarea
        v-model="said"
        :rows="2"
        autoresize
        :maxlength="1000"
        :aria-label="`What you think of ${bed.name}`"
        placeholder="What you think of it"
      />
      <p class="hint text-sm text-soft">{{ markWords }}</p>
      <div class="acts flex flex-wrap gap-2.5">
        <UButton type="submit" size="sm" color="neutral" variant="outline">Send the note</UButton>
        <UButton size="sm" color="neutral" variant="outline" @click="send('change')">Please change it</UButton>
        <UButton size="sm" @click="send('approve')">It is good so</UButton>
      </div>
      <p v-if="problem" class="problem text-amber-deep" role="alert">{{ problem }}</p>
      <p v-if="thanks" role="status">{{ thanks }}</p>
    </form>
  </section>
</template>

<style scoped>
@layer components {
  .mark {
    position: absolute;
    bottom: 8px;
    width: 22px;
    height: 22px;
    margin-left: -11px;
    border-radius: 50%;
    background: var(--amber);
    color: #1c1814;
    font-size: var(--text-xs);
    font-weight: 700;
    line-height: 22px;
    text-align: center;
    pointer-events: none;
  }
}
</style>
