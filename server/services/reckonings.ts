import { bedFigures, bedFrame } from '../../core/bed'
import {
  countRows,
  gardenCount,
  gardenMaterials,
  moneyPlan,
  orderRows,
  rowsCsv,
  type GardenCount,
  type MoneyPlan,
} from '../../core/count'
import { fullEntry, logCsv, type SlimEntry } from '../../core/log'
import { dayTold, mannerOf } from '../../core/measure'
import { openRefs, siteSheetJson } from '../../core/setout'
import { addDays, type Day } from '../../core/time'
import { dripNeed } from '../../core/water'
import { worksRows } from '../../core/works'
import { writeCalendar } from './calendar'
import { sceneOfBed } from './bedScene'
import { bedSheetFile } from './bedSheetFile'
import { careOf } from './gardenCare'
import { sowingOf, worksOf } from './gardenPapers'
import { partsOfRows } from './gardenRows'
import { scenesOfParts, type StoredScenes } from './gardenScenes'
import { waterOf } from './gardenWater'
import type { SheetAsk } from './sheetAsk'
import { writeWorkbook } from './workbook'

type Read = ReturnType<typeof partsOfRows>
/** Part of a garden, as a schedule is asked for. */
interface ScheduleAsk {
  readonly as: 'csv' | 'xlsx'
  readonly scope: {
    readonly bedId?: string
    readonly lane?: number
    readonly phase?: number
    readonly segment: boolean
  }
}
/** A file, and the letters that stand on it. */
interface WithLetters {
  readonly file: string | Uint8Array
  readonly letters: ReadonlyMap<string, string>
}

interface OrderAsk {
  readonly orderId: string
  readonly as: 'csv' | 'xlsx'
}
/** Entries as they are stored, and the name of each bed there ever was. */
interface LogAsk {
  readonly log: string
  readonly names: ReadonlyMap<string, string>
}

const AHEAD_DAYS = 365
/** Tasks are carried on site for so many days. */
const CARE_DAYS = 42
/** What a client reads of the schedule: letter, names, how many. */
const CLIENT_COLUMNS = [0, 1, 2, 3]
const uidOf = (text: string) => text.replace(/[^A-Za-z0-9]/g, '-')

