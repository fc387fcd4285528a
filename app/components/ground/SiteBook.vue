<script setup lang="ts">
import type { ThingKind, BedPlace } from '~~/core/model'
import { sidesNear } from '~~/core/garden'
import { writeDxf, writeGeoJson, writeSvg } from '~~/core/exchange'
import { spotsOf, THING_NAMES, windName, windWords } from '~~/core/site'

const { say, units } = useManner()

/** The field book of the site: points as measured, what stands there, and where the beds lie. */
const store = useSiteStore()
const bedStore = useBedStore()
const ground = useGroundStore()
const { site, beds, laid, add, addPoint, setPoint, placeBed } = useSite()
const KINDS = Object.keys(THING_NAMES) as ThingKind[]
/** A row that a menu made takes the focus from the menu, and keeps it. */
const made = ref<string | null>(null)
const keepFocus = {
  onCloseAutoFocus: (event: Event) => {
    if (!made.value) return
    event.preventDefault()
    const row = document.querySelector<HTMLElement>(`[data-row="${made.value}"]`)
    made.value = null
    // Whoever is already typing into a row is not interrupted.
    const isBusy = document.activeElement?.closest('[data-row]')
    if (!isBusy) row?.querySelector<HTMLElement>('input:not([type="color"])')?.focus()
  },
}
const make = (how: () => void) => () => {
  how()
  made.value = ground.chosenId
}
const menu = KINDS.map((kind) => ({ label: THING_NAMES[kind], onSelect: make(() => add(kind)) }))
const pointMenu = computed(() => [
  { label: 'at a place of the sheet', onSelect: make(() => addPoint('fixed')) },
  ...(site.value.points.length >= 2
    ? [
        { label: 'so far along, so far out', onSelect: make(() => addPoint('offset')) },
        { label: 'by two tapes', onSelect: make(() => addPoint('tapes')) },
        { label: 'running along a wall', onSelect: make(() => addPoint('running')) },
      ]
    : []),
])
const groups = computed(() =>
  KINDS.map((kind) => ({ kind, things: site.value.things.filter((t) => t.kind === kind) })).filter(
    (g) => g.things.length > 0,
  ),
)

const placeOf = (id: string) => site.value.beds.find((b) => b.bedId === id) ?? null
const NONE = 'none'
const keyOf = (a: { thing: string; side: number }) => `${a.thing}/${a.side}`
const sideKey = (place: BedPlace) => (place.against ? keyOf(place.against) : NONE)
const resolvedPlace = (id: string) => store.resolved.beds.find((p) => p.bedId === id)!
const choices = (id: string) => sidesNear(store.resolved, resolvedPlace(id))
const sidesFor = (id: string) => [
  { label: 'nothing of the site', value: NONE },
  ...choices(id).map((c) => ({ label: c.label, value: keyOf(c.against) })),
]
/** A bed that leaves its wall stays where it lay. */
function layAgainst(id: string, key: string) {
  const { at, lookDeg } = resolvedPlace(id)
  const against = choices(id).find((c) => keyOf(c.against) === key)?.against ?? null
  placeBed(id, { ...placeOf(id)!, at, lookDeg, against })
}
function shiftAlong(id: string, alongM: number) {
  const place = placeOf(id)!
  placeBed(id, { ...place, against: { ...place.against!, alongM } })
}
const OWN = 'own'
const viewers = computed(() => [
  { label: 'its own viewpoint', value: OWN },
  ...site.value.things.filter((t) => t.kind === 'viewpoint').map((t) => ({ label: t.name, value: t.id })),
])
const lookFrom = (id: string, viewer: string) =>
  placeBed(id, { ...placeOf(id)!, viewFrom: viewer === OWN ? null : viewer })

function putOnSite(id: string) {
  placeBed(id, { bedId: id, at: { ...ground.middle }, lookDeg: (site.value.northDeg + 360) % 360, baseM: 0 })
  ground.chosenId = `bed:${id}`
}
function save(name: string, text: string, type: string) {
  const url = URL.createObjectURL(new Blob([text], { type }))
  const link = document.createElement('a')
  link.href = url
  link.download = name
  link.click()
  setTimeout(() => URL.revokeObjectURL(url), 5000)
}
const outlines = () => laid.value.flatMap((b) => b.outlines.map((outline) => ({ name: b.name, outline })))
const { plants: plantsOnSite } = usePlantsOnSite()
const lie = () => {
  const p = bedStore.garden!.value.place
  return { latitude: p.latitude, longitude: p.longitude, northDeg: site.value.northDeg }
}
const svgAt = (ratio: number) =>
  save('site.svg', writeSvg(store.resolved, outlines(), plantsOnSite.value, ratio), 'image/svg+xml')
