<script setup lang="ts">
/** What concerns the whole store: keeping, people, one's own session. */
const { who, isOwner, isAway, signOut } = useWho()
const items = computed(() => [
  { label: 'Removed and backups', icon: 'i-lucide-vault', to: '/keeping' },
  ...(isOwner.value ? [{ label: 'People', icon: 'i-lucide-users', to: '/people' }] : []),
  ...(isAway.value
    ? [
        {
          label: `Sign out ${who.value?.account?.name ?? ''}`,
          icon: 'i-lucide-log-out',
          onSelect: () => void signOut(),
        },
      ]
    : []),
])
</script>

<template>
  <UDropdownMenu :items="items">
    <UButton color="neutral" variant="ghost" icon="i-lucide-vault" trailing-icon="i-lucide-chevron-down">
      Keeping
    </UButton>
  </UDropdownMenu>
</template>
