<script setup lang="ts">
/** All keys on one sheet; opened with `?`. */
const { keys } = useHelpers()
</script>

<template>
  <UModal
    v-model:open="keys"
    title="Keys"
    description="What the keyboard does, and where."
    :ui="{ content: 'max-w-3xl' }"
  >
    <template #body>
      <div class="sheet">
        <section v-for="part in KEY_SHEET" :key="part.where">
          <h3>{{ part.where }}</h3>
          <dl>
            <template v-for="[key, what] in part.keys" :key="key">
              <dt>{{ key }}</dt>
              <dd>{{ what }}</dd>
            </template>
          </dl>
        </section>
      </div>
    </template>
  </UModal>
</template>

<style scoped>
.sheet {
  columns: 2 300px;
  column-gap: 28px;
}
section {
  break-inside: avoid;
  margin-bottom: 16px;
}
h3 {
  font-size: 15px;
  margin-bottom: 4px;
}
dl {
  display: grid;
  grid-template-columns: 132px 1fr;
  gap: 2px 10px;
  font-size: 13px;
}
dt {
  font-weight: 600;
}
dd {
  color: var(--soft);
}
</style>
