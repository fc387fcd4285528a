<script setup lang="ts">
/** The whole store: what was removed, and its backups. */
useHead({ title: 'Keeping · Amber Terrace' })
</script>

<template>
  <StoreSheet title="Keeping">
    <KeepingTrash />
    <KeepingBackups />
  </StoreSheet>
</template>
