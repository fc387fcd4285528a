<script setup lang="ts">
import type { ThingKind } from '~~/core/model'
import { toMm } from '~~/core/geometry'
import { type Units } from '~~/core/measure'
import { closing, newThing, walkOutline, type WalkedSide } from '~~/core/site'

const { length, figure } = useManner()

/** An outline walked round with the tape: side by side, its closing error, and the error spread. */
defineProps<{ units: Units }>()
const store = useSiteStore()
const ground = useGroundStore()
const open = ref(false)
const heading = ref(90)
const sides = ref<readonly WalkedSide[]>([
  { lengthM: 8, turnDeg: 90 },
  { lengthM: 6, turnDeg: 90 },
  { lengthM: 8, turnDeg: 90 },
  { lengthM: 6, turnDeg: 90 },
])
const kind = ref<ThingKind>('building')
const kinds = [
  { label: 'building', value: 'building' },
  { label: 'path, lawn or water', value: 'surface' },
  { label: 'level', value: 'terrace' },
]
const walk = computed(() =>
  walkOutline({ x: Math.round(ground.middle.x), y: Math.round(ground.middle.y) }, heading.value, sides.value),
)
const close = computed(() => closing(walk.value))
watch([open, walk], () => {
  ground.sketch = open.value ? walk.value : []
})
onBeforeUnmount(() => {
  ground.sketch = []
})
const put = (i: number, change: Partial<WalkedSide>) => {
  sides.value = sides.value.map((s, k) => (k === i ? { ...s, ...change } : s))
}

function draw() {
  const thing = newThing(kind.value, newId(), ground.middle)
  if (!('outline' in thing)) return
  store.edit({
    kind: 'setThing',
    thing: { ...thing, outline: close.value.spread.map((p) => ({ x: toMm(p.x), y: toMm(p.y) })) },
  })
  ground.chosenId = thing.id
  open.value = false
}
</script>

<template>
  <div class="walk">
    <UButton
      size="xs"
      color="neutral"
      variant="ghost"
      :icon="open ? 'i-lucide-chevron-down' : 'i-lucide-chevron-right'"
      @click="open = !open"
    >
      Walk round an outline with the tape
    </UButton>
    <template v-if="open">
      <ol>
        <li
          class="grid grid-cols-[18px_92px_58px_64px_44px_28px] gap-1.5 items-center text-sm text-soft py-px px-0"
          v-for="(s, i) in sides"
          :key="i"
        >
          <span>{{ nth(i) }}.</span>
          <LengthInput
            hide-label
            :label="`Side ${nth(i)}`"
            :model-value="s.lengthM"
            :units="units"
            :min="0.01"
            :max="500"
            @update:model-value="(lengthM) => put(i, { lengthM })"
          />
          <span>then turn</span>
          <NumberInput
            hide-label
            :label="`Turn after side ${nth(i)}, degrees`"
            :model-value="s.turnDeg"
            :min="-180"
            :max="180"
            @update:model-value="(turnDeg) => put(i, { turnDeg })"
          />
          <span>° right</span>
          <UButton
            v-if="sides.length > 3"
            size="xs"
            color="neutral"
            variant="ghost"
            icon="i-lucide-x"
            :aria-label="`Take out side ${nth(i)}`"
            @click="sides = sides.filter((_, k) => k !== i)"
          />
        </li>
      </ol>
      <div class="row flex gap-2.5 items-end mt-1">
        <UButton
          size="xs"
          color="neutral"
          variant="ghost"
          icon="i-lucide-plus"
          data-adds
          @click="sides = [...sides, { lengthM: 3, turnDeg: 90 }]"
        >
          Side
        </UButton>
        <NumberInput
          label="First side heads, ° on the sheet"
          :model-value="heading"
          :min="-360"
          :max="360"
          @update:model-value="
            (v) => {
              heading = v
            }
          "
        />
      </div>
      <p
        class="text-sm mt-1.5 leading-snug [&.loud]:text-amber-deep"
        :class="{ loud: close.perCent > 1 }"
        role="status"
        data-testid="closing"
      >
        Closes with {{ length(close.errorM) }} missing on {{ length(close.lengthM, 1) }} walked ({{
          figure(close.perCent, 2, 2)
        }}
        %).{{ close.perCent > 1 ? ' Over 1 %: measure again what is least sure.' : '' }}
      </p>
      <div class="row flex gap-2.5 items-end mt-1">
        <USelect v-model="kind" :items="kinds" size="sm" aria-label="Draw it as" />
        <UButton size="sm" @click="draw">Spread the error and draw it</UButton>
      </div>
    </template>
  </div>
</template>
