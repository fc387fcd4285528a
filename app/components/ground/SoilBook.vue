<script setup lang="ts">
import { DRAINAGE, EXPOSURE, IRRIGATION, type Ground } from '~~/core/model'
import { SOILS, WATER_CLASSES } from '~~/core/plant'

/** What the ground and the place do to plants. */
const store = useBedStore()
const ground = computed(() => store.bed!.ground)
const put = (change: Partial<Ground>) =>
  store.edit({ kind: 'setBed', change: { ground: { ...ground.value, ...change } } })
const items = (list: readonly string[], names: Readonly<Record<string, string>> = {}) =>
  list.map((value) => ({ label: names[value] ?? value, value }))
const drainage = items(DRAINAGE, {
  quick: 'quick, dries out',
  steady: 'steady',
  slow: 'slow',
  stands: 'water stands',
})
const irrigation = items(IRRIGATION, { none: 'rain only', hose: 'by hose', drip: 'drip', sprinkler: 'sprinkler' })
const HARMS = [
  { key: 'wind', label: 'Wind' },
  { key: 'salt', label: 'Salt' },
  { key: 'reflectedHeat', label: 'Reflected heat' },
  { key: 'deer', label: 'Deer' },
  { key: 'rabbits', label: 'Rabbits' },
] as const
</script>

<template>
  <div>
    <section class="py-3.5 px-0 border-b border-line grid gap-2.5">
      <h3 class="text-lg font-semibold">
        Soil and water
        <FieldNote of="soil" />
      </h3>
      <div class="grid grid-cols-[1fr_1fr_1fr] gap-3 items-end">
        <div>
          <label class="block text-xs text-soft mb-1" for="soil">Soil</label>
          <USelect
            id="soil"
            :model-value="ground.soil"
            :items="items(SOILS)"
            size="sm"
            class="w-full"
            @update:model-value="(soil) => put({ soil: soil as Ground['soil'] })"
          />
        </div>
        <NumberInput
          label="pH"
          :model-value="ground.ph"
          :min="3"
          :max="10"
          @update:model-value="(ph) => put({ ph })"
        />
        <div>
          <label class="block text-xs text-soft mb-1" for="drainage">Drains</label>
          <USelect
            id="drainage"
            :model-value="ground.drainage"
            :items="drainage"
            size="sm"
            class="w-full"
            @update:model-value="(d) => put({ drainage: d as Ground['drainage'] })"
          />
        </div>
        <div>
          <label class="block text-xs text-soft mb-1" for="water">In summer it is</label>
          <USelect
            id="water"
            :model-value="ground.water"
            :items="items(WATER_CLASSES)"
            size="sm"
            class="w-full"
            @update:model-value="(w) => put({ water: w as Ground['water'] })"
          />
        </div>
        <div>
          <label class="block text-xs text-soft mb-1" for="irrigation">Watered by</label>
          <USelect
            id="irrigation"
            :model-value="ground.irrigation"
            :items="irrigation"
            size="sm"
            class="w-full"
            @update:model-value="(i) => put({ irrigation: i as Ground['irrigation'] })"
          />
        </div>
        <USwitch
          :model-value="ground.wetInWinter"
          size="sm"
          label="stands wet in winter"
          class="pb-1.5"
          @update:model-value="(wetInWinter) => put({ wetInWinter })"
        />
      </div>
      <p class="hint text-xs text-soft leading-snug">
        The tests beside this fill in soil and drainage. Fertiliser only by a soil test; the local extension office
        does it.
      </p>
    </section>
    <section class="py-3.5 px-0 border-b border-line grid gap-2.5">
      <h3 class="text-lg font-semibold">Exposure to harm</h3>
      <div v-for="h in HARMS" :key="h.key" class="grid grid-cols-[120px_1fr] items-center text-sm">
        <span>{{ h.label }}</span>
        <div class="flex gap-1" role="group" :aria-label="h.label">
          <UButton
            v-for="e in EXPOSURE"
            :key="e"
            size="xs"
            :color="ground[h.key] === e ? 'primary' : 'neutral'"
            :variant="ground[h.key] === e ? 'solid' : 'outline'"
            :aria-pressed="ground[h.key] === e"
            @click="put({ [h.key]: e })"
          >
            {{ e }}
          </UButton>
        </div>
      </div>
      <p class="hint text-xs text-soft leading-snug">
        Deer and rabbits, wet winters and standing water count in the second look; wind, salt and heat are told to
        whoever chooses the plants.
      </p>
    </section>
  </div>
</template>
