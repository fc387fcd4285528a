<script setup lang="ts">
import type { Units } from '~~/core/measure'
import { COVERS, EYE_M, FEATURES, MATERIALS, SERVICES, spotsOf, VIEWERS, withSpots, type Thing } from '~~/core/site'
import { words } from '~~/core/plant'

/** Every figure of one thing of the site. */
const props = defineProps<{ thing: Thing; units: Units }>()
const { site, set, remove } = useSite()
const t = computed(() => props.thing)
const put = (change: object) => set({ ...props.thing, ...change } as Thing)
const pick = (list: readonly string[]) => list.map((value) => ({ label: words(value), value }))
const roofs = pick(['flat', 'gable', 'hip'])
const problem = ref('')
function rename(event: Event) {
  const name = (event.target as HTMLInputElement).value.trim()
  if (name) put({ name: name.slice(0, 120) })
}
function setRoof(kind: string) {
  if (t.value.kind !== 'building') return
  put({
    roof:
      kind === 'flat'
        ? { kind }
        : { kind, ridgeM: t.value.roof.kind === 'flat' ? t.value.eaveM + 2 : t.value.roof.ridgeM },
  })
}
function setOpening(id: string, change: object | null) {
  if (t.value.kind !== 'building') return
  const openings =
    change === null
      ? t.value.openings.filter((o) => o.id !== id)
      : t.value.openings.map((o) => (o.id === id ? { ...o, ...change } : o))
  const wrong = openings.some((o) => o.headM <= o.sillM)
  problem.value = wrong ? 'A window’s head must be above its sill.' : ''
  if (!wrong) put({ openings })
}
function addOpening(door: boolean) {
  if (t.value.kind !== 'building') return
  put({
    openings: [
      ...t.value.openings,
      { id: newId(), side: 0, alongM: 1, widthM: door ? 1 : 1.2, sillM: door ? 0 : 0.9, headM: 2.1 },
    ],
  })
}
/** Keeps a change only when it leaves the thing possible. */
function putIf(ok: boolean, change: object, why: string) {
  problem.value = ok ? '' : why
  if (ok) put(change)
}
const NOWHERE = 'nowhere'
const viewers = computed(() => [
  { label: 'nowhere yet', value: NOWHERE },
  ...site.value.things.filter((v) => v.kind === 'viewpoint').map((v) => ({ label: v.name, value: v.id })),
])
const sides = computed(() =>
  t.value.kind === 'building' ? t.value.outline.map((_, i) => ({ label: `side ${i + 1}`, value: i })) : [],
)
const putSolid = (hundredths: number) => put({ solid: hundredths / 100 })
const leastSpots = computed(() => {
  if ('outline' in t.value) return 3
  return 'line' in t.value ? 2 : 1
})
</script>

