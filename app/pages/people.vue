<script setup lang="ts">
import { ROLES, type Role } from '~~/shared/peopleSchema'
import type { AccountInfo } from '~~/shared/answers'

/** Accounts of this store and what each may do in which garden. */
useHead({ title: 'People · Amber Terrace' })
const accounts = shallowRef<readonly AccountInfo[]>([])
const gardens = shallowRef<readonly { readonly id: string; readonly name: string }[]>([])
const problem = ref('')
const fresh = reactive({ login: '', name: '', password: '', owner: false })
const NONE = 'none'
const WORDS: Readonly<Record<Role | typeof NONE, string>> = {
  none: 'nothing',
  viewer: 'looks',
  helper: 'ticks and logs',
  designer: 'designs',
  owner: 'owns it',
}
const items = [NONE, ...[...ROLES].reverse()].map((value) => ({ value, label: WORDS[value as Role] }))
const { who } = useWho()

async function doing(work: () => Promise<unknown>) {
  problem.value = ''
  try {
    await work()
    accounts.value = await ask('accounts', '/api/accounts')
    gardens.value = await ask('gardenNames', '/api/gardens/names')
    return true
  } catch (error) {
    problem.value = messageOf(error)
    return false
  }
}
onMounted(() => doing(() => Promise.resolve()))
async function add() {
  const isMade = await doing(() => request('/api/accounts', { method: 'POST', body: fresh }))
  if (isMade) Object.assign(fresh, { login: '', name: '', password: '', owner: false })
}
const setRole = (accountId: string, gardenId: string, role: string) =>
  doing(() =>
    request('/api/accounts/role', {
      method: 'PUT',
      body: { accountId, gardenId, role: role === NONE ? null : role },
    }),
  )
const remove = (id: string) => doing(() => request(`/api/accounts/${id}`, { method: 'DELETE' }))
const isMe = (id: string) => who.value?.account?.id === id
const isLocal = computed(() => who.value?.local === true)
</script>

<template>
  <StoreSheet title="People">
    <p v-if="isLocal" class="soft text-soft text-sm">
      This server listens to this machine alone, and nobody signs in. Accounts hold once it listens elsewhere:
      <code>HOST=0.0.0.0 npm start</code>
    </p>
    <p v-if="problem" class="problem text-amber-deep" role="alert">{{ problem }}</p>
    <section v-for="a in accounts" :key="a.id" class="ledger mt-7.5">
      <header>
        <h2>
          {{ a.name }}
          <small>{{ a.login }}</small>
        </h2>
        <UButton
          v-if="!isMe(a.id)"
          size="xs"
          color="neutral"
          variant="ghost"
          icon="i-lucide-trash-2"
          :aria-label="`Remove ${a.name}`"
          @click="remove(a.id)"
        />
      </header>
      <p v-if="a.owner" class="soft text-soft text-sm">Owner of the store: may do everything in every garden.</p>
      <table v-else>
        <tbody>
          <tr v-for="g in gardens" :key="g.id">
            <td>{{ g.name }}</td>
            <td>
              <USelect
                size="sm"
                :items="items"
                :model-value="a.roles[g.id] ?? NONE"
                :aria-label="`What ${a.name} may do in ${g.name}`"
                @update:model-value="(r) => setRole(a.id, g.id, String(r))"
              />
            </td>
          </tr>
        </tbody>
      </table>
    </section>
    <form class="mt-7.5 grid gap-3.5 max-w-97" @submit.prevent="add">
      <h2>Somebody new</h2>
      <UFormField label="Login">
        <UInput v-model="fresh.login" class="w-full" autocomplete="off" required />
      </UFormField>
      <UFormField label="Name">
        <UInput v-model="fresh.name" class="w-full" autocomplete="off" required />
      </UFormField>
      <UFormField label="First password" help="At least 10 characters; they change it themselves.">
        <UInput v-model="fresh.password" class="w-full" type="password" autocomplete="new-password" required />
      </UFormField>
      <UCheckbox v-model="fresh.owner" label="Owner of the store" />
      <UButton type="submit" class="w-fit">Make the account</UButton>
    </form>
  </StoreSheet>
</template>
