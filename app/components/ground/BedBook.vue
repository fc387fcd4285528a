<script setup lang="ts">
import { BED_KINDS, type BedKind, NAME_LIMIT } from '~~/core/model'
import { laneBands, laneCounts, laneDepthAt, laneNames } from '~~/core/bed'
import { sunClass, words } from '~~/core/plant'
import { windWords } from '~~/core/site'
import { KIND_NAMES } from '~/utils/kindNames'

const { length, say, units } = useManner()

const store = useBedStore()
const { hasSiteWall } = useGardenScene()
/** A bed by its figures: its kind, edges, lanes, wall, light and main viewpoint. */
const { frame, fromSite } = useAspect()
const { light, judged } = useBedLight()
const { facing, isComputed } = useFacing()
const {
  problem,
  set,
  setKind,
  moveStation,
  addStation,
  removeStation,
  setEdgeKind,
  setLength,
  setDepth,
  setLanes,
  setWall,
} = useGround()
const bed = computed(() => store.bed!)
const lanes = computed(() =>
  laneNames(bed.value.laneShares.length, bed.value.form.kind).map((name, i) => {
    const band = laneBands(bed.value.laneShares)[i]!
    const middle = frame.value ? (frame.value.runFrom + frame.value.runTo) / 2 : 0
    return { name, depth: frame.value ? laneDepthAt(frame.value, band, middle) : 0 }
  }),
)
const facings = ['north', 'north-east', 'east', 'south-east', 'south', 'south-west', 'west', 'north-west'].map(
  (f) => ({ label: windWords(f), value: f }),
)
const kinds = BED_KINDS.map((value) => ({ label: KIND_NAMES[value], value }))

const name = ref(bed.value.name)
const nameProblem = ref('')
watch(
  () => bed.value.name,
  (n) => {
    name.value = n
  },
)
function faultOfName(clean: string): string {
  if (clean === '') return 'The bed needs a name.'
  return clean.length > NAME_LIMIT ? `The name has ${clean.length} characters; ${NAME_LIMIT} is the most.` : ''
}
const { onInput: typesName, leave: leavesName } = useTyped(rename)
function rename(quiet: boolean) {
  const clean = name.value.trim()
  const fault = faultOfName(clean)
  if (!quiet || !fault) nameProblem.value = fault
  if (!fault && clean !== bed.value.name) set({ name: clean })
}
const ground = (change: Partial<typeof bed.value.ground>) => set({ ground: { ...bed.value.ground, ...change } })
const viewpoint = (change: Partial<typeof bed.value.viewpoint>) =>
  set({ viewpoint: { ...bed.value.viewpoint, ...change } })
function takeFromSite(id: unknown) {
  const found = fromSite.value.find((v) => v.thing.id === id)
  if (found) viewpoint(found.viewpoint)
}
const lengthM = computed(() => (frame.value ? frame.value.lastX - frame.value.firstX : 0))
</script>

