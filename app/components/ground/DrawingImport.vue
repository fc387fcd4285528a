<script setup lang="ts">
import { checkForm, newBed, type BedForm } from '~~/core/bed'
import {
  fitLine,
  liesFar,
  movedLines,
  moveToOrigin,
  readDxf,
  readGeoJson,
  readSvg,
  type FoundLine,
} from '~~/core/exchange'
import { cleanText, cutText } from '~~/core/measure'
import type { Units } from '~~/core/measure'
import type { SiteEdit } from '~~/core/site'
import type { StoredBed } from '~~/shared/wire'

/** A drawing under the plan, or its lines turned into what stands on the site. A broken file changes nothing. */
defineProps<{ units: Units }>()
const store = useSiteStore()
const bedStore = useBedStore()
const ground = useGroundStore()
const { site, loadBeds } = useSite()
const file = useTemplateRef<HTMLInputElement>('file')
const problem = ref('')
const lines = shallowRef<readonly FoundLine[]>([])
const as = ref<readonly string[]>([])
const unit = ref('0.001')
const lastSvg = ref('')
const UNITS = [
  { label: 'a millimetre', value: '0.001' },
  { label: 'a centimetre', value: '0.01' },
  { label: 'a metre', value: '1' },
  { label: 'a foot', value: '0.3048' },
  { label: 'an inch', value: '0.0254' },
]
const CHOICES = [
  { label: 'leave out', value: 'none' },
  { label: 'building', value: 'building' },
  { label: 'path, lawn or water', value: 'surface' },
  { label: 'level', value: 'terrace' },
  { label: 'island bed', value: 'bed' },
  { label: 'fence or wall', value: 'fence' },
  { label: 'pipe or cable', value: 'service' },
]
const choicesFor = (line: FoundLine) =>
  CHOICES.filter(
    (c) =>
      c.value === 'none' ||
      (line.closed ? ['building', 'surface', 'terrace', 'bed'] : ['fence', 'service']).includes(c.value),
  )
const LARGEST = 12 * 1024 * 1024

const asGeoJson = (text: string) => {
  const { latitude, longitude } = bedStore.garden!.value.place
  return readGeoJson(text, { latitude, longitude, northDeg: site.value.northDeg })
}
const READERS: Readonly<Record<string, (text: string) => ReturnType<typeof readDxf>>> = {
  dxf: readDxf,
  svg: (text) => readSvg(text, Number(unit.value)),
  geojson: asGeoJson,
  json: asGeoJson,
}
const unreadable = (): ReturnType<typeof readDxf> => ({
  ok: false,
  error: 'PNG and JPEG pictures, DXF, SVG and GeoJSON drawings can be brought in; this is something else.',
})
async function take() {
  const chosen = file.value?.files?.[0]
  if (file.value) file.value.value = ''
  if (!chosen) return
  problem.value = ''
  if (chosen.size > LARGEST) {
    problem.value = `${chosen.name} is ${(chosen.size / 1048576).toFixed(1)} MB; ${LARGEST / 1048576} MB is the most. Save it smaller.`
    return
  }
  const ending = chosen.name.toLowerCase().split('.').pop() ?? ''
  if (['png', 'jpg', 'jpeg'].includes(ending))
    return layUnder(chosen, ending === 'png' ? 'image/png' : 'image/jpeg')
  const text = await chosen.text()
  lastSvg.value = ending === 'svg' ? text : ''
  show((READERS[ending] ?? unreadable)(text))
}
watch(unit, () => {
  if (lastSvg.value) show(readSvg(lastSvg.value, Number(unit.value)))
})

function show(read: ReturnType<typeof readDxf>) {
  problem.value = read.ok ? '' : read.error
  lines.value = read.ok ? read.value : []
  as.value = lines.value.map((l) => (l.closed ? 'surface' : 'fence'))
}

async function layUnder(chosen: File, type: string) {
  try {
    const picture = await createImageBitmap(chosen)
    const { drawingId } = await $fetch<{ drawingId: string }>(`/api/gardens/${bedStore.garden!.id}/drawings`, {
      method: 'POST',
      body: chosen,
      headers: { 'content-type': type },
    })
    const widthM = 20
    const heightM = (widthM * picture.height) / picture.width
    store.edit({
      kind: 'setBase',
      base: {
        drawingId,
        name: cutText(cleanText(chosen.name), 120) || 'Drawing',
        x: ground.middle.x - widthM / 2,
        y: ground.middle.y - heightM / 2,
        widthM,
        heightM,
      },
    })
  } catch (error) {
    problem.value =
      error instanceof DOMException
        ? `${chosen.name} is broken, or no picture: nothing was changed.`
        : messageOf(error)
  }
}

/** How far the drawing is moved to the sheet's middle; null while it lies within reach. */
const move = computed(() => (liesFar(lines.value) ? moveToOrigin(lines.value) : null))
const isMoved = ref(true)
const offset = computed(() => (move.value ? `${-move.value.x} m east and ${-move.value.y} m north` : ''))

