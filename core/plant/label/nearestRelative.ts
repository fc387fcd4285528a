import { once } from '../../once'
import { genusOf } from '../plantWords'
import {
  fullHeightM,
  SUN_CLASSES,
  WATER_CLASSES,
  type Kind,
  type Plant,
  type Retention,
  type SunClass,
  type WaterClass,
} from '../plant'
import { plantId } from '../readPlants'

/** What is known of a plant that figures are to be borrowed for. */
interface Wanted {
  readonly botanicalName: string
  readonly kind?: Kind
  readonly retention?: Retention
  readonly heightM?: number
  readonly spreadM?: number
  readonly coldest?: number
  readonly darkest?: SunClass
  readonly wettest?: WaterClass
}
export interface Relative {
  readonly plant: Plant
  /** The plant itself, one of its species or genus, or merely one of its kind and size. */
  readonly by: 'name' | 'species' | 'genus' | 'kind'
}

/** One and a half times higher or wider is a cultivar's doing; beyond thrice it is another sort of plant. */
const FAR = Math.log(3)
const isHeld = (kind: Kind) => kind === 'climber'
/** Kinds that can stand for one another: a low shrub for a groundcover, not for a climber. */
const SORTS: readonly (readonly Kind[])[] = [
  ['tree', 'shrub', 'conifer', 'rose'],
  ['perennial', 'groundcover', 'grass', 'fern', 'biennial', 'annual', 'bulb'],
  ['shrub', 'groundcover'],
]
const areAkin = (a: Kind, b: Kind) => a === b || SORTS.some((s) => s.includes(a) && s.includes(b))

/** Genus and species in one word, the cross left aside. */
const speciesId = (name: string): string =>
  plantId(
    name
      .replace(/['‘’"“].*$/, '')
      .replace(/(^|\s)[×x]\s/gi, ' ')
      .replace(/×/g, '')
      .split(/\s+/)
      .slice(0, 2)
      .join(' '),
  )

/** Plants by each of their names: botanical ones before those of the trade, these before everyday ones. */
const byName = once((library: readonly Plant[]): ReadonlyMap<string, Plant> => {
  const names = (of: (p: Plant) => readonly string[]) =>
    library.flatMap((p) => of(p).map((name) => [plantId(name), p] as const)).reverse()
  const found = new Map([
    ...names((p) => [p.commonName]),
    ...names((p) => [...p.synonyms, ...p.soldAs]),
    ...names((p) => [p.botanicalName]),
  ])
  found.delete('')
  return found
})

/** How unlike in size, 0 alike; what is not known of the wanted one counts nothing. */
function unlike(p: Plant, wanted: Wanted): number {
  const by = (mine: number, theirs: number | undefined) => (theirs ? Math.abs(Math.log(mine / theirs)) : 0)
  return Math.max(by(fullHeightM(p), wanted.heightM), by(p.spreadM, wanted.spreadM))
}

/**
 * The plant whose figures stand in for one that is not known: itself under another name; else of its species, else of its genus,
 * when kind and habit agree; else the
 * one of its kind (and leaf in winter) nearest in size. Null when neither name nor kind leads to one.
 */
export function nearestRelative(library: readonly Plant[], wanted: Wanted): Relative | null {
  const { kind } = wanted
  const self = byName(library).get(plantId(wanted.botanicalName))
  if (self) return { plant: self, by: 'name' }
  const agrees = (p: Plant) =>
    kind ? areAkin(p.kind, kind) && isHeld(p.kind) === isHeld(kind) : unlike(p, wanted) < FAR
  const nearest = (of: readonly Plant[]) =>
    [...of].sort((a, b) => costOf(a, wanted) - costOf(b, wanted) || a.id.localeCompare(b.id))[0]
  const species = speciesId(wanted.botanicalName)
  const akin = library.filter(
    (p) => agrees(p) && genusOf(p).toLowerCase() === wanted.botanicalName.split(/\s/)[0]?.toLowerCase(),
  )
  const same = nearest(akin.filter((p) => speciesId(p.botanicalName) === species))
  if (same) return { plant: same, by: 'species' }
  const genus = nearest(akin.filter((p) => unlike(p, wanted) < 2 * FAR))
  if (genus) return { plant: genus, by: 'genus' }
  const ofKind = kind && nearest(library.filter((p) => p.kind === kind))
  return ofKind ? { plant: ofKind, by: 'kind' } : null
}

/** Another kind or another winter leaf counts as much as twice the size. */
const OTHER = Math.log(2)
/** A class of light or water, or a winter zone, counts as a fifth more or less of size. */
const PER_CLASS = Math.log(1.2)
const apart = <T>(classes: readonly T[], a: T, b: T) => Math.abs(classes.indexOf(a) - classes.indexOf(b))
const holdsLeaf = (r: Retention) => r === 'evergreen' || r === 'semi-evergreen'
function costOf(p: Plant, wanted: Wanted): number {
  const kind = wanted.kind && p.kind !== wanted.kind ? OTHER : 0
  const leaf = wanted.retention && holdsLeaf(p.retention) !== holdsLeaf(wanted.retention) ? 2 * OTHER : 0
  const cold = wanted.coldest ? Math.abs(p.zones.coldest - wanted.coldest) * PER_CLASS : 0
  const light = wanted.darkest ? apart(SUN_CLASSES, p.sun.darkest, wanted.darkest) * PER_CLASS : 0
  const water = wanted.wettest ? apart(WATER_CLASSES, p.water.wettest, wanted.wettest) * PER_CLASS : 0
  // A plain one before a sort with a coloured leaf: what nobody said is green.
  return unlike(p, wanted) + kind + leaf + cold + light + water + (p.secondLeaf ? OTHER / 2 : 0)
}
