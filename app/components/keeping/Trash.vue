<script setup lang="ts">
import { sayMoment } from '~~/core/measure'
import type { TrashItem } from '~~/shared/answers'

/** What was removed in the last thirty days, to be brought back. */
const items = shallowRef<readonly TrashItem[] | null>(null)
const problem = ref('')
const toast = useToast()
const KINDS = { garden: 'Garden', bed: 'Bed', plant: 'Own plant' } as const
const PLACES = { garden: 'gardens', bed: 'beds', plant: 'library/plants' } as const
const dayOf = (at: string) => sayMoment(at, browserRegion())

async function load() {
  try {
    items.value = await ask('trash', '/api/trash')
    problem.value = ''
  } catch (error) {
    problem.value = messageOf(error)
  }
}
onMounted(load)
async function bringBack(item: TrashItem) {
  try {
    const address: string = `/api/${PLACES[item.kind]}/${item.id}/restore`
    await request(address, { method: 'POST', body: {} })
    toast.add({ title: `“${item.name}” is back` })
  } catch (error) {
    toast.add({ title: messageOf(error), color: 'error' })
  }
  await load()
}
const isEmpty = computed(() => items.value?.length === 0)
const hasItems = computed(() => (items.value?.length ?? 0) > 0)
</script>

<template>
  <section class="ledger">
    <h2>Removed</h2>
    <p class="soft">What is removed lies here for thirty days; then it goes for good.</p>
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    <p v-if="isEmpty" class="py-3 px-0">Nothing lies here.</p>
    <div v-if="hasItems" class="scroll">
      <table>
        <thead>
          <tr>
            <th>What</th>
            <th>Name</th>
            <th>Of</th>
            <th>Removed</th>
            <th>Here until</th>
            <th><span class="sr-only">Bring back</span></th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="item in items ?? []" :key="`${item.kind}-${item.id}`">
            <td>{{ KINDS[item.kind] }}</td>
            <td>{{ item.name }}</td>
            <td>{{ item.place }}</td>
            <td>{{ dayOf(item.removedAt) }}</td>
            <td>{{ dayOf(item.until) }}</td>
            <td>
              <UButton
                size="xs"
                color="neutral"
                variant="outline"
                :aria-label="`Bring back ${item.name}`"
                @click="bringBack(item)"
              >
                Bring back
              </UButton>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
  </section>
</template>
