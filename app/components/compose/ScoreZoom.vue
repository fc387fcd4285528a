<script setup lang="ts">
/** Nearer, farther, and along the bed: all pictures together. */
const { zoom, share, nearer, farther, whole } = useAlong()
const isNear = computed(() => zoom.value > 1)
const words = computed(() => `${Math.round(zoom.value * 10) / 10} ×`)
const move = (event: Event) => {
  share.value = Number((event.target as HTMLInputElement).value) / 100
}
</script>

<template>
  <span
    class="ml-auto mr-3.5 flex items-center gap-1 font-sans font-normal text-xs text-soft min-w-0"
    role="group"
    aria-label="How near the bed is shown"
  >
    <input
      v-if="isNear"
      type="range"
      min="0"
      max="100"
      :value="percent(share)"
      aria-label="Along the bed"
      class="flex-[0_1_130px] min-w-11.5 w-0 accent-amber"
      @input="move"
    />
    <button
      v-if="isNear"
      class="py-0 px-1.5 underline underline-offset-2 disabled:opacity-35 hover:enabled:bg-rail"
      @click="whole"
    >
      whole bed
    </button>
    <button
      class="disabled:opacity-35 hover:enabled:bg-rail"
      aria-label="Farther"
      :disabled="!isNear"
      @click="farther"
    >
      <UIcon name="i-lucide-minus" />
    </button>
    <output class="min-w-8.5 text-center">{{ words }}</output>
    <button class="disabled:opacity-35 hover:enabled:bg-rail" aria-label="Nearer" @click="nearer">
      <UIcon name="i-lucide-plus" />
    </button>
  </span>
</template>

<style scoped>
@layer components {
  button {
    min-width: 24px;
    flex: none;
    height: 24px;
    white-space: nowrap;
    display: inline-grid;
    place-items: center;
    border-radius: 4px;
    cursor: pointer;
  }
}
</style>
