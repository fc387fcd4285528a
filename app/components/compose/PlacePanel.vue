<script setup lang="ts">
import { libraryMonth } from '~~/core/time'
import type { Suggestion } from '~~/core/mend'
import type { Plant } from '~~/core/plant'

const { say } = useManner()

/** What could stand at a place, or beside a plant: kinds for its lanes, tried in this bed, with what the whole gains by them. */
const props = defineProps<{ atM: number; lane: number; beside?: Plant }>()
const store = useBedStore()
const compose = useComposeStore()
const { settled } = useScene()
const { suggested, askSuggestions, problem } = useSecondLook()
const { take, isListed } = useShortlist()
const size = ref<2 | 3 | 5>(3)
const bias = ref(0.5)
const ASK_AFTER_MS = 200
const title = computed(() => (props.beside ? `Goes with ${props.beside.commonName}, here` : 'For this place'))

watchDebounced(
  [settled, () => props.atM, () => props.lane, () => props.beside?.id, size, bias, () => compose.moment.month],
  () => {
    const now = settled.value?.scene
    if (!now) return
    askSuggestions(now, {
      atM: props.atM,
      lane: props.lane,
      size: size.value,
      bias: bias.value,
      month: libraryMonth(compose.moment.month, now.climate),
      beside: props.beside?.id ?? null,
    })
  },
  { debounce: ASK_AFTER_MS, immediate: true },
)
const names = ({ plants, drifts }: Suggestion) =>
  plants.map((p, i) => `${drifts[i]!.count} ${p.commonName}`).join(' · ')
const gains = ({ gain, total }: Suggestion) =>
  `${gain >= 0 ? 'The whole gains' : 'The whole loses'} ${Math.abs(gain).toFixed(0)}, to ${total.toFixed(0)} of 100`
</script>

<template>
  <div class="py-2.5 px-4 text-sm" data-testid="partners">
    <ComposePartnerAsk v-model:size="size" v-model:bias="bias" :title="title" />
    <p v-if="problem" class="hint text-soft text-xs leading-snug mb-1" role="alert">{{ problem }}</p>
    <p v-else-if="suggested === null" class="hint text-soft text-xs leading-snug mb-1" aria-live="polite">
      Trying plants in this place…
    </p>
    <p v-else-if="suggested.length === 0" class="hint text-soft text-xs leading-snug mb-1">
      Nothing is free about this place, or nothing in the library suits it: choose another lane.
    </p>
    <article
      class="border-t border-line pt-1.5 pb-2.5 px-0"
      v-for="s in suggested ?? []"
      :key="s.plants.map((p) => p.id).join('+')"
    >
      <ComposePartnerPictures :plants="s.plants" />
      <p class="font-serif leading-snug mt-1">{{ names(s) }}</p>
      <p class="font-semibold text-xs">{{ gains(s) }}</p>
      <p class="hint text-soft text-xs leading-snug mb-1">{{ say(s.reasons.join('; ')) }}</p>
      <div class="acts flex gap-1.5">
        <UButton size="xs" color="neutral" variant="outline" icon="i-lucide-shovel" @click="store.edit(s.edit)">
          Set them there
        </UButton>
        <UButton
          size="xs"
          color="neutral"
          variant="ghost"
          icon="i-lucide-plus"
          :disabled="isListed(s.plants)"
          @click="take(s.plants)"
        >
          {{ isListed(s.plants) ? 'On the shortlist' : 'To the shortlist' }}
        </UButton>
      </div>
    </article>
  </div>
</template>
