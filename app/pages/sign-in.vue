<script setup lang="ts">
/** The door, where the server listens beyond this machine. */
useHead({ title: 'Sign in · Amber Terrace' })
const route = useRoute()
const login = ref('')
const password = ref('')
const problem = ref('')
const busy = ref(false)
/** Only an address of this app is gone to. */
const next = computed(() => {
  const to = String(route.query.to ?? '/')
  return to.startsWith('/') && !to.startsWith('//') ? to : '/'
})

async function signIn() {
  busy.value = true
  problem.value = ''
  try {
    await request('/api/sign-in', { method: 'POST', body: { login: login.value, password: password.value } })
    await navigateTo(next.value)
  } catch (error) {
    problem.value = messageOf(error)
  }
  busy.value = false
}
</script>

<template>
  <main id="content" class="grid justify-items-center content-center gap-3.5 min-h-[80vh]">
    <ProgramMark :size="56" />
    <h1 class="text-2xl font-semibold">Amber Terrace</h1>
    <form class="grid gap-4 w-[min(320px,90vw)]" @submit.prevent="signIn">
      <UFormField label="Login">
        <UInput v-model="login" autocomplete="username" autofocus required class="w-full" />
      </UFormField>
      <UFormField label="Password">
        <UInput v-model="password" type="password" autocomplete="current-password" required class="w-full" />
      </UFormField>
      <p v-if="problem" class="problem text-sm text-amber-deep" role="alert">{{ problem }}</p>
      <UButton type="submit" block :loading="busy">Sign in</UButton>
    </form>
  </main>
</template>
