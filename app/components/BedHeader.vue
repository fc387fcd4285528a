<script setup lang="ts">
import { sizeOfBed } from '~~/core/bed'
import { formatLength } from '~~/core/measure'

const store = useBedStore()
const { frame } = useAspect()
const { judged } = useBedLight()
const units = computed(() => store.garden?.value.units ?? 'metric')
const other = computed(() => (units.value === 'metric' ? 'imperial' : 'metric'))
const size = computed(() => {
  if (!frame.value) return null
  const { lengthM: length, depthM: depth } = sizeOfBed(store.bed!, frame.value)
  const text = (u: 'metric' | 'imperial') => `${formatLength(length, u, 1)} × ${formatLength(depth, u, 1)}`
  return { main: text(units.value), other: text(other.value) }
})
const { facing } = useFacing()
const { active } = useDesk()
const last = computed(() => active.value.done[active.value.done.length - 1]?.name)
const showsHistory = ref(false)
const openHistory = () => {
  showsHistory.value = true
}
const next = computed(() => active.value.undone[active.value.undone.length - 1]?.name)
</script>

<template>
  <header class="head">
    <span class="garden serif">{{ store.garden?.value.name }}</span>
    <h1>{{ store.bed?.name }}</h1>
    <span v-if="size" class="fact">
      {{ size.main }}
      <small>{{ size.other }}</small>
    </span>
    <span v-if="facing" class="fact">faces {{ facing }}</span>
    <span
      v-if="store.bed"
      class="fact"
      :title="judged ? 'computed from the site, mean of the growing season' : 'measured by hand'"
    >
      {{ judged ? judged.meanH.toFixed(1) : store.bed.ground.sunHours }} h sun
      <small>{{ judged ? '' : 'by hand' }}</small>
    </span>
    <span class="space" />
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
      :disabled="active.done.length === 0"
      :title="last ? `Undo: ${last} (Ctrl Z)` : 'Nothing to undo'"
      @click="active.undo()"
    >
      Undo
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
    <HistoryPanel v-model:open="showsHistory" />
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
small {
  color: var(--soft);
  font-size: 11.5px;
}
.space {
  flex: 1;
}
</style>
