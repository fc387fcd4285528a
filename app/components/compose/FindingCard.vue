<script setup lang="ts">
import type { Finding } from '~~/core/judge'
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
onBeforeUnmount(() => light(false))
</script>

<template>
  <article
    class="finding"
    :data-finding="finding.id"
    @pointerenter="light(true)"
    @pointerleave="light(false)"
    @focusin="light(true)"
    @focusout="light(false)"
  >
    <h3>{{ say(finding.title) }}</h3>
    <p v-if="acceptedReason" class="accepted">
      <UIcon name="i-lucide-check-check" class="tick" />
      Accepted: {{ acceptedReason }}
    </p>
    <p v-else class="reason">{{ say(finding.reason) }}</p>
    <div class="acts">
      <template v-if="acceptedReason">
        <button type="button" class="act" @click="store.edit({ kind: 'unaccept', findingId: finding.id })">
          Take up again
        </button>
      </template>
      <template v-else>
        <button v-for="(m, i) in tried?.mends ?? []" :key="m.label" type="button" class="act mend" @click="mend(i)">
          {{ say(m.label) }}
          <small>{{ m.cost }}</small>
        </button>
        <button type="button" class="act" :aria-expanded="accepting" @click="accepting = !accepting">Accept</button>
      </template>
      <button type="button" class="act quiet" :aria-expanded="showWhy" @click="showWhy = !showWhy">Why?</button>
    </div>
    <p v-if="!acceptedReason && !tried" class="trying">Trying what would mend it…</p>
    <p v-else-if="!acceptedReason && tried?.why" class="trying">{{ say(tried.why) }}</p>
    <form v-if="accepting" class="why" @submit.prevent="accept">
      <label :for="reasonId">Why is it right here?</label>
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
    <dl v-if="showWhy" class="why">
      <template v-for="f in finding.figures" :key="f.name">
        <dt>{{ f.name }}</dt>
        <dd>{{ figure(f) }}</dd>
      </template>
      <dt class="source">{{ say(finding.source) }}</dt>
    </dl>
  </article>
</template>

<style scoped>
.finding {
  padding: 9px 14px 10px;
  border-bottom: 1px solid var(--line);
}
.finding:hover,
.finding:focus-within {
  background: var(--amber-wash);
}
h3 {
  font-size: 14.5px;
  font-weight: 600;
  line-height: 1.25;
}
.reason {
  font-size: 12.5px;
  color: var(--soft);
  line-height: 1.38;
  margin: 3px 0 7px;
}
.accepted {
  font-size: 12.5px;
  color: var(--good);
  margin: 3px 0 7px;
}
.tick {
  width: 14px;
  height: 14px;
  vertical-align: -2px;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 5px;
}
/* Plain buttons: a card comes and goes while the hand drags, and the package's are slow to make. */
.act {
  min-height: 24px;
  padding: 2px 8px;
  border: 1px solid var(--ui-border-accented);
  border-radius: 6px;
  background: var(--card);
  color: var(--ink);
  font-size: 12px;
  font-weight: 500;
  line-height: 1.35;
  text-align: left;
  cursor: pointer;
}
.act:hover {
  background: var(--rail);
}
.quiet {
  border-color: transparent;
  background: none;
}
.mend {
  color: var(--amber-deep);
  background: color-mix(in srgb, var(--amber) 22%, var(--card));
  border-color: color-mix(in srgb, var(--amber) 55%, var(--line));
}
.mend:hover {
  background: color-mix(in srgb, var(--amber) 34%, var(--card));
}
.mend small {
  display: inline-block;
  font-weight: 400;
  color: var(--soft);
}
.trying {
  font-size: 12px;
  color: var(--soft);
  margin-top: 5px;
}
.why {
  margin-top: 8px;
  font-size: 12px;
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 2px 10px;
  color: var(--soft);
}
.why dd {
  text-align: right;
  color: var(--ink);
}
.why label {
  grid-column: 1 / -1;
}
.source {
  grid-column: 1 / -1;
  font-style: italic;
  margin-top: 4px;
}
</style>
