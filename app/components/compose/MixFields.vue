<script setup lang="ts">
import { MIX_WAYS, type Drift, type Mix, type MixWay } from '~~/core/model'
import { kindCounts } from '~~/core/bed'
import { withMix } from '~~/core/edit'

/** Other kinds that share a drift's place, their shares, and how they are mixed. */
const props = defineProps<{ drift: Drift }>()
const store = useBedStore()
const library = useLibraryStore()
const WORDS: Readonly<Record<MixWay, string>> = { matrix: 'as a matrix', threes: 'in threes', turns: 'by turns' }
const ways = MIX_WAYS.map((value) => ({ value, label: WORDS[value] }))
const mix = computed(() => props.drift.mix ?? null)
const counts = computed(() => kindCounts(props.drift))
const nameOf = (id: string) => library.byId.get(id)?.commonName ?? id
/** Kinds to add: the shortlist's and the bed's first, then the whole library. */
const kinds = computed(() => {
  const near = new Set([...(store.kept?.shortlist ?? []), ...(store.kept?.drifts ?? []).map((d) => d.plantId)])
  const taken = new Set([props.drift.plantId, ...(mix.value?.others ?? []).map((o) => o.plantId)])
  return [...library.plants]
    .filter((p) => !taken.has(p.id))
    .sort((a, b) => Number(near.has(b.id)) - Number(near.has(a.id)))
    .map((p) => ({ label: p.commonName, value: p.id }))
})
const save = (next: Mix | null) => store.edit(withMix(props.drift, next))
const FIRST_SHARE = 0.3

function add(plantId: unknown) {
  if (typeof plantId !== 'string' || plantId === '') return
  const others = mix.value?.others ?? []
  const room = 0.95 - others.reduce((sum, o) => sum + o.share, 0)
  const share = Math.round(Math.min(FIRST_SHARE, room * 0.5) * 100) / 100
  if (share >= 0.01) save({ how: mix.value?.how ?? 'matrix', others: [...others, { plantId, share }] })
}
const setWay = (how: MixWay) => mix.value && save({ ...mix.value, how })
function setShare(plantId: string, hundredths: number) {
  if (!mix.value) return
  const others = mix.value.others.map((o) => (o.plantId === plantId ? { ...o, share: hundredths / 100 } : o))
  if (others.reduce((sum, o) => sum + o.share, 0) < 0.99) save({ ...mix.value, others })
}
const remove = (plantId: string) =>
  mix.value && save({ ...mix.value, others: mix.value.others.filter((o) => o.plantId !== plantId) })
const countOf = (id: string) => counts.value.get(id) ?? 0
const most = (share: number) => {
  const all = (mix.value?.others ?? []).reduce((sum, o) => sum + o.share, 0)
  return Math.max(1, percent(0.98 - all + share))
}
</script>

<template>
  <div class="grid gap-1.5 mt-1.5" data-testid="mix-fields">
    <template v-if="mix">
      <USelect
        :model-value="mix.how"
        :items="ways"
        size="xs"
        aria-label="How the kinds are mixed"
        @update:model-value="setWay"
      />
      <ul>
        <li class="flex items-center gap-1.5 text-xs">
          <span class="kind flex-1 truncate">{{ nameOf(drift.plantId) }}</span>
          <b>{{ countOf(drift.plantId) }}</b>
        </li>
        <li class="flex items-center gap-1.5 text-xs" v-for="o in mix.others" :key="o.plantId">
          <span class="kind flex-1 truncate">{{ nameOf(o.plantId) }}</span>
          <b>{{ countOf(o.plantId) }}</b>
          <NumberInput
            hide-label
            :label="`Share of ${nameOf(o.plantId)}, hundredths`"
            class="w-15"
            :model-value="percent(o.share)"
            :min="1"
            :max="most(o.share)"
            whole
            @update:model-value="(n) => setShare(o.plantId, n)"
          />
          <span>%</span>
          <UButton
            size="xs"
            color="neutral"
            variant="ghost"
            icon="i-lucide-x"
            :aria-label="`Without ${nameOf(o.plantId)}`"
            @click="remove(o.plantId)"
          />
        </li>
      </ul>
    </template>
    <USelectMenu
      :model-value="''"
      :items="kinds"
      value-key="value"
      size="xs"
      virtualize
      placeholder="Share its place with …"
      aria-label="Share its place with"
      @update:model-value="add"
    />
  </div>
</template>

<style scoped>
.kind::first-letter {
  text-transform: uppercase;
}
</style>
