import { z } from 'zod'
import { colourSchema, idSchema, metre, nameSchema, type Frozen } from './basic'
import { COVERS, MATERIALS, SERVICES, SITE_FEATURES, VIEWERS } from './codes'

const FAR_M = 1000
const TOO_FAR = `A place can lie at most ${FAR_M} m from the middle of the sheet: check the unit.`
const place = z.number().min(-FAR_M, TOO_FAR).max(FAR_M, TOO_FAR)
const NO_ANGLE = 'An angle lies between −360 and 360 degrees.'
const degrees = z.number().min(-360, NO_ANGLE).max(360, NO_ANGLE)
const tape = metre(0, FAR_M, 'A tape')
const side = z.number().int().min(0).max(399)
/** A corner is a place, or a surveyed point that it stays fixed to. */
const spot = z.union([z.object({ x: place, y: place }), z.object({ of: idSchema })])
/** How a point was measured on site; lengths in metres. Left and right are as seen when walking from the first point to the second. */
const measure = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('fixed'), x: place, y: place }),
  z.object({
    kind: z.literal('offset'),
    from: idSchema,
    to: idSchema,
    alongM: metre(-FAR_M, FAR_M, 'A measure along'),
    outM: metre(-FAR_M, FAR_M, 'A measure out'),
  }),
  z.object({
    kind: z.literal('tapes'),
    a: idSchema,
    aM: tape,
    b: idSchema,
    bM: tape,
    side: z.enum(['left', 'right']),
  }),
  z.object({
    kind: z.literal('running'),
    from: idSchema,
    to: idSchema,
    alongM: metre(-FAR_M, FAR_M, 'A running measure'),
  }),
])
const named = { id: idSchema, name: nameSchema }
const outline = z
  .array(spot)
  .min(3, 'An outline needs at least three corners.')
  .max(400, 'An outline has at most 400 corners.')
const line = z.array(spot).min(2, 'A line needs at least two places.').max(400, 'A line has at most 400 places.')
/** Flat at the eaves, or rising to a ridge (metres above the ground) along the building's longer side. */
const roof = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('flat') }),
  z.object({ kind: z.enum(['gable', 'hip']), ridgeM: metre(0, 60, 'A ridge') }),
])
/** A window or door in a side of a building: side 0 runs from the first corner to the second. */
const opening = z
  .object({
    id: idSchema,
    side,
    alongM: metre(0, 300, 'An opening’s place'),
    widthM: metre(0.1, 40, 'An opening’s width'),
    sillM: metre(0, 30, 'A sill'),
    headM: metre(0.1, 40, 'A head'),
  })
  .refine((o) => o.headM > o.sillM, 'A window’s head must be above its sill.')

const thing = z.discriminatedUnion('kind', [
  z.object({
    ...named,
    kind: z.literal('building'),
    outline,
    eaveM: metre(0.5, 60, 'The eaves'),
    roof,
    material: z.enum(MATERIALS),
    colour: colourSchema,
    openings: z.array(opening).max(80),
  }),
  /** A fence, free wall or hedge along a line; `solid` is the share of light it stops. */
  z.object({
    ...named,
    kind: z.literal('fence'),
    line,
    heightM: metre(0.1, 20, 'A fence'),
    solid: z.number().min(0).max(1),
  }),
  z.object({ ...named, kind: z.literal('surface'), cover: z.enum(COVERS), outline }),
  /** A level raised or sunk from the rest of the site by `levelM`. */
  z.object({ ...named, kind: z.literal('terrace'), outline, levelM: metre(-10, 10, 'A level') }),
  /** A tree as it stands today, with its yearly growth in height and spread. */
  z
    .object({
      ...named,
      kind: z.literal('tree'),
      at: spot,
      heightM: metre(0.2, 60, 'A tree'),
      spreadM: metre(0.1, 60, 'A crown'),
      clearStemM: metre(0, 40, 'A clear stem'),
      leaf: z.enum(['evergreen', 'deciduous']),
      growthMPerYear: metre(0, 3, 'Yearly growth'),
    })
    .refine((t) => t.clearStemM < t.heightM, 'The clear stem must be shorter than the tree.'),
  z.object({
    ...named,
    kind: z.literal('feature'),
    what: z.enum(SITE_FEATURES),
    at: spot,
    heightM: metre(0, 30, 'A height'),
    widthM: metre(0.02, 30, 'A width'),
    keepInView: z.boolean(),
  }),
  /** A line below the ground or overhead as far as known; metres below the ground, or above it for an overhead line. */
  z.object({
    ...named,
    kind: z.literal('service'),
    service: z.enum(SERVICES),
    line,
    depthM: metre(0, 30, 'A depth or height'),
    sure: z.boolean(),
  }),
  z.object({
    ...named,
    kind: z.literal('viewpoint'),
    viewer: z.enum(VIEWERS),
    at: spot,
    eyeM: metre(0.2, 40, 'Eye height'),
  }),
  /**
   * What must stay open or be hidden, seen from a viewpoint of the site: a width square to the line of sight, between two heights.
   * Without a viewpoint it is only drawn.
   */
  z
    .object({
      ...named,
      kind: z.literal('target'),
      wish: z.enum(['keep', 'hide']),
      seenFrom: idSchema.nullable().default(null),
      at: spot,
      widthM: metre(0.1, 200, 'A width'),
      fromM: metre(0, 60, 'A height'),
      toM: metre(0.1, 80, 'A height'),
    })
    .refine((t) => t.toM > t.fromM, 'A target must reach higher than it begins.'),
])

