<script setup lang="ts">
import { libraryMonth } from '~~/core/time'
import type { Partnership } from '~~/core/match'
import type { Plant } from '~~/core/plant'

const { say } = useManner()

/** What goes with a plant wherever the bed offers room: pairs, trios and fives by contrast and shared needs, with why. */
const props = defineProps<{ seed: Plant }>()
const library = useLibraryStore()
const compose = useComposeStore()
const { scene } = useScene()
const { take, isListed } = useShortlist()
const size = ref<2 | 3 | 5>(3)
const bias = ref(0.5)
const groups = shallowRef<readonly Partnership[]>([])
const working = ref(false)
const problem = ref('')
watchEffect(async (clean) => {
  let live = true
  clean(() => {
    live = false
  })
  const now = scene.value
  if (!now) return
  working.value = true
  const ask = {
    seed: props.seed,
    size: size.value,
    site: now.site,
    month: libraryMonth(compose.moment.month, now.climate),
    bias: bias.value,
    most: 5,
  }
  try {
    const answer = await askPartners(library.plants, ask)
    if (live) {
      groups.value = answer
      problem.value = ''
    }
  } catch (error) {
    if (live) {
      groups.value = []
      problem.value = (error as Error).message
    }
  } finally {
    if (live) working.value = false
  }
})
</script>

<template>
  <div class="py-2.5 px-4 text-sm" data-testid="partners">
    <ComposePartnerAsk v-model:size="size" v-model:bias="bias" :title="`Goes with ${seed.commonName}`" />
    <p v-if="problem" class="hint text-soft text-xs leading-snug mb-1" role="alert">
      {{ problem }} Choose another number or move the slider to ask again.
    </p>
    <p v-else-if="groups.length === 0 && !working" class="hint text-soft text-xs leading-snug mb-1">
      Nothing in the library fits this bed well enough.
    </p>
    <article
      class="border-t border-line pt-1.5 pb-2.5 px-0"
      v-for="g in groups"
      :key="g.plants.map((p) => p.id).join('+')"
    >
      <ComposePartnerPictures :plants="g.plants" />
      <p class="font-serif leading-snug mt-1">{{ g.plants.map((p) => p.commonName).join(' · ') }}</p>
      <p class="hint text-soft text-xs leading-snug mb-1">
        {{ g.score }} of 100 for contrast and shared needs: {{ say(g.reasons.join('; ')) }}
      </p>
      <div class="acts flex gap-1.5">
        <UButton
          size="xs"
          color="neutral"
          variant="outline"
          icon="i-lucide-plus"
          :disabled="isListed(g.plants)"
          @click="take(g.plants)"
        >
          {{ isListed(g.plants) ? 'On the shortlist' : 'To the shortlist' }}
        </UButton>
      </div>
    </article>
  </div>
</template>
