<script setup lang="ts">
import type { Spot, SurveyPoint } from '~~/core/model'
import type { Units } from '~~/core/measure'

const { length } = useManner()

/** The corners of a thing: each a place typed in, or a surveyed point that it stays fixed to. */
const props = defineProps<{
  spots: readonly Spot[]
  points: readonly SurveyPoint[]
  units: Units
  least: number
  name: string
}>()
const emit = defineEmits<{ change: [spots: readonly Spot[]] }>()
const FREE = 'free'
const store = useSiteStore()
const items = computed(() => [
  { label: 'free', value: FREE },
  ...props.points.map((p) => ({ label: p.name, value: p.id })),
])
const placeOf = (s: Spot) => ('of' in s ? (store.resolved.places.get(s.of) ?? { x: 0, y: 0 }) : s)
const put = (i: number, spot: Spot) =>
  emit(
    'change',
    props.spots.map((s, k) => (k === i ? spot : s)),
  )
const fix = (i: number, of: string) => put(i, of === FREE ? { ...placeOf(props.spots[i]!) } : { of })
function addAfter(i: number) {
  const a = placeOf(props.spots[i]!)
  const b = placeOf(props.spots[(i + 1) % props.spots.length]!)
  const cm = (n: number) => Math.round(n * 100) / 100
  emit('change', [
    ...props.spots.slice(0, i + 1),
    { x: cm((a.x + b.x) / 2), y: cm((a.y + b.y) / 2) },
    ...props.spots.slice(i + 1),
  ])
}
const labelOf = (i: number) => (props.spots.length > 1 ? nth(i) : 'at')
</script>

<template>
  <table class="text-xs text-soft">
    <tbody>
      <tr v-for="(s, i) in spots" :key="i">
        <td class="py-px pr-1 pl-0 whitespace-nowrap">
          <USelect
            v-if="points.length > 0"
            :model-value="'of' in s ? s.of : FREE"
            :items="items"
            size="xs"
            class="w-19"
            :aria-label="`${name}, corner ${nth(i)} fixed to`"
            @update:model-value="(of) => fix(i, String(of))"
          />
          <span v-else>{{ labelOf(i) }}</span>
        </td>
        <td class="py-px pr-1 pl-0 whitespace-nowrap">
          <GroundSignedLength
            v-if="!('of' in s)"
            :label="`${name}, corner ${nth(i)} right`"
            :model-value="s.x"
            :units="units"
            @update:model-value="(x) => put(i, { x, y: placeOf(s).y })"
          />
          <span v-else>{{ length(placeOf(s).x) }}</span>
        </td>
        <td class="py-px pr-1 pl-0 whitespace-nowrap">right,</td>
        <td class="py-px pr-1 pl-0 whitespace-nowrap">
          <GroundSignedLength
            v-if="!('of' in s)"
            :label="`${name}, corner ${nth(i)} up`"
            :model-value="s.y"
            :units="units"
            @update:model-value="(y) => put(i, { x: placeOf(s).x, y })"
          />
          <span v-else>{{ length(placeOf(s).y) }}</span>
        </td>
        <td class="py-px pr-1 pl-0 whitespace-nowrap">up</td>
        <td class="py-px pr-1 pl-0 whitespace-nowrap" v-if="least > 1">
          <UButton
            size="xs"
            color="neutral"
            variant="ghost"
            icon="i-lucide-plus"
            :aria-label="`Add a corner after ${nth(i)}`"
            data-adds
            @click="addAfter(i)"
          />
          <UButton
            v-if="spots.length > least"
            size="xs"
            color="neutral"
            variant="ghost"
            icon="i-lucide-x"
            :aria-label="`Take out corner ${nth(i)}`"
            @click="
              emit(
                'change',
                spots.filter((_, k) => k !== i),
              )
            "
          />
        </td>
      </tr>
    </tbody>
  </table>
</template>
