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
  <article class="loss" @mouseenter="light(true)" @mouseleave="light(false)">
    <p>
      <b>{{ what }}</b>
    </p>
    <p class="soft">{{ why }}</p>
    <div class="acts">
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

<style scoped>
.loss {
  padding: 8px 0;
  font-size: 13px;
  border-bottom: 1px solid var(--line);
}
.soft {
  font-size: 12.5px;
  color: var(--soft);
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin-top: 5px;
}
</style>
