import { SPARES, type SizeClass } from './sizeClass'
import type { Order } from './order'
import type { Tray } from './tray'
import { NO_WATER_PLAN, type WaterPlan } from './waterPlan'

/** How the plants of a line are come by. */
export const WAYS = ['pot', 'plug', 'seed', 'cutting', 'division'] as const
export type Way = (typeof WAYS)[number]

/** What is there already of a kind, by where it is: on the bench or in store, kept from last year, self-sown and left. */
export interface Have {
  readonly bench: number
  readonly kept: number
  readonly selfSown: number
}

/** The places of a kind that cannot be had stay open: with a filler for this summer, and the day on which it is asked for again. */
export interface Reserved {
  readonly fillerId: string
  readonly askAgain: string
}

/** What is decided about getting one kind. What is null follows from the plan, the size or the library. */
export interface SupplyLine {
  readonly plantId: string
  readonly have: Have | null
  readonly spareShare: number | null
  readonly pack: number | null
  readonly price: number | null
  readonly way: Way | null
  /** Id of its supplier; empty while that is open. */
  readonly supplierId: string
  /** Day on which it is wanted on site, ISO; empty: by its phase and kind. */
  readonly wanted: string
  readonly phase: number | null
  readonly notFound: boolean
  readonly reserved: Reserved | null
  /** The kind that it stands in for on the plan; empty otherwise. */
  readonly insteadOf: string
  readonly note: string
}

export interface Supplier {
  readonly id: string
  readonly name: string
  /** The simulated nursery that ships with the program answers at once; others are written to. */
  readonly simulated: boolean
  /** Which column of its price list holds what, by the heading; kept for the next list. */
  readonly columns: Readonly<Record<string, string>>
}

/** Money of a garden: how it is written, tax on what is bought in percent, whether prices hold it, and a wage, if work is paid. */
export interface MoneyRules {
  readonly currency: string
  readonly taxPercent: number
  readonly pricesWithTax: boolean
  readonly wageAnHour: number | null
  /** Share of plants lost in the first year. */
  readonly lossShare: number
}

/** What is chosen about one material: its depth in metres where it has one, what it is bought in and for how much. */
export interface MaterialChoice {
  readonly id: string
  readonly wanted: boolean | null
  readonly depthM: number | null
  readonly price: number | null
  readonly supplier: string
}

/** Who works on the planting and when, and what of its tasks was moved or done, by the task's id. */
export interface WorksPlan {
  readonly start: string
  readonly people: number
  readonly hoursADay: number
  /** Days of the week on which there is work: 1 Monday to 7 Sunday. */
  readonly days: readonly number[]
  readonly minutes: Readonly<Record<string, number>>
  readonly moved: Readonly<Record<string, string>>
  readonly done: Readonly<Record<string, string>>
}

/** What became of a task of care, on which day; moved: to that day. */
export interface CareTick {
  readonly what: 'done' | 'skipped' | 'moved'
  readonly day: string
}
/** The year in which the garden was planted (null: not said), and what became of its care, by the task's id. */
export interface CarePlan {
  readonly planted: number | null
  readonly ticks: Readonly<Record<string, CareTick>>
}

/** All that is decided about getting what a garden's plan asks for: kept for the garden as a whole. */
export interface Supply {
  readonly money: MoneyRules
  readonly spares: Readonly<Record<SizeClass, number>>
  readonly lines: readonly SupplyLine[]
  readonly suppliers: readonly Supplier[]
  readonly orders: readonly Order[]
  readonly trays: readonly Tray[]
  readonly materials: readonly MaterialChoice[]
  readonly works: WorksPlan
  /** The kept picture of each bed’s dry run: its id, by the bed’s. */
  readonly dryRuns: Readonly<Record<string, string>>
  readonly care: CarePlan
  readonly water: WaterPlan
}

const NURSERY_ID = 'port-linnet-growers'
/** The simulated nursery that ships with the program. */
const SIMULATED_NURSERY: Supplier = { id: NURSERY_ID, name: 'Port Linnet Growers', simulated: true, columns: {} }

export const EMPTY_SUPPLY: Supply = {
  money: { currency: '', taxPercent: 0, pricesWithTax: true, wageAnHour: null, lossShare: 0.1 },
  spares: SPARES,
  lines: [],
  suppliers: [SIMULATED_NURSERY],
  orders: [],
  trays: [],
  materials: [],
  works: { start: '', people: 2, hoursADay: 6, days: [1, 2, 3, 4, 5], minutes: {}, moved: {}, done: {} },
  dryRuns: {},
  care: { planted: null, ticks: {} },
  water: NO_WATER_PLAN,
}

/** The calendar year in which a garden is planted: as said, else that of its order of works, else this one. */
export const plantedYear = ({ care, works }: Pick<Supply, 'care' | 'works'>, today: string): number =>
  care.planted ?? Number((works.start || today).slice(0, 4))

/** A line about which nothing is decided yet. */
export const plainLine = (plantId: string): SupplyLine => ({
  plantId,
  have: null,
  spareShare: null,
  pack: null,
  price: null,
  way: null,
  supplierId: '',
  wanted: '',
  phase: null,
  notFound: false,
  reserved: null,
  insteadOf: '',
  note: '',
})

/** A supply with one line changed; the line is made when there is none. */
export function withLine(supply: Supply, plantId: string, change: Partial<Omit<SupplyLine, 'plantId'>>): Supply {
  const there = supply.lines.find((l) => l.plantId === plantId)
  const line = { ...(there ?? plainLine(plantId)), ...change }
  return { ...supply, lines: there ? supply.lines.map((l) => (l === there ? line : l)) : [...supply.lines, line] }
}
