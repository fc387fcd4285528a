<script setup lang="ts">
import type { BedForm } from '~~/core/model'
import { checkForm, newBed } from '~~/core/bed'
import { fitLine, simplified, type FoundLine } from '~~/core/exchange'
import { cleanText, cutText, type Units } from '~~/core/measure'
import type { SiteEdit } from '~~/core/site'

const { length, say } = useManner()

/** A drawing under the plan, or its lines turned into what stands on the site. A broken file changes nothing. */
defineProps<{ units: Units }>()
const store = useSiteStore()
const bedStore = useBedStore()
const ground = useGroundStore()
const { site, loadBeds } = useSite()
const drawing = useDrawingImport()
const { problem, isReading, lines } = drawing
const file = useTemplateRef<HTMLInputElement>('file')
const said = ref('')
const LARGEST = 12 * 1024 * 1024
const MOST_STATIONS = 48

async function take() {
  const chosen = file.value?.files?.[0]
  if (file.value) file.value.value = ''
  if (!chosen) return
  problem.value = ''
  said.value = ''
  if (chosen.size > LARGEST) {
    problem.value = `${chosen.name} is ${(chosen.size / 1048576).toFixed(1)} MB; ${LARGEST / 1048576} MB is the most. Save it smaller.`
    return
  }
  const ending = chosen.name.toLowerCase().split('.').pop() ?? ''
  if (['png', 'jpg', 'jpeg'].includes(ending))
    return layUnder(chosen, ending === 'png' ? 'image/png' : 'image/jpeg')
  if (!(await drawing.open(chosen)))
    problem.value =
      'PNG and JPEG pictures, DXF, SVG and GeoJSON drawings can be brought in; this is something else.'
}

async function layUnder(chosen: File, type: string) {
  try {
    const picture = await createImageBitmap(chosen)
    const { drawingId } = await ask('drawing', `/api/gardens/${bedStore.garden!.id}/drawings`, {
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

/** The point that keeps how far a drawing in a grid was moved, while it lies as it was moved. */
function wayBack(): SiteEdit[] {
  const { fromGrid, placing } = drawing
  const by = fromGrid.value
  return by && placing.value.dx === by.x && placing.value.dy === by.y ? [originPoint(by)] : []
}

async function bringIn() {
  const { placed, kinds } = drawing
  const { edits, left, simplified: simpler } = drawingEdits(site.value, placed.value, kinds.value)
  const all: SiteEdit[] = [...edits, ...wayBack()]
  const beds: string[] = []
  try {
    for (const [i, line] of placed.value.entries()) {
      if (kinds.value[i] === 'bed') beds.push(...(await makeBed(line, all)))
    }
  } catch (error) {
    return giveBack(beds, messageOf(error))
  }
  const fault = faultOfEdits(site.value, all)
  if (fault) return giveBack(beds, fault)
  if (all.length > 0) store.edit({ kind: 'all', name: 'bring in a drawing', edits: all })
  if (beds.length > 0) await loadBeds()
  tell(edits.length, beds.length, simpler, left)
  drawing.leave()
}

/** All of a drawing comes in or nothing: beds that were made before it broke off are taken out again. */
async function giveBack(beds: readonly string[], why: string) {
  problem.value = `Nothing was taken in: ${why}`
  try {
    for (const id of beds) await request(`/api/beds/${id}`, { method: 'DELETE' })
  } catch (error) {
    problem.value += ` Beds that were made before could not be taken out again: ${messageOf(error)}`
  }
}

function tell(things: number, beds: number, simpler: number, left: readonly string[]) {
  const parts = [`${things} things`, ...(beds > 0 ? [`${beds} beds`] : [])].join(' and ')
  said.value = `Taken in: ${parts}${simpler > 0 ? `, ${simpler} of them simplified` : ''}.`
  if (left.length > 0) problem.value = `Left out: ${left.slice(0, 4).join('; ')}${left.length > 4 ? '…' : ''}.`
}

/** Where the drawing's own zero lay is kept as a point of the site, by its name. */
const originPoint = (by: { x: number; y: number }): SiteEdit => ({
  kind: 'setPoint',
  point: { id: newId(), name: `Drawing’s ${-by.x}, ${-by.y}`, measure: { kind: 'fixed', x: 0, y: 0 } },
})

/**
 * A closed outline as an island bed: its stations about its own middle, in the bed's plan (y toward the viewer). Gives its id; none where
 * it can be no bed.
 */
async function makeBed(found: FoundLine, edits: SiteEdit[]): Promise<string[]> {
  const line = fitLine(found, 1)
  const xs = line.points.map((p) => p.x)
  const ys = line.points.map((p) => p.y)
  const middle = { x: (Math.min(...xs) + Math.max(...xs)) / 2, y: (Math.min(...ys) + Math.max(...ys)) / 2 }
  const corners = simplified(line.points, MOST_STATIONS).points
  const stations = corners.map((p) => ({ x: p.x - middle.x, y: middle.y - p.y }))
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
    return []
  }
  const bed = {
    ...newBed(line.name, Math.max(...xs) - Math.min(...xs), Math.max(...ys) - Math.min(...ys), 'island'),
    form,
  }
  const stored = await ask('bed', `/api/gardens/${bedStore.garden!.id}/beds`, { method: 'POST', body: { bed } })
  edits.push({
    kind: 'setBedPlace',
    bedId: stored.id,
    place: { bedId: stored.id, at: middle, lookDeg: site.value.northDeg, baseM: 0 },
  })
  return [stored.id]
}
</script>

<template>
  <div class="grid gap-1.5">
    <div class="row flex flex-wrap gap-2.5 items-center">
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
      <span class="hint text-xs text-soft">PNG or JPEG to lay under, DXF, SVG or GeoJSON as lines</span>
    </div>
    <p v-if="isReading" class="hint text-xs text-soft" role="status">
      Reading the drawing…
      <UButton size="xs" color="neutral" variant="ghost" @click="drawing.leave()">Stop</UButton>
    </p>
    <p v-if="problem" class="problem text-amber-deep text-sm leading-snug" role="alert">{{ say(problem) }}</p>
    <p v-if="said" class="hint text-xs text-soft" role="status">{{ said }}</p>
    <div v-if="site.base" class="flex flex-wrap gap-2.5 items-center">
      <span class="serif">{{ site.base.name }}</span>
      <span class="hint text-xs text-soft">{{ length(site.base.widthM) }} wide</span>
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
      <p v-if="ground.tool === 'scale'" class="hint text-xs text-soft">
        Drag on the plan from one known point to another, then type how far they are apart.
      </p>
    </div>
    <GroundDrawingStep v-if="lines.length > 0" :units="units" @take="bringIn" />
  </div>
</template>
