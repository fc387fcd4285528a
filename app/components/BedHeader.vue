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
  <header class="head max-[700px]:gap-1.5 max-[700px]:py-0 max-[700px]:px-2.5">
    <span class="serif text-soft text-lg max-w-69 max-[900px]:hidden truncate">{{ store.garden?.value.name }}</span>
    <h1 class="text-xl font-semibold max-w-91 max-[700px]:min-w-17 max-[700px]:flex-1 max-[700px]:text-lg truncate">
      {{ name }}
    </h1>
    <span v-if="size" class="border-l border-line pl-3.5 text-sm whitespace-nowrap max-[900px]:hidden flex-none">
      {{ size }}
      <small class="text-soft text-xs max-[1100px]:hidden">{{ otherSize }}</small>
    </span>
    <span v-if="facing" class="border-l border-line pl-3.5 text-sm whitespace-nowrap max-[900px]:hidden flex-none">
      faces {{ windWords(facing) }}
    </span>
    <span
      v-if="name !== undefined"
      class="border-l border-line pl-3.5 text-sm whitespace-nowrap max-[900px]:hidden flex-none"
      :title="judged ? 'computed from the site, mean of the growing season' : 'measured by hand'"
    >
      {{ sunWords }} h sun
      <small class="text-soft text-xs max-[1100px]:hidden">{{ judged ? '' : 'by hand' }}</small>
    </span>
    <span class="max-[700px]:hidden flex-1" />
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
      <span class="max-[700px]:hidden">Undo</span>
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
/* What is asked for most often stays: the name, whether all is saved, and undo. */
.head :deep(button) {
  flex: none;
}
@layer components {
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
}
</style>