async function bringIn() {
  const by = isMoved.value ? move.value : null
  const found = by ? movedLines(lines.value, by) : lines.value
  const { edits, left } = drawingEdits(site.value, found, as.value)
  const all: SiteEdit[] = [...edits, ...(by ? [originPoint(by)] : [])]
  let beds = 0
  for (const [i, line] of found.entries()) if (as.value[i] === 'bed' && (await makeBed(line, all))) beds++
  const fault = faultOfEdits(site.value, all)
  if (fault) {
    problem.value = `Nothing was taken in: ${fault}`
    return
  }
  if (all.length > 0) store.edit({ kind: 'all', name: 'bring in a drawing', edits: all })
  if (beds > 0) await loadBeds()
  lines.value = []
  if (left.length > 0) problem.value = `Left out: ${left.slice(0, 4).join('; ')}${left.length > 4 ? '…' : ''}.`
}

/** Where the drawing's own zero lay is kept as a point of the site, by its name. */
const originPoint = (by: { x: number; y: number }): SiteEdit => ({
  kind: 'setPoint',
  point: { id: newId(), name: `Drawing’s ${-by.x}, ${-by.y}`, measure: { kind: 'fixed', x: 0, y: 0 } },
})

/** A closed outline as an island bed: its stations about its own middle, in the bed's plan (y toward the viewer). */
async function makeBed(found: FoundLine, edits: SiteEdit[]): Promise<boolean> {
  const line = fitLine(found, 1)
  const xs = line.points.map((p) => p.x)
  const ys = line.points.map((p) => p.y)
  const middle = { x: (Math.min(...xs) + Math.max(...xs)) / 2, y: (Math.min(...ys) + Math.max(...ys)) / 2 }
  const step = Math.max(1, Math.ceil(line.points.length / 48))
  const stations = line.points
    .filter((_, i) => i % step === 0)
    .map((p) => ({ x: p.x - middle.x, y: middle.y - p.y }))
  const form: BedForm = {
    kind: 'island',
    edge: { smooth: false, stations },
    rimM: 0,
    centre: 'none',
    centreHeightM: 1.5,
    showFromM: 1,
  }
  const checked = checkForm(form)
  if (!checked.ok) {
    problem.value = `${line.name}: ${checked.error}`
    return false
  }
  const bed = {
    ...newBed(line.name, Math.max(...xs) - Math.min(...xs), Math.max(...ys) - Math.min(...ys), 'island'),
    form,
  }
  const stored = await $fetch<StoredBed>(`/api/gardens/${bedStore.garden!.id}/beds`, {
    method: 'POST',
    body: { bed },
  })
  edits.push({
    kind: 'setBedPlace',
    bedId: stored.id,
    place: { bedId: stored.id, at: middle, lookDeg: site.value.northDeg, baseM: 0 },
  })
  return true
}
</script>

<template>
  <div class="import">
    <div class="row">
      <UButton size="xs" color="neutral" variant="outline" icon="i-lucide-file-up" @click="file?.click()">
        Bring in a drawing
      </UButton>
      <input
        ref="file"
        type="file"
        accept=".png,.jpg,.jpeg,.dxf,.svg,.geojson,.json"
        class="sr-only"
        aria-label="Drawing to bring in"
        @change="take"
      />
      <span class="hint">PNG or JPEG to lay under, DXF, SVG or GeoJSON as lines</span>
    </div>
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    <div v-if="site.base" class="base">
      <span class="serif">{{ site.base.name }}</span>
      <span class="hint">{{ site.base.widthM.toFixed(2) }} m wide</span>
      <UButton
        size="xs"
        color="neutral"
        :variant="ground.tool === 'scale' ? 'solid' : 'outline'"
        icon="i-lucide-ruler"
        @click="ground.take(ground.tool === 'scale' ? 'choose' : 'scale')"
      >
        Scale by two points
      </UButton>
      <UButton
        size="xs"
        color="neutral"
        variant="ghost"
        icon="i-lucide-x"
        aria-label="Take the drawing away"
        @click="store.edit({ kind: 'setBase', base: null })"
      />
      <p v-if="ground.tool === 'scale'" class="hint">
        Drag on the plan from one known point to another, then type how far they are apart.
      </p>
    </div>
    <div v-if="lines.length > 0" class="found">
      <p>
        <b>{{ lines.length }} lines and outlines.</b>
        <template v-if="lastSvg">
          One unit is
          <USelect v-model="unit" :items="UNITS" size="xs" aria-label="One unit of the drawing is" />
        </template>
      </p>
      <ul>
        <li v-for="(line, i) in lines.slice(0, 60)" :key="i">
          <span class="name">{{ line.name }}</span>
          <span class="hint">{{ line.points.length }} points</span>
          <USelect
            :model-value="as[i]"
            :items="choicesFor(line)"
            size="xs"
            :aria-label="`${line.name} becomes`"
            class="as"
            @update:model-value="
              (v) => {
                as = as.map((a, k) => (k === i ? String(v) : a))
              }
            "
          />
        </li>
      </ul>
      <p v-if="lines.length > 60" class="hint">
        The first 60 are listed; all are brought in as said above them: outlines as surfaces, lines as fences.
      </p>
      <UCheckbox
        v-if="move"
        v-model="isMoved"
        :label="`It lies far from the sheet (${offset}): move it to the middle. The way is kept as a point.`"
      />
      <div class="row">
        <UButton size="sm" @click="bringIn">Bring them in</UButton>
        <UButton size="sm" color="neutral" variant="ghost" @click="lines = []">Leave it</UButton>
      </div>
    </div>
  </div>
</template>

<style scoped src="~/assets/css/parts/DrawingImport.css"></style>
