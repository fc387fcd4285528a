<script setup lang="ts">
import type { ShareNote } from '~~/shared/answers'

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
    <article
      class="py-1.5 px-0 text-sm"
      v-for="{ note, number, answers } in threads"
      :key="note.id"
      :class="{ settled: note.settled }"
    >
      <p class="[.settled_&]:text-soft">
        <b>{{ number }}. {{ nameOf(note) }}</b>
        {{ KINDS[note.kind] }}{{ whereOf(note) }}
        <small v-if="isOld(note)">before later changes</small>
      </p>
      <p class="[.settled_&]:text-soft" v-if="note.said">{{ note.said }}</p>
      <p v-for="a in answers" :key="a.id" class="pl-3 border-l-2 border-line text-soft [.settled_&]:text-soft">
        You: {{ a.said }}
      </p>
      <form class="flex gap-1 mt-1" @submit.prevent="send(note)">
        <UInput
          v-model="texts[note.id]"
          size="xs"
          class="flex-1"
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
