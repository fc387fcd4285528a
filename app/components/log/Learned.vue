<script setup lang="ts">
import type { Learned } from '~~/core/log'

const { dayWords } = useManner()

/** Figures that this garden's log gives for its plants, beside the library's: taken over by hand, given back by hand. */
const { learned, taken, plantName } = useLog()
const { accept, giveBack } = useLogDeeds()
const problem = ref('')
const busy = ref('')
const keyOf = (l: Learned) => `${l.plant.id}|${l.what}`
const isColour = (l: Learned) => l.what === 'flower colour'
async function tryTo(key: string, act: () => Promise<void>) {
  busy.value = key
  problem.value = ''
  try {
    await act()
  } catch (error) {
    problem.value = messageOf(error)
  }
  busy.value = ''
}
</script>

<template>
  <div class="ledger max-w-257">
    <h2>What this garden taught</h2>
    <p class="soft">
      Nothing is changed unseen: what you take over becomes the garden’s own figure, and pictures, placing,
      findings, counts and care go by it from then on.
    </p>
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    <NextStep v-if="learned.length === 0" :sample="SAMPLES.learned">
      Nothing differs from the library so far. Heights, first and last flowers, colours and losses that you write
      down are weighed here.
    </NextStep>
    <table v-else data-testid="learned">
      <thead>
        <tr>
          <th scope="col">Plant</th>
          <th scope="col">Figure</th>
          <th scope="col">Library</th>
          <th scope="col">Here</th>
          <th scope="col" class="right">Entries</th>
          <th scope="col"><span class="sr-only">Take over</span></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="l in learned" :key="keyOf(l)">
          <th scope="row">{{ l.plant.commonName }}</th>
          <td>{{ l.what }}</td>
          <td>
            <i
              v-if="isColour(l)"
              class="inline-block mr-1 rounded-full border border-line align-[-1px] size-3.5"
              :style="{ background: l.library }"
            />
            {{ l.library }}
          </td>
          <td>
            <i
              v-if="isColour(l)"
              class="inline-block mr-1 rounded-full border border-line align-[-1px] size-3.5"
              :style="{ background: l.here }"
            />
            <b>{{ l.here }}</b>
          </td>
          <td class="right">{{ l.entries.length }}</td>
          <td class="right">
            <UButton size="xs" :loading="busy === keyOf(l)" @click="tryTo(keyOf(l), () => accept(l))">
              {{ l.lossShare === null ? 'Take it over' : 'More spares next time' }}
            </UButton>
          </td>
        </tr>
      </tbody>
    </table>
    <template v-if="taken.length > 0">
      <h3>Taken over</h3>
      <ul data-testid="taken">
        <li class="flex items-center gap-2.5 py-1 px-0 text-sm" v-for="e in taken" :key="e.id">
          <b>{{ plantName(e.plantId) }}</b>
          {{ e.note }}
          <span class="soft">{{ dayWords(e.day) }}</span>
          <UButton size="xs" color="neutral" variant="outline" @click="tryTo(e.id, () => giveBack(e))">
            Back to the library’s
          </UButton>
        </li>
      </ul>
    </template>
  </div>
</template>

<style scoped>
.empty {
  padding: 16px 0;
}
</style>
