<script setup lang="ts">
import { sayMoment } from '~~/core/measure'
import type { BackupsAnswer } from '~~/shared/answers'

/** Backups of the whole store: made by themselves after the day's first change, made now, put back. */
const answer = shallowRef<BackupsAnswer | null>(null)
const problem = ref('')
const busy = ref(false)
const asked = shallowRef<string | null>(null)
const toast = useToast()
const MB = 1048576
const sizeOf = (bytes: number) => `${(bytes / MB).toFixed(1)} MB`
const timeOf = (at: string) => sayMoment(at, browserRegion())
const whyOf = (file: string) => {
  if (file.includes('-before-restore-')) return 'before another was put back'
  return file.includes('-by-hand-') ? 'made by hand' : 'of the day'
}
const FIELDS = [
  { key: 'daily', label: 'Days kept' },
  { key: 'weekly', label: 'Weeks kept' },
  { key: 'monthly', label: 'Months kept' },
] as const

async function doing(work: () => Promise<unknown>) {
  busy.value = true
  problem.value = ''
  try {
    await work()
    answer.value = await ask('backups', '/api/backups')
  } catch (error) {
    problem.value = messageOf(error)
  }
  busy.value = false
}
onMounted(() => doing(() => Promise.resolve()))
const make = () =>
  doing(async () => {
    const made = await ask('backupMade', '/api/backups', { method: 'POST', body: {} })
    toast.add({ title: `${made.file}: ${made.gardens} gardens, read back and checked` })
  })
const setKeep = (key: (typeof FIELDS)[number]['key'], many: number) =>
  doing(() => request('/api/backups/keep', { method: 'PUT', body: { ...answer.value!.keep, [key]: many } }))
const putBack = () =>
  doing(async () => {
    const file = asked.value!
    asked.value = null
    const done = await ask('restored', '/api/backups/restore', { method: 'POST', body: { file } })
    toast.add({
      title: `Put back: ${done.gardens.join(', ') || 'no garden'}. What was there lies in ${done.before}.`,
    })
  })
const hasNone = computed(() => answer.value?.backups.length === 0)
</script>

<template>
  <section class="ledger mt-9.5">
    <header>
      <h2>Backups</h2>
      <UButton size="sm" :loading="busy" icon="i-lucide-hard-drive-download" @click="make">Make one now</UButton>
    </header>
    <p class="soft">
      One is made a minute after the day’s first change and read back. Copy their folder to another machine now and
      then:
      <code class="wrap-anywhere">{{ answer?.folder }}</code>
    </p>
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    <div v-if="answer" class="flex gap-5 my-3.5 mx-0">
      <NumberInput
        v-for="f in FIELDS"
        :key="f.key"
        class="w-26"
        whole
        :model-value="answer.keep[f.key]"
        :min="0"
        :max="366"
        :label="f.label"
        @update:model-value="(n) => setKeep(f.key, n)"
      />
    </div>
    <p v-if="hasNone">No backup yet: the first follows the next change.</p>
    <div class="scroll">
      <table v-if="answer">
        <tbody>
          <tr v-for="b in answer.backups" :key="b.file">
            <td>{{ timeOf(b.at) }}</td>
            <td>{{ whyOf(b.file) }}</td>
            <td class="n">{{ sizeOf(b.bytes) }}</td>
            <td>
              <UButton
                size="xs"
                color="neutral"
                variant="outline"
                :aria-label="`Put back ${b.file}`"
                @click="asked = b.file"
              >
                Put back
              </UButton>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
    <UModal
      :open="asked !== null"
      title="Put the whole store back?"
      description="Every garden becomes what it was then. What is there now is backed up first, so that this can be taken back."
      @update:open="asked = null"
    >
      <template #body>
        <div class="acts flex gap-2.5">
          <UButton @click="putBack">Put it back</UButton>
          <UButton color="neutral" variant="ghost" @click="asked = null">Leave it</UButton>
        </div>
      </template>
    </UModal>
  </section>
</template>
