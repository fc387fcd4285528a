<script setup lang="ts">
import { GROUNDS, type Finding, type GroundId } from '~~/core/judge'
import { UNIT_SPACE } from '~~/core/measure'

const { say } = useManner()

const props = defineProps<{ finding: Finding; acceptedReason?: string }>()
const store = useBedStore()
const compose = useComposeStore()
const { tried: all } = useSecondLook()
/** Mends that were tried in the worker and work; null while they are being tried. */
const tried = computed(() => all.value.get(props.finding.id) ?? null)
const showWhy = ref(false)
const accepting = ref(false)
const reason = ref('')
const reasonId = useId()
const reasonBox = useTemplateRef<{ inputRef: HTMLInputElement | null }>('reasonBox')
// At once, not a moment later: the next key is meant for the box.
watch(accepting, (on) => on && reasonBox.value?.inputRef?.focus(), { flush: 'post' })

const light = (on: boolean) => {
  compose.lit = on ? props.finding.plants : []
}
const mend = (i: number) => {
  const chosen = tried.value?.mends[i]
  if (!chosen) return
  light(false)
  store.edit({ kind: 'all', name: chosen.label.toLowerCase(), edits: [mendEdit(chosen.edit)] })
}
function accept() {
  if (reason.value.trim() === '') return
  store.edit({
    kind: 'accept',
    acceptance: {
      findingId: props.finding.id,
      title: props.finding.title,
      reason: reason.value.trim().slice(0, 500),
    },
  })
  accepting.value = false
  light(false)
}
const figure = ({ value, unit }: Finding['figures'][number]) =>
  say(`${Math.round(value * 100) / 100}${UNIT_SPACE}${unit}`)
const addressOf = (ground: GroundId) => `/grounds/${ground}`
onBeforeUnmount(() => light(false))
</script>

<template>
  <article
    class="pt-2.5 pb-3 px-4 border-b border-line hover:bg-amber-wash focus-within:bg-amber-wash"
    :data-finding="finding.id"
    @pointerenter="light(true)"
    @pointerleave="light(false)"
    @focusin="light(true)"
    @focusout="light(false)"
  >
    <h3 class="text-base font-semibold leading-tight">{{ say(finding.title) }}</h3>
    <p v-if="acceptedReason" class="text-sm text-good mt-1 mb-2 mx-0">
      <UIcon name="i-lucide-check-check" class="align-[-2px] size-4" />
      Accepted: {{ acceptedReason }}
    </p>
    <p v-else class="text-sm text-soft leading-snug mt-1 mb-2 mx-0">{{ say(finding.reason) }}</p>
    <div class="acts flex flex-wrap gap-1.5">
      <template v-if="acceptedReason">
        <button
          type="button"
          class="act hover:bg-rail"
          @click="store.edit({ kind: 'unaccept', findingId: finding.id })"
        >
          Take up again
        </button>
      </template>
      <template v-else>
        <button
          v-for="(m, i) in tried?.mends ?? []"
          :key="m.label"
          type="button"
          class="act mend text-amber-deep bg-amber/22 border-amber/55 hover:bg-amber/34"
          @click="mend(i)"
        >
          {{ say(m.label) }}
          <small class="inline-block font-normal text-soft">{{ m.cost }}</small>
        </button>
        <button type="button" class="act hover:bg-rail" :aria-expanded="accepting" @click="accepting = !accepting">
          Accept
        </button>
      </template>
      <button
        type="button"
        class="act border-transparent bg-transparent hover:bg-rail"
        :aria-expanded="showWhy"
        @click="showWhy = !showWhy"
      >
        Why?
      </button>
    </div>
    <p v-if="!acceptedReason && !tried" class="text-xs text-soft mt-1.5">Trying what would mend it…</p>
    <p v-else-if="!acceptedReason && tried?.why" class="text-xs text-soft mt-1.5">{{ say(tried.why) }}</p>
    <form
      v-if="accepting"
      class="mt-2.5 text-xs grid grid-cols-[1fr_auto] gap-y-0.5 gap-x-3 text-soft"
      @submit.prevent="accept"
    >
      <label class="col-span-full" :for="reasonId">Why is it right here?</label>
      <UInput
        :id="reasonId"
        ref="reasonBox"
        v-model="reason"
        size="sm"
        maxlength="500"
        placeholder="the client asked for it"
      />
      <UButton type="submit" size="xs" :disabled="reason.trim() === ''">Accept it</UButton>
    </form>
    <dl v-if="showWhy" class="mt-2.5 text-xs grid grid-cols-[1fr_auto] gap-y-0.5 gap-x-3 text-soft">
      <template v-for="f in finding.figures" :key="f.name">
        <dt>{{ f.name }}</dt>
        <dd class="text-right text-ink">{{ figure(f) }}</dd>
      </template>
      <dt class="col-span-full italic mt-1">
        {{ say(finding.source) }}
        <NuxtLink
          v-for="g in finding.grounds"
          :key="g"
          :to="addressOf(g)"
          target="_blank"
          class="block underline not-italic"
        >
          {{ GROUNDS[g] }}
        </NuxtLink>
      </dt>
    </dl>
  </article>
</template>

<style scoped>
@layer components {
  /* Plain buttons: a card comes and goes while the hand drags, and the package's are slow to make. */
  .act {
    min-height: 24px;
    padding: 2px 8px;
    border: 1px solid var(--ui-border-accented);
    border-radius: 6px;
    background: var(--card);
    color: var(--ink);
    font-size: var(--text-xs);
    font-weight: 500;
    line-height: 1.35;
    text-align: left;
    cursor: pointer;
  }
}
</style>
