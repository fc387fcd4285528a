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
      <table v-if="parts.length > 0" class="w-full border-collapse text-sm" data-testid="meetings">
        <thead>
          <tr>
            <th
              class="text-left align-top py-1.5 pr-2.5 pl-0 border-b border-line text-soft font-normal text-xs"
              scope="col"
            >
              Part
            </th>
            <th
              class="text-left align-top py-1.5 pr-2.5 pl-0 border-b border-line text-soft font-normal text-xs"
              scope="col"
            >
              Here
            </th>
            <th
              class="text-left align-top py-1.5 pr-2.5 pl-0 border-b border-line text-soft font-normal text-xs"
              scope="col"
            >
              Saved at {{ when }}
            </th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="part in parts" :key="part.key">
            <th
              class="text-left align-top py-1.5 pr-2.5 pl-0 border-b border-line font-semibold w-[30%]"
              scope="row"
            >
              {{ part.title }}
            </th>
            <td
              class="text-left align-top py-1.5 pr-2.5 pl-0 border-b border-line"
              v-for="side in ['mine', 'theirs'] as const"
              :key="side"
            >
              <label
                class="flex gap-1.5 items-baseline cursor-pointer min-h-7 text-soft [&.on]:text-ink"
                :class="{ on: sideOf(part.key) === side }"
              >
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
      <p v-if="unfit" class="text-amber-deep mt-3 mb-0 mx-0" role="alert">
        Chosen so, the parts do not fit together. Take one side whole.
      </p>
      <div class="flex flex-wrap gap-2.5 mt-4.5">
        <UButton v-if="parts.length > 0" color="primary" @click="settle()">Go on with these</UButton>
        <UButton color="neutral" variant="outline" @click="settle('mine')">Keep all of here</UButton>
        <UButton color="neutral" variant="outline" @click="settle('theirs')">Take all of there</UButton>
      </div>
      <p class="hint mt-3.5 mb-0 mx-0 text-sm text-soft">
        Your version comes back with Undo; the other stands in the history.
      </p>
    </template>
  </UModal>
</template>
