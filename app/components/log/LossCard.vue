<script setup lang="ts">
import type { Loss } from '~~/core/log'
import { capital } from '~~/core/measure'

/** What was lost in one place, why, and what could stand there: taken over into the plan in one step. */
const props = defineProps<{ loss: Loss }>()
const { makeGood } = useLogDeeds()
const compose = useComposeStore()
const what = computed(() => `${props.loss.count} ${props.loss.plant.commonName}`)
const why = computed(() => {
  const { causes, against } = props.loss
  const said = causes.length > 0 ? `Noted here: ${causes.join(', ')}. ` : ''
  return said + (against.length > 0 ? `${capital(against.join('; '))}.` : 'By the figures the place suits them.')
})
const light = (on: boolean) => {
  compose.lit = on ? [...props.loss.places] : []
}
</script>

<template>
  <article class="py-2.5 px-0 text-sm border-b border-line" @mouseenter="light(true)" @mouseleave="light(false)">
    <p>
      <b>{{ what }}</b>
    </p>
    <p class="soft text-sm text-soft">{{ why }}</p>
    <div class="acts flex flex-wrap gap-1.5 mt-1.5">
      <UButton size="xs" color="neutral" variant="outline" @click="makeGood(loss, loss.plant)">
        Set the same again
      </UButton>
      <UButton
        v-for="p in loss.instead"
        :key="p.id"
        size="xs"
        color="neutral"
        variant="outline"
        @click="makeGood(loss, p)"
      >
        {{ p.commonName }} instead
      </UButton>
    </div>
  </article>
</template>
