<script setup lang="ts">
import type { Note } from '~~/core/model'

/** Notes pinned to places of the plan. */
const store = useBedStore()
const compose = useComposeStore()
const notes = computed(() => store.bed?.notes ?? [])
const root = useTemplateRef<HTMLElement>('root')
const save = (list: readonly Note[]) => store.edit({ kind: 'setBed', change: { notes: list } })
const problem = ref('')

function write(note: Note, text: string) {
  const clean = text.trim()
  problem.value = clean === '' ? 'A note needs words; take it out with the bin instead.' : ''
  if (clean !== '' && clean !== note.text)
    save(notes.value.map((n) => (n.id === note.id ? { ...n, text: clean } : n)))
}
const remove = (id: string) => save(notes.value.filter((n) => n.id !== id))
/** A note just pinned is typed into at once. */
watch(
  () => compose.noteId,
  (id) => {
    if (id)
      void nextTick(() => root.value?.querySelector<HTMLTextAreaElement>(`[data-note="${id}"] textarea`)?.select())
  },
  { immediate: true },
)
</script>

<template>
  <section ref="root" aria-label="Notes">
    <h3>
      Notes
      <UButton
        size="xs"
        color="neutral"
        :variant="compose.tool === 'note' ? 'soft' : 'outline'"
        icon="i-lucide-map-pin"
        :aria-pressed="compose.tool === 'note'"
        @click="compose.take('note')"
      >
        {{ compose.tool === 'note' ? 'Press a place …' : 'Pin one' }}
      </UButton>
    </h3>
    <p v-if="notes.length === 0" class="hint">Words for a place of the plan: what to ask, what to keep in mind.</p>
    <p v-if="problem" class="hint" role="alert">{{ problem }}</p>
    <ol>
      <li v-for="(note, i) in notes" :key="note.id" :data-note="note.id">
        <div class="line">
          <b class="w-4.5 text-center">{{ nth(i) }}</b>
          <UTextarea
            :model-value="note.text"
            :rows="1"
            autoresize
            size="sm"
            class="flex-1"
            :maxlength="500"
            :aria-label="`Note ${nth(i)}`"
            @change="(event: Event) => write(note, (event.target as HTMLTextAreaElement).value)"
          />
          <UButton
            size="xs"
            color="neutral"
            variant="ghost"
            icon="i-lucide-trash-2"
            :aria-label="`Take out note ${nth(i)}`"
            @click="remove(note.id)"
          />
        </div>
      </li>
    </ol>
  </section>
</template>
