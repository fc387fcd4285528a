<script setup lang="ts">
/** Ticks that the server would not have: why, and what becomes of them. */
interface Book {
  readonly refused: Ref<{ readonly many: number; readonly why: string }>
  tryAgain(): Promise<void>
  letGo(): Promise<void>
}
const props = defineProps<{ books: readonly Book[] }>()
const refused = computed(() => props.books.filter((b) => b.refused.value.many > 0))
const many = computed(() => refused.value.reduce((n, b) => n + b.refused.value.many, 0))
const ticks = computed(() => (many.value === 1 ? '1 tick was' : `${many.value} ticks were`))
const why = computed(() => refused.value[0]?.refused.value.why)
const each = (act: 'tryAgain' | 'letGo') => void Promise.all(refused.value.map((b) => b[act]()))
</script>

<template>
  <div
    v-if="many > 0"
    class="flex flex-wrap items-center gap-2 px-3.5 py-2 font-semibold text-[#7c1f10]"
    role="alert"
  >
    <p class="flex-1">{{ ticks }} not taken by the server and kept in this device: {{ why }}</p>
    <UButton color="neutral" variant="outline" class="min-h-13.5 text-base" @click="each('tryAgain')">
      Try again
    </UButton>
    <UButton color="neutral" variant="ghost" class="min-h-13.5 text-base" @click="each('letGo')">
      Undo it here
    </UButton>
  </div>
</template>
