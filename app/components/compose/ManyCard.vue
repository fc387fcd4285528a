<script setup lang="ts">
/** Several drifts at once: set in line or at equal steps, joined, copied, held in an order. */
const compose = useComposeStore()
const library = useLibraryStore()
const { ids, drifts, orders, align, distribute, move, canJoin, join, remove, hold, letGo } = useMany()
const { units } = useManner()
const nameOf = (id: string) => library.byId.get(id)?.commonName ?? id
const plants = computed(() => drifts.value.reduce((sum, d) => sum + d.count, 0))
const apartM = ref(1)
const held = computed(() => orders.value.length)
const twoOnly = computed(() => ids.value.length === 2)
</script>

<template>
  <section
    class="relative border-b-2 border-amber bg-card py-3 px-4 flex-none grid gap-1.5"
    aria-label="Chosen drifts"
    data-testid="many-card"
  >
    <button
      class="absolute right-2.5 top-2.5 cursor-pointer text-soft p-1"
      aria-label="Choose none"
      @click="compose.choose(null)"
    >
      <UIcon name="i-lucide-x" />
    </button>
    <h2 class="text-lg font-semibold">{{ ids.length }} drifts, {{ plants }} plants</h2>
    <p class="text-xs text-soft leading-snug max-h-[3.9em] overflow-auto">
      {{ drifts.map((d) => nameOf(d.plantId)).join(', ') }}
    </p>
    <div class="row flex flex-wrap gap-1.5 items-center">
      <UButton size="xs" color="neutral" variant="outline" icon="i-lucide-align-center-vertical" @click="align">
        In line
      </UButton>
      <UButton size="xs" color="neutral" variant="outline" icon="i-lucide-ellipsis" @click="distribute">
        Equal steps
      </UButton>
      <UButton
        size="xs"
        color="neutral"
        variant="outline"
        icon="i-lucide-arrow-left"
        aria-label="All 10 cm left"
        @click="move(-0.1)"
      />
      <UButton
        size="xs"
        color="neutral"
        variant="outline"
        icon="i-lucide-arrow-right"
        aria-label="All 10 cm right"
        @click="move(0.1)"
      />
      <UButton
        size="xs"
        color="neutral"
        variant="outline"
        icon="i-lucide-merge"
        :disabled="!canJoin"
        title="Joins drifts of one kind"
        @click="join"
      >
        Join
      </UButton>
      <UButton
        size="xs"
        color="neutral"
        variant="ghost"
        icon="i-lucide-trash-2"
        aria-label="Take all of them out"
        @click="remove"
      />
    </div>
    <h3 class="text-sm text-soft">Hold them</h3>
    <div class="row flex flex-wrap gap-1.5 items-center">
      <UButton size="xs" color="neutral" variant="outline" @click="hold('steps')">at equal steps</UButton>
      <UButton size="xs" color="neutral" variant="outline" @click="hold('together')">together</UButton>
      <UButton v-if="twoOnly" size="xs" color="neutral" variant="outline" @click="hold('mirror')">mirrored</UButton>
    </div>
    <div class="row flex flex-wrap gap-1.5 items-center">
      <LengthInput v-model="apartM" label="At least" hide-label :units="units" :min="0.05" :max="50" class="w-24" />
      <UButton size="xs" color="neutral" variant="outline" @click="hold('apart', apartM)">apart</UButton>
    </div>
    <ComposeMirrorRow />
    <p v-if="held > 0" class="text-xs">
      {{ held }} kept.
      <button class="link" @click="letGo">Let go (G)</button>
    </p>
    <ComposeCopyToBed />
  </section>
</template>
