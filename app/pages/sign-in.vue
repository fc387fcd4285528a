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
    await $fetch('/api/sign-in', { method: 'POST', body: { login: login.value, password: password.value } })
    await navigateTo(next.value)
  } catch (error) {
    problem.value = messageOf(error)
  }
  busy.value = false
}
</script>

<template>
  <main id="content" class="door">
    <ProgramMark :size="56" />
    <h1>Amber Terrace</h1>
    <form @submit.prevent="signIn">
      <UFormField label="Login">
        <UInput v-model="login" autocomplete="username" autofocus required class="wide" />
      </UFormField>
      <UFormField label="Password">
        <UInput v-model="password" type="password" autocomplete="current-password" required class="wide" />
      </UFormField>
      <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
      <UButton type="submit" block :loading="busy">Sign in</UButton>
    </form>
  </main>
</template>

<style scoped>
.door {
  display: grid;
  justify-items: center;
  align-content: center;
  gap: 12px;
  min-height: 80vh;
}
h1 {
  font-size: 28px;
  font-weight: 600;
}
form {
  display: grid;
  gap: 14px;
  width: min(320px, 90vw);
}
.wide {
  width: 100%;
}
.problem {
  font-size: 13px;
  color: var(--amber-deep);
}
</style>
