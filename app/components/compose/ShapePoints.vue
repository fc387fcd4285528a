<script setup lang="ts">
import type { Shape } from '~~/core/model'
import type { Point } from '~~/core/geometry'

/** The points of a drawn shape. */
const props = defineProps<{ shape: Extract<Shape, { kind: 'outline' | 'ribbon' | 'hedge' }> }>()
const emit = defineEmits<{ set: [part: Partial<Shape>] }>()
const isOutline = computed(() => props.shape.kind === 'outline')
const points = computed(() => (props.shape.kind === 'outline' ? props.shape.points : props.shape.line))
const isClosed = computed(() => isOutline.value || (props.shape.kind === 'hedge' && props.shape.closed))
const least = computed(() => (isOutline.value ? 3 : 2))
const save = (list: readonly Point[]) =>
  emit('set', (isOutline.value ? { points: list } : { line: list }) as Partial<Shape>)
</script>

<template>
  <ComposePointRows :points="points" :least="least" :closed="isClosed" @change="save" />
</template>
