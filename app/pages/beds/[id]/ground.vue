<script setup lang="ts">
import { laneBands, laneDepthAt, laneNames } from '~~/core/bed'
import { formatBoth } from '~~/core/measure'
import { SOILS, sunClass, WATER_CLASSES, words, type Soil, type WaterClass } from '~~/core/plant'
import { NAME_LIMIT } from '~~/shared/bedSchema'

const store = useBedStore()
const compose = useComposeStore()
const { frame } = useScene()
const { problem, set, moveStation, addStation, removeStation, setEdgeKind, setLength, setDepth, setLanes, setWall, setOpening, addOpening } = useGround()
const units = computed(() => store.garden?.value.units ?? 'metric')
const bed = computed(() => store.bed!)
const lanes = computed(() => laneNames(bed.value.laneShares.length).map((name, i) => {
  const band = laneBands(bed.value.laneShares)[i]!
  const middle = frame.value ? (frame.value.firstX + frame.value.lastX) / 2 : 0
  return { name, depth: frame.value ? laneDepthAt(frame.value, band, middle) : 0 }
}))
const materials = [{ label: 'brick', value: 'brick' }, { label: 'stone', value: 'stone' }, { label: 'render', value: 'render' }, { label: 'boards', value: 'boards' }]
const facings = ['north', 'north-east', 'east', 'south-east', 'south', 'south-west', 'west', 'north-west'].map((f) => ({ label: f, value: f }))
const soils = SOILS.map((s) => ({ label: s, value: s }))
const waters = WATER_CLASSES.map((s) => ({ label: s, value: s }))

const name = ref(bed.value.name)
const nameProblem = ref('')
watch(() => bed.value.name, (n) => { name.value = n })
function rename() {
  const clean = name.value.trim()
  nameProblem.value = clean === '' ? 'The bed needs a name.' : clean.length > NAME_LIMIT ? `The name has ${clean.length} characters; ${NAME_LIMIT} is the most.` : ''
  if (!nameProblem.value && clean !== bed.value.name) set({ name: clean })
}
function move(which: 'back' | 'front', index: number, to: { x: number; y: number }, how: 'edit' | 'preview') { moveStation(which, index, to, how) }
const ground = (change: Partial<typeof bed.value.ground>) => set({ ground: { ...bed.value.ground, ...change } })
const viewpoint = (change: Partial<typeof bed.value.viewpoint>) => set({ viewpoint: { ...bed.value.viewpoint, ...change } })
const openings = computed(() => [...(bed.value.wall?.openings ?? [])].sort((a, b) => a.x - b.x))
</script>

