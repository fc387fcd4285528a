import type { Bed, Brief, Requirement, Weight } from '../model'
import { monthName } from '../time'
import type { Plant } from '../plant'
import { TRAIT } from '../brief'
import { bedCosts } from '../count'
import type { Scene } from '../scene'
import { monthInterest } from '../season'

/** One line of the table requirement × plants: which plants have it, and how the bed stands. */
interface BriefCheck {
  readonly id: string
  readonly label: string
  readonly weight: Exclude<Weight, 'open'>
  /** Plants that have the trait, by id; null for what is asked of the bed as a whole. */
  readonly having: ReadonlySet<string> | null
  readonly total: string
  readonly met: boolean
  /** Formula of the total. */
  readonly how: string
}

/** Share of the canopy that must have a good trait; half of it for a wish. */
const MUST_SHARE: Readonly<Partial<Record<Requirement['trait'], number>>> = {
  evergreen: 0.25,
  scent: 0.1,
  wildlife: 0.4,
  'long-flower': 0.3,
}
const LEAST_SHOW = 0.25

/**
 * How a bed stands against the brief: each requirement that holds for it, its months; and with the garden's other
 * beds, the work and the money.
 */
export function briefChecks(brief: Brief, scene: Scene, bedId: string, others: readonly Bed[] = []): BriefCheck[] {
  const kinds = [...scene.byPlant].map(([plant, list]) => ({ plant, count: list.length }))
  const canopy = kinds.reduce((n, k) => n + areaOf(k), 0)
  const asked = brief.requirements
    .filter((r) => r.beds.length === 0 || r.beds.includes(bedId))
    .map((r) => traitCheck(r, kinds, canopy))
  return [
    ...asked,
    ...monthChecks(brief, scene),
    ...nameChecks(brief, kinds),
    ...figureChecks(brief, scene, others),
  ]
}

type Kinds = readonly { readonly plant: Plant; readonly count: number }[]
const areaOf = ({ plant, count }: Kinds[number]) => count * plant.spreadM ** 2
const percent = (n: number) => `${Math.round(n * 100)} %`

/** Share of the mature canopy that has a requirement's trait, 0 to 1. */
export function traitShare({ byPlant }: Scene, { trait }: Requirement): number {
  let [having, whole] = [0, 0]
  for (const [plant, list] of byPlant) {
    const area = list.length * plant.spreadM ** 2
    whole += area
    if (TRAIT[trait].has(plant)) having += area
  }
  return whole > 0 ? having / whole : 0
}

/** The share of the canopy that does for a requirement, 0 to 1. */
export const wantedShare = ({ trait, weight }: Requirement): number =>
  (MUST_SHARE[trait] ?? 0.2) * (weight === 'must' ? 1 : 0.5)

function traitCheck({ trait, weight }: Requirement, kinds: Kinds, canopy: number): BriefCheck {
  const { label, has } = TRAIT[trait]
  const having = kinds.filter((k) => has(k.plant))
  const ids = new Set(having.map((k) => k.plant.id))
  const share = canopy > 0 ? having.reduce((n, k) => n + areaOf(k), 0) / canopy : 0
  const base = { id: `trait:${trait}`, weight, having: ids }
  if (weight === 'never')
    return {
      ...base,
      label: `never ${label}`,
      total: ['none', '1 kind has it'][having.length] ?? `${having.length} kinds have it`,
      met: having.length === 0,
      how: 'No plant of the bed has it.',
    }
  const want = wantedShare({ trait, weight, beds: [] })
  return {
    ...base,
    label: `${weight === 'must' ? 'must have' : 'wished for'}: ${label}`,
    total: `${percent(share)} of the canopy`,
    met: share >= want,
    how: `Share of the mature canopy, ${percent(want)} or more.`,
  }
}

function monthChecks(brief: Brief, scene: Scene): BriefCheck[] {
  if (brief.months.length === 0 || scene.placement.plants.length === 0) return []
  const weak = monthInterest(scene)
    .filter((m) => brief.months.includes(m.month) && m.interest < LEAST_SHOW)
    .map((m) => monthName(m.month))
  return [
    {
      id: 'months',
      label: 'at its best in the months that matter',
      weight: 'must',
      having: null,
      total: weak.length === 0 ? 'all of them' : `weak in ${weak.join(', ')}`,
      met: weak.length === 0,
      how: 'Flower and leaf of interest, 0.25 or more in each (Through the year).',
    },
  ]
}

/** Whether a name or part of one is meant by a like or a hate. */
export const isMeant = (plant: Plant, text: string): boolean =>
  text.trim().length > 1 &&
  `${plant.botanicalName} ${plant.commonName}`.toLowerCase().includes(text.trim().toLowerCase())

function nameChecks(brief: Brief, kinds: Kinds): BriefCheck[] {
  const hated = kinds.filter((k) => brief.hates.some((h) => isMeant(k.plant, h)))
  const liked = kinds.filter((k) => brief.likes.some((l) => isMeant(k.plant, l)))
  return [
    ...(brief.hates.length > 0
      ? [
          {
            id: 'hates',
            label: `never ${brief.hates.join(', ')}`,
            weight: 'never' as const,
            having: new Set(hated.map((k) => k.plant.id)),
            total: hated.length === 0 ? 'none' : hated.map((k) => k.plant.commonName).join(', '),
            met: hated.length === 0,
            how: 'No plant by these names.',
          },
        ]
      : []),
    ...(brief.likes.length > 0
      ? [
          {
            id: 'likes',
            label: `wished for: ${brief.likes.join(', ')}`,
            weight: 'wish' as const,
            having: new Set(liked.map((k) => k.plant.id)),
            total: liked.length === 0 ? 'none yet' : liked.map((k) => k.plant.commonName).join(', '),
            met: liked.length > 0,
            how: 'At least one plant by these names.',
          },
        ]
      : []),
  ]
}

function figureChecks(brief: Brief, { bed, library }: Scene, others: readonly Bed[]): BriefCheck[] {
  const here = bedCosts(bed, library)
  const all = others.reduce((sum, other) => {
    const { hours, money } = bedCosts(other, library)
    return { hours: sum.hours + hours, money: sum.money + money }
  }, here)
  const whole = (text: string) => (others.length > 0 ? `, ${text} in all ${others.length + 1} beds` : '')
  return [
    ...(brief.hoursAYear > 0
      ? [
          {
            id: 'hours',
            label: `${brief.hoursAYear} hours of work a year for all beds`,
            weight: 'must' as const,
            having: null,
            total: `${here.hours.toFixed(1)} h in this bed${whole(`${all.hours.toFixed(1)} h`)}`,
            met: all.hours <= brief.hoursAYear,
            how: 'Visits × minutes of each plant, and weeding of what is open (Materials, water, work, money).',
          },
        ]
      : []),
    ...(brief.budget > 0
      ? [
          {
            id: 'budget',
            label: `${brief.budget} for plants in ${brief.phases} ${brief.phases === 1 ? 'phase' : 'phases'}`,
            weight: 'must' as const,
            having: null,
            total: `${here.money.toFixed(0)} in this bed${whole(all.money.toFixed(0))}`,
            met: all.money <= brief.budget,
            how: 'Totals of the plant schedules.',
          },
        ]
      : []),
  ]
}
