<script setup lang="ts">
import { placeBeside } from '~~/core/mend'
import { conditionsAt } from '~~/core/scene'
import { cautionWords, fullHeightM, misfits, rangeWords, showsWords } from '~~/core/plant'

const { say, both, length } = useManner()

const store = useBedStore()
const compose = useComposeStore()
const { scene, letters, climate } = useScene()
const { drift, plant, placed, change, remove, unpin } = useChosen()
/** As it was before the hand took it: what a drag does not change stays as it is drawn. */
const still = computed(() => store.kept?.drifts.find((d) => d.id === drift.value?.id) ?? drift.value!)
const wrong = computed(() =>
  plant.value && scene.value
    ? misfits(plant.value, placed.value[0] ? conditionsAt(scene.value, placed.value[0]) : scene.value.site)
    : [],
)
const more = ref<'none' | 'swap' | 'partners' | 'arrange'>('none')
watch(
  () => drift.value?.id,
  () => {
    more.value = 'none'
  },
)
/** The roomiest place beside it. */
const place = computed(() => (scene.value && drift.value ? placeBeside(scene.value, drift.value.id) : null))
/** Where it stands against where it was put, and why. */
const shifted = computed(() => {
  const shift = scene.value?.placement.shifts.find((s) => s.driftId === drift.value?.id)
  if (!shift) return ''
  const by = shift.intoGapM + shift.byOthersM
  const why = Math.abs(shift.byOthersM) < 0.01 ? 'toward the gap behind' : 'to leave its neighbours room'
  const isBoth = Math.abs(shift.byOthersM) >= 0.01 && Math.abs(shift.intoGapM) >= 0.01
  const words = isBoth ? `${why}, and toward the gap behind` : why
  return `Stands ${length(Math.abs(by))} ${by < 0 ? 'left' : 'right'} of where it was put, ${words}.`
})
const pins = computed(() => placed.value.filter((p) => p.pinned))
const caution = computed(() => (plant.value ? cautionWords(plant.value) : ''))
const shows = computed(() => (plant.value ? showsWords(plant.value, compose.moment.month, climate.value) : ''))
const { orders, letGo } = useMany()
const order = computed(() =>
  orders.value.length > 0
    ? `Kept in ${orders.value.length === 1 ? 'an order' : `${orders.value.length} orders`}.`
    : '',
)
/** One key lets the orders of a drift go. */
useEventListener('keydown', (event: KeyboardEvent) => {
  const isTyping = event.target instanceof HTMLElement && event.target.closest('input, textarea, [role="combobox"]')
  const isPlain = event.key === 'g' && !event.ctrlKey && !event.metaKey
  if (isPlain && !isTyping && orders.value.length > 0) letGo()
})
function changeCount(by: number) {
  if (drift.value) change(drift.value.id, { count: drift.value.count + by })
}
</script>

