<script setup lang="ts">
import type { SightShare } from '~~/core/season'

const { length: plain, figure } = useManner()

/** Ten years of the bed: cover, crowding, height at the sills, hours, what is divided and renewed. A year that is chosen is shown. */
const { years } = useSeasons()
const compose = useComposeStore()
const length = (m: number) => `${m < 0 ? '−' : ''}${plain(Math.abs(m))}`
const percent = (share: number) => `${Math.round(share * 100)} %`
const show = (year: number) => {
  compose.moment = { ...compose.moment, year }
}
/** A view that closes, or what should be hidden and is not. */
const CLOSES = 0.2
const isLoud = (s: SightShare) => s.wish === 'keep' && s.blocked > CLOSES
const BECOMES_WORDS: Readonly<Record<SightShare['wish'], string>> = { keep: 'blocked', hide: 'hidden' }
const sights = computed(() =>
  (years.value[0]?.sights ?? []).map((s) => ({ name: s.name, label: `${s.name} ${BECOMES_WORDS[s.wish]}` })),
)
const hasSeedlings = computed(() => years.value.some((y) => y.selfSown > 0))
const hasSill = computed(() => years.value.some((y) => y.overSillM !== null))
</script>

<template>
  <section aria-labelledby="ten-title">
    <h3 class="mt-4.5 mb-1 mx-0" id="ten-title">Ten years</h3>
    <div class="overflow-x-auto">
      <table class="w-full border-collapse text-sm" data-testid="ten-years">
        <thead>
          <tr>
            <th scope="col">Year</th>
            <th scope="col">Ground covered</th>
            <th scope="col">Canopy over ground</th>
            <th v-if="hasSill" scope="col">Over the sill</th>
            <th scope="col">Highest</th>
            <th scope="col">Hours</th>
            <th v-if="hasSeedlings" scope="col">Self-sown, about</th>
            <th v-for="s in sights" :key="s.name" scope="col">{{ s.label }}</th>
            <th scope="col">Plants bought</th>
            <th scope="col">Thin</th>
            <th scope="col">Divide</th>
            <th scope="col">Renew</th>
          </tr>
        </thead>
        <tbody>
          <tr
            class="[&.now]:bg-amber/12"
            v-for="y in years"
            :key="y.year"
            :class="{ now: y.year === compose.moment.year }"
          >
            <th scope="row">
              <button @click="show(y.year)">{{ y.year === 0 ? 'planting' : y.year }}</button>
            </th>
            <td>
              <span class="inline-block w-17 h-2.5 rounded-sm bg-line mr-1.5 overflow-hidden">
                <i class="block h-full bg-[#7d9a5a]" :style="{ width: percent(y.cover) }" />
              </span>
              {{ percent(y.cover) }}
            </td>
            <td class="[&.loud]:text-amber-deep [&.loud]:font-semibold" :class="{ loud: y.crowding > 1.3 }">
              {{ figure(y.crowding, 2, 2) }}
            </td>
            <td
              class="[&.loud]:text-amber-deep [&.loud]:font-semibold"
              v-if="hasSill"
              :class="{ loud: (y.overSillM ?? 0) > 0 }"
            >
              {{ y.overSillM === null ? '—' : length(y.overSillM) }}
            </td>
            <td>{{ length(y.highestM) }}</td>
            <td>{{ figure(y.hours, 0) }}</td>
            <td v-if="hasSeedlings">{{ y.selfSown || '' }}</td>
            <td
              class="[&.loud]:text-amber-deep [&.loud]:font-semibold"
              v-for="s in y.sights"
              :key="s.name"
              :class="{ loud: isLoud(s) }"
            >
              {{ percent(s.blocked) }}
            </td>
            <td>{{ y.cost || '' }}</td>
            <td class="max-w-63 text-soft">{{ y.thin.join(', ') }}</td>
            <td class="max-w-63 text-soft">{{ y.divide.join(', ') }}</td>
            <td class="max-w-63 text-soft">{{ y.renew.join(', ') }}</td>
          </tr>
        </tbody>
      </table>
    </div>
  </section>
</template>

<style scoped>
@layer components {
  th,
  td {
    text-align: left;
    padding: 3px 8px 3px 0;
    border-top: 1px solid var(--line);
    font-variant-numeric: tabular-nums;
    vertical-align: top;
  }
  thead th {
    font-weight: 500;
    color: var(--soft);
  }
  button {
    min-width: 24px;
    min-height: 24px;
    text-align: left;
    text-decoration: underline dotted;
  }
}
</style>
