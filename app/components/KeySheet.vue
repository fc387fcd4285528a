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
      <div class="sheet columns-[2_300px] gap-x-8">
        <section class="break-inside-avoid mb-4.5" v-for="part in KEY_SHEET" :key="part.where">
          <h3 class="text-lg mb-1">{{ part.where }}</h3>
          <dl class="grid grid-cols-[132px_1fr] gap-y-0.5 gap-x-3 text-sm">
            <template v-for="[key, what] in part.keys" :key="key">
              <dt class="font-semibold">{{ key }}</dt>
              <dd class="text-soft">{{ what }}</dd>
            </template>
          </dl>
        </section>
      </div>
    </template>
  </UModal>
</template>
