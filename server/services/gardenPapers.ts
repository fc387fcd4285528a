import {
  gardenCount,
  gardenMaterials,
  raisingPlan,
  sowingList,
  type GardenCount,
  type RaisingPlan,
} from '../../core/count'
import {
  careSheet,
  cautionSheet,
  coverSheet,
  elevationSheet,
  inManner,
  labelSheet,
  orderSheet,
  planSheets,
  portraitSheets,
  scheduleSheet,
  setOutSheet,
  SHEET_KINDS,
  waterPlanSheets,
  waterSheet,
  worksSheet,
  type Paper,
  type PaperPage,
  type SheetHead,
  type SheetKind,
} from '../../core/papers'
import { mannerOf } from '../../core/measure'
import type { Method } from '../../core/setout'
import { simulatedWeather } from '../../core/weather'
import { planWorks, tasksOf, type PlannedTask } from '../../core/works'
import { dripNeed } from '../../core/water'
import type { CountInput } from '../../core/count'
import type { SceneOfBed, StoredScenes } from './gardenScenes'
import { waterOf } from './gardenWater'

/** What whoever asks for papers says of them; the garden says the rest. */
export type PaperHead = Omit<SheetHead, 'manner' | 'currency'>

export interface PapersAsk {
  readonly sheets: readonly (SheetKind | 'order' | 'labels')[]
  readonly paper: Paper
  readonly ratio: number
  readonly plain: boolean
  readonly bedId: string
  readonly head: PaperHead
  readonly method: Method
  readonly path: 'left' | 'right'
  readonly orderId: string
}
export interface PapersOf {
  readonly stored: StoredScenes
  readonly input: CountInput
}

/** The order of works of a stored garden, from a day on. */
export function worksOf({ stored, input }: PapersOf, count: GardenCount, today: string): PlannedTask[] {
  const { place } = stored.garden.value
  const tasks = tasksOf({
    beds: input.beds,
    lines: count.lines,
    materials: gardenMaterials(
      input.beds,
      count.lines,
      input.supply.materials,
      stored.garden.value.units,
      dripNeed(waterOf(stored, input.supply)),
    ),
    frosts: place,
    services: servicesOf(stored),
    minutes: input.supply.works.minutes,
  })
  const weather = simulatedWeather(place, stored.garden.id)
  const soil = input.beds[0]?.bed.ground.soil ?? 'loam'
  return planWorks({ tasks, plan: input.supply.works, today, weather, soil })
}

const servicesOf = ({ laid }: StoredScenes) =>
  laid.site.things.filter((t) => t.kind === 'service').map((t) => t.name)

/** What is raised in a garden, with its tasks. */
export function sowingOf({ stored, input }: PapersOf, count: GardenCount, today: string) {
  const raised = count.lines.filter((l) => l.way !== 'pot' && l.way !== 'plug')
  const plans = raised.map((l) =>
    raisingPlan(l.plant, l.way as RaisingPlan['way'], l.need + l.spare - l.used, stored.garden.value.place, today),
  )
  return sowingList(plans, input.supply.trays)
}

/** The pages of a garden's papers, as asked, each made when its turn comes. */
export function* papersOf(of: PapersOf, ask: PapersAsk): Generator<PaperPage> {
  const count = gardenCount(of.input)
  const kinds = [...SHEET_KINDS, 'order', 'labels'] as const
  const manner = mannerOf(of.stored.garden.value)
  const own = { ...ask, head: { ...ask.head, manner, currency: of.input.supply.money.currency } }
  for (const kind of kinds.filter((k) => ask.sheets.includes(k)))
    for (const page of pagesOf(kind, of, count, own)) yield inManner(page, manner)
}

/** Papers as asked, in the garden’s own manner. */
type OwnAsk = Omit<PapersAsk, 'head'> & { readonly head: SheetHead }

function pagesOf(
  kind: SheetKind | 'order' | 'labels',
  of: PapersOf,
  count: GardenCount,
  ask: OwnAsk,
): Iterable<PaperPage> {
  const { stored, input } = of
  const { head, paper } = ask
  const scenes = stored.scenes.filter((s) => ask.bedId === '' || s.id === ask.bedId)
  switch (kind) {
    case 'cover': {
      const names = scenes.map((s) => stored.laid.beds.get(s.id)!.bed.name)
      return [coverSheet(stored.brief, names, count, head, paper)]
    }
    case 'plan':
      return bedByBed(scenes, (s) => planSheets(planAsk(of, s, ask)))
    case 'elevation':
      return bedByBed(scenes, ({ scene }) => [elevationSheet(scene, head, paper)])
    case 'schedule':
      return schedulePages(ask.bedId === '' ? count : gardenCount(input, { bedId: ask.bedId }), of, ask)
    case 'setout':
      return bedByBed(scenes, ({ scene }) => [setOutSheet(scene, head, paper, setOutAsk(scene.frame.closed, ask))])
    case 'water':
      return waterPages(of, scenes, ask)
    case 'works':
      return [worksSheet(worksOf(of, count, head.date), count.lines, head, paper)]
    case 'care':
      return [careSheet(count.lines, stored.climate, head, paper)]
    case 'cautions':
      return [cautionSheet(count.lines, servicesOf(stored), head, paper)]
    case 'order':
      return orderPages(of, ask)
    case 'labels':
      return [labelSheet(input.supply.trays, sowingOf(of, count, head.date), stored.library, head, paper)]
  }
}

/** Pages of one bed after another: those of a bed are not made before the bed's turn comes. */
function* bedByBed(beds: readonly SceneOfBed[], pages: (bed: SceneOfBed) => readonly PaperPage[]) {
  for (const bed of beds) yield* pages(bed)
}

function* schedulePages(count: GardenCount, { stored }: PapersOf, { head, paper }: OwnAsk): Generator<PaperPage> {
  yield scheduleSheet(count, head, paper)
  yield* portraitSheets(count.lines, stored.climate, head, paper)
}

function* waterPages(of: PapersOf, scenes: readonly SceneOfBed[], ask: OwnAsk): Generator<PaperPage> {
  const { stored, input } = of
  const { water } = input.supply
  yield* bedByBed(scenes, (s) => waterPlanSheets(planAsk(of, s, ask), water))
  const garden = waterOf(stored, input.supply)
  if (garden.zones.length > 0) yield waterSheet(garden, water.emitterLH, ask.head, ask.paper)
}

function planAsk({ stored }: PapersOf, { id, scene }: SceneOfBed, { head, paper, ratio, plain }: OwnAsk) {
  const to = stored.laid.beds.get(id)?.transform ?? null
  const services = to
    ? stored.laid.site.things.flatMap((t) =>
        t.kind === 'service' ? [{ name: t.name, line: t.line.map((p) => to.toBed(p)) }] : [],
      )
    : []
  return {
    scene,
    head,
    paper,
    ratio,
    plain,
    units: stored.garden.value.units,
    upDeg: to?.lookDeg ?? null,
    services,
  }
}

/** Round beds are set out from their middle unless another way was asked for. */
const setOutAsk = (closed: boolean, { method, path }: OwnAsk) => ({
  method: closed && method === 'baseline' ? ('radius' as const) : method,
  path,
})

function orderPages({ stored, input }: PapersOf, { orderId, head, paper }: OwnAsk): PaperPage[] {
  const order = input.supply.orders.find((o) => o.id === orderId)
  const supplier = input.supply.suppliers.find((s) => s.id === order?.supplierId)
  return order ? [orderSheet(order, supplier, stored.library, head, paper)] : []
}
