<script setup lang="ts">
import type { Measure, SurveyPoint } from '~~/core/model'
import type { Units } from '~~/core/measure'

const { say } = useManner()

/** One line of the field book: a point as it was measured on site. */
const props = defineProps<{
  point: SurveyPoint
  points: readonly SurveyPoint[]
  units: Units
  problem?: string
  chosen: boolean
}>()
const emit = defineEmits<{ change: [point: SurveyPoint]; remove: []; choose: [] }>()
const KINDS = [
  { label: 'at', value: 'fixed' },
  { label: 'along and out', value: 'offset' },
  { label: 'by two tapes', value: 'tapes' },
  { label: 'running along', value: 'running' },
]
const others = computed(() =>
  props.points.filter((p) => p.id !== props.point.id).map((p) => ({ label: p.name, value: p.id })),
)
const m = computed(() => props.point.measure)
const put = (measure: Measure) => emit('change', { ...props.point, measure })
const FAR = 1000

function kind(to: string) {
  const [a, b] = others.value
  if (to === 'fixed' || !a || !b) return put({ kind: 'fixed', x: 0, y: 0 })
  if (to === 'offset') return put({ kind: 'offset', from: a.value, to: b.value, alongM: 1, outM: 1 })
  if (to === 'tapes') return put({ kind: 'tapes', a: a.value, aM: 3, b: b.value, bM: 3, side: 'left' })
  put({ kind: 'running', from: a.value, to: b.value, alongM: 1 })
}
function rename(event: Event) {
  const name = (event.target as HTMLInputElement).value.trim()
  if (name) emit('change', { ...props.point, name: name.slice(0, 120) })
}
</script>

<template>
  <li
    class="flex flex-wrap items-center gap-y-1 gap-x-1 text-sm text-soft py-1 px-1 rounded-sm [&.chosen]:bg-amber/14"
    :class="{ chosen }"
    :data-point="point.name"
    :data-row="point.id"
    @focusin="emit('choose')"
  >
    <input
      :value="point.name"
      class="w-13 font-serif font-semibold text-ink bg-transparent border-b border-transparent hover:border-line focus:border-line"
      :aria-label="`Name of point ${point.name}`"
      maxlength="120"
      @change="rename"
    />
    <USelect
      :model-value="m.kind"
      :items="KINDS"
      size="xs"
      variant="ghost"
      class="w-32"
      :aria-label="`How ${point.name} was measured`"
      :disabled="others.length < 2 && m.kind === 'fixed'"
      @update:model-value="(k) => kind(String(k))"
    />
    <template v-if="m.kind === 'fixed'">
      <GroundSignedLength
        :label="`${point.name} to the right`"
        :model-value="m.x"
        :units="units"
        @update:model-value="(x) => put({ ...(m as Extract<Measure, { kind: 'fixed' }>), x })"
      />
      <span>right,</span>
      <GroundSignedLength
        :label="`${point.name} up the sheet`"
        :model-value="m.y"
        :units="units"
        @update:model-value="(y) => put({ ...(m as Extract<Measure, { kind: 'fixed' }>), y })"
      />
      <span>up</span>
    </template>
    <template v-else-if="m.kind === 'tapes'">
      <LengthInput
        hide-label
        :label="`${point.name}, first tape`"
        :model-value="m.aM"
        :units="units"
        :max="FAR"
        class="w-22"
        @update:model-value="(aM) => put({ ...(m as Extract<Measure, { kind: 'tapes' }>), aM })"
      />
      <span>from</span>
      <USelect
        :model-value="m.a"
        :items="others"
        size="xs"
        class="w-18"
        :aria-label="`${point.name}, first tape from`"
        @update:model-value="(a) => put({ ...(m as Extract<Measure, { kind: 'tapes' }>), a: String(a) })"
      />
      <span>,</span>
      <LengthInput
        hide-label
        :label="`${point.name}, second tape`"
        :model-value="m.bM"
        :units="units"
        :max="FAR"
        class="w-22"
        @update:model-value="(bM) => put({ ...(m as Extract<Measure, { kind: 'tapes' }>), bM })"
      />
      <span>from</span>
      <USelect
        :model-value="m.b"
        :items="others"
        size="xs"
        class="w-18"
        :aria-label="`${point.name}, second tape from`"
        @update:model-value="(b) => put({ ...(m as Extract<Measure, { kind: 'tapes' }>), b: String(b) })"
      />
      <button
        class="underline cursor-pointer text-ink"
        :title="'The side when walking from the first to the second'"
        @click="
          put({
            ...(m as Extract<Measure, { kind: 'tapes' }>),
            side: (m as Extract<Measure, { kind: 'tapes' }>).side === 'left' ? 'right' : 'left',
          })
        "
      >
        on the {{ m.side }}
      </button>
    </template>
    <template v-else>
      <span>from</span>
      <USelect
        :model-value="m.from"
        :items="others"
        size="xs"
        class="w-18"
        :aria-label="`${point.name}, baseline from`"
        @update:model-value="(from) => put({ ...(m as Extract<Measure, { kind: 'running' }>), from: String(from) })"
      />
      <span>to</span>
      <USelect
        :model-value="m.to"
        :items="others"
        size="xs"
        class="w-18"
        :aria-label="`${point.name}, baseline to`"
        @update:model-value="(to) => put({ ...(m as Extract<Measure, { kind: 'running' }>), to: String(to) })"
      />
      <GroundSignedLength
        :label="`${point.name} along`"
        :model-value="m.alongM"
        :units="units"
        @update:model-value="(alongM) => put({ ...(m as Extract<Measure, { kind: 'running' }>), alongM })"
      />
      <span>along</span>
      <template v-if="m.kind === 'offset'">
        <GroundSignedLength
          :label="`${point.name} out`"
          :model-value="m.outM"
          :units="units"
          @update:model-value="(outM) => put({ ...(m as Extract<Measure, { kind: 'offset' }>), outM })"
        />
        <span>out</span>
      </template>
    </template>
    <UButton
      size="xs"
      color="neutral"
      variant="ghost"
      icon="i-lucide-x"
      :aria-label="`Take out point ${point.name}`"
      @click="emit('remove')"
    />
    <p v-if="problem" class="problem basis-full text-amber-deep text-xs leading-snug" role="alert">
      {{ say(problem) }}
    </p>
  </li>
</template>
