import { NO_WATER_PLAN, type SupplyLine, type Supplier, type Supply } from '../model'
import { SPARES } from './sizeClass'

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
