import { z } from 'zod'
import { colourSchema, idSchema, metre, plantIdSchema, point, type Frozen } from './basic'
import { CENTREPIECES, COURT_PLANS, MATERIALS } from './codes'

/** An edge in plan: stations in metres from the left end of the wall line, y out from it. */
const edgeSchema = z.object({
  kind: z.enum(['straight', 'stepped', 'curved']),
  stations: z.array(point).min(2).max(100),
})
export const outlineShape = z.object({ back: edgeSchema, front: edgeSchema })
export type Edge = Frozen<z.infer<typeof edgeSchema>>
export type Outline = Frozen<z.infer<typeof outlineShape>>

/** A window or door in the wall: left side, width, sill and head above ground, metres. */
const openingSchema = z
  .object({
    id: idSchema,
    x: metre(-500, 500, 'A window’s place'),
    widthM: metre(0.1, 20, 'A window’s width'),
    sillM: metre(0, 20, 'A sill'),
    headM: metre(0.1, 30, 'A window’s head'),
  })
  .refine((o) => o.headM > o.sillM, 'A window’s head must be above its sill.')
export const wallSchema = z.object({
  heightM: metre(0.3, 40, 'The wall’s height'),
  material: z.enum(MATERIALS),
  colour: colourSchema,
  openings: z.array(openingSchema).max(60),
})
export type Opening = Frozen<z.infer<typeof openingSchema>>
export type Wall = Frozen<z.infer<typeof wallSchema>>

/** A closed edge in plan by stations going round clockwise as drawn (y toward the viewer), metres; smooth through them or straight. */
const roundEdge = z.object({
  smooth: z.boolean(),
  stations: z.array(point).min(3, 'A closed edge needs at least three stations.').max(100),
})
/** In a repeated part (1 and up), one kind stands in the place of another. */
const variant = z.object({ part: z.number().int().min(1).max(7), plantId: plantIdSchema, withId: plantIdSchema })

/**
 * The kind of bed, with the figures that only it has (metres). Foundation, screen, terrace and two-sided beds run between the back and
 * the front edge of the outline; the others go round a middle.
 */
export const formShape = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('foundation') }),
  z.object({ kind: z.literal('screen') }),
  z.object({ kind: z.literal('two-sided') }),
  /** Raised by `baseM`; the ground falls by `fallM` from the left end to the right. */
  z.object({
    kind: z.literal('terrace'),
    baseM: metre(0, 10, 'A terrace’s height'),
    fallM: metre(-5, 5, 'A terrace’s fall'),
  }),
  /** Round a centrepiece `centreHeightM` high, of which `showFromM` upward must stay in view. */
  z.object({
    kind: z.literal('island'),
    edge: roundEdge,
    rimM: metre(0, 50, 'The rim'),
    centre: z.enum(CENTREPIECES),
    centreHeightM: metre(0.1, 30, 'The centrepiece’s height'),
    showFromM: metre(0, 30, 'What must stay in view'),
  }),
  /** Round existing planting of radius `rimM` and height `insideHeightM`. */
  z.object({
    kind: z.literal('ring'),
    edge: roundEdge,
    rimM: metre(0.05, 50, 'The radius of what stands inside'),
    insideHeightM: metre(0.1, 30, 'The height of what stands inside'),
  }),
  /** Equal segments between paths that meet in the middle; one is planned and repeated, and may be varied kind by kind. */
  z.object({
    kind: z.literal('court'),
    widthM: metre(2, 60, 'The court’s width'),
    depthM: metre(2, 60, 'The court’s depth'),
    pathM: metre(0.3, 6, 'A path'),
    repeat: z.enum(['mirrored', 'turned']),
    /** Square (or oblong) when left out. */
    plan: z.enum(COURT_PLANS).optional(),
    /** Four when left out. */
    segments: z.union([z.literal(4), z.literal(6), z.literal(8)]).optional(),
    /** What is kept open about the middle, metres from it. */
    centreM: metre(0, 25, 'The open middle').optional(),
    variants: z.array(variant).max(200).optional(),
  }),
  /** Equal pots, planted alike. */
  z.object({
    kind: z.literal('container'),
    diameterM: metre(0.15, 5, 'A pot’s width'),
    heightM: metre(0.1, 3, 'A pot’s height'),
    pots: z.number().int().min(1, 'At least one pot.').max(12, 'At most 12 pots.'),
    apartM: metre(0, 50, 'The distance between pots'),
    /** Whether the rim is part of the picture, and nothing is to trail over it. */
    rimShows: z.boolean().optional(),
  }),
])
export type RoundEdge = Frozen<z.infer<typeof roundEdge>>
export type Variant = Frozen<z.infer<typeof variant>>
export type BedForm = Frozen<z.infer<typeof formShape>>
export type CourtForm = Extract<BedForm, { readonly kind: 'court' }>
export type RoundForm = Extract<BedForm, { readonly kind: 'island' | 'ring' | 'court' | 'container' }>
