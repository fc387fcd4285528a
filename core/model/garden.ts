import { z } from 'zod'
import { REGIONS } from '../measure'
import { zoneNumber } from '../plant'
import { nameSchema, textSchema, type Frozen } from './basic'

const DAYS_IN = [31, 29, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31]
const monthDay = (what: string) =>
  z
    .string()
    .regex(/^\d{2}-\d{2}$/, `${what} is a month and a day, for example 05-08.`)
    .refine((s) => {
      const [m = 0, d = 0] = s.split('-').map(Number)
      return d >= 1 && d <= (DAYS_IN[m - 1] ?? 0)
    }, `${what} is not a day of the year.`)
const NO_LATITUDE = 'Latitude lies between −66 and 66 degrees.'
const NO_LONGITUDE = 'Longitude lies between −180 and 180 degrees.'

/** A garden's own figures: where it lies and how it is measured. */
export const gardenSchema = z.object({
  name: nameSchema,
  place: z.object({
    town: z.string().trim().pipe(textSchema(120, 'A town’s name')),
    latitude: z.number().min(-66, NO_LATITUDE).max(66, NO_LATITUDE),
    longitude: z.number().min(-180, NO_LONGITUDE).max(180, NO_LONGITUDE),
    hardinessZone: z
      .string()
      .refine((s) => zoneNumber(s) !== null, 'A hardiness zone from 1a to 13b, for example 6b.'),
    /** Heat zone, 1 to 12, when the garden says it. */
    heatZone: z
      .number()
      .int('A heat zone is a whole number from 1 to 12.')
      .min(1, 'A heat zone from 1 to 12.')
      .max(12, 'A heat zone from 1 to 12.')
      .optional(),
    lastFrost: monthDay('The last frost'),
    firstFrost: monthDay('The first frost'),
  }),
  units: z.enum(['metric', 'imperial']),
  /** The country whose way of writing days, figures and money is followed; that of the units when left out. */
  region: z.enum(REGIONS, `A region is one of ${REGIONS.join(', ')}.`).optional(),
})
export type Garden = Frozen<z.infer<typeof gardenSchema>>