/** Where a bed lies: the left end of its wall line, and the azimuth that the viewer looks along. */
const bedPlace = z.object({
  bedId: idSchema,
  at: spot,
  lookDeg: degrees,
  /** Height of its ground as measured; 0 takes the level that it lies on. */
  baseM: metre(-10, 20, 'A bed’s level'),
  /** What of the site stands behind it, and how far along it, from the viewer's left, the bed begins: it takes its wall from there. */
  against: z
    .object({ thing: idSchema, side, alongM: metre(-50, 300, 'A bed’s place along the wall') })
    .nullable()
    .optional(),
  /** The viewpoint of the site that it is judged from; its own when null. */
  viewFrom: idSchema.nullable().optional(),
})
/** A drawing laid under the plan: the stored picture, where its left lower corner lies, and its size at the plan's scale. */
const baseDrawing = z.object({
  drawingId: idSchema,
  name: nameSchema,
  x: place,
  y: place,
  widthM: metre(0.1, FAR_M, 'The drawing’s width'),
  heightM: metre(0.1, FAR_M, 'The drawing’s height'),
})
const twice = (ids: readonly string[]) => new Set(ids).size !== ids.length

/**
 * The site plan: metres, x to the right and y up the sheet. `northDeg` is the azimuth (clockwise from north) that the sheet's y axis
 * points to.
 */
export const siteSchema = z
  .object({
    northDeg: degrees,
    points: z.array(z.object({ ...named, measure })).max(500, 'A site has at most 500 surveyed points.'),
    things: z.array(thing).max(500, 'A site has at most 500 things.'),
    beds: z.array(bedPlace).max(200),
    base: baseDrawing.nullable(),
  })
  .superRefine((site, context) => {
    for (const [what, ids] of [
      ['points', site.points.map((p) => p.id)],
      ['things', site.things.map((t) => t.id)],
      ['beds', site.beds.map((b) => b.bedId)],
    ] as const)
      if (twice(ids)) context.addIssue({ code: 'custom', path: [what], message: 'Two of them have the same id.' })
  })
export type Site = Frozen<z.infer<typeof siteSchema>>

export type Spot = Frozen<z.infer<typeof spot>>
export type SurveyPoint = Site['points'][number]
export type Measure = SurveyPoint['measure']
export type Side = Extract<Measure, { kind: 'tapes' }>['side']
export type Thing = Site['things'][number]
export type ThingKind = Thing['kind']
export type ThingOf<K extends ThingKind> = Extract<Thing, { readonly kind: K }>
export type Building = ThingOf<'building'>
export type Roof = Building['roof']
export type Fence = ThingOf<'fence'>
export type Terrace = ThingOf<'terrace'>
export type Tree = ThingOf<'tree'>
export type SiteViewpoint = ThingOf<'viewpoint'>
export type BedPlace = Site['beds'][number]
export type Against = NonNullable<BedPlace['against']>
export type BaseDrawing = NonNullable<Site['base']>
