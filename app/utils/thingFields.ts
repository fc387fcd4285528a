import { COVERS, SITE_FEATURES, MATERIALS, SERVICES, VIEWERS, type Thing, type ThingKind } from '~~/core/model'
import { EYE_M } from '~~/core/site'
import { words } from '~~/core/plant'

interface Choice {
  readonly label: string
  readonly value: string
}

/** One figure of a thing as it is asked: how it is typed, its bounds, and what a new value changes. */
export interface ThingField {
  readonly key: string
  readonly label: string
  readonly as: 'length' | 'signed' | 'percent' | 'choice' | 'colour' | 'switch'
  /** What it is called to those who hear the form, when the label alone would not say. */
  readonly name?: string
  readonly min?: number
  readonly max?: number
  readonly choices?: readonly Choice[]
  readonly wide?: boolean
  readonly value: string | number | boolean
  readonly change: (value: never) => object
  /** Why a value cannot be, in words. */
  readonly fault?: (value: never) => string
}

const choicesOf = (list: readonly string[]): Choice[] => list.map((value) => ({ label: words(value), value }))
const WISHES: Choice[] = [
  { label: 'keep open', value: 'keep' },
  { label: 'hide', value: 'hide' },
]
const ROOFS = choicesOf(['flat', 'gable', 'hip'])
/** A ridge is begun so far over the eaves, metres. */
const RIDGE_OVER_M = 2
const NOWHERE = 'nowhere'

type Of<K extends ThingKind> = Extract<Thing, { kind: K }>
type More = Partial<Omit<ThingField, 'key' | 'label' | 'as' | 'value'>>

const field = (as: ThingField['as'], key: string, label: string, value: unknown, more: More = {}): ThingField => ({
  as,
  key,
  label,
  value: value as ThingField['value'],
  change: ((v: unknown) => ({ [key]: v })) as ThingField['change'],
  ...more,
})
const choice = (
  key: string,
  label: string,
  value: string,
  list: readonly Choice[],
  name: string,
  more: More = {},
) => field('choice', key, label, value, { choices: list, name, ...more })

function ofBuilding(t: Of<'building'>): ThingField[] {
  const { roof } = t
  const roofOf = (kind: string) => ({
    roof:
      kind === 'flat' ? { kind } : { kind, ridgeM: roof.kind === 'flat' ? t.eaveM + RIDGE_OVER_M : roof.ridgeM },
  })
  const ridge =
    roof.kind === 'flat'
      ? []
      : [
          field('length', 'ridgeM', 'Ridge', roof.ridgeM, {
            max: 60,
            change: (ridgeM) => ({ roof: { ...roof, ridgeM } }),
          }),
        ]
  return [
    field('length', 'eaveM', 'Eaves', t.eaveM, { min: 0.5, max: 60 }),
    choice('roof', 'Roof', roof.kind, ROOFS, 'Roof', { change: roofOf as ThingField['change'] }),
    ...ridge,
    choice('material', 'Walls', t.material, choicesOf(MATERIALS), 'Walls of'),
    field('colour', 'colour', 'Colour', t.colour, { name: 'Colour of the walls' }),
  ]
}

const ofTree = (t: Of<'tree'>): ThingField[] => [
  field('length', 'heightM', 'Height', t.heightM, {
    min: 0.2,
    max: 60,
    fault: (m: number) => (m > t.clearStemM ? '' : 'The tree must be taller than its clear stem.'),
  }),
  field('length', 'spreadM', 'Spread', t.spreadM, { min: 0.1, max: 60 }),
  field('length', 'clearStemM', 'Clear stem', t.clearStemM, {
    max: 40,
    fault: (m: number) => (m < t.heightM ? '' : 'The clear stem must be shorter than the tree.'),
  }),
  choice('leaf', 'Leaf', t.leaf, choicesOf(['deciduous', 'evergreen']), 'Leaf'),
  field('length', 'growthMPerYear', 'Grows a year', t.growthMPerYear, { max: 3 }),
]

const HIGHER = 'It must reach higher than it begins.'
function ofTarget(t: Of<'target'>, viewers: readonly Choice[]): ThingField[] {
  const seenFrom = (v: string) => ({ seenFrom: v === NOWHERE ? null : v })
  return [
    choice('wish', 'Wish', t.wish, WISHES, 'Keep or hide'),
    choice(
      'seenFrom',
      'Seen from',
      t.seenFrom ?? NOWHERE,
      [{ label: 'nowhere yet', value: NOWHERE }, ...viewers],
      'Seen from',
      { change: seenFrom as ThingField['change'] },
    ),
    field('length', 'widthM', 'Width', t.widthM, { min: 0.1 }),
    field('length', 'fromM', 'From', t.fromM, { max: 60, fault: (m: number) => (m < t.toM ? '' : HIGHER) }),
    field('length', 'toM', 'To', t.toM, { max: 80, fault: (m: number) => (m > t.fromM ? '' : HIGHER) }),
  ]
}

const FIELDS: { readonly [K in ThingKind]: (t: Of<K>, viewers: readonly Choice[]) => ThingField[] } = {
  building: ofBuilding,
  fence: (t) => [
    field('length', 'heightM', 'Height', t.heightM, { min: 0.1, max: 20 }),
    field('percent', 'solid', 'Stops light, %', t.solid),
  ],
  surface: (t) => [choice('cover', 'It is', t.cover, choicesOf(COVERS), 'What covers it')],
  terrace: (t) => [field('signed', 'levelM', 'Level above the ground', t.levelM)],
  tree: ofTree,
  feature: (t) => [
    choice('what', 'It is a', t.what, choicesOf(SITE_FEATURES), 'What it is'),
    field('length', 'heightM', 'Height', t.heightM, { max: 30 }),
    field('length', 'widthM', 'Width', t.widthM, { min: 0.02, max: 30 }),
    field('switch', 'keepInView', 'must stay in view', t.keepInView, { wide: true }),
  ],
  service: (t) => [
    choice('service', 'It carries', t.service, choicesOf(SERVICES), 'What it carries'),
    field('length', 'depthM', t.service === 'overhead' ? 'Height' : 'Depth', t.depthM, { max: 30 }),
    field('switch', 'sure', 'place is sure', t.sure),
  ],
  viewpoint: (t) => [
    choice('viewer', 'Seen from a', t.viewer, choicesOf(VIEWERS), 'Who looks', {
      change: ((viewer: keyof typeof EYE_M) => ({ viewer, eyeM: EYE_M[viewer] })) as ThingField['change'],
    }),
    field('length', 'eyeM', 'Eye height', t.eyeM, { min: 0.2, max: 40 }),
  ],
  target: ofTarget,
}

/** The figures of a thing, in the order they are asked. */
export const fieldsOf = (thing: Thing, viewers: readonly Choice[]): ThingField[] =>
  (FIELDS[thing.kind] as (t: Thing, viewers: readonly Choice[]) => ThingField[])(thing, viewers)

/** What is said under a thing's figures. */
export const THING_HINTS: Partial<Readonly<Record<ThingKind, string>>> = {
  terrace: 'Retaining walls: a licensed professional and the local code.',
  service: 'As far as known. Before any digging have services located and ask the local code.',
}
