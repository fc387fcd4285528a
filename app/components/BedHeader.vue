<script setup lang="ts">
import { sizeOfBed } from '~~/core/bed'
import { formatLength, type Units } from '~~/core/measure'
import { windWords } from '~~/core/site'

const store = useBedStore()
const { frame } = useAspect()
const { bare } = useGardenScene()
const { judged } = useBedLight()
const { units, region, figure } = useManner()
const other = computed(() => (units.value === 'metric' ? 'imperial' : 'metric'))
const sizeIn = (units: Units) => {
  if (!frame.value || !bare.value) return ''
  const said = (m: number) => formatLength(m, units, 1, region.value)
  const { lengthM, depthM } = sizeOfBed(bare.value, frame.value)
  return `${said(lengthM)} × ${said(depthM)}`
}
const size = computed(() => sizeIn(units.value))
const otherSize = computed(() => sizeIn(other.value))
const { facing } = useFacing()
const { active } = useDesk()
const last = computed(() => active.value.done[active.value.done.length - 1]?.name)
const sunWords = computed(() =>
  judged.value ? figure(judged.value.meanH, 1, 1) : String(store.bed?.ground.sunHours ?? ''),
)
const name = computed(() => store.bed?.name)
const { told } = useFollowing()
const showsHistory = ref(false)
/** Fetched when it is first opened. */
const hasShown = ref(false)
const openHistory = () => {
  hasShown.value = true
  showsHistory.value = true
}
const next = computed(() => active.value.undone[active.value.undone.length - 1]?.name)
</script>

<template>
  <header class="head">
    <span class="garden serif">{{ store.garden?.value.name }}</span>
    <h1>{{ name }}</h1>
    <span v-if="size" class="fact">
      {{ size }}
      <small>{{ otherSize }}</small>
    </span>
    <span v-if="facing" class="fact">faces {{ windWords(facing) }}</span>
    <span
      v-if="name !== undefined"
      class="fact"
      :title="judged ? 'computed from the site, mean of the growing season' : 'measured by hand'"
    >
      {{ sunWords }} h sun
      <small>{{ judged ? '' : 'by hand' }}</small>
    </span>
    <span class="space" />
    <PeopleHere :told="told" />
    <SaveStatus />
    <UButton
      color="neutral"
      variant="ghost"
      size="sm"
      icon="i-lucide-history"
      aria-label="History of this bed"
      title="What was done to this bed"
      @click="openHistory"
    />
    <UButton
      color="neutral"
      variant="outline"
      size="sm"
      icon="i-lucide-undo-2"
      class="undo"
      aria-label="Undo"
      :disabled="active.done.length === 0"
      :title="last ? `Undo: ${last} (Ctrl Z)` : 'Nothing to undo'"
      @click="active.undo()"
    >
      <span class="word">Undo</span>
    </UButton>
    <UButton
      color="neutral"
      variant="outline"
      size="sm"
      icon="i-lucide-redo-2"
      :disabled="active.undone.length === 0"
      aria-label="Redo"
      :title="next ? `Redo: ${next} (Ctrl Shift Z)` : 'Nothing to redo'"
      @click="active.redo()"
    />
    <LatePart v-if="hasShown" @missed="hasShown = false">
      <LazyHistoryPanel v-model:open="showsHistory" />
    </LatePart>
  </header>
</template>

<style scoped>
.head {
  display: flex;
  align-items: center;
  gap: 12px;
  height: 46px;
  padding: 0 14px;
  border-bottom: 1px solid var(--line);
  background: var(--card);
  flex: none;
  min-width: 0;
}
.garden {
  color: var(--soft);
  font-size: 15px;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
  max-width: 240px;
}
h1 {
  font-size: 19px;
  font-weight: 600;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
  max-width: 320px;
}
.fact {
  border-left: 1px solid var(--line);
  padding-left: 12px;
  font-size: 12.5px;
  white-space: nowrap;
}
/* What is asked for most often stays: the name, whether all is saved, and undo. */
@media (max-width: 1100px) {
  .fact small {
    display: none;
  }
}
@media (max-width: 900px) {
  .fact,
  .garden {
    display: none;
  }
}
@media (max-width: 700px) {
  .head {
    gap: 6px;
    padding: 0 8px;
  }
  h1 {
    min-width: 60px;
    flex: 1;
    font-size: 16px;
  }
  .space {
    display: none;
  }
  .word {
    display: none;
  }
}
small {
  color: var(--soft);
  font-size: 11.5px;
}
.space {
  flex: 1;
}
.head :deep(button),
.fact {
  flex: none;
}
</style>
