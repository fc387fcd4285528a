<script setup lang="ts">
import type { SchoolId } from '~~/core/model'
import { SCHOOLS } from '~~/core/bed'

const store = useBedStore()
const { judged, findings, accepted } = useScene()
const schools = Object.values(SCHOOLS).map((s) => ({ label: s.name, value: s.id }))
const school = computed({
  get: () => store.bed?.school ?? 'layered',
  set: (id: SchoolId) => store.edit({ kind: 'setBed', change: { school: id } }),
})
const settled = computed(() => (judged.value?.findings ?? []).filter((f) => accepted.value.has(f.id)))
/** Accepted earlier, and not found any more: still listed, so that the reason is not lost. */
const past = computed(() =>
  judged.value
    ? [...accepted.value.values()].filter((a) => !judged.value!.findings.some((f) => f.id === a.findingId))
    : [],
)
const hazards = computed(() => {
  const kinds = new Map(judged.value?.scene.placement.plants.map((p) => [p.plant.id, p.plant]))
  const names = (of: 'poison' | 'sap' | 'thorns') =>
    [...kinds.values()].filter((p) => p.hazards.includes(of)).map((p) => p.commonName)
  const invasive = [...kinds.values()]
    .filter((p) => p.invasiveNote)
    .map((p) => `${p.commonName} (${p.invasiveNote.toLowerCase()})`)
  return [
    ['Poisonous parts', names('poison')],
    ['Irritant sap', names('sap')],
    ['Thorns', names('thorns')],
    ['May be invasive: check the local list', invasive],
  ].filter((row): row is [string, string[]] => row[1]!.length > 0)
})
const acceptedCount = computed(() => settled.value.length + past.value.length)
</script>

<template>
  <div>
    <div class="top pt-2.5 pb-3 px-4 border-b border-line">
      <div class="flex items-center gap-2.5 text-xs text-soft mb-1.5">
        <label for="school">Judged as</label>
        <FieldNote of="lookAgain" />
        <PlainSelect id="school" v-model="school" :items="schools" class="flex-1" />
      </div>
      <ComposeMarkList />
    </div>
    <ComposeLogProposals />
    <p v-if="judged && judged.scene.placement.plants.length === 0" class="py-4.5 px-4 text-soft leading-normal">
      Nothing stands here yet. Open the shortlist, pick a plant and set it into a lane; the second look begins with
      the first one.
    </p>
    <p v-else-if="judged && findings.length === 0" class="good py-4.5 px-4 leading-normal text-good">
      Nothing left that wants mending.
    </p>
    <div data-testid="findings">
      <ComposeFindingCard v-for="finding in findings" :key="finding.id" :finding="finding" />
    </div>
    <details v-if="acceptedCount > 0" class="border-b border-line">
      <summary class="py-2.5 px-4 text-sm cursor-pointer text-soft">Accepted ({{ acceptedCount }})</summary>
      <ComposeFindingCard
        v-for="finding in settled"
        :key="finding.id"
        :finding="finding"
        :accepted-reason="accepted.get(finding.id)?.reason"
      />
      <p v-for="a in past" :key="a.findingId" class="pt-0 pb-2.5 px-4 text-sm text-soft leading-snug">
        {{ a.title }}: {{ a.reason }}
        <em>(no longer found)</em>
      </p>
    </details>
    <details v-if="hazards.length > 0" class="border-b border-line">
      <summary class="py-2.5 px-4 text-sm cursor-pointer text-soft">Cautions</summary>
      <p class="pt-0 pb-2.5 px-4 text-sm text-soft leading-snug" v-for="[name, plants] in hazards" :key="name">
        <b>{{ name }}:</b>
        {{ plants.join(', ') }}.
      </p>
      <p class="pt-0 pb-2.5 px-4 text-sm text-soft leading-snug">
        Before digging, have underground services located and ask the local code. Heavy pots and root balls: lift
        with help.
      </p>
    </details>
  </div>
</template>
