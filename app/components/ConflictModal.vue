<script setup lang="ts">
const { say, timeOf } = useManner()

/** The same was changed here and elsewhere: the user chooses part by part, and what either changed alone is taken from both. */
const { what, parts, sideOf, choose, settle, unfit, savedAt } = useConflict()
const when = computed(() => (savedAt.value ? timeOf(savedAt.value, 'second') : ''))
const said = computed(() =>
  parts.value.length > 0
    ? 'Somebody saved the same parts while you worked on them. Choose for each; all else of both is kept.'
    : 'What was saved elsewhere does not fit together with what you did. Choose which version goes on.',
)
</script>

<template>
  <UModal
    :open="what !== null"
    :dismissible="false"
    :close="false"
    :title="`This ${what ?? 'bed'} was changed elsewhere`"
    :description="said"
    :ui="{ content: 'max-w-2xl' }"
  >
    <template #body>
      <table v-if="parts.length > 0" class="parts" data-testid="meetings">
        <thead>
          <tr>
            <th scope="col">Part</th>
            <th scope="col">Here</th>
            <th scope="col">Saved at {{ when }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="part in parts" :key="part.key">
            <th scope="row">{{ part.title }}</th>
            <td v-for="side in ['mine', 'theirs'] as const" :key="side">
              <label class="side" :class="{ on: sideOf(part.key) === side }">
                <input
                  type="radio"
                  :name="part.key"
                  :value="side"
                  :checked="sideOf(part.key) === side"
                  @change="choose(part.key, side)"
                />
                {{ say(part[side]) }}
              </label>
            </td>
          </tr>
        </tbody>
      </table>
      <p v-if="unfit" class="unfit" role="alert">Chosen so, the parts do not fit together. Take one side whole.</p>
      <div class="ends">
        <UButton v-if="parts.length > 0" color="primary" @click="settle()">Go on with these</UButton>
        <UButton color="neutral" variant="outline" @click="settle('mine')">Keep all of here</UButton>
        <UButton color="neutral" variant="outline" @click="settle('theirs')">Take all of there</UButton>
      </div>
      <p class="hint">Your version comes back with Undo; the other stands in the history.</p>
    </template>
  </UModal>
</template>

<style scoped>
.parts {
  width: 100%;
  border-collapse: collapse;
  font-size: 13px;
}
th,
td {
  text-align: left;
  vertical-align: top;
  padding: 6px 8px 6px 0;
  border-bottom: 1px solid var(--line);
}
thead th {
  color: var(--soft);
  font-weight: 400;
  font-size: 12px;
}
tbody th {
  font-weight: 600;
  width: 30%;
}
.side {
  display: flex;
  gap: 6px;
  align-items: baseline;
  cursor: pointer;
  min-height: 24px;
  color: var(--soft);
}
.on {
  color: var(--ink);
}
.ends {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-top: 16px;
}
.unfit {
  color: var(--amber-deep);
  margin: 10px 0 0;
}
.hint {
  margin: 12px 0 0;
  font-size: 12.5px;
  color: var(--soft);
}
</style>
