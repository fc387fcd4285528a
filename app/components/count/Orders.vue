<script setup lang="ts">
import type { Order, OrderLine } from '~~/core/model'
import { shortOf } from '~~/core/count'
import { isDay } from '~~/core/time'

const { dayWords } = useManner()

/** Orders by supplier: what is asked, promised, come, short, wrong; and the price lists prices come from. */
const supply = useSupplyStore()
const bed = useBedStore()
const library = useLibraryStore()
const { asMoney } = useCount()
const { toOrder, draft, step, setLine, remove, problem, busy } = useOrders()
const { save, problem: fileProblem } = useSavedFirst()
const wanted = ref('')
const supplierId = ref(supply.supply.suppliers[0]?.id ?? '')
const supplierItems = computed(() => supply.supply.suppliers.map((s) => ({ label: s.name, value: s.id })))
const nameOf = (id: string) => supply.supply.suppliers.find((s) => s.id === id)?.name ?? 'a supplier that is gone'
const pieces = computed(() => toOrder.value.reduce((n, l) => n + l.count, 0))
const NEXT = {
  draft: { to: 'ask', label: 'Ask for prices and stock' },
  asked: { to: 'order', label: 'Order' },
  ordered: { to: 'confirm', label: 'Confirmed' },
  confirmed: { to: 'deliver', label: 'It has come' },
  delivered: null,
} as const
const plantOf = (l: OrderLine) => library.byId.get(l.plantId)
const totalOf = (o: Order) => o.lines.reduce((n, l) => n + l.count * l.price, 0)
const expectedOf = (l: OrderLine) => (isDay(l.expected) ? dayWords(l.expected) : '')
const offeredOf = (l: OrderLine) => library.byId.get(l.offeredId)?.commonName ?? ''
const shortWords = (o: Order, l: OrderLine) => shortOf(o, l) || ''
const file = (o: Order, as: string) => save(`/api/gardens/${bed.garden!.id}/order?order=${o.id}&as=${as}`)
const paper = (o: Order) => save(`/api/gardens/${bed.garden!.id}/papers?sheets=order&order=${o.id}`)
const CAME = [
  { id: 'received', label: 'Right' },
  { id: 'wrongKind', label: 'Wrong plant' },
  { id: 'wrongColour', label: 'Wrong colour' },
  { id: 'poorRoot', label: 'Poor root' },
] as const
const orders = computed(() => [...supply.supply.orders].reverse())
const newSupplier = ref('')
function addSupplier() {
  const name = newSupplier.value.trim()
  if (name === '') return
  const supplier = { id: newId(), name, simulated: false, columns: {} }
  supply.set({ suppliers: [...supply.supply.suppliers, supplier] }, 'add a supplier')
  supplierId.value = supplier.id
  newSupplier.value = ''
}
</script>

<template>
  <section class="worksheet" aria-labelledby="orders-title">
    <header>
      <div>
        <h2 id="orders-title">Orders</h2>
        <p class="hint">
          <b>{{ pieces }}</b>
          pieces in {{ toOrder.length }} lines are not ordered yet. Port Linnet Growers is a nursery made up for
          trying: it answers at once, and now and then comes short, late or wrong.
        </p>
      </div>
      <div class="acts">
        <USelect v-model="supplierId" :items="supplierItems" size="sm" aria-label="Supplier" class="w-48" />
        <label class="field flex items-center gap-1.5 text-sm text-soft">
          <span>wanted on</span>
          <UInput v-model="wanted" type="date" size="sm" aria-label="Day the order is wanted" />
        </label>
        <UButton
          size="sm"
          icon="i-lucide-file-plus"
          :disabled="toOrder.length === 0"
          @click="draft(supplierId, wanted)"
        >
          Make an order
        </UButton>
      </div>
    </header>
    <p v-if="problem || fileProblem" class="problem" role="alert">{{ problem || fileProblem }}</p>
    <CountPriceList />
    <form class="acts mt-1.5" @submit.prevent="addSupplier">
      <UInput
        v-model="newSupplier"
        size="sm"
        placeholder="Name of another supplier"
        aria-label="Name of another supplier"
      />
      <UButton type="submit" size="sm" color="neutral" variant="outline" icon="i-lucide-plus">Add it</UButton>
    </form>
    <NextStep v-if="orders.length === 0" :sample="SAMPLES.orders">
      No orders yet. Give lines of the schedule a supplier, or bring its list in; orders are made of them here, one
      a supplier.
    </NextStep>
    <article v-for="o in orders" :key="o.id" class="border-t-2 border-line mt-3.5 pt-1" data-testid="order">
      <div class="top flex flex-wrap gap-y-1.5 gap-x-3 items-center">
        <h3 class="my-1 mx-0">{{ nameOf(o.supplierId) }}</h3>
        <span class="state" :class="{ good: o.state === 'delivered' }">{{ o.state }}</span>
        <span v-if="isDay(o.made)" class="hint">made {{ dayWords(o.made) }}</span>
        <span v-if="isDay(o.wanted)" class="hint">wanted {{ dayWords(o.wanted) }}</span>
        <span class="flex-1" />
        <b>{{ asMoney(totalOf(o)) }}</b>
        <UButton v-if="NEXT[o.state]" size="xs" :loading="busy === o.id" @click="step(o, NEXT[o.state]!.to)">
          {{ NEXT[o.state]!.label }}
        </UButton>
        <UButton size="xs" color="neutral" variant="outline" @click="file(o, 'csv')">CSV</UButton>
        <UButton size="xs" color="neutral" variant="outline" @click="file(o, 'xlsx')">XLSX</UButton>
        <UButton size="xs" color="neutral" variant="outline" @click="paper(o)">PDF</UButton>
        <UButton
          size="xs"
          color="neutral"
          variant="ghost"
          icon="i-lucide-trash-2"
          aria-label="Remove the order"
          @click="remove(o)"
        />
      </div>
      <table>
        <thead>
          <tr>
            <th scope="col">Plant</th>
            <th scope="col">Size</th>
            <th scope="col" class="right">Ordered</th>
            <th scope="col" class="right">Each</th>
            <th scope="col" class="right">Promised</th>
            <th scope="col">Expected</th>
            <th v-for="c in CAME" :key="c.id" scope="col">{{ c.label }}</th>
            <th scope="col" class="right">Short</th>
            <th scope="col">Said</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(l, i) in o.lines" :key="`${l.plantId}|${l.size}`">
            <td><BotanicalName :name="plantOf(l)?.botanicalName ?? l.plantId" /></td>
            <td>{{ l.size }}</td>
            <td class="right">{{ l.count }}</td>
            <td class="right">{{ asMoney(l.price) }}</td>
            <td class="right">{{ l.confirmed ?? '' }}</td>
            <td>{{ expectedOf(l) }}</td>
            <td v-for="c in CAME" :key="c.id">
              <NumberInput
                hide-label
                :label="`${c.label} of ${plantOf(l)?.commonName ?? l.plantId}`"
                class="w-16.5"
                :model-value="l[c.id]"
                :min="0"
                :max="1000000"
                whole
                @update:model-value="(n) => setLine(o, i, { [c.id]: n }, 'note what came')"
              />
            </td>
            <td class="right">
              <b class="text-amber-deep">{{ shortWords(o, l) }}</b>
            </td>
            <td>
              {{ l.note }}
              <span v-if="l.offeredId">would send {{ offeredOf(l) }}</span>
            </td>
          </tr>
        </tbody>
      </table>
    </article>
  </section>
</template>