<template>
  <ComposeManyCard v-if="compose.many.length > 1" />
  <section
    v-else-if="drift && plant"
    class="relative border-b-2 border-amber bg-card py-3 px-4 max-h-[62%] overflow-y-auto flex-none"
    aria-label="Plant card"
    data-testid="plant-card"
  >
    <button
      class="absolute right-2.5 top-2.5 cursor-pointer text-soft p-1"
      aria-label="Close the plant card"
      @click="compose.choose(null)"
    >
      <UIcon name="i-lucide-x" />
    </button>
    <div class="head flex gap-3 items-end">
      <PlantPortrait :plant="plant" :month="compose.moment.month" :width="76" :height="82" />
      <div>
        <h2 class="text-lg font-semibold leading-tight pr-5">{{ plant.commonName }}</h2>
        <p class="text-sm text-soft leading-snug">
          <BotanicalName :name="plant.botanicalName" />
          · key {{ letters.get(plant.id) }}
        </p>
        <p class="text-sm text-soft leading-snug">
          {{ both(fullHeightM(plant)) }} high, {{ both(plant.spreadM) }} across
        </p>
      </div>
    </div>
    <dl class="grid grid-cols-[54px_1fr] gap-y-0.5 gap-x-1.5 text-xs my-2.5 mx-0 leading-snug">
      <dt class="text-soft">Wants</dt>
      <dd>
        {{ rangeWords(plant.sun.brightest, plant.sun.darkest) }},
        {{ rangeWords(plant.water.driest, plant.water.wettest) }}, zones {{ plant.zones.coldest }}–{{
          plant.zones.warmest
        }}
      </dd>
      <dt class="text-soft">Shows</dt>
      <dd>
        {{ shows }}
      </dd>
      <template v-if="caution">
        <dt class="text-soft">Caution</dt>
        <dd class="text-amber-deep">{{ caution }}</dd>
      </template>
      <template v-if="wrong.length > 0">
        <dt class="text-soft">Not met</dt>
        <dd class="text-amber-deep">{{ say(wrong.map((w) => w.text).join('; ')) }}</dd>
      </template>
    </dl>
    <div class="row flex gap-2.5 items-center">
      <span class="inline-flex items-center gap-1.5" role="group" aria-label="Count">
        <UButton
          size="xs"
          color="neutral"
          variant="outline"
          icon="i-lucide-minus"
          aria-label="One fewer"
          :disabled="drift.count <= 1"
          @click="changeCount(-1)"
        />
        <b class="min-w-5.5 text-center" data-testid="drift-count">{{ drift.count }}</b>
        <UButton
          size="xs"
          color="neutral"
          variant="outline"
          icon="i-lucide-plus"
          aria-label="One more"
          @click="changeCount(1)"
        />
      </span>
      <span class="flex-1" />
      <UButton
        size="xs"
        color="neutral"
        variant="ghost"
        icon="i-lucide-trash-2"
        aria-label="Take the drift out"
        title="Take the drift out (Delete)"
        @click="remove(drift.id)"
      />
    </div>
    <ComposeShapeFields :drift="drift" :plant="plant" />
    <p v-if="shifted" class="text-xs text-soft mt-2 leading-normal" data-testid="shifted">{{ shifted }}</p>
    <ComposeMixFields :drift="still" />
    <ComposeStayFields :drift="still" />
    <p v-if="order" class="text-xs text-soft mt-2 leading-normal">
      {{ order }}
      <button class="link" @click="letGo">Let go (G)</button>
    </p>
    <p v-if="pins.length > 0" class="text-xs text-soft mt-2 leading-normal">
      {{ pins.length }} pinned by hand.
      <button v-for="p in pins.slice(0, 1)" :key="p.id" class="link" @click="unpin(p.driftId, p.index)">
        Let {{ pins.length > 1 ? 'one' : 'it' }} go
      </button>
    </p>
    <div class="flex gap-1.5 mt-2.5">
      <UButton
        size="xs"
        color="neutral"
        :variant="more === 'swap' ? 'soft' : 'outline'"
        icon="i-lucide-repeat-2"
        :aria-pressed="more === 'swap'"
        @click="more = more === 'swap' ? 'none' : 'swap'"
      >
        Swap
      </UButton>
      <UButton
        size="xs"
        color="neutral"
        :variant="more === 'partners' ? 'soft' : 'outline'"
        icon="i-lucide-users"
        :aria-pressed="more === 'partners'"
        @click="more = more === 'partners' ? 'none' : 'partners'"
      >
        Partners
      </UButton>
      <UButton
        size="xs"
        color="neutral"
        :variant="more === 'arrange' ? 'soft' : 'outline'"
        icon="i-lucide-layout-grid"
        :aria-pressed="more === 'arrange'"
        @click="more = more === 'arrange' ? 'none' : 'arrange'"
      >
        Arrange
      </UButton>
    </div>
    <ComposeSwapPanel v-if="more === 'swap'" :plant="plant" :drift-id="drift.id" />
    <ComposePlacePanel
      v-else-if="more === 'partners' && place"
      :at-m="place.atM"
      :lane="place.lane"
      :beside="plant"
      class="pt-1.5 pb-0 px-0"
    />
    <ComposeDriftActions v-else-if="more === 'arrange'" :drift="drift" />
  </section>
</template>

<style scoped>
h2::first-letter {
  text-transform: uppercase;
}
.swaps {
  font-size: var(--text-xs);
  color: var(--soft);
  margin-top: 7px;
  line-height: 1.5;
}
</style>
