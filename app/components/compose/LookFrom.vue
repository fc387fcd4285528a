<script setup lang="ts">
import { describeViewpoint } from '~~/core/draw'
import { MONTH_NAMES } from '~~/core/time'

const { say } = useManner()

/** Where the elevation is seen from, and the walk round the bed. */
const store = useBedStore()
const compose = useComposeStore()
const { viewpoint, fromSite, frame } = useAspect()
const YEARS = ['planting year', 'first year']
const when = computed(
  () => `${MONTH_NAMES[compose.moment.month - 1]}, ${YEARS[compose.moment.year] ?? `year ${compose.moment.year}`}`,
)
const OWN = 'own'
/** The menu of drawings is fetched when it is first wanted. */
const hasAsked = ref(false)
const items = computed((before?: { label: string; value: string }[]) => {
  const now = [
    { label: store.bed?.viewpoint.name ?? '', value: OWN },
    ...fromSite.value.map((v) => ({ label: v.thing.name, value: v.thing.id })),
  ]
  return unlessSame(before, now)
})
const chosen = computed({
  get: () => compose.viewpointId ?? OWN,
  set: (id) => compose.lookFrom(id === OWN ? null : id),
})
const sides = computed(() => frame.value?.closed || store.bed?.form.kind === 'two-sided')
const STEP_DEG = 45
const walk = (by: number) => {
  compose.walkDeg = ((compose.walkDeg + by + 540) % 360) - 180
}
const isMain = computed(() => compose.viewpointId === null && compose.walkDeg === 0)

function makeMain() {
  if (!viewpoint.value) return
  store.edit({
    kind: 'setBed',
    change: { viewpoint: { ...viewpoint.value, turnDeg: Math.round(viewpoint.value.turnDeg) } },
  })
  compose.lookFrom(null)
}
/** Cut where the picture is narrow: then its title says the rest. */
const seenFrom = computed(() =>
  viewpoint.value ? `${say(describeViewpoint(viewpoint.value))} · ${when.value}` : '',
)
</script>

<template>
  <div class="h-6.5 flex items-center gap-1 py-0 px-3.5 whitespace-nowrap overflow-hidden">
    <h2 class="text-base font-semibold font-serif">From</h2>
    <PlainSelect
      v-if="items.length > 1"
      v-model="chosen"
      :items="items"
      class="font-serif font-semibold text-sm py-0 pr-6.5 pl-1 h-6 text-ink"
      aria-label="Look from"
      data-testid="look-from"
    />
    <b v-else class="serif text-base font-semibold font-serif">{{ viewpoint?.name.toLowerCase() }}</b>
    <small
      class="text-xs font-normal text-soft ml-1.5 overflow-hidden text-ellipsis flex-[0_1_auto] min-w-0"
      v-if="seenFrom"
      :title="seenFrom"
    >
      {{ seenFrom }}
    </small>
    <span class="flex-1" />
    <template v-if="sides">
      <UButton
        size="xs"
        color="neutral"
        variant="ghost"
        icon="i-lucide-rotate-ccw"
        aria-label="Walk round to the left"
        title="Walk round to the left"
        @click="walk(store.bed?.form.kind === 'two-sided' ? 180 : STEP_DEG)"
      />
      <label class="flex-none">
        <span class="sr-only">Walk round the bed</span>
        <input
          class="w-27 block"
          v-model.number="compose.walkDeg"
          type="range"
          min="-180"
          max="180"
          step="5"
          data-testid="walk"
        />
      </label>
      <UButton
        size="xs"
        color="neutral"
        variant="ghost"
        icon="i-lucide-rotate-cw"
        aria-label="Walk round to the right"
        title="Walk round to the right"
        @click="walk(store.bed?.form.kind === 'two-sided' ? 180 : -STEP_DEG)"
      />
    </template>
    <LatePart v-if="hasAsked" @missed="hasAsked = false"><LazyComposeDrawingsMenu /></LatePart>
    <UButton
      v-else
      size="xs"
      color="neutral"
      variant="ghost"
      icon="i-lucide-download"
      class="main flex-none h-5.5"
      aria-haspopup="menu"
      data-testid="sheets"
      @click="hasAsked = true"
    >
      Drawings
    </UButton>
    <UButton
      v-if="!isMain"
      size="xs"
      color="neutral"
      variant="outline"
      class="main flex-none h-5.5"
      @click="makeMain"
    >
      Make it the main view
    </UButton>
  </div>
</template>