<template>
  <div class="form">
    <div class="row">
      <UInput
        :model-value="t.name"
        size="sm"
        class="grow"
        :aria-label="`Name of ${t.name}`"
        maxlength="120"
        @change="rename"
      />
      <UButton size="xs" color="neutral" variant="ghost" icon="i-lucide-trash-2" @click="remove(t.id)">
        Take out
      </UButton>
    </div>
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    <div v-if="t.kind === 'building'" class="grid">
      <LengthInput
        label="Eaves"
        :model-value="t.eaveM"
        :units="units"
        :min="0.5"
        :max="60"
        @update:model-value="(eaveM) => put({ eaveM })"
      />
      <div>
        <span class="label">Roof</span>
        <USelect
          :model-value="t.roof.kind"
          :items="roofs"
          size="sm"
          class="w-full"
          aria-label="Roof"
          @update:model-value="(k) => setRoof(String(k))"
        />
      </div>
      <LengthInput
        v-if="t.roof.kind !== 'flat'"
        label="Ridge"
        :model-value="t.roof.ridgeM"
        :units="units"
        :max="60"
        @update:model-value="
          (ridgeM) => put({ roof: { ...(t as Extract<Thing, { kind: 'building' }>).roof, ridgeM } })
        "
      />
      <div>
        <span class="label">Walls</span>
        <USelect
          :model-value="t.material"
          :items="pick(MATERIALS)"
          size="sm"
          class="w-full"
          aria-label="Walls of"
          @update:model-value="(material) => put({ material })"
        />
      </div>
      <div>
        <span class="label">Colour</span>
        <input
          type="color"
          class="colour"
          :value="t.colour"
          aria-label="Colour of the walls"
          @change="(e) => put({ colour: (e.target as HTMLInputElement).value })"
        />
      </div>
      <div v-for="o in t.openings" :key="o.id" class="opening">
        <USelect
          :model-value="o.side"
          :items="sides"
          size="xs"
          class="side"
          aria-label="In side"
          @update:model-value="(side) => setOpening(o.id, { side: Number(side) })"
        />
        <LengthInput
          label="along"
          :model-value="o.alongM"
          :units="units"
          :max="300"
          @update:model-value="(alongM) => setOpening(o.id, { alongM })"
        />
        <LengthInput
          label="width"
          :model-value="o.widthM"
          :units="units"
          :min="0.1"
          :max="40"
          @update:model-value="(widthM) => setOpening(o.id, { widthM })"
        />
        <LengthInput
          label="sill"
          :model-value="o.sillM"
          :units="units"
          :max="30"
          @update:model-value="(sillM) => setOpening(o.id, { sillM })"
        />
        <LengthInput
          label="head"
          :model-value="o.headM"
          :units="units"
          :max="40"
          @update:model-value="(headM) => setOpening(o.id, { headM })"
        />
        <UButton
          size="xs"
          color="neutral"
          variant="ghost"
          icon="i-lucide-x"
          aria-label="Take out this opening"
          @click="setOpening(o.id, null)"
        />
      </div>
      <div class="wide">
        <UButton size="xs" color="neutral" variant="ghost" icon="i-lucide-plus" @click="addOpening(false)">
          Window
        </UButton>
        <UButton size="xs" color="neutral" variant="ghost" icon="i-lucide-plus" @click="addOpening(true)">
          Door
        </UButton>
      </div>
    </div>
    <div v-else-if="t.kind === 'fence'" class="grid">
      <LengthInput
        label="Height"
        :model-value="t.heightM"
        :units="units"
        :min="0.1"
        :max="20"
        @update:model-value="(heightM) => put({ heightM })"
      />
      <NumberInput
        label="Stops light, %"
        :model-value="percent(t.solid)"
        :min="0"
        :max="100"
        @update:model-value="putSolid"
      />
    </div>
    <div v-else-if="t.kind === 'surface'" class="grid">
      <div>
        <span class="label">It is</span>
        <USelect
          :model-value="t.cover"
          :items="pick(COVERS)"
          size="sm"
          class="w-full"
          aria-label="What covers it"
          @update:model-value="(cover) => put({ cover })"
        />
      </div>
    </div>
    <div v-else-if="t.kind === 'terrace'" class="grid">
      <div>
        <span class="label">Level above the ground</span>
        <GroundSignedLength
          label="Level above the ground"
          :model-value="t.levelM"
          :units="units"
          @update:model-value="(levelM) => put({ levelM })"
        />
      </div>
      <p class="hint wide">Retaining walls: a licensed professional and the local code.</p>
    </div>
    <div v-else-if="t.kind === 'tree'" class="grid">
      <LengthInput
        label="Height"
        :model-value="t.heightM"
        :units="units"
        :min="0.2"
        :max="60"
        @update:model-value="
          (heightM) =>
            putIf(
              heightM > (t as Extract<Thing, { kind: 'tree' }>).clearStemM,
              { heightM },
              'The tree must be taller than its clear stem.',
            )
        "
      />
      <LengthInput
        label="Spread"
        :model-value="t.spreadM"
        :units="units"
        :min="0.1"
        :max="60"
        @update:model-value="(spreadM) => put({ spreadM })"
      />
      <LengthInput
        label="Clear stem"
        :model-value="t.clearStemM"
        :units="units"
        :max="40"
        @update:model-value="
          (clearStemM) =>
            putIf(
              clearStemM < (t as Extract<Thing, { kind: 'tree' }>).heightM,
              { clearStemM },
              'The clear stem must be shorter than the tree.',
            )
        "
      />
      <div>
        <span class="label">Leaf</span>
        <USelect
          :model-value="t.leaf"
          :items="pick(['deciduous', 'evergreen'])"
          size="sm"
          class="w-full"
          aria-label="Leaf"
          @update:model-value="(leaf) => put({ leaf })"
        />
      </div>
      <LengthInput
        label="Grows a year"
        :model-value="t.growthMPerYear"
        :units="units"
        :max="3"
        @update:model-value="(growthMPerYear) => put({ growthMPerYear })"
      />
    </div>
    <div v-else-if="t.kind === 'feature'" class="grid">
      <div>
        <span class="label">It is a</span>
        <USelect
          :model-value="t.what"
          :items="pick(FEATURES)"
          size="sm"
          class="w-full"
          aria-label="What it is"
          @update:model-value="(what) => put({ what })"
        />
      </div>
      <LengthInput
        label="Height"
        :model-value="t.heightM"
        :units="units"
        :max="30"
        @update:model-value="(heightM) => put({ heightM })"
      />
      <LengthInput
        label="Width"
        :model-value="t.widthM"
        :units="units"
        :min="0.02"
        :max="30"
        @update:model-value="(widthM) => put({ widthM })"
      />
      <USwitch
        :model-value="t.keepInView"
        size="sm"
        label="must stay in view"
        class="wide"
        @update:model-value="(keepInView) => put({ keepInView })"
      />
    </div>
    <div v-else-if="t.kind === 'service'" class="grid">
      <div>
        <span class="label">It carries</span>
        <USelect
          :model-value="t.service"
          :items="pick(SERVICES)"
          size="sm"
          class="w-full"
          aria-label="What it carries"
          @update:model-value="(service) => put({ service })"
        />
      </div>
      <LengthInput
        :label="t.service === 'overhead' ? 'Height' : 'Depth'"
        :model-value="t.depthM"
        :units="units"
        :max="30"
        @update:model-value="(depthM) => put({ depthM })"
      />
      <USwitch
        :model-value="t.sure"
        size="sm"
        label="place is sure"
        @update:model-value="(sure) => put({ sure })"
      />
      <p class="hint wide">As far as known. Before any digging have services located and ask the local code.</p>
    </div>
    <div v-else-if="t.kind === 'viewpoint'" class="grid">
      <div>
        <span class="label">Seen from a</span>
        <USelect
          :model-value="t.viewer"
          :items="pick(VIEWERS)"
          size="sm"
          class="w-full"
          aria-label="Who looks"
          @update:model-value="(v) => put({ viewer: v, eyeM: EYE_M[v as keyof typeof EYE_M] })"
        />
      </div>
      <LengthInput
        label="Eye height"
        :model-value="t.eyeM"
        :units="units"
        :min="0.2"
        :max="40"
        @update:model-value="(eyeM) => put({ eyeM })"
      />
    </div>
    <div v-else-if="t.kind === 'target'" class="grid">
      <div>
        <span class="label">Wish</span>
        <USelect
          :model-value="t.wish"
          :items="[
            { label: 'keep open', value: 'keep' },
            { label: 'hide', value: 'hide' },
          ]"
          size="sm"
          class="w-full"
          aria-label="Keep or hide"
          @update:model-value="(wish) => put({ wish })"
        />
      </div>
      <div>
        <span class="label">Seen from</span>
        <USelect
          :model-value="t.seenFrom ?? NOWHERE"
          :items="viewers"
          size="sm"
          class="w-full"
          aria-label="Seen from"
          @update:model-value="(v) => put({ seenFrom: v === NOWHERE ? null : v })"
        />
      </div>
      <LengthInput
        label="Width"
        :model-value="t.widthM"
        :units="units"
        :min="0.1"
        @update:model-value="(widthM) => put({ widthM })"
      />
      <LengthInput
        label="From"
        :model-value="t.fromM"
        :units="units"
        :max="60"
        @update:model-value="
          (fromM) =>
            putIf(
              fromM < (t as Extract<Thing, { kind: 'target' }>).toM,
              { fromM },
              'It must reach higher than it begins.',
            )
        "
      />
      <LengthInput
        label="To"
        :model-value="t.toM"
        :units="units"
        :max="80"
        @update:model-value="
          (toM) =>
            putIf(
              toM > (t as Extract<Thing, { kind: 'target' }>).fromM,
              { toM },
              'It must reach higher than it begins.',
            )
        "
      />
    </div>
    <details :open="spotsOf(t).length <= 4">
      <summary>{{ spotsOf(t).length === 1 ? 'Place' : `${spotsOf(t).length} corners` }}</summary>
      <GroundSpotTable
        :spots="spotsOf(t)"
        :points="site.points"
        :units="units"
        :least="leastSpots"
        :name="t.name"
        @change="(spots) => set(withSpots(thing, spots))"
      />
    </details>
  </div>
</template>

<style scoped>
.form {
  display: grid;
  gap: 8px;
  padding: 6px 4px 10px;
}
.row {
  display: flex;
  gap: 6px;
  align-items: center;
}
.grow {
  flex: 1;
}
.grid {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 8px;
  align-items: end;
}
.wide {
  grid-column: 1 / -1;
}
.label {
  display: block;
  font-size: 12px;
  color: var(--soft);
  margin-bottom: 3px;
}
.colour {
  width: 100%;
  height: 30px;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: none;
}
.opening {
  grid-column: 1 / -1;
  display: grid;
  grid-template-columns: 74px 1fr 1fr 1fr 1fr 26px;
  gap: 4px;
  align-items: end;
}
.hint {
  font-size: 12px;
  color: var(--soft);
  line-height: 1.35;
}
.problem {
  color: var(--amber-deep);
  font-size: 12.5px;
}
summary {
  font-size: 12.5px;
  cursor: pointer;
  color: var(--soft);
}
</style>
