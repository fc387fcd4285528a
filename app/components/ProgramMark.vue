<script setup lang="ts">
/** The mark of public/favicon.svg, in its place: as a picture it would be asked for and cost a document of its own. */
const { size } = defineProps<{ size: number }>()
</script>

<template>
  <svg viewBox="0 0 34 34" :width="size" :height="size" aria-hidden="true">
    <rect width="34" height="34" rx="8" fill="#2f3a2c" />
    <g fill="none" stroke="#d68a1c" stroke-width="2.6" stroke-linecap="round">
      <path d="M14 11h6" />
      <path d="M11 16.5h12" />
      <path d="M8 22h18" />
    </g>
    <circle cx="17" cy="7" r="2" fill="#d68a1c" />
  </svg>
</template>
