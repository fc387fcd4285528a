import { z } from 'zod'

const many = (what: string) =>
  z.number().int(`${what} is a whole number.`).min(0, `${what} is at least 0.`).max(366, `${what} is at most 366.`)

/** How many of the latest days, weeks and months keep a backup. */
export const keepRuleSchema = z
  .object({ daily: many('Days'), weekly: many('Weeks'), monthly: many('Months') })
  .refine((r) => r.daily + r.weekly + r.monthly > 0, 'At least one backup must be kept.')
