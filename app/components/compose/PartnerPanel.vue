<script setup lang="ts">
import { libraryMonth } from '~~/core/time'
import { conditionsAt } from '~~/core/scene'
import type { Partnership } from '~~/core/match'
import type { Plant } from '~~/core/plant'

/** What goes with a plant: pairs, trios and fives, each as a small line-up in the month that is looked at, with why. */
const props = defineProps<{ seed: Plant }>()
const store = useBedStore()
const library = useLibraryStore()
const compose = useComposeStore()
const { scene } = useScene()
const { placed } = useChosen()
const size = ref<2 | 3 | 5>(3)
const bias = ref(0.5)
const groups = shallowRef<readonly Partnership[]>([])
const working = ref(false)
const problem = ref('')
watchEffect(async (clean) => {
  let live = true
  clean(() => {
    live = false
  })
  const now = scene.value
  if (!now) return
  working.value = true
  // The chosen drift's own place, when it is the drift of this plant.
  const own = placed.value[0]?.plant.id === props.seed.id ? placed.value[0] : undefined
  const site = own ? conditionsAt(now, own) : now.site
  const ask = {
    seed: props.seed,
    size: size.value,
    site,
    month: libraryMonth(compose.moment.month, now.climate),
    bias: bias.value,
    most: 5,
  }
  try {
    const answer = await askPartners(library.plants, ask)
    if (live) {
      groups.value = answer
      problem.value = ''
    }
  } catch (error) {
    if (live) {
      groups.value = []
      problem.value = (error as Error).message
    }
  } finally {
    if (live) working.value = false
  }
})
const listed = computed(() => new Set(store.bed?.shortlist ?? []))
function take(group: Partnership) {
  store.edit({
    kind: 'setShortlist',
    plantIds: [...new Set([...(store.bed?.shortlist ?? []), ...group.plants.map((p) => p.id)])],
  })
}
const scale = (group: Partnership) =>
  Math.min(46, 62 / Math.max(...group.plants.map((p) => Math.max(p.foliageHeightM, p.flowerHeightM))))
const BOX_PX = 68
const SIZES = { 2: 'pairs', 3: 'trios', 5: 'fives' } as const
const boxWidth = (plant: Plant, group: Partnership) => Math.max(34, plant.spreadM * scale(group) + 8)
</script>

<template>
  <div class="partners" data-testid="partners">
    <div class="top">
      <b>Goes with {{ seed.commonName }}</b>
      <div role="group" aria-label="How many together">
        <UButton
          v-for="n in [2, 3, 5] as const"
          :key="n"
          size="xs"
          color="neutral"
          :variant="size === n ? 'soft' : 'ghost'"
          :aria-pressed="size === n"
          @click="size = n"
        >
          {{ SIZES[n] }}
        </UButton>
      </div>
    </div>
    <label class="bias">
      <span>evergreen first</span>
      <input
        v-model.number="bias"
        type="range"
        min="0"
        max="1"
        step="0.1"
        aria-label="From evergreen only to flower first"
      />
      <span>flower first</span>
    </label>
    <p v-if="problem" class="hint" role="alert">
      {{ problem }} Choose another number or move the slider to ask again.
    </p>
    <p v-else-if="groups.length === 0 && !working" class="hint">
      Nothing in the library fits this place well enough.
    </p>
    <article v-for="g in groups" :key="g.plants.map((p) => p.id).join('+')">
      <div class="line">
        <PlantPortrait
          v-for="p in g.plants"
          :key="p.id"
          :plant="p"
          :month="compose.moment.month"
          :width="boxWidth(p, g)"
          :height="BOX_PX"
          :px-per-m="scale(g)"
        />
      </div>
      <p class="names">{{ g.plants.map((p) => p.commonName).join(' · ') }}</p>
      <p class="hint">{{ g.score }} of 100: {{ g.reasons.join('; ') }}</p>
      <div class="acts">
        <UButton
          size="xs"
          color="neutral"
          variant="outline"
          icon="i-lucide-plus"
          :disabled="g.plants.every((p) => listed.has(p.id))"
          @click="take(g)"
        >
          {{ g.plants.every((p) => listed.has(p.id)) ? 'On the shortlist' : 'To the shortlist' }}
        </UButton>
      </div>
    </article>
  </div>
</template>

<style scoped>
.partners {
  padding: 8px 14px;
  font-size: 12.5px;
}
.top {
  display: flex;
  gap: 8px;
  align-items: center;
  justify-content: space-between;
  flex-wrap: wrap;
}
.bias {
  display: flex;
  gap: 6px;
  align-items: center;
  font-size: 11.5px;
  color: var(--soft);
}
.bias input {
  flex: 1;
  min-width: 60px;
}
article {
  border-top: 1px solid var(--line);
  padding: 6px 0 8px;
}
.line {
  display: flex;
  align-items: flex-end;
  gap: 0;
  background: linear-gradient(transparent calc(100% - 3px), var(--soil) 0);
  overflow: hidden;
}
.acts {
  display: flex;
  gap: 6px;
}
.names {
  font-family: var(--font-serif);
  line-height: 1.3;
  margin-top: 3px;
}
.hint {
  color: var(--soft);
  font-size: 11.5px;
  line-height: 1.3;
  margin-bottom: 4px;
}
</style>
