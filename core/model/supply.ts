import { z } from 'zod'
import { isDay } from '../time'
import { dayOfCalendar, idSchema, nameSchema, plantIdSchema, textSchema, type Frozen } from './basic'
import { ORDER_STATES, SIZE_CLASSES, TRAY_STEPS, WAYS } from './codes'
import { NO_WATER_PLAN } from './noWaterPlan'
import { waterPlanSchema } from './water'

/** An ISO day; empty while it is not said. */
const day = z.string().refine((text) => text === '' || isDay(text), 'A day such as 2026-05-08, or nothing.')
const pieces = z.number().int('Pieces are whole.').min(0, 'Pieces cannot be negative.').max(1_000_000)
const amount = z.number().min(0, 'A price cannot be negative.').max(10_000_000)
const share = z.number().min(0, 'A share is at least 0.').max(1, 'A share is at most 1.')
const note = textSchema(400, 'A note')
const plantOrNone = z.union([z.literal(''), plantIdSchema])
const whenByTask = z.record(textSchema(120), day)

/** What is decided about getting one kind. What is null follows from the plan, the size or the library. */
const line = z.object({
  plantId: plantIdSchema,
  /** What is there already, by where it is: on the bench or in store, kept from last year, self-sown and left. */
  have: z.object({ bench: pieces, kept: pieces, selfSown: pieces }).nullable(),
  spareShare: share.nullable(),
  pack: z.number().int().min(1, 'A pack holds at least one.').max(10_000).nullable(),
  price: amount.nullable(),
  way: z.enum(WAYS).nullable(),
  /** Id of its supplier; empty while that is open. */
  supplierId: z.union([z.literal(''), idSchema]),
  /** Day on which it is wanted on site; empty: by its phase and kind. */
  wanted: day,
  phase: z.number().int().min(1).max(12).nullable(),
  notFound: z.boolean(),
  /** Its places stay open: with a filler for this summer, and the day on which it is asked for again. */
  reserved: z.object({ fillerId: plantOrNone, askAgain: day }).nullable(),
  /** The kind that it stands in for on the plan; empty otherwise. */
  insteadOf: plantOrNone,
  note,
})
/** One line of an order. What came is told apart: right, of another kind, of another colour, of poor root. */
const orderLine = z.object({
  plantId: plantIdSchema,
  size: textSchema(60),
  count: pieces,
  price: amount,
  /** Null until the supplier has answered. */
  confirmed: pieces.nullable(),
  expected: day,
  /** A kind offered instead. */
  offeredId: plantOrNone,
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
/** A tray, pan or box of one kind that is raised: its number, how many cells or seeds, and what became of it. */
const tray = z.object({
  id: idSchema,
  number: z.number().int().min(1).max(100_000),
  plantId: plantIdSchema,
  cells: pieces,
  seeds: pieces,
  /** Day on which it is to be sown. */
  sow: day,
  /** Days of what was done, by step. */
  done: z.partialRecord(z.enum(TRAY_STEPS), day),
  /** How many came up or rooted; null while that was not counted. */
  came: pieces.nullable(),
  failed: z.boolean(),
})
/** Money of a garden: how it is written, tax on what is bought in percent, whether prices hold it, and a wage, if work is paid. */
const money = z.object({
  currency: textSchema(12, 'A currency'),
  taxPercent: z.number().min(0, 'Tax cannot be negative.').max(100, 'Tax is at most 100 %.'),
  pricesWithTax: z.boolean(),
  wageAnHour: amount.nullable(),
  /** Share of plants lost in the first year. */
  lossShare: share,
})
const supplier = z.object({
  id: idSchema,
  name: nameSchema,
  /** The simulated nursery that ships with the program answers at once; others are written to. */
  simulated: z.boolean(),
  /** Which column of its price list holds what, by the heading; kept for the next list. */
  columns: z.record(textSchema(120), textSchema(40)),
})
/** What is chosen about one material: its depth in metres where it has one, what it is bought in and for how much. */
const material = z.object({
  id: textSchema(80),
  wanted: z.boolean().nullable(),
  depthM: z.number().min(0).max(2, 'A depth is at most 2 m.').nullable(),
  price: amount.nullable(),
  supplier: textSchema(120),
})
/** Who works on the planting and when, and what of its tasks was moved or done, by the task's id. */
const works = z.object({
  start: day,
  people: z.number().int().min(1, 'At least one person.').max(200),
  hoursADay: z.number().min(1, 'At least one hour a day.').max(24),
  /** Days of the week on which there is work: 1 Monday to 7 Sunday. */
  days: z.array(z.number().int().min(1).max(7)).min(1, 'At least one day of the week.').max(7),
  minutes: z.record(textSchema(60), z.number().min(0).max(100_000)),
  moved: whenByTask,
  done: whenByTask,
})
/** What became of a task of care, on which day; moved: to that day. */
export const careTickSchema = z.object({ what: z.enum(['done', 'skipped', 'moved']), day: dayOfCalendar })
const care = z.object({
  /** The year in which the garden was planted; null: not said. */
  planted: z.number().int().min(1800).max(2400).nullable(),
  ticks: z.record(textSchema(200), careTickSchema),
})

/** All that is decided about getting what a garden's plan asks for: kept for the garden as a whole. */
export const supplySchema = z.object({
  money,
  spares: z.record(z.enum(SIZE_CLASSES), share),
  lines: z.array(line).max(5000),
  suppliers: z.array(supplier).max(100),
  orders: z.array(orderSchema).max(500),
  trays: z.array(tray).max(2000),
  materials: z.array(material).max(500),
  works,
  care: care.default({ planted: null, ticks: {} }),
  /** The kept picture of each bed’s dry run: its id, by the bed’s. */
  dryRuns: z.record(idSchema, idSchema).default({}),
  water: waterPlanSchema.default({ ...NO_WATER_PLAN, months: null, programmes: [] }),
})
export type Supply = Frozen<z.infer<typeof supplySchema>>
export type SupplyLine = Supply['lines'][number]
export type Have = NonNullable<SupplyLine['have']>
export type Order = Supply['orders'][number]
export type OrderLine = Order['lines'][number]
export type Tray = Supply['trays'][number]
export type Supplier = Supply['suppliers'][number]
export type MoneyRules = Supply['money']
export type MaterialChoice = Supply['materials'][number]
export type WorksPlan = Supply['works']
export type CarePlan = Supply['care']
export type CareTick = CarePlan['ticks'][string]
