<script setup lang="ts">
const { dayWords, money: sayMoney, figure } = useManner()

/** The season's letter: one page to print, with four pictures. */
const { years, letterOf, book } = useLog()
const bed = useBedStore()
const supply = useSupplyStore()
const year = ref(years.value.find((y) => letterOf(y).entries > 0) ?? years.value[0]!)
const letter = computed(() => letterOf(year.value))
const items = computed(() => years.value.map((y) => ({ label: String(y), value: y })))
const money = computed(() => sayMoney(letter.value.spent, supply.supply.money.currency))
const sums = computed(() =>
  [
    `${letter.value.entries} entries on ${letter.value.days} days`,
    ...(letter.value.minutes > 0
      ? [`${figure(letter.value.minutes / 60, 1, 1)} h of cutting and feeding written down`]
      : []),
    ...(letter.value.litres > 0 ? [`${letter.value.litres} L of water by hand`] : []),
    ...(letter.value.spent > 0 ? [`${money.value} spent`] : []),
  ].join(' · '),
)
const parts = computed(() =>
  [
    { title: 'Done', lines: letter.value.done },
    { title: 'Lost', lines: letter.value.lost },
    { title: 'Learned', lines: letter.value.learned },
    { title: 'Next season', lines: letter.value.next },
  ].filter((p) => p.lines.length > 0),
)
const print = () => globalThis.print()
</script>

<template>
  <div class="max-w-246" data-testid="letter">
    <header class="acts flex gap-2.5 mb-3 print:hidden">
      <USelect v-model="year" :items="items" size="sm" class="w-29" aria-label="Year" />
      <UButton size="sm" color="neutral" variant="outline" icon="i-lucide-printer" @click="print">Print</UButton>
    </header>
    <article class="py-7.5 px-9 bg-card border border-line print:border-0 print:p-0 print:bg-transparent">
      <h1 class="font-serif text-2xl">{{ bed.garden?.value.name }}, {{ year }}</h1>
      <p class="soft text-sm text-soft">{{ sums }}</p>
      <div v-if="letter.photos.length > 0" class="grid grid-cols-[1fr_1fr] gap-3.5 my-4 mx-0">
        <figure v-for="p in letter.photos" :key="p.id">
          <img
            class="w-full aspect-[16_/_9] object-cover rounded-sm"
            :src="book!.photoOf(p.photoId)"
            :alt="p.note || dayWords(p.day)"
          />
          <figcaption class="text-xs text-soft">
            {{ dayWords(p.day) }}
            <template v-if="p.drawn">(drawn)</template>
            {{ p.note }}
          </figcaption>
        </figure>
      </div>
      <div class="grid grid-cols-[1fr_1fr] gap-y-0 gap-x-7.5">
        <section v-for="p in parts" :key="p.title">
          <h2 class="text-lg mt-3.5">{{ p.title }}</h2>
          <ul>
            <li class="text-sm py-0.5 px-0" v-for="l in p.lines" :key="l">{{ l }}</li>
          </ul>
        </section>
      </div>
      <p v-if="parts.length === 0" class="soft text-sm text-soft">Nothing was written down in {{ year }}.</p>
    </article>
  </div>
</template>
