<script setup lang="ts">
import type { Drift } from '~~/core/model'
import { kindsOf, laneNames } from '~~/core/bed'
import { plantsByDrift } from '~~/core/layout'

const store = useBedStore()
const compose = useComposeStore()
const library = useLibraryStore()
const { scene } = useScene()
const { change, remove, pin, unpin } = useChosen()
const { units } = useManner()
const lanes = computed(() => laneNames(store.bed?.laneShares.length ?? 1, store.bed?.form.kind))
const open = ref<string | null>(null)
const groups = computed(() =>
  lanes.value.map((name, lane) => ({
    name,
    lane,
    drifts: (store.bed?.drifts ?? []).filter((d) => d.lane === lane).sort((a, b) => a.at - b.at),
  })),
)
const plantsOf = (driftId: string) => (scene.value && plantsByDrift(scene.value.placement).get(driftId)) ?? []
const chooseRow = (id: string, isMore: boolean) => (isMore ? compose.alsoChoose(id) : compose.choose(id))
const namesOf = (drift: Drift) => kindsOf(drift).map(nameOf).join(', ')
const nameOf = (plantId: string) => library.byId.get(plantId)?.commonName ?? `${plantId} (not in the library)`
</script>

<template>
  <div v-roving="'.drift'" class="list pt-1.5 pb-4 px-3.5" data-testid="drift-list">
    <section v-for="group in groups" :key="group.lane" :aria-label="`${group.name} lane`">
      <h3 class="text-sm mt-2.5 mb-1 mx-0 text-soft">{{ group.name }}</h3>
      <p v-if="group.drifts.length === 0" class="text-sm text-soft">Nothing in this lane.</p>
      <div
        v-for="drift in group.drifts"
        :key="drift.id"
        class="drift border-b border-line/60 py-0.5 px-0"
        :class="{ chosen: compose.driftId === drift.id || compose.many.includes(drift.id) }"
      >
        <div class="flex items-center gap-2.5">
          <button
            class="flex-1 text-left font-serif cursor-pointer text-base [.chosen_&]:text-amber-deep [.chosen_&]:font-semibold"
            @click="(event: MouseEvent) => chooseRow(drift.id, event.shiftKey)"
          >
            {{ namesOf(drift) }}
          </button>
          <span class="text-xs text-soft">× {{ drift.count }}</span>
          <UButton
            size="xs"
            color="neutral"
            variant="ghost"
            :icon="open === drift.id ? 'i-lucide-chevron-up' : 'i-lucide-chevron-down'"
            :aria-label="`Figures of ${nameOf(drift.plantId)}`"
            :aria-expanded="open === drift.id"
            @click="open = open === drift.id ? null : drift.id"
          />
        </div>
        <div v-if="open === drift.id" class="grid grid-cols-[1fr_1fr] gap-1.5 pt-1 pb-2.5 px-0 items-end">
          <LengthInput
            label="Middle at"
            :model-value="drift.at"
            :units="units"
            :max="scene?.frame.frontLength ?? 500"
            @update:model-value="(at) => change(drift.id, { at })"
          />
          <NumberInput
            label="Count"
            :model-value="drift.count"
            :min="1"
            :max="500"
            whole
            @update:model-value="(count) => change(drift.id, { count })"
          />
          <USelect
            :model-value="drift.lane"
            :items="lanes.map((label, value) => ({ label, value }))"
            size="sm"
            aria-label="Lane"
            @update:model-value="(lane) => change(drift.id, { lane: Number(lane) })"
          />
          <UButton size="xs" color="neutral" variant="outline" icon="i-lucide-trash-2" @click="remove(drift.id)">
            Take out
          </UButton>
          <ul class="col-span-full">
            <li
              class="grid grid-cols-[24px_1fr_1fr_26px] gap-1 items-center py-px px-0"
              v-for="p in plantsOf(drift.id)"
              :key="p.id"
              :class="{ chosen: compose.plantId === p.id }"
            >
              <button
                class="cursor-pointer text-soft text-xs [.chosen_&]:text-amber-deep [.chosen_&]:font-bold"
                @click="compose.choose(drift.id, p.id)"
              >
                {{ nth(p.index) }}
              </button>
              <LengthInput
                hide-label
                :label="`Plant ${nth(p.index)} along`"
                :model-value="p.x"
                :units="units"
                :min="scene?.frame.firstX ?? 0"
                :max="scene?.frame.lastX ?? 500"
                @update:model-value="(x) => pin(drift.id, p.index, x, p.y)"
              />
              <LengthInput
                hide-label
                :label="`Plant ${nth(p.index)} out`"
                :model-value="p.y"
                :units="units"
                :min="-200"
                :max="200"
                @update:model-value="(y) => pin(drift.id, p.index, p.x, y)"
              />
              <UButton
                v-if="p.pinned"
                size="xs"
                color="secondary"
                variant="ghost"
                icon="i-lucide-pin-off"
                :aria-label="`Let plant ${nth(p.index)} go`"
                title="Let it go"
                @click="unpin(drift.id, p.index)"
              />
              <UIcon
                v-else-if="p.crowded"
                name="i-lucide-alert-triangle"
                class="text-amber-deep size-4.5"
                title="Crowded: no lawful place was found"
              />
            </li>
          </ul>
        </div>
      </div>
    </section>
  </div>
</template>