/** What takes time to reckon of a stored garden; each is done in a process beside the server. `now` is today. */
export const RECKONINGS = {
  /** The plant schedule of a garden or a part of it. */
  schedule: async ({ input }: Read, _now: Day, { as, scope }: ScheduleAsk): Promise<WithLetters> => {
    const count = gardenCount(input, scope)
    const letters = new Map(count.lines.map((l) => [l.plant.id, l.key]))
    const table = countRows(count)
    return {
      file: as === 'csv' ? rowsCsv(table) : await writeWorkbook([{ name: 'Plant schedule', ...table }]),
      letters,
    }
  },

  /** A bed's plan or elevation as a file, with the bed's name; null when the garden has no such bed. */
  sheet: async ({ parts, input }: Read, _now: Day, ask: SheetAsk) => {
    const scene = sceneOfBed(parts, ask.bedId)
    if (!scene) return null
    const of = { scene, water: input.supply.water, manner: mannerOf(parts.garden.value) }
    return { name: scene.bed.name, file: await bedSheetFile(of, ask) }
  },

  /** The schedule without what things cost. */
  clientSchedule: ({ input }: Read): string => {
    const { headings, rows } = countRows(gardenCount(input))
    const some = <T>(row: readonly T[]) => CLIENT_COLUMNS.map((c) => row[c]!)
    return rowsCsv({ headings: some(headings), rows: rows.slice(0, -1).map(some), money: [] })
  },

  /** The order of works as a calendar or as rows. */
  works: (read: Read, now: Day, { as }: { readonly as: 'ics' | 'csv' }): string => {
    const stored = scenesOfParts(read.parts)
    const tasks = worksOf({ stored, input: read.input }, gardenCount(read.input), now)
    const { id, value } = read.parts.garden
    if (as === 'csv') return rowsCsv(worksRows(tasks), value.units)
    return writeCalendar(
      `${value.name}: order of works`,
      [
        ...tasks.map((t) => ({
          uid: `${id}-${uidOf(t.id)}`,
          from: t.start,
          to: t.end,
          title: t.name,
          notes: [`${t.hours.toFixed(1)} h, ${t.people} at once`, t.basis, ...t.tools, ...t.cautions].join('\n'),
        })),
        ...askedAgain(read),
      ],
      mannerOf(value),
    )
  },

  /** The garden's care as a calendar: a year from today, without what was done or skipped. */
  care: ({ parts, input: { supply } }: Read, now: Day): string => {
    const { id, value } = parts.garden
    const { ticks } = supply.care
    const tasks = careOf(scenesOfParts(parts), supply, now, addDays(now, AHEAD_DAYS))
    const open = tasks.filter((t) => !ticks[t.id] || ticks[t.id]!.what === 'moved')
    return writeCalendar(
      `${value.name}: care`,
      open.map((t) => {
        const day = ticks[t.id]?.day ?? t.best
        return {
          ...{ uid: `${id}-${uidOf(t.id)}`, from: day, to: day, title: `${t.title} (${t.bedName})` },
          notes: [
            `From ${dayTold(t.opens)} to ${dayTold(t.closes)}, ${t.minutes} min`,
            t.why,
            ...t.tools,
            ...t.cautions,
          ].join('\n'),
        }
      }),
      mannerOf(value),
    )
  },

  /** The sowing list as a calendar. */
  sowing: ({ parts, input }: Read, now: Day): string => {
    const { id, value } = parts.garden
    const lines = sowingOf({ stored: scenesOfParts(parts), input }, gardenCount(input), now)
    return writeCalendar(
      `${value.name}: sow and raise`,
      lines.map((l) => ({
        uid: `${id}-${l.plantId}-${l.task.replace(/ /g, '-')}`,
        from: l.day,
        to: l.day,
        title: `${l.task}: ${l.pieces} ${parts.library.get(l.plantId)?.commonName ?? l.plantId}`,
        notes: l.trayNumbers.length > 0 ? `Trays ${l.trayNumbers.join(', ')}` : '',
      })),
      mannerOf(value),
    )
  },

  /** What a garden costs over five years and by phase. */
  money: ({ parts, input }: Read): MoneyPlan => {
    const { beds, supply } = input
    const { lines } = gardenCount(input)
    const isDripped = beds.some(({ bed }) => bed.ground.irrigation === 'drip')
    const drip = isDripped ? dripNeed(waterOf(scenesOfParts(parts), supply)) : null
    const materials = gardenMaterials(beds, lines, supply.materials, parts.garden.value.units, drip)
    const areaM2 = beds.reduce((n, b) => n + bedFigures(b.bed, bedFrame(b.bed)).areaM2, 0)
    return moneyPlan(lines, materials, supply.money, areaM2)
  },

  /** All that is needed to set a garden out, to keep it and to write its log on site without a network for the day, as UTF-8 JSON. */
  setout: ({ parts, input }: Read, now: Day): Uint8Array => {
    const found = scenesOfParts(parts)
    const { name, place } = parts.garden.value
    const care = careOf(found, input.supply, addDays(now, -7), addDays(now, CARE_DAYS))
    const sheet = siteSheetJson(
      { gardenId: parts.garden.id, name, manner: mannerOf(parts.garden.value) },
      found.scenes,
      { open: openOf(found, gardenCount(input)), care: care.map((t) => ({ ...t, plant: null })), place },
    )
    return Buffer.concat(Array.from(sheet, (part) => Buffer.from(part)))
  },

  /** An order as a file to be sent to its supplier, whose name stands beside it; null when there is no such order. */
  order: async ({ parts, input: { supply } }: Read, _now: Day, { orderId, as }: OrderAsk) => {
    const order = supply.orders.find((o) => o.id === orderId)
    if (!order) return null
    const table = orderRows(order, parts.library)
    return {
      supplier: supply.suppliers.find((s) => s.id === order.supplierId)?.name ?? 'order',
      file: as === 'csv' ? rowsCsv(table) : await writeWorkbook([{ name: 'Order', ...table }]),
    }
  },

  /** The log as a table; `log` is a JSON text of slim entries. */
  log: ({ parts }: Read, _now: Day, { log, names }: LogAsk): string =>
    logCsv((JSON.parse(log) as SlimEntry[]).map(fullEntry), {
      library: parts.library,
      bedName: (bed) => names.get(bed) ?? '',
      fileOf: (photo) => `photos/${photo}.jpg`,
    }),
} as const

/** The places of a garden that stay open; of its plants only those of kinds that are short are held meanwhile. */
function openOf({ scenes }: StoredScenes, { lines }: GardenCount) {
  const short = lines.filter((l) => l.open > 0)
  if (short.length === 0) return new Set<string>()
  const kinds = new Set(short.map((l) => l.plant.id))
  const beds = scenes.map(({ id, scene }) => ({ id, plants: scene.planted.filter((p) => kinds.has(p.plant.id)) }))
  return openRefs(beds, short)
}

/** Days on which plants that could not be had are asked for again. */
const askedAgain = ({ parts, input }: Read) =>
  input.supply.lines.flatMap(({ plantId, reserved }) =>
    reserved?.askAgain
      ? [
          {
            uid: `${parts.garden.id}-ask-${plantId}`,
            from: reserved.askAgain,
            to: reserved.askAgain,
            title: `Ask again for ${parts.library.get(plantId)?.botanicalName ?? plantId}`,
            notes: 'Its places are kept open.',
          },
        ]
      : [],
  )

export type Reckonings = typeof RECKONINGS
export type ReckoningName = keyof Reckonings
export type ReckoningAsk<N extends ReckoningName> = Parameters<Reckonings[N]>[2]
export type ReckoningValue<N extends ReckoningName> = Awaited<ReturnType<Reckonings[N]>>
