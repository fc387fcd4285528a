<script setup lang="ts">
import { mannerOf, sayDay } from '~~/core/measure'
import type { StoredGarden } from '~~/shared/answers'

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
    const { path } = await ask('shareMade', base(), { method: 'POST', body: fresh })
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
    <form class="grid gap-3" @submit.prevent="make">
      <UFormField label="For whom"><UInput v-model="fresh.name" class="w-full" required /></UFormField>
      <UFormField label="Until"><UInput v-model="fresh.ends" type="date" class="w-full" required /></UFormField>
      <UFormField label="A word to enter" help="Empty: the link is enough.">
        <UInput v-model="fresh.word" class="w-full" autocomplete="off" />
      </UFormField>
      <UCheckbox v-model="fresh.schedule" label="with the list of plants, without prices" />
      <UCheckbox v-model="fresh.papers" label="with plans to print" />
      <UButton type="submit" class="w-fit">Make a link</UButton>
    </form>
    <p v-if="problem" class="problem text-amber-deep" role="alert">{{ problem }}</p>
    <div
      v-if="link"
      class="link grid gap-1.5 justify-items-start my-4 mx-0 py-3 px-3.5 rounded-md bg-amber-wash text-[#2b2621]"
      role="status"
    >
      <p>Give this link away: it is not told again.</p>
      <code class="wrap-anywhere">{{ link }}</code>
      <UButton size="xs" color="neutral" variant="outline" icon="i-lucide-copy" @click="copy(link)">
        {{ copied ? 'Copied' : 'Copy' }}
      </UButton>
    </div>
    <ul class="mt-4">
      <li class="flex items-center gap-2.5 min-h-8.5 text-base" v-for="s in answer.shares" :key="s.id">
        <b>{{ s.name }}</b>
        <span class="flex-1 text-soft">{{ stateOf(s) }}{{ s.hasWord ? ', with a word' : '' }}</span>
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
