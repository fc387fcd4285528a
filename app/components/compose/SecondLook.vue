<script setup lang="ts">
import { SCHOOLS, type SchoolId } from '~~/core/bed'

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
    <div class="top">
      <div class="school">
        <label for="school">Judged as</label>
        <FieldNote of="lookAgain" />
        <PlainSelect id="school" v-model="school" :items="schools" class="select" />
      </div>
      <ComposeMarkList />
    </div>
    <ComposeLogProposals />
    <p v-if="judged && judged.scene.placement.plants.length === 0" class="empty">
      Nothing stands here yet. Open the shortlist, pick a plant and set it into a lane; the second look begins with
      the first one.
    </p>
    <p v-else-if="judged && findings.length === 0" class="empty good">Nothing left that wants mending.</p>
    <div data-testid="findings">
      <ComposeFindingCard v-for="finding in findings" :key="finding.id" :finding="finding" />
    </div>
    <details v-if="acceptedCount > 0" class="settled">
      <summary>Accepted ({{ acceptedCount }})</summary>
      <ComposeFindingCard
        v-for="finding in settled"
        :key="finding.id"
        :finding="finding"
        :accepted-reason="accepted.get(finding.id)?.reason"
      />
      <p v-for="a in past" :key="a.findingId" class="past">
        {{ a.title }}: {{ a.reason }}
        <em>(no longer found)</em>
      </p>
    </details>
    <details v-if="hazards.length > 0" class="settled cautions">
      <summary>Cautions</summary>
      <p v-for="[name, plants] in hazards" :key="name">
        <b>{{ name }}:</b>
        {{ plants.join(', ') }}.
      </p>
      <p>
        Before digging, have underground services located and ask the local code. Heavy pots and root balls: lift
        with help.
      </p>
    </details>
  </div>
</template>

<style scoped>
.top {
  padding: 8px 14px 10px;
  border-bottom: 1px solid var(--line);
}
.school {
  display: flex;
  align-items: center;
  gap: 8px;
  font-size: 12px;
  color: var(--soft);
  margin-bottom: 6px;
}
.select {
  flex: 1;
}
.empty {
  padding: 16px 14px;
  color: var(--soft);
  line-height: 1.45;
}
.good {
  color: var(--good);
}
.settled {
  border-bottom: 1px solid var(--line);
}
.settled summary {
  padding: 9px 14px;
  font-size: 12.5px;
  cursor: pointer;
  color: var(--soft);
}
.past,
.cautions p {
  padding: 0 14px 8px;
  font-size: 12.5px;
  color: var(--soft);
  line-height: 1.4;
}
</style>
