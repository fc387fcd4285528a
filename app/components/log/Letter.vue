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
  <div class="letter" data-testid="letter">
    <header class="acts">
      <USelect v-model="year" :items="items" size="sm" class="year" aria-label="Year" />
      <UButton size="sm" color="neutral" variant="outline" icon="i-lucide-printer" @click="print">Print</UButton>
    </header>
    <article>
      <h1>{{ bed.garden?.value.name }}, {{ year }}</h1>
      <p class="soft">{{ sums }}</p>
      <div v-if="letter.photos.length > 0" class="photos">
        <figure v-for="p in letter.photos" :key="p.id">
          <img :src="book!.photoOf(p.photoId)" :alt="p.note || dayWords(p.day)" />
          <figcaption>
            {{ dayWords(p.day) }}
            <template v-if="p.drawn">(drawn)</template>
            {{ p.note }}
          </figcaption>
        </figure>
      </div>
      <div class="parts">
        <section v-for="p in parts" :key="p.title">
          <h2>{{ p.title }}</h2>
          <ul>
            <li v-for="l in p.lines" :key="l">{{ l }}</li>
          </ul>
        </section>
      </div>
      <p v-if="parts.length === 0" class="soft">Nothing was written down in {{ year }}.</p>
    </article>
  </div>
</template>

<style scoped>
.letter {
  max-width: 860px;
}
.acts {
  display: flex;
  gap: 8px;
  margin-bottom: 10px;
}
.year {
  width: 100px;
}
article {
  padding: 26px 32px;
  background: var(--card);
  border: 1px solid var(--line);
}
h1 {
  font-family: var(--font-serif);
  font-size: 26px;
}
h2 {
  font-size: 15px;
  margin-top: 12px;
}
.soft {
  font-size: 13px;
  color: var(--soft);
}
.photos {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
  margin: 14px 0;
}
.photos img {
  width: 100%;
  aspect-ratio: 16 / 9;
  object-fit: cover;
  border-radius: 5px;
}
figcaption {
  font-size: 12px;
  color: var(--soft);
}
.parts {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 0 26px;
}
li {
  font-size: 13px;
  padding: 2px 0;
}
@media print {
  .acts {
    display: none;
  }
  article {
    border: 0;
    padding: 0;
    background: none;
  }
}
</style>
