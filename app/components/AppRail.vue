<script setup lang="ts">
const props = defineProps<{ bedId: string }>()
const route = useRoute()
const colour = useColorMode()
const steps = [
  { to: 'ground', label: 'Ground', icon: 'i-lucide-ruler' },
  { to: 'brief', label: 'Brief', icon: 'i-lucide-mail-open' },
  { to: 'plants', label: 'Plants', icon: 'i-lucide-sprout' },
  { to: 'compose', label: 'Compose', icon: 'i-lucide-layers' },
  { to: 'count', label: 'Count', icon: 'i-lucide-clipboard-list' },
  { to: 'setout', label: 'Set out', icon: 'i-lucide-pencil-ruler' },
  { to: 'seasons', label: 'Seasons', icon: 'i-lucide-calendar-days' },
  { to: 'care', label: 'Care', icon: 'i-lucide-calendar-check' },
  { to: 'log', label: 'Log', icon: 'i-lucide-notebook-pen' },
]
const isHere = (to: string) => route.path.endsWith(`/${to}`)
</script>

<template>
  <nav class="rail" aria-label="Steps of the work">
    <NuxtLink
      to="/"
      class="mark max-[700px]:py-1.5 max-[700px]:px-3 max-[700px]:flex-none max-[700px]:items-center"
      aria-label="All gardens"
      title="All gardens"
    >
      <ProgramMark :size="34" />
    </NuxtLink>
    <NuxtLink
      v-for="step in steps"
      :key="step.to"
      :to="`/beds/${props.bedId}/${step.to}`"
      class="step max-[700px]:[&.here]:border-t-amber hover:bg-card/60"
      :class="{ here: isHere(step.to) }"
      :aria-current="isHere(step.to) ? 'page' : undefined"
    >
      <UIcon :name="step.icon" class="size-5" />
      {{ step.label }}
    </NuxtLink>
    <button
      class="mt-auto p-4 text-soft cursor-pointer flex justify-center max-[700px]:m-0 max-[700px]:flex-none max-[700px]:items-center"
      :aria-label="colour.value === 'dark' ? 'Light colours' : 'Dark colours'"
      :title="colour.value === 'dark' ? 'Light colours' : 'Dark colours'"
      @click="colour.preference = colour.value === 'dark' ? 'light' : 'dark'"
    >
      <ClientOnly>
        <UIcon :name="colour.value === 'dark' ? 'i-lucide-sun' : 'i-lucide-moon'" class="size-5" />
      </ClientOnly>
    </button>
  </nav>
</template>

<style scoped>
/* On a phone the steps lie along the foot, under the thumb. */
@media (max-width: 700px) {
  .rail {
    width: 100%;
    flex-direction: row;
    overflow-x: auto;
    border-right: none;
    border-top: 1px solid var(--line);
  }
  .step {
    padding: 7px 8px 5px;
    min-width: 58px;
    flex: none;
    border-left: none;
    border-top: 3px solid transparent;
  }
}
@layer components {
  .rail {
    isolation: isolate;
    width: 74px;
    background: var(--rail);
    border-right: 1px solid var(--line);
    display: flex;
    flex-direction: column;
    flex: none;
  }
  .mark {
    display: flex;
    justify-content: center;
    padding: 8px 0 12px;
  }
  .step {
    display: flex;
    flex-direction: column;
    align-items: center;
    gap: 2px;
    padding: 8px 2px;
    font-size: var(--text-xs);
    color: var(--soft);
    border-left: 3px solid transparent;
  }
  .here {
    background: var(--paper);
    color: var(--amber-deep);
    font-weight: 600;
    border-left-color: var(--amber);
  }
}
</style>
