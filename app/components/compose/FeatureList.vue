<script setup lang="ts">
import { FEATURE_KINDS, type Feature, type FeatureKind } from '~~/core/model'
import { toMm } from '~~/core/geometry'
import { FEATURES, newFeature } from '~~/core/bed'

/** Things of the bed that do not grow: added here or moved in the plan, with their figures. */
const store = useBedStore()
const compose = useComposeStore()
const { frame } = useAspect()
const { units } = useManner()
const features = computed(() => store.bed?.features ?? [])
const items = FEATURE_KINDS.map((value) => ({ label: FEATURES[value].name, value }))
const kind = ref<FeatureKind>('boulder')
const root = useTemplateRef<HTMLElement>('root')

const save = (list: readonly Feature[]) => store.edit({ kind: 'setBed', change: { features: list } })

/** A new thing stands in the middle of the bed, what is fixed to a wall at its foot. */
function add() {
  const f = frame.value
  if (!f || !store.bed) return
  const a = (f.runFrom + f.runTo) / 2
  const depth = f.depthAlong(a)
  const against = kind.value === 'trellis' || kind.value === 'wires'
  const { x, y } = f.at(a, against ? 0.05 : depth / 2)
  const made = newFeature(kind.value, newId(), { x: Math.round(x * 100) / 100, y: Math.round(y * 100) / 100 })
  save([...store.bed.features, made])
  compose.chooseFeature(made.id)
  void nextTick(() => root.value?.querySelector<HTMLElement>(`[data-thing="${made.id}"] input`)?.focus())
}
function change(id: string, part: Partial<Feature>) {
  save(features.value.map((f) => (f.id === id ? { ...f, ...part } : f)))
}
function remove(id: string) {
  save(features.value.filter((f) => f.id !== id))
  if (compose.featureId === id) compose.chooseFeature(null)
}
const toggle = (id: string) => compose.chooseFeature(compose.featureId === id ? null : id)
const heightLabel = (f: Feature) => (FEATURES[f.kind].lies ? 'Laid, deep' : 'High')
const runs = (f: Feature) => FEATURES[f.kind].runs
/** A straight run becomes a bend of four points that can be typed; a bend straight again. */
function bend(f: Feature) {
  const line = [-0.5, -0.17, 0.17, 0.5].map((u, i) => ({ x: toMm(u * f.lengthM), y: i % 2 === 0 ? -0.15 : 0.15 }))
  change(f.id, { line: f.line.length > 0 ? [] : line })
}
const colourOf = (event: Event) => (event.target as HTMLInputElement).value
</script>

<template>
  <section ref="root" aria-label="Things that do not grow">
    <h3>Stone, pots and supports</h3>
    <ul>
      <li v-for="f in features" :key="f.id" :class="{ on: compose.featureId === f.id }" :data-thing="f.id">
        <div class="line">
          <i class="rounded-xs border border-line ml-1 size-3.5" :style="{ background: f.colour }" />
          <button class="name" :aria-expanded="compose.featureId === f.id" @click="toggle(f.id)">
            {{ FEATURES[f.kind].name }}
          </button>
          <UButton
            size="xs"
            color="neutral"
            variant="ghost"
            icon="i-lucide-trash-2"
            :aria-label="`Take out the ${FEATURES[f.kind].name}`"
            @click="remove(f.id)"
          />
        </div>
        <div v-if="compose.featureId === f.id" class="figures">
          <LengthInput
            label="Along"
            :model-value="f.x"
            :units="units"
            :min="-500"
            :max="500"
            @update:model-value="(x) => change(f.id, { x })"
          />
          <LengthInput
            label="Out"
            :model-value="f.y"
            :units="units"
            :min="-500"
            :max="500"
            @update:model-value="(y) => change(f.id, { y })"
          />
          <NumberInput
            label="Turned, °"
            :model-value="f.turnDeg"
            :min="-180"
            :max="180"
            @update:model-value="(turnDeg) => change(f.id, { turnDeg })"
          />
          <LengthInput
            label="Long"
            :model-value="f.lengthM"
            :units="units"
            :min="0.02"
            :max="60"
            @update:model-value="(lengthM) => change(f.id, { lengthM })"
          />
          <LengthInput
            label="Wide"
            :model-value="f.widthM"
            :units="units"
            :min="0.02"
            :max="20"
            @update:model-value="(widthM) => change(f.id, { widthM })"
          />
          <LengthInput
            :label="heightLabel(f)"
            :model-value="f.heightM"
            :units="units"
            :min="0.01"
            :max="12"
            @update:model-value="(heightM) => change(f.id, { heightM })"
          />
          <label class="text-xs text-soft grid gap-0.5">
            Colour
            <input
              class="w-full h-7.5 p-0 border border-line rounded-sm bg-transparent"
              type="color"
              :value="f.colour"
              :aria-label="`Colour of the ${FEATURES[f.kind].name}`"
              @change="(event) => change(f.id, { colour: colourOf(event) })"
            />
          </label>
          <UButton v-if="runs(f)" size="xs" color="neutral" variant="outline" @click="bend(f)">
            {{ f.line.length > 0 ? 'Straight' : 'Bend it' }}
          </UButton>
          <ComposePointRows
            v-if="f.line.length > 0"
            :points="f.line"
            :least="2"
            @change="(line) => change(f.id, { line })"
          />
        </div>
      </li>
    </ul>
    <div class="flex gap-1.5 mt-1.5">
      <USelect v-model="kind" :items="items" size="sm" class="flex-1" aria-label="Thing to add" />
      <UButton size="sm" color="neutral" variant="outline" icon="i-lucide-plus" data-adds @click="add">Add</UButton>
    </div>
  </section>
</template>

<style scoped>
.name::first-letter {
  text-transform: uppercase;
}
</style>