<template>
  <div class="ground">
    <div class="book" aria-label="Field book">
      <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
      <section>
        <h3>The bed</h3>
        <UFormField label="Name" :error="nameProblem || undefined"><UInput v-model="name" size="sm" class="w-full" @blur="rename" @keydown.enter="rename" /></UFormField>
        <div v-if="frame" class="two">
          <LengthInput label="Length along the wall" :model-value="frame.lastX - frame.firstX" :units="units" :min="0.5" @update:model-value="setLength" />
          <LengthInput label="Greatest depth" :model-value="frame.depths.greatest" :units="units" :min="0.3" :max="50" @update:model-value="(d) => setDepth(d, frame!.depths.greatest)" />
        </div>
        <GroundStationTable name="Front" :edge="bed.outline.front" :units="units" @kind="(k) => setEdgeKind('front', k)" @move="(i, to) => moveStation('front', i, to)" @add="addStation('front')" @remove="(i) => removeStation('front', i)" />
        <GroundStationTable name="Back" :edge="bed.outline.back" :units="units" @kind="(k) => setEdgeKind('back', k)" @move="(i, to) => moveStation('back', i, to)" @add="addStation('back')" @remove="(i) => removeStation('back', i)" />
        <p class="hint">Depths are measured out from the wall line. Before digging, have underground services located and ask the local code.</p>
      </section>
      <section>
        <h3>Lanes</h3>
        <div class="lanes" role="group" aria-label="Number of lanes">
          <UButton v-for="n in [1, 2, 3, 4]" :key="n" size="xs" :color="bed.laneShares.length === n ? 'primary' : 'neutral'" :variant="bed.laneShares.length === n ? 'solid' : 'outline'" :aria-pressed="bed.laneShares.length === n" @click="setLanes(n)">{{ n }}</UButton>
          <span v-for="lane in lanes" :key="lane.name" class="lane">{{ lane.name }} {{ lane.depth.toFixed(2) }} m</span>
        </div>
      </section>
      <section>
        <h3>Wall behind it</h3>
        <USwitch :model-value="bed.wall !== null" label="There is a wall" size="sm" @update:model-value="(on) => setWall(on ? {} : null)" />
        <template v-if="bed.wall">
          <div class="three">
            <LengthInput label="Height" :model-value="bed.wall.heightM" :units="units" :min="0.3" :max="40" @update:model-value="(heightM) => setWall({ heightM })" />
            <div><label class="label" for="material">Material</label><USelect id="material" :model-value="bed.wall.material" :items="materials" size="sm" class="w-full" @update:model-value="(m) => setWall({ material: m as 'brick' })" /></div>
            <div><label class="label" for="wall-colour">Colour</label><input id="wall-colour" type="color" class="colour" :value="bed.wall.colour" @change="(e) => setWall({ colour: (e.target as HTMLInputElement).value })"></div>
          </div>
          <table v-if="openings.length > 0" class="openings">
            <thead><tr><th>Window</th><th>from left</th><th>width</th><th>sill</th><th>head</th><th /></tr></thead>
            <tbody>
              <tr v-for="(o, i) in openings" :key="o.id">
                <td>{{ o.sillM < 0.3 ? 'door' : i + 1 }}</td>
                <td><LengthInput hide-label :label="`Window ${i + 1} from left`" :model-value="o.x" :units="units" @update:model-value="(x) => setOpening(o.id, { x })" /></td>
                <td><LengthInput hide-label :label="`Window ${i + 1} width`" :model-value="o.widthM" :units="units" :min="0.1" :max="20" @update:model-value="(widthM) => setOpening(o.id, { widthM })" /></td>
                <td><LengthInput hide-label :label="`Window ${i + 1} sill`" :model-value="o.sillM" :units="units" :max="20" @update:model-value="(sillM) => setOpening(o.id, { sillM })" /></td>
                <td><LengthInput hide-label :label="`Window ${i + 1} head`" :model-value="o.headM" :units="units" :min="0.1" :max="30" @update:model-value="(headM) => setOpening(o.id, { headM })" /></td>
                <td><UButton size="xs" color="neutral" variant="ghost" icon="i-lucide-x" :aria-label="`Remove window ${i + 1}`" @click="setOpening(o.id, null)" /></td>
              </tr>
            </tbody>
          </table>
          <UButton size="xs" color="neutral" variant="ghost" icon="i-lucide-plus" @click="addOpening">Window or door</UButton>
        </template>
      </section>
      <section>
        <h3>Light, water, soil</h3>
        <div class="three">
          <NumberInput label="Sun, hours a day" :model-value="bed.ground.sunHours" :min="0" :max="18" @update:model-value="(sunHours) => ground({ sunHours })" />
          <div><label class="label" for="facing">Faces</label><USelect id="facing" :model-value="bed.ground.facing" :items="facings" size="sm" class="w-full" @update:model-value="(facing) => ground({ facing: String(facing) })" /></div>
          <NumberInput label="pH" :model-value="bed.ground.ph" :min="3" :max="10" @update:model-value="(ph) => ground({ ph })" />
          <div><label class="label" for="water">Ground is</label><USelect id="water" :model-value="bed.ground.water" :items="waters" size="sm" class="w-full" @update:model-value="(w) => ground({ water: w as WaterClass })" /></div>
          <div><label class="label" for="soil">Soil</label><USelect id="soil" :model-value="bed.ground.soil" :items="soils" size="sm" class="w-full" @update:model-value="(s) => ground({ soil: s as Soil })" /></div>
          <p class="hint">That is {{ words(sunClass(bed.ground.sunHours)) }}.</p>
        </div>
      </section>
      <section>
        <h3>Seen from</h3>
        <div class="three">
          <div><label class="label" for="viewname">Name</label><UInput id="viewname" :model-value="bed.viewpoint.name" size="sm" class="w-full" maxlength="120" @change="(e: Event) => { const v = (e.target as HTMLInputElement).value.trim(); if (v) viewpoint({ name: v }) }" /></div>
          <LengthInput label="Eye height" :model-value="bed.viewpoint.eyeHeightM" :units="units" :min="0.2" :max="15" @update:model-value="(eyeHeightM) => viewpoint({ eyeHeightM })" />
          <LengthInput label="In front by" :model-value="bed.viewpoint.distanceM" :units="units" :min="0.2" :max="100" @update:model-value="(distanceM) => viewpoint({ distanceM })" />
        </div>
        <p class="hint">1.6 m standing, 1.15 m seated, 1.1 m at the wheel.</p>
      </section>
    </div>
    <div class="sheet">
      <p v-if="frame" class="facts">Area {{ frame.areaM2.toFixed(1) }} m² · front edge {{ formatBoth(frame.frontLength, units) }} · depth {{ formatBoth(frame.depths.least, units) }} to {{ formatBoth(frame.depths.greatest, units) }}</p>
      <div class="paper"><ClientOnly><GroundPlan @move="move" /></ClientOnly></div>
      <p class="hint centre">Drag the amber handles to shape the edges, or type the stations in the book. The wall is at the top, the viewer below.</p>
      <div v-if="store.garden" class="front"><ClientOnly><BedPicture :bed="bed" :garden="store.garden.value" :month="compose.moment.month" :height="236" /></ClientOnly></div>
      <p class="hint centre">The same from {{ bed.viewpoint.name.toLowerCase() }}, straight on, in the third year.</p>
    </div>
  </div>
