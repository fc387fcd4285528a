<script setup lang="ts">
import type { Thing } from '~~/core/model'
import type { Units } from '~~/core/measure'
import { spotsOf, withSpots } from '~~/core/site'

const { say } = useManner()

/** Every figure of one thing of the site. */
const props = defineProps<{ thing: Thing; units: Units }>()
const { site, set, remove } = useSite()
const problem = ref('')
const viewers = computed(() =>
  site.value.things.filter((v) => v.kind === 'viewpoint').map((v) => ({ label: v.name, value: v.id })),
)
const fields = computed(() => fieldsOf(props.thing, viewers.value))
const spots = computed(() => spotsOf(props.thing))
const hint = computed(() => THING_HINTS[props.thing.kind])

/** Keeps a change only when it leaves the thing possible. */
function put(field: ThingField, value: unknown) {
  problem.value = field.fault?.(value as never) ?? ''
  if (!problem.value) set({ ...props.thing, ...field.change(value as never) } as Thing)
}
const NAME_LIMIT = 120
function rename(event: Event) {
  const name = (event.target as HTMLInputElement).value.trim()
  if (name) set({ ...props.thing, name: name.slice(0, NAME_LIMIT) })
}
const leastSpots = computed(() => {
  if ('outline' in props.thing) return 3
  return 'line' in props.thing ? 2 : 1
})
const spotsLabel = computed(() => (spots.value.length === 1 ? 'Place' : `${spots.value.length} corners`))
</script>

<template>
  <div class="grid gap-2.5 pt-1.5 pb-3 px-1">
    <div class="row flex gap-1.5 items-center">
      <UInput
        :model-value="thing.name"
        size="sm"
        class="flex-1"
        :aria-label="`Name of ${thing.name}`"
        maxlength="120"
        @change="rename"
      />
      <UButton size="xs" color="neutral" variant="ghost" icon="i-lucide-trash-2" @click="remove(thing.id)">
        Take out
      </UButton>
    </div>
    <p v-if="problem" class="problem text-amber-deep text-sm" role="alert">{{ say(problem) }}</p>
    <div class="grid grid-cols-[repeat(3,1fr)] gap-2.5 items-end">
      <div class="[&.wide]:col-span-full" v-for="f in fields" :key="f.key" :class="{ wide: f.wide }">
        <GroundThingInput :field="f" :units="units" @change="(value) => put(f, value)" />
      </div>
      <p v-if="hint" class="hint col-span-full text-xs text-soft leading-snug">{{ hint }}</p>
    </div>
    <GroundBuildingOpenings v-if="thing.kind === 'building'" :building="thing" :units="units" />
    <details :open="spots.length <= 4">
      <summary class="text-sm cursor-pointer">{{ spotsLabel }}</summary>
      <GroundSpotTable
        :spots="spots"
        :points="site.points"
        :units="units"
        :least="leastSpots"
        :name="thing.name"
        @change="(after) => set(withSpots(thing, after))"
      />
    </details>
  </div>
</template>