<template>
  <div class="bed-book">
    <p
      v-if="problem"
      class="problem sticky top-1 z-3 mt-2.5 py-2.5 px-3.5 rounded-sm bg-amber-wash text-amber-deep border border-amber text-sm"
      role="alert"
    >
      {{ say(problem) }}
    </p>
    <section class="py-3.5 px-0 border-b border-line grid gap-2.5">
      <h3 class="text-lg font-semibold">The bed</h3>
      <UFormField label="Name" :error="nameProblem || undefined">
        <UInput
          v-model="name"
          size="sm"
          class="w-full"
          @input="typesName"
          @blur="leavesName"
          @keydown.enter="leavesName"
        />
      </UFormField>
      <div class="row flex gap-3 items-end">
        <span class="block text-xs text-soft mb-1 pb-1.5">Kind</span>
        <USelect
          :model-value="bed.form.kind"
          :items="kinds"
          size="sm"
          class="flex-1"
          aria-label="Kind of bed"
          @update:model-value="(k) => setKind(k as BedKind)"
        />
      </div>
      <GroundFormFigures :form="bed.form" :units="units" @change="(form) => set({ form })" />
      <div v-if="frame && !frame.closed" class="grid grid-cols-[1fr_1fr] gap-3">
        <LengthInput
          label="Length along the wall"
          :model-value="lengthM"
          :units="units"
          :min="0.5"
          @update:model-value="setLength"
        />
        <LengthInput
          label="Greatest depth"
          :model-value="frame.depths.greatest"
          :units="units"
          :min="0.3"
          :max="50"
          @update:model-value="(d) => setDepth(d, frame!.depths.greatest)"
        />
      </div>
      <template v-if="!frame?.closed">
        <GroundStationTable
          name="Front"
          :edge="bed.outline.front"
          :units="units"
          @kind="(k) => setEdgeKind('front', k)"
          @move="(i, to) => moveStation('front', i, to)"
          @add="addStation('front')"
          @remove="(i) => removeStation('front', i)"
        />
        <GroundStationTable
          name="Back"
          :edge="bed.outline.back"
          :units="units"
          @kind="(k) => setEdgeKind('back', k)"
          @move="(i, to) => moveStation('back', i, to)"
          @add="addStation('back')"
          @remove="(i) => removeStation('back', i)"
        />
      </template>
      <p class="hint text-xs text-soft leading-snug">
        {{ frame?.closed ? '' : 'Depths are measured out from the wall line. ' }}Before digging, have underground
        services located and ask the local code.
      </p>
    </section>
    <section class="py-3.5 px-0 border-b border-line grid gap-2.5">
      <h3 class="text-lg font-semibold">
        Lanes
        <FieldNote of="lane" />
      </h3>
      <div class="flex gap-1.5 items-center flex-wrap" role="group" aria-label="Number of lanes">
        <UButton
          v-for="n in laneCounts(bed.form.kind)"
          :key="n"
          size="xs"
          :color="bed.laneShares.length === n ? 'primary' : 'neutral'"
          :variant="bed.laneShares.length === n ? 'solid' : 'outline'"
          :aria-pressed="bed.laneShares.length === n"
          @click="setLanes(n)"
        >
          {{ n }}
        </UButton>
        <span v-for="lane in lanes" :key="lane.name" class="text-sm text-soft ml-1.5">
          {{ lane.name }} {{ length(lane.depth) }}
        </span>
      </div>
    </section>
    <section
      class="py-3.5 px-0 border-b border-line grid gap-2.5"
      v-if="!frame?.closed && bed.form.kind !== 'two-sided'"
    >
      <h3 class="text-lg font-semibold">Wall behind it</h3>
      <USwitch
        :model-value="bed.wall !== null"
        label="There is a wall"
        size="sm"
        @update:model-value="(on) => setWall(on ? {} : null)"
      />
      <p v-if="hasSiteWall" class="hint text-xs text-soft leading-snug">
        Its wall, height and windows come from the site, where it lies against a building or fence: change them
        under “The site”.
      </p>
      <GroundWallBook v-else-if="bed.wall" :wall="bed.wall" :units="units" />
    </section>
    <section class="py-3.5 px-0 border-b border-line grid gap-2.5">
      <h3 class="text-lg font-semibold">What stands there already</h3>
      <GroundExistingBook />
    </section>
    <section class="py-3.5 px-0 border-b border-line grid gap-2.5">
      <h3 class="text-lg font-semibold">
        Light
        <FieldNote of="sunHours" />
      </h3>
      <GroundLightStrip />
      <div class="grid grid-cols-[1fr_1fr_1fr] gap-3 items-end">
        <USwitch
          :model-value="bed.ground.sunByHand"
          size="sm"
          label="measured by hand"
          :disabled="!light"
          class="pb-1.5"
          @update:model-value="(sunByHand) => ground({ sunByHand })"
        />
        <NumberInput
          label="Sun, hours a day"
          :model-value="bed.ground.sunHours"
          :min="0"
          :max="18"
          @update:model-value="(sunHours) => ground({ sunHours, sunByHand: true })"
        />
        <div v-if="!frame?.closed">
          <label class="block text-xs text-soft mb-1" for="facing">Faces</label>
          <USelect
            v-if="!isComputed"
            id="facing"
            :model-value="bed.ground.facing"
            :items="facings"
            size="sm"
            class="w-full"
            @update:model-value="(f) => ground({ facing: String(f) })"
          />
          <b v-else class="text-sm block pb-1.5">{{ windWords(facing) }}</b>
        </div>
        <p class="hint col-span-full text-xs text-soft leading-snug">
          {{
            judged
              ? 'The findings go by the computed light of each plant’s own place.'
              : `Hours by hand count: ${bed.ground.sunHours} h is ${words(sunClass(bed.ground.sunHours))}.`
          }}
        </p>
      </div>
    </section>
    <section class="py-3.5 px-0 border-b border-line grid gap-2.5">
      <h3 class="text-lg font-semibold">Seen from</h3>
      <div class="grid grid-cols-[1fr_1fr_1fr] gap-3 items-end">
        <div>
          <label class="block text-xs text-soft mb-1" for="viewname">Name</label>
          <UInput
            id="viewname"
            :model-value="bed.viewpoint.name"
            size="sm"
            class="w-full"
            maxlength="120"
            @change="
              (e: Event) => {
                const v = (e.target as HTMLInputElement).value.trim()
                if (v) viewpoint({ name: v })
              }
            "
          />
        </div>
        <LengthInput
          label="Eye height"
          :model-value="bed.viewpoint.eyeHeightM"
          :units="units"
          :min="0.2"
          :max="15"
          @update:model-value="(eyeHeightM) => viewpoint({ eyeHeightM })"
        />
        <LengthInput
          label="In front by"
          :model-value="bed.viewpoint.distanceM"
          :units="units"
          :min="0.2"
          :max="100"
          @update:model-value="(distanceM) => viewpoint({ distanceM })"
        />
      </div>
      <div class="row flex gap-3 items-end">
        <NumberInput
          label="Walked round by, degrees"
          :model-value="bed.viewpoint.turnDeg"
          :min="-360"
          :max="360"
          @update:model-value="(turnDeg) => viewpoint({ turnDeg })"
        />
        <USelect
          v-if="fromSite.length > 0"
          :items="fromSite.map((v) => ({ label: v.thing.name, value: v.thing.id }))"
          placeholder="Take one of the site"
          size="sm"
          class="flex-1"
          aria-label="Take a viewpoint of the site"
          @update:model-value="takeFromSite"
        />
      </div>
      <p class="hint text-xs text-soft leading-snug">
        {{ length(1.6) }} standing, {{ length(1.15) }} seated, {{ length(1.1) }} at the wheel.
      </p>
    </section>
  </div>
</template>
