import { z } from 'zod'
import { ORDER_STATES, TRAY_STEPS, WAYS, type Supply } from '../core/count'
import { isDay } from '../core/time'
import { idSchema, plantIdSchema } from './basicSchemas'
import type { Mutable, Same } from './bedSchema'
import { nameSchema, textSchema } from './textSchema'
import { waterSchema } from './waterSchema'

const day = z.string().refine((text) => text === '' || isDay(text), 'A day such as 2026-05-08, or nothing.')
const pieces = z.number().int('Pieces are whole.').min(0, 'Pieces cannot be negative.').max(1_000_000)
const amount = z.number().min(0, 'A price cannot be negative.').max(10_000_000)
const share = z.number().min(0, 'A share is at least 0.').max(1, 'A share is at most 1.')
const note = textSchema(400, 'A note')

const line = z.object({
  plantId: plantIdSchema,
  have: z.object({ bench: pieces, kept: pieces, selfSown: pieces }).nullable(),
  spareShare: share.nullable(),
  pack: z.number().int().min(1, 'A pack holds at least one.').max(10_000).nullable(),
  price: amount.nullable(),
  way: z.enum(WAYS).nullable(),
  supplierId: z.union([z.literal(''), idSchema]),
  wanted: day,
  phase: z.number().int().min(1).max(12).nullable(),
  notFound: z.boolean(),
  reserved: z.object({ fillerId: z.union([z.literal(''), plantIdSchema]), askAgain: day }).nullable(),
  insteadOf: z.union([z.literal(''), plantIdSchema]),
  note,
})

const orderLine = z.object({
  plantId: plantIdSchema,
  size: textSchema(60),
  count: pieces,
  price: amount,
  confirmed: pieces.nullable(),
  expected: day,
  offeredId: z.union([z.literal(''), plantIdSchema]),
  received: pieces,
  wrongKind: pieces,
  wrongColour: pieces,
  poorRoot: pieces,
  note,
})

export const orderSchema = z.object({
  id: idSchema,
  supplierId: idSchema,
  state: z.enum(ORDER_STATES),
  made: day,
  wanted: day,
  lines: z.array(orderLine).max(2000, 'An order has at most 2,000 lines.'),
})

const tray = z.object({
  id: idSchema,
  number: z.number().int().min(1).max(100_000),
  plantId: plantIdSchema,
  cells: pieces,
  seeds: pieces,
  sow: day,
  done: z.partialRecord(z.enum(TRAY_STEPS), day),
  came: pieces.nullable(),
  failed: z.boolean(),
})

const sizeShares = z.object({ plug: share, small: share, pot: share, large: share, bulb: share })

const works = z.object({
  start: day,
  people: z.number().int().min(1, 'At least one person.').max(200),
  hoursADay: z.number().min(1, 'At least one hour a day.').max(24),
  days: z.array(z.number().int().min(1).max(7)).min(1, 'At least one day of the week.').max(7),
  minutes: z.record(textSchema(60), z.number().min(0).max(100_000)),
  moved: z.record(textSchema(120), day),
  done: z.record(textSchema(120), day),
})

/** What became of a task of care. */
export const careTickSchema = z.object({
  what: z.enum(['done', 'skipped', 'moved']),
  day: z.string().refine(isDay, 'A day such as 2026-05-08.'),
})

/** What is decided about getting what a garden's plan asks for, as it crosses the wire; parsed on the way in and out. */
export const supplySchema = z.object({
  money: z.object({
    currency: textSchema(12, 'A currency'),
    taxPercent: z.number().min(0, 'Tax cannot be negative.').max(100, 'Tax is at most 100 %.'),
    pricesWithTax: z.boolean(),
    wageAnHour: amount.nullable(),
    lossShare: share,
  }),
  spares: sizeShares,
  lines: z.array(line).max(5000),
  suppliers: z
    .array(
      z.object({
        id: idSchema,
        name: nameSchema,
        simulated: z.boolean(),
        columns: z.record(textSchema(120), textSchema(40)),
      }),
    )
    .max(100),
  orders: z.array(orderSchema).max(500),
  trays: z.array(tray).max(2000),
  materials: z
    .array(
      z.object({
        id: textSchema(80),
        wanted: z.boolean().nullable(),
        depthM: z.number().min(0).max(2, 'A depth is at most 2 m.').nullable(),
        price: amount.nullable(),
        supplier: textSchema(120),
      }),
    )
    .max(500),
  works,
  care: z
    .object({
      planted: z.number().int().min(1800).max(2400).nullable(),
      ticks: z.record(textSchema(200), careTickSchema),
    })
    .default({ planted: null, ticks: {} }),
  dryRuns: z.record(idSchema, idSchema).default({}),
  water: waterSchema,
})

true satisfies Same<z.infer<typeof supplySchema>, Mutable<Supply>>