const exports = [
  { label: 'SVG picture with planting, 1 : 50', onSelect: () => svgAt(50) },
  { label: 'SVG picture with planting, 1 : 100', onSelect: () => svgAt(100) },
  {
    label: 'DXF drawing with planting, metres',
    onSelect: () => save('site.dxf', writeDxf(store.resolved, outlines(), plantsOnSite.value), 'application/dxf'),
  },
  {
    label: 'GeoJSON for maps, with planting',
    onSelect: () =>
      save(
        'site.geojson',
        writeGeoJson(store.resolved, lie(), outlines(), plantsOnSite.value),
        'application/geo+json',
      ),
  },
]
function sayFacing(id: string): string {
  const place = placeOf(id)
  return place ? `faces ${windWords(windName((place.lookDeg + 180) % 360))}` : 'not on the site yet'
}
</script>

<template>
  <div class="site">
    <section class="py-3.5 px-0 border-b border-line grid gap-1.5">
      <div class="head flex gap-2.5 items-center">
        <h3 class="text-lg font-semibold flex-1">Where the beds lie</h3>
        <NumberInput
          hide-label
          label="The sheet’s top looks to, degrees from north"
          :model-value="site.northDeg"
          :min="-360"
          :max="360"
          class="w-18"
          @update:model-value="(northDeg) => store.edit({ kind: 'setNorth', northDeg })"
        />
        <span class="hint text-xs text-soft leading-snug">° from north is up</span>
        <FieldNote of="sheet" />
      </div>
      <ul>
        <li
          v-for="b in beds"
          :key="b.id"
          class="thing rounded-sm py-px px-1.5 flex flex-wrap items-center gap-1 [&.chosen]:bg-amber/11"
          :class="{ chosen: ground.chosenId === `bed:${b.id}` }"
        >
          <button
            class="flex-1 text-left py-1 px-0 cursor-pointer text-sm"
            :disabled="!placeOf(b.id)"
            @click="ground.chosenId = `bed:${b.id}`"
          >
            <b class="serif">{{ b.bed.name }}</b>
            <small class="text-soft text-xs ml-1">
              {{ sayFacing(b.id) }}
            </small>
          </button>
          <UButton v-if="!placeOf(b.id)" size="xs" color="neutral" variant="outline" @click="putOnSite(b.id)">
            Put it on the site
          </UButton>
          <div
            v-if="placeOf(b.id) && ground.chosenId === `bed:${b.id}`"
            class="basis-full grid grid-cols-2 gap-2.5 items-end pb-2.5 *:first:col-span-full"
          >
            <GroundSpotTable
              v-if="!placeOf(b.id)!.against"
              :spots="[placeOf(b.id)!.at]"
              :points="site.points"
              :units="units"
              :least="1"
              :name="b.bed.name"
              @change="([at]) => placeBed(b.id, { ...placeOf(b.id)!, at: at! })"
            />
            <NumberInput
              v-if="!placeOf(b.id)!.against"
              label="Viewer looks to, ° from north"
              :model-value="placeOf(b.id)!.lookDeg"
              :min="-360"
              :max="360"
              @update:model-value="(lookDeg) => placeBed(b.id, { ...placeOf(b.id)!, lookDeg })"
            />
            <div>
              <span class="block text-xs text-soft mb-1">Level of its ground</span>
              <GroundSignedLength
                label="Level of its ground"
                :model-value="placeOf(b.id)!.baseM"
                :units="units"
                @update:model-value="(baseM) => placeBed(b.id, { ...placeOf(b.id)!, baseM })"
              />
            </div>
            <label class="block text-xs text-soft mb-1">
              Lies against
              <USelect
                :model-value="sideKey(placeOf(b.id)!)"
                :items="sidesFor(b.id)"
                size="xs"
                :aria-label="`${b.bed.name} lies against`"
                @update:model-value="(key) => layAgainst(b.id, String(key))"
              />
            </label>
            <div v-if="placeOf(b.id)!.against">
              <span class="block text-xs text-soft mb-1">From the wall’s left end</span>
              <GroundSignedLength
                label="From the wall’s left end"
                :model-value="placeOf(b.id)!.against!.alongM"
                :units="units"
                @update:model-value="(alongM) => shiftAlong(b.id, alongM)"
              />
            </div>
            <label class="block text-xs text-soft mb-1">
              Judged from
              <USelect
                :model-value="placeOf(b.id)!.viewFrom ?? 'own'"
                :items="viewers"
                size="xs"
                :aria-label="`${b.bed.name} is judged from`"
                @update:model-value="(id) => lookFrom(b.id, String(id))"
              />
            </label>
            <UButton size="xs" color="neutral" variant="ghost" icon="i-lucide-x" @click="placeBed(b.id, null)">
              Off the site
            </UButton>
          </div>
        </li>
      </ul>
    </section>
    <section class="py-3.5 px-0 border-b border-line grid gap-1.5">
      <div class="head flex gap-2.5 items-center">
        <h3 class="text-lg font-semibold flex-1">What stands and runs</h3>
        <UDropdownMenu :items="menu" :content="keepFocus" :modal="false" portal="#content">
          <UButton size="xs" color="neutral" variant="outline" icon="i-lucide-plus" data-testid="add-thing">
            Add
          </UButton>
        </UDropdownMenu>
      </div>
      <p v-if="groups.length === 0" class="hint text-xs text-soft leading-snug">
        Nothing yet. Begin with the building the beds stand against: Add, then type its figures or drag its corners.
      </p>
      <div v-for="g in groups" :key="g.kind">
        <h4 class="text-xs text-soft mt-1.5">{{ THING_NAMES[g.kind] }}</h4>
        <ul>
          <li
            v-for="t in g.things"
            :key="t.id"
            class="thing rounded-sm py-px px-1.5 flex flex-wrap items-center gap-1 [&.chosen]:bg-amber/11"
            :class="{ chosen: ground.chosenId === t.id }"
            :data-thing="t.name"
            :data-row="t.id"
          >
            <button
              class="flex-1 text-left py-1 px-0 cursor-pointer text-sm"
              :aria-expanded="ground.chosenId === t.id"
              @click="ground.chosenId = ground.chosenId === t.id ? null : t.id"
            >
              <b class="serif">{{ t.name }}</b>
              <small class="text-soft text-xs ml-1">
                {{ say(thingWords(t)) }}{{ spotsOf(t).some((s) => 'of' in s) ? ', surveyed' : '' }}
              </small>
            </button>
            <GroundThingForm v-if="ground.chosenId === t.id" class="basis-full" :thing="t" :units="units" />
          </li>
        </ul>
      </div>
    </section>
    <section class="py-3.5 px-0 border-b border-line grid gap-1.5">
      <div class="head flex gap-2.5 items-center">
        <h3 class="text-lg font-semibold flex-1">Points by tape</h3>
        <FieldNote of="baseline" />
        <UDropdownMenu :items="pointMenu" :content="keepFocus" :modal="false" portal="#content">
          <UButton size="xs" color="neutral" variant="outline" icon="i-lucide-plus" data-testid="add-point">
            Point
          </UButton>
        </UDropdownMenu>
      </div>
      <p v-if="site.points.length === 0" class="hint text-xs text-soft leading-snug">
        Two corners that are sure make a baseline; every other point is so far along and out from it, or by two
        tapes. Corners of buildings and beds can be fixed to points.
      </p>
      <ul data-testid="points">
        <GroundPointLine
          v-for="p in site.points"
          :key="p.id"
          :point="p"
          :points="site.points"
          :units="units"
          :problem="store.resolved.problems.get(p.id)"
          :chosen="ground.chosenId === p.id"
          @change="setPoint"
          @remove="store.edit({ kind: 'removePoint', id: p.id })"
          @choose="ground.chosenId = p.id"
        />
      </ul>
      <GroundMeasuredOutline :units="units" />
    </section>
    <section class="py-3.5 px-0 border-b border-line grid gap-1.5">
      <div class="head flex gap-2.5 items-center">
        <h3 class="text-lg font-semibold flex-1">Drawings in and out</h3>
        <UDropdownMenu :items="exports">
          <UButton size="xs" color="neutral" variant="outline" icon="i-lucide-download">Take the site away</UButton>
        </UDropdownMenu>
      </div>
      <GroundDrawingImport :units="units" />
    </section>
  </div>
</template>
