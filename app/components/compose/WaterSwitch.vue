<script setup lang="ts">
/** Shows the drip of the bed over its plan, where it has one. */
const compose = useComposeStore()
const bed = useBedStore()
const has = computed(() => bed.bed?.ground.irrigation === 'drip')
</script>

<template>
  <section v-if="has">
    <h3>
      Water
      <USwitch v-model="compose.showsWater" size="xs" label="Drip in the plan" />
    </h3>
  </section>
</template>
