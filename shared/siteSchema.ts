import { z } from 'zod'
import { COVERS, FEATURES, MATERIALS, SERVICES, VIEWERS, type Site } from '../core/site'
import { idSchema } from './basicSchemas'
import type { Mutable, Same } from './bedSchema'
import { nameSchema } from './textSchema'

const FAR_M = 1000
const place = z
  .number()
  .min(-FAR_M, `A place can lie at most ${FAR_M} m from the middle of the sheet: check the unit.`)
  .max(FAR_M, `A place can lie at most ${FAR_M} m from the middle of the sheet: check the unit.`)
const metre = (low: number, high: number, what: string) =>
  z.number().min(low, `${what} must be at least ${low} m.`).max(high, `${what} can be at most ${high} m.`)
const degrees = z
  .number()
  .min(-360, 'An angle lies between −360 and 360 degrees.')
  .max(360, 'An angle lies between −360 and 360 degrees.')
const spot = z.union([z.object({ x: place, y: place }), z.object({ of: idSchema })])
const side = z.enum(['left', 'right'])
const tape = metre(0, FAR_M, 'A tape')
const measure = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('fixed'), x: place, y: place }),
  z.object({
    kind: z.literal('offset'),
    from: idSchema,
    to: idSchema,
    alongM: metre(-FAR_M, FAR_M, 'A measure along'),
    outM: metre(-FAR_M, FAR_M, 'A measure out'),
  }),
  z.object({ kind: z.literal('tapes'), a: idSchema, aM: tape, b: idSchema, bM: tape, side }),
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
const roof = z
  .discriminatedUnion('kind', [
    z.object({ kind: z.literal('flat') }),
    z.object({ kind: z.literal('gable'), ridgeM: metre(0, 60, 'A ridge') }),
    z.object({ kind: z.literal('hip'), ridgeM: metre(0, 60, 'A ridge') }),
  ])
  // `gable` and `hip` are one member of the core's type.
  .transform(
    (
      r,
    ): Site['things'][number] extends infer T
      ? T extends { readonly roof: infer R }
        ? Mutable<R>
        : never
      : never => (r.kind === 'flat' ? r : { kind: r.kind, ridgeM: r.ridgeM }),
  )
const opening = z
  .object({
    id: idSchema,
    side: z.number().int().min(0).max(399),
    alongM: metre(0, 300, 'An opening’s place'),
    widthM: metre(0.1, 40, 'An opening’s width'),
    sillM: metre(0, 30, 'A sill'),
    headM: metre(0.1, 40, 'A head'),
  })
  .refine((o) => o.headM > o.sillM, 'A window’s head must be above its sill.')
const colour = z.string().regex(/^#[0-9a-f]{6}$/i, 'A colour such as #a4573f.')

const thing = z.discriminatedUnion('kind', [
  z.object({
    ...named,
    kind: z.literal('building'),
    outline,
    eaveM: metre(0.5, 60, 'The eaves'),
    roof,
    material: z.enum(MATERIALS),
    colour,
    openings: z.array(opening).max(80),
  }),
  z.object({
    ...named,
    kind: z.literal('fence'),
    line,
    heightM: metre(0.1, 20, 'A fence'),
    solid: z.number().min(0).max(1),
  }),
  z.object({ ...named, kind: z.literal('surface'), cover: z.enum(COVERS), outline }),
  z.object({ ...named, kind: z.literal('terrace'), outline, levelM: metre(-10, 10, 'A level') }),
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
    what: z.enum(FEATURES),
    at: spot,
    heightM: metre(0, 30, 'A height'),
    widthM: metre(0.02, 30, 'A width'),
    keepInView: z.boolean(),
  }),
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

/** A garden's site as it crosses the wire; parsed on the way in and out. */
export const siteSchema = z
  .object({
    northDeg: degrees,
    points: z.array(z.object({ ...named, measure })).max(500, 'A site has at most 500 surveyed points.'),
    things: z.array(thing).max(500, 'A site has at most 500 things.'),
    beds: z
      .array(
        z.object({
          bedId: idSchema,
          at: spot,
          lookDeg: degrees,
          baseM: metre(-10, 20, 'A bed’s level'),
          against: z
            .object({
              thing: idSchema,
              side: z.number().int().min(0).max(399),
              alongM: metre(-50, 300, 'A bed’s place along the wall'),
            })
            .nullable()
            .optional(),
          viewFrom: idSchema.nullable().optional(),
        }),
      )
      .max(200),
    base: z
      .object({
        drawingId: idSchema,
        name: nameSchema,
        x: place,
        y: place,
        widthM: metre(0.1, FAR_M, 'The drawing’s width'),
        heightM: metre(0.1, FAR_M, 'The drawing’s height'),
      })
      .nullable(),
  })
  .superRefine((site, context) => {
    for (const [what, ids] of [
      ['points', site.points.map((p) => p.id)],
      ['things', site.things.map((t) => t.id)],
      ['beds', site.beds.map((b) => b.bedId)],
    ] as const) {
      if (new Set(ids).size !== ids.length)
        context.addIssue({ code: 'custom', path: [what], message: 'Two of them have the same id.' })
    }
  })

true satisfies Same<z.infer<typeof siteSchema>, Mutable<Site>>
