<script setup lang="ts">
import { mannerOf, sayDay } from '~~/core/measure'
import type { StoredGarden } from '~~/shared/wire'

/** Links by which a garden is shown to its client: made, told once, ended. */
const props = defineProps<{ garden: StoredGarden }>()
const { answer, problem, base, doing, revoke } = useShares(() => props.garden.id)
const inMonths = (many: number) => {
  const day = new Date()
  day.setMonth(day.getMonth() + many)
  return day.toISOString().slice(0, 10)
}
const fresh = reactive({ name: '', ends: inMonths(3), word: '', schedule: true, papers: false })
const link = ref('')
onMounted(() => doing())
async function make() {
  await doing(async () => {
    const { path } = await ask<{ path: string }>(base(), { method: 'POST', body: fresh })
    link.value = `${window.location.origin}${path}`
    fresh.name = ''
    fresh.word = ''
  })
}
/** Copying in the older way works where the connection is not a secure one. */
const { copy, copied } = useClipboard({ legacy: true })
const stateOf = (s: { revoked: boolean; ends: string }) =>
  s.revoked ? 'ended' : `until ${sayDay(s.ends.slice(0, 10), mannerOf(props.garden.value).region)}`
</script>

<template>
  <div class="show">
    <form class="new" @submit.prevent="make">
      <UFormField label="For whom"><UInput v-model="fresh.name" class="w-full" required /></UFormField>
      <UFormField label="Until"><UInput v-model="fresh.ends" type="date" class="w-full" required /></UFormField>
      <UFormField label="A word to enter" help="Empty: the link is enough.">
        <UInput v-model="fresh.word" class="w-full" autocomplete="off" />
      </UFormField>
      <UCheckbox v-model="fresh.schedule" label="with the list of plants, without prices" />
      <UCheckbox v-model="fresh.papers" label="with plans to print" />
      <UButton type="submit" class="w-fit">Make a link</UButton>
    </form>
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    <div v-if="link" class="link" role="status">
      <p>Give this link away: it is not told again.</p>
      <code>{{ link }}</code>
      <UButton size="xs" color="neutral" variant="outline" icon="i-lucide-copy" @click="copy(link)">
        {{ copied ? 'Copied' : 'Copy' }}
      </UButton>
    </div>
    <ul>
      <li v-for="s in answer.shares" :key="s.id">
        <b>{{ s.name }}</b>
        <span>{{ stateOf(s) }}{{ s.hasWord ? ', with a word' : '' }}</span>
        <UButton
          v-if="!s.revoked"
          size="xs"
          color="neutral"
          variant="ghost"
          :aria-label="`End the link for ${s.name}`"
          @click="revoke(s.id)"
        >
          End it
        </UButton>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.new {
  display: grid;
  gap: 10px;
}
.link {
  display: grid;
  gap: 6px;
  justify-items: start;
  margin: 14px 0;
  padding: 10px 12px;
  border-radius: 8px;
  background: var(--amber-wash);
  color: #2b2621;
}
code {
  overflow-wrap: anywhere;
}
ul {
  margin-top: 14px;
}
li {
  display: flex;
  align-items: center;
  gap: 8px;
  min-height: 30px;
  font-size: 13.5px;
}
li span {
  flex: 1;
  color: var(--soft);
}
.problem {
  color: var(--amber-deep);
}
</style>
