<script setup lang="ts">
/** The pictures as files; it opens as it comes, for it comes when its button was pressed. */
const store = useBedStore()
const compose = useComposeStore()
const isOpen = ref(false)
onMounted(() => {
  isOpen.value = true
})
const FORMATS = [
  { as: 'pdf', label: 'PDF, A3 at a round scale' },
  { as: 'svg', label: 'SVG, to scale' },
  { as: 'dxf', label: 'DXF, metres' },
] as const
const sheets = computed(() =>
  (['plan', 'elevation'] as const).map((view) =>
    FORMATS.map(({ as, label }) => ({
      label: `${view === 'plan' ? 'Plan' : 'Elevation'} as ${label}`,
      onSelect: () => download(view, as),
    })),
  ),
)
const toast = useToast()
async function download(view: string, as: string) {
  // The drawing is made from what is stored: what is still on its way goes first.
  await store.save()
  if (store.saveState !== 'saved') {
    toast.add({
      title: 'The bed is not saved yet, so the drawing would be behind. Try again when it is.',
      color: 'error',
    })
    return
  }
  const { month, year } = compose.moment
  window.location.assign(`/api/beds/${store.id}/sheet?view=${view}&as=${as}&month=${month}&year=${year}`)
}
</script>

<template>
  <UDropdownMenu v-model:open="isOpen" :items="sheets" :modal="false" portal="#content">
    <UButton
      size="xs"
      color="neutral"
      variant="ghost"
      icon="i-lucide-download"
      class="h-5.5 flex-none"
      data-testid="sheets"
    >
      Drawings
    </UButton>
  </UDropdownMenu>
</template>
