<script setup lang="ts">
import type { Sending } from '~/composables/useSending'

/** A file on its way, and the way to stop it. */
const props = defineProps<{ sending: Sending | null }>()
const emit = defineEmits<{ stop: [] }>()
const isReading = computed(() => (props.sending?.share ?? 0) >= 1)
const words = computed(() => (isReading.value ? 'It is read…' : 'It is sent…'))
const percent = computed(() => (isReading.value ? null : Math.round((props.sending?.share ?? 0) * 100)))
</script>

<template>
  <UModal
    :open="sending !== null"
    :title="sending?.name ?? ''"
    :description="words"
    :close="false"
    :dismissible="false"
  >
    <template #body>
      <UProgress :model-value="percent" :aria-label="words" />
      <UButton class="mt-4" color="neutral" variant="outline" @click="emit('stop')">Stop</UButton>
    </template>
  </UModal>
</template>
