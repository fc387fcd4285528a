<script setup lang="ts">
import { inPacks, raisingPlan, sowingList, traysFor, type CountLine, type RaisingPlan } from '~~/core/count'
import { mondayOf } from '~~/core/time'

const { dayWords, monthDay, figure } = useManner()

/** What is raised instead of bought: how much to sow, when, in which trays, and what became of it. */
const supply = useSupplyStore()
const library = useLibraryStore()
const bed = useBedStore()
const { whole, frosts } = useCount()
const { save, problem } = useSavedFirst()
const now = today()
const raised = computed(() => whole.value.lines.filter((l) => l.way !== 'pot' && l.way !== 'plug'))
const plans = computed(() =>
  raised.value.map((line): { line: CountLine; plan: RaisingPlan } => ({
    line,
    plan: raisingPlan(
      line.plant,
      line.way as RaisingPlan['way'],
      inPacks(line.need + line.spare - line.used, 1),
      frosts.value,
      now,
    ),
  })),
)
const list = computed(() =>
  sowingList(
    plans.value.map((p) => p.plan),
    supply.supply.trays,
  ),
)
const onlyPlans = computed(() => plans.value.map((p) => p.plan))
const weeks = computed(() => {
  const byWeek = new Map<string, typeof list.value>()
  for (const line of list.value) byWeek.set(line.week, [...(byWeek.get(line.week) ?? []), line])
  return [...byWeek].map(([week, lines]) => ({ week, lines }))
})
const isNow = (week: string) => week === mondayOf(now)
const nameOf = (id: string) => library.byId.get(id)?.commonName ?? id
const colourOf = (id: string) => {
  const plant = library.byId.get(id)
  return plant?.flowerColour ?? plant?.foliage.summer ?? '#8a9a6b'
}
/** Kinds of the schedule that could be raised: those whose seed is known, or that are divided. */
const couldRaise = computed(() =>
  whole.value.lines
    .filter((l) => (l.way === 'pot' || l.way === 'plug') && l.plant.sowing !== null && l.buy > 0)
    .map((l) => ({ label: `${l.plant.commonName}, ${l.buy}`, value: l.plant.id })),
)
const raise = (id: string) => supply.setLine(id, { way: 'seed' }, `${nameOf(id)} from seed`)
const buyInstead = (id: string) => supply.setLine(id, { way: 'pot' }, `${nameOf(id)} bought`)

const hasTrays = (id: string) => supply.supply.trays.some((t) => t.plantId === id && !t.failed)
function makeTrays(plan: RaisingPlan) {
  const trays = traysFor(plan, supply.supply.trays, (n) => `tray-${n}-${newId()}`)
  supply.set({ trays: [...supply.supply.trays, ...trays] }, `trays for ${nameOf(plan.plantId)}`)
}
const when = (day: string) => (day === '' ? '' : dayWords(day))
const grams = (n: number | null) => (n === null ? '' : `${n < 1 ? figure(n, 2, 2) : figure(n, 1, 1)} g`)
const LIGHTS = { light: 'on the surface, in light', dark: 'covered, in the dark', any: 'lightly covered' } as const
const wants = ({ chillFrom, light, way }: RaisingPlan) => {
  if (way !== 'seed') return ''
  return chillFrom === '' ? LIGHTS[light] : `cold from ${dayWords(chillFrom)}, then ${LIGHTS[light]}`
}
const address = (what: string) => `/api/gardens/${bed.garden!.id}/${what}`
</script>

