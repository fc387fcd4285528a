<script setup lang="ts">
import { plainList } from '~~/core/exchange'
import type { ImportAnswer } from '~~/shared/wire'

/** Plant lists in and out. A list is read first and told what it would do; it is taken whole or not at all. */
const library = useLibraryStore()
const bedStore = useBedStore()
const file = useTemplateRef<HTMLInputElement>('file')
const report = ref<{ ok: boolean; text: string; lines: readonly string[] } | null>(null)
const waiting = shallowRef<{ text: string; type: string } | null>(null)

const post = (dry: boolean) =>
  $fetch<ImportAnswer>('/api/library/import', {
    method: 'POST',
    query: dry ? { dry: '1' } : {},
    body: waiting.value!.text,
    headers: { 'content-type': waiting.value!.type },
  })
function failed(error: unknown) {
  report.value = {
    ok: false,
    text: messageOf(error),
    lines: (dataOf<{ errors: string[] }>(error)?.errors ?? []).slice(1, 30),
  }
  waiting.value = null
}

async function read() {
  const chosen = file.value?.files?.[0]
  if (file.value) file.value.value = ''
  if (!chosen) return
  waiting.value = {
    text: plainList(new Uint8Array(await chosen.arrayBuffer())),
    type: chosen.name.toLowerCase().endsWith('.json') ? 'application/json' : 'text/csv',
  }
  try {
    const { taken, added, replaced } = await post(true)
    report.value = {
      ok: true,
      text:
        `${chosen.name} reads well: ${taken} ${taken === 1 ? 'plant' : 'plants'}, ${added.length} new, ` +
        `${replaced.length} in place of those there.`,
      lines: [...added.slice(0, 12), ...replaced.slice(0, 12).map((n) => `${n} (replaces)`)],
    }
  } catch (error) {
    failed(error)
  }
}
async function take() {
  try {
    const { taken } = await post(false)
    report.value = { ok: true, text: `${taken} ${taken === 1 ? 'plant' : 'plants'} taken in.`, lines: [] }
    waiting.value = null
    await library.load(bedStore.garden?.id ?? null, true)
  } catch (error) {
    failed(error)
  }
}
const out = computed(() =>
  ['csv', 'json'].map((as) => ({
    label: `All plants as ${as.toUpperCase()}`,
    to: `/api/library/export?garden=${bedStore.garden?.id ?? ''}&as=${as}`,
    external: true,
    target: '_blank',
  })),
)

function leave() {
  report.value = null
  waiting.value = null
}
</script>

<template>
  <span class="lists">
    <UButton color="neutral" variant="outline" size="sm" icon="i-lucide-upload" @click="file?.click()">
      Bring in
    </UButton>
    <UDropdownMenu :items="out">
      <UButton color="neutral" variant="outline" size="sm" icon="i-lucide-download">Take out</UButton>
    </UDropdownMenu>
    <input
      ref="file"
      type="file"
      accept=".csv,.json,text/csv,application/json"
      class="sr-only"
      aria-label="Plant list to import"
      @change="read"
    />
    <UModal
      :open="report !== null"
      title="Plant list"
      @update:open="
        (o) => {
          if (!o) {
            report = null
            waiting = null
          }
        }
      "
    >
      <template #body>
        <div v-if="report" :class="{ bad: !report.ok }" role="alert">
          <p>
            <b>{{ report.text }}</b>
          </p>
          <ul>
            <li v-for="l in report.lines" :key="l">{{ l }}</li>
          </ul>
        </div>
        <div class="acts">
          <UButton v-if="waiting && report?.ok" @click="take">Take them in</UButton>
          <UButton color="neutral" variant="ghost" @click="leave">
            {{ waiting ? 'Leave it' : 'Close' }}
          </UButton>
        </div>
      </template>
    </UModal>
  </span>
</template>

<style scoped>
.lists {
  display: inline-flex;
  gap: 6px;
}
.bad {
  color: var(--amber-deep);
}
ul {
  max-height: 260px;
  overflow-y: auto;
  font-size: 13px;
  margin: 6px 0;
  list-style: disc;
  padding-left: 18px;
}
.acts {
  display: flex;
  gap: 8px;
  margin-top: 10px;
}
</style>
