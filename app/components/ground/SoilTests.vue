<script setup lang="ts">
import { jarTest, percolation, ribbonSoil } from '~~/core/site'

const { say, length } = useManner()

/** Three tests done on site with a jar, a hand and a spade; each can write its result into the book. */
const store = useBedStore()
const put = (change: object) =>
  store.edit({ kind: 'setBed', change: { ground: { ...store.bed!.ground, ...change } } })
const jar = reactive({ sand: 62, silt: 41, clay: 22 })
const ribbon = reactive({ cm: 2, gritty: true })
const hole = reactive({ mm: 45, minutes: 60 })
const texture = computed(() => jarTest(jar.sand, jar.silt, jar.clay))
const felt = computed(() => ribbonSoil(ribbon.cm, ribbon.gritty))
const drains = computed(() => percolation(hole.mm, hole.minutes))
/** The layers as drawn in the jar, its water line at 44. */
const JAR_PX = 70
const FOOT_PX = 114
const layers = computed(() => {
  const { sand, silt, clay } = texture.value ?? { sand: 0, silt: 0, clay: 0 }
  return {
    sand: JAR_PX * sand,
    silt: JAR_PX * silt,
    clay: JAR_PX * clay,
    sandTop: FOOT_PX - JAR_PX * sand,
    siltTop: FOOT_PX - JAR_PX * (sand + silt),
  }
})
const hundredths = (n: number) => `${percent(n)} %`
</script>

<template>
  <div class="grid gap-4 p-5 overflow-y-auto grid-cols-[1fr_1fr] content-start">
    <article
      class="bg-card border border-line rounded-md py-4 px-4.5 text-sm leading-normal text-soft first:row-span-2"
    >
      <h3 class="text-lg font-semibold text-ink mb-1">The jar</h3>
      <p>
        Fill a straight jar a third with soil, crumbled and without stones, the rest with water and a drop of soap.
        Shake it for three minutes and set it down. Mark the height after
        <b>one minute</b>
        (sand), after
        <b>two hours</b>
        (sand and silt), and when the water is clear, in a
        <b>day or two</b>
        (clay on top).
      </p>
      <div class="flex gap-4 items-end my-3 mx-0">
        <svg viewBox="0 0 70 120" class="jar" role="img" aria-label="Layers in the jar">
          <rect x="8" y="6" width="54" height="110" rx="8" fill="none" stroke="currentColor" stroke-width="2" />
          <g v-if="texture">
            <rect x="10" :y="layers.sandTop" width="50" :height="layers.sand" fill="#c8a56a" />
            <rect x="10" :y="layers.siltTop" width="50" :height="layers.silt" fill="#9a7b52" />
            <rect x="10" y="44" width="50" :height="layers.clay" fill="#7a4f3a" />
          </g>
        </svg>
        <div class="grid gap-1.5 w-34">
          <QuantityInput
            label="Sand"
            unit="mm"
            :model-value="jar.sand"
            :min="0"
            :max="500"
            @update:model-value="
              (v) => {
                jar.sand = v
              }
            "
          />
          <QuantityInput
            label="Silt"
            unit="mm"
            :model-value="jar.silt"
            :min="0"
            :max="500"
            @update:model-value="
              (v) => {
                jar.silt = v
              }
            "
          />
          <QuantityInput
            label="Clay"
            unit="mm"
            :model-value="jar.clay"
            :min="0"
            :max="500"
            @update:model-value="
              (v) => {
                jar.clay = v
              }
            "
          />
        </div>
      </div>
      <p v-if="texture" class="text-ink" data-testid="jar">
        {{ hundredths(texture.sand) }} sand, {{ hundredths(texture.silt) }} silt,
        {{ hundredths(texture.clay) }} clay:
        <b>{{ texture.texture }}.</b>
        <UButton size="xs" color="neutral" variant="outline" @click="put({ soil: texture.soil })">
          Write “{{ texture.soil }}” in the book
        </UButton>
      </p>
      <p v-else class="text-ink">Type the heights of the layers.</p>
    </article>
    <article
      class="bg-card border border-line rounded-md py-4 px-4.5 text-sm leading-normal text-soft first:row-span-2"
    >
      <h3 class="text-lg font-semibold text-ink mb-1">The ribbon</h3>
      <p>
        Wet a handful until it holds as a ball, then press it out between thumb and finger, upward, until it breaks
        of its own weight. Measure the ribbon; rub a pinch for grit.
      </p>
      <div class="flex gap-4 items-end my-3 mx-0">
        <QuantityInput
          label="Ribbon"
          unit="cm"
          :model-value="ribbon.cm"
          :min="0"
          :max="20"
          @update:model-value="
            (v) => {
              ribbon.cm = v
            }
          "
        />
        <USwitch v-model="ribbon.gritty" size="sm" label="feels gritty" />
      </div>
      <p class="text-ink">
        {{ felt.words }}.
        <UButton size="xs" color="neutral" variant="outline" @click="put({ soil: felt.soil })">
          Write “{{ felt.soil }}” in the book
        </UButton>
      </p>
    </article>
    <article
      class="bg-card border border-line rounded-md py-4 px-4.5 text-sm leading-normal text-soft first:row-span-2"
    >
      <h3 class="text-lg font-semibold text-ink mb-1">The hole</h3>
      <p>
        Dig {{ length(0.3, 1) }} deep where the bed will be (services located first), fill it with water and let it
        drain. Fill it again and see how far the water falls in how long.
      </p>
      <div class="flex gap-4 items-end my-3 mx-0">
        <QuantityInput
          label="Fell"
          unit="mm"
          :model-value="hole.mm"
          :min="0"
          :max="2000"
          @update:model-value="
            (v) => {
              hole.mm = v
            }
          "
        />
        <NumberInput
          label="in minutes"
          :model-value="hole.minutes"
          :min="0.5"
          :max="2880"
          @update:model-value="
            (v) => {
              hole.minutes = v
            }
          "
        />
      </div>
      <p v-if="drains" class="text-ink" data-testid="percolation">
        <b>{{ say(`${drains.mmPerH.toFixed(0)}\u202fmm`) }} an hour:</b>
        {{ drains.words }}.
        <UButton size="xs" color="neutral" variant="outline" @click="put({ drainage: drains.drainage })">
          Write it in the book
        </UButton>
      </p>
    </article>
  </div>
</template>

<style scoped>
.jar {
  width: 84px;
  flex: none;
  color: var(--ink);
}
</style>
