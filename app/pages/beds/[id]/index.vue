<script setup lang="ts">
const route = useRoute()
await navigateTo(`/beds/${route.params.id}/compose`, { replace: true })
</script>

<template><div /></template>