</template>

<style scoped>
.ground { display: flex; min-height: 0; }
.book { width: 430px; flex: none; overflow-y: auto; border-right: 1px solid var(--line); background: var(--card); padding: 4px 18px 30px; }
section { padding: 12px 0; border-bottom: 1px solid var(--line); display: grid; gap: 9px; }
h3 { font-size: 16px; font-weight: 600; }
.two { display: grid; grid-template-columns: 1fr 1fr; gap: 10px; }
.three { display: grid; grid-template-columns: 1fr 1fr 1fr; gap: 10px; align-items: end; }
.label { display: block; font-size: 12px; color: var(--soft); margin-bottom: 3px; }
.hint { font-size: 12px; color: var(--soft); line-height: 1.4; }
.centre { text-align: center; padding: 8px; }
.lanes { display: flex; gap: 6px; align-items: center; flex-wrap: wrap; }
.lane { font-size: 12.5px; color: var(--soft); margin-left: 6px; }
.colour { width: 100%; height: 30px; border: 1px solid var(--line); border-radius: 6px; background: none; cursor: pointer; }
.openings { width: 100%; font-size: 12px; }
.openings th { text-align: left; font-weight: 500; color: var(--soft); }
.openings td, .openings th { padding: 2px 5px 2px 0; vertical-align: top; }
.openings td:first-child { padding-top: 7px; }
.sheet { flex: 1; min-width: 0; display: flex; flex-direction: column; }
.paper { flex: 1; min-height: 0; margin: 0 16px; border: 1px solid var(--line); border-radius: 8px; overflow: hidden; background: var(--card); }
.front { margin: 6px 16px 0; border: 1px solid var(--line); border-radius: 8px; overflow: hidden; flex: none; }
.facts { padding: 12px 18px 10px; font-size: 13px; }
.problem { position: sticky; top: 4px; z-index: 3; margin-top: 8px; padding: 8px 12px; border-radius: 6px; background: var(--amber-wash); color: var(--amber-deep); border: 1px solid var(--amber); font-size: 13px; }
</style>
