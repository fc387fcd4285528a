<script setup lang="ts">
import type { ArchiveAnswer } from '~~/shared/answers'

/** Brings a garden archive in: read first; what its plants would bring or find otherwise is told, then it is taken whole or left. */
const emit = defineEmits<{ taken: [] }>()
const input = useTemplateRef<HTMLInputElement>('input')
const { sending, send, stop } = useSending()
const toast = useToast()
const file = shallowRef<File | null>(null)
const said = shallowRef<ArchiveAnswer | null>(null)
const SHOWN = 12

async function ask(dry: boolean) {
  try {
    return await send(
      'archive',
      `/api/gardens/archive${dry ? '?dry=1' : ''}`,
      file.value!,
      'application/zip',
      file.value!.name,
    )
  } catch (error) {
    toast.add({ title: messageOf(error), color: 'error', duration: 12000 })
    return null
  }
}
async function look() {
  file.value = input.value?.files?.[0] ?? null
  if (input.value) input.value.value = ''
  said.value = null
  const looked = file.value && (await ask(true))
  if (!looked) return
  // Where no plant is new or other there is nothing to ask.
  if (looked.plants.fresh.length + looked.plants.differing.length === 0) await take()
  else said.value = looked
}
async function take() {
  const taken = await ask(false)
  if (!taken) return
  leave()
  toast.add({ title: `“${taken.name}” was brought in as a new garden` })
  emit('taken')
}
function leave() {
  said.value = null
  file.value = null
}
const facts = computed(() => {
  const a = said.value
  if (!a) return []
  return [
    `${a.beds.length} ${a.beds.length === 1 ? 'bed' : 'beds'}`,
    ...(a.entries > 0 ? [`${a.entries} log entries`] : []),
    ...(a.drawings > 0 ? [`${a.drawings} pictures`] : []),
    ...(a.plants.same > 0 ? [`${a.plants.same} own plants that are here already`] : []),
  ]
})
const fresh = computed(() => said.value?.plants.fresh ?? [])
const differing = computed(() => said.value?.plants.differing ?? [])
const isOpen = computed(() => sending.value === null && said.value !== null)
const shown = (list: readonly string[]) =>
  [...list.slice(0, SHOWN), ...(list.length > SHOWN ? [`and ${list.length - SHOWN} more`] : [])].join(', ')
const columnsOf = (columns: readonly string[]) => shown(columns.map((c) => c.replace(/_/g, ' ')))
</script>

<template>
  <UButton color="neutral" variant="outline" icon="i-lucide-archive-restore" @click="input?.click()">
    Bring in a garden
  </UButton>
  <input
    ref="input"
    type="file"
    accept=".zip,application/zip"
    class="sr-only"
    tabindex="-1"
    aria-label="Garden archive to bring in"
    @change="look"
  />
  <SendingFile :sending="sending" @stop="stop" />
  <UModal
    :open="isOpen"
    :title="said?.name ?? 'A garden archive'"
    description="A new garden beside the others; nothing that is here is changed."
    @update:open="leave"
  >
    <template #body>
      <template v-if="said">
        <p class="mb-2.5">{{ facts.join(' · ') }}</p>
        <p class="mb-2.5" v-if="fresh.length > 0">
          <b>New plants for all gardens:</b>
          {{ shown(fresh) }}
        </p>
        <template v-if="differing.length > 0">
          <p class="mb-2.5">
            <b>Known here with other figures.</b>
            This garden alone keeps those of the archive:
          </p>
          <ul class="list-disc pl-5 text-sm">
            <li v-for="p in differing.slice(0, SHOWN)" :key="p.name">{{ p.name }}: {{ columnsOf(p.columns) }}</li>
          </ul>
        </template>
      </template>
      <div class="acts flex gap-2.5 mt-3.5">
        <UButton @click="take">Bring it in</UButton>
        <UButton color="neutral" variant="ghost" @click="leave">Leave it</UButton>
      </div>
    </template>
  </UModal>
</template>
