import type { MaterialChoice } from '../model'
import { LIFT_ALONE_KG } from './materials'

export type MaterialUnit = 'm³' | 'm²' | 'm' | 'piece'

/** One material of a garden: what it is reckoned from, how much with its waste, as it is bought, and for how much. Metres, kilograms. */
export interface MaterialNeed {
  readonly id: string
  readonly name: string
  readonly group: MaterialGroup
  /** How the amount came about, with its figures. */
  readonly basis: string
  readonly amount: number
  readonly unit: MaterialUnit
  readonly wasteShare: number
  /** With waste, rounded up to how it is sold. */
  readonly bought: number
  readonly soldIn: string
  readonly price: number
  readonly total: number
  /** What one piece or bag weighs; null when it is not reckoned. */
  readonly pieceKg: number | null
  readonly isHeavy: boolean
  readonly depthM: number | null
  readonly wanted: boolean
  readonly supplier: string
}
export const MATERIAL_GROUPS = ['ground', 'cover', 'supports', 'water', 'hard', 'pots', 'away'] as const
export type MaterialGroup = (typeof MATERIAL_GROUPS)[number]

export interface MaterialKind {
  readonly name: string
  readonly group: MaterialGroup
  readonly unit: MaterialUnit
  readonly waste: number
  /** How much one unit of sale holds, in the material's unit, and what it is called. */
  readonly sold: number
  readonly soldIn: string
  readonly price: number
  readonly kgEach?: number | undefined
  /** From so much on it is bought loose. */
  readonly loose?: { readonly from: number; readonly sold: number; readonly soldIn: string; readonly price: number }
  readonly depthM?: number
  readonly wanted: boolean
}

/** A need of so much of a material, with its waste, in whole units of sale; a choice types over its price and whether it is wanted. */
export function needOf(
  id: string,
  sale: MaterialKind,
  amount: number,
  basis: string,
  depthM: number | null,
  choice: MaterialChoice | undefined,
): MaterialNeed {
  const kind = asSold(sale, amount)
  const { name, group, unit, waste: wasteShare, soldIn } = kind
  const pieceKg = kind.kgEach ?? null
  const need = { id, name, group, unit, basis, amount, wasteShare, soldIn, depthM, pieceKg }
  const bought = Math.ceil((amount * (1 + wasteShare)) / kind.sold - 1e-9)
  return { ...need, ...chosenOf(kind, bought, choice), bought, isHeavy: (pieceKg ?? 0) > LIFT_ALONE_KG }
}

/** What is bought loose has no bag to lift. */
function asSold(kind: MaterialKind, amount: number): MaterialKind {
  if (!kind.loose || amount < kind.loose.from) return kind
  const { loose } = kind
  return { ...kind, kgEach: undefined, sold: loose.sold, soldIn: loose.soldIn, price: loose.price }
}

function chosenOf(kind: MaterialKind, bought: number, choice: MaterialChoice | undefined) {
  const { price, wanted, supplier } = { ...kind, supplier: '', ...said(choice) }
  return { price, wanted, supplier, total: wanted ? Math.round(bought * price * 100) / 100 : 0 }
}

const said = (choice: MaterialChoice | undefined) => ({
  ...(choice?.price != null ? { price: choice.price } : {}),
  ...(choice?.wanted != null ? { wanted: choice.wanted } : {}),
  ...(choice ? { supplier: choice.supplier } : {}),
})