<template>
  <section class="worksheet" aria-labelledby="raise-title">
    <header>
      <div>
        <h2 id="raise-title">Sow and raise</h2>
        <p class="hint">
          Dates follow the garden’s frosts: last {{ monthDay(frosts.lastFrost) }}, first
          {{ monthDay(frosts.firstFrost) }}. {{ raised.length }}
          {{ raised.length === 1 ? 'kind is' : 'kinds are' }} raised.
        </p>
      </div>
      <div class="acts">
        <USelectMenu
          :items="couldRaise"
          :model-value="undefined"
          value-key="value"
          size="sm"
          class="w-56"
          placeholder="Raise a kind from seed"
          aria-label="Raise a kind from seed"
          @update:model-value="(id: string) => raise(id)"
        />
        <UButton
          size="sm"
          color="neutral"
          variant="outline"
          icon="i-lucide-calendar"
          :disabled="raised.length === 0"
          @click="save(address('sowing.ics'))"
        >
          Calendar
        </UButton>
        <UButton
          size="sm"
          color="neutral"
          variant="outline"
          icon="i-lucide-tags"
          :disabled="supply.supply.trays.length === 0"
          @click="save(address('papers?sheets=labels'))"
        >
          Labels
        </UButton>
      </div>
    </header>
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    <NextStep v-if="raised.length === 0" :sample="SAMPLES.raise">
      Nothing is raised yet: choose a kind above, or set how a line of the schedule is come by.
    </NextStep>
    <table v-else data-testid="raise">
      <thead>
        <tr>
          <th scope="col">Plant</th>
          <th scope="col">From</th>
          <th scope="col" class="right">Plants</th>
          <th scope="col" class="right">Seeds or pieces</th>
          <th scope="col" class="right">Packets</th>
          <th scope="col">Wants</th>
          <th scope="col">Sow or take</th>
          <th scope="col">Up by</th>
          <th scope="col">Out</th>
          <th scope="col" class="right">Trays</th>
          <th scope="col"><span class="sr-only">Do</span></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="{ line, plan } in plans" :key="line.plant.id">
          <td>
            <span class="letters">{{ line.key }}</span>
            {{ line.plant.commonName }}
          </td>
          <td>{{ plan.way }}</td>
          <td class="right">{{ plan.plants }}</td>
          <td class="right" :title="plan.rests">{{ plan.pieces }} {{ grams(plan.grams) }}</td>
          <td class="right">{{ plan.packets || '' }}</td>
          <td class="max-w-49 text-soft">{{ wants(plan) }}</td>
          <td>{{ when(plan.sow) }}</td>
          <td>{{ when(plan.upTo) }}</td>
          <td>{{ when(plan.plantOut) }}</td>
          <td class="right">{{ plan.trays || '' }}</td>
          <td class="whitespace-nowrap">
            <UButton
              v-if="plan.cells > 0 && !hasTrays(plan.plantId)"
              size="xs"
              variant="soft"
              @click="makeTrays(plan)"
            >
              Make trays
            </UButton>
            <UButton size="xs" color="neutral" variant="ghost" @click="buyInstead(line.plant.id)">Buy</UButton>
          </td>
        </tr>
      </tbody>
    </table>
    <div class="grid grid-cols-[minmax(260px,1fr)_minmax(420px,2fr)] gap-7">
      <div v-if="weeks.length > 0">
        <h3>Week by week</h3>
        <div
          v-for="w in weeks"
          :key="w.week"
          class="grid grid-cols-[92px_1fr] gap-2.5 py-1 px-0 border-b border-line text-sm [&.now]:bg-amber-wash"
          :class="{ now: isNow(w.week) }"
        >
          <b>{{ when(w.week) }}</b>
          <ul>
            <li
              class="[&.done]:opacity-55 [&.done]:line-through"
              v-for="l in w.lines"
              :key="`${l.task}|${l.plantId}`"
              :class="{ done: l.done }"
            >
              <i
                class="inline-block rounded-xs border border-line size-3"
                :style="{ background: colourOf(l.plantId) }"
              />
              {{ l.task }}
              <b>{{ l.pieces }}</b>
              {{ nameOf(l.plantId) }}
              <span v-if="l.trayNumbers.length > 0" class="hint">tray {{ l.trayNumbers.join(', ') }}</span>
            </li>
          </ul>
        </div>
      </div>
      <div v-if="supply.supply.trays.length > 0">
        <h3>Trays</h3>
        <CountTrays :plans="onlyPlans" />
      </div>
    </div>
  </section>
</template>
