<script setup lang="ts">
import type { ShareNote } from '~~/shared/shareSchema'

const { length } = useManner()

/** What the client said of this bed over a link, as threads at their places: answered and settled here. */
const bed = useBedStore()
const { answer, problem, reply, settle, threads } = useClientThreads()
const texts = reactive<Record<string, string>>({})
const nameOf = (note: ShareNote) => answer.value.shares.find((s) => s.id === note.shareId)?.name ?? 'The client'
const KINDS = { note: 'notes', approve: 'finds it good', change: 'asks for a change' } as const
const whereOf = (note: ShareNote) => (note.alongM === null ? '' : ` at ${length(note.alongM, 1)} along`)
const isOld = (note: ShareNote) => note.revision < bed.revision
async function send(note: ShareNote) {
  const said = (texts[note.id] ?? '').trim()
  if (said !== '' && (await reply(note.id, said))) texts[note.id] = ''
}
</script>

<template>
  <section v-if="threads.length > 0" aria-label="From the client" data-testid="client-notes">
    <h3>From the client</h3>
    <p v-if="problem" class="hint" role="alert">{{ problem }}</p>
    <article v-for="{ note, number, answers } in threads" :key="note.id" :class="{ settled: note.settled }">
      <p>
        <b>{{ number }}. {{ nameOf(note) }}</b>
        {{ KINDS[note.kind] }}{{ whereOf(note) }}
        <small v-if="isOld(note)">before later changes</small>
      </p>
      <p v-if="note.said">{{ note.said }}</p>
      <p v-for="a in answers" :key="a.id" class="answer">You: {{ a.said }}</p>
      <form class="line" @submit.prevent="send(note)">
        <UInput
          v-model="texts[note.id]"
          size="xs"
          class="grow"
          :aria-label="`Answer to ${nameOf(note)}`"
          placeholder="Answer"
        />
        <UButton type="submit" size="xs" color="neutral" variant="outline">Send</UButton>
        <UButton size="xs" color="neutral" variant="ghost" @click="settle(note.id, !note.settled)">
          {{ note.settled ? 'Open again' : 'Settled' }}
        </UButton>
      </form>
    </article>
  </section>
</template>

<style scoped>
article {
  padding: 6px 0;
  font-size: 13px;
}
.settled > p {
  color: var(--soft);
}
.answer {
  padding-left: 10px;
  border-left: 2px solid var(--line);
  color: var(--soft);
}
.line {
  display: flex;
  gap: 4px;
  margin-top: 4px;
}
.grow {
  flex: 1;
}
</style>
