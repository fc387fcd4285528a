import { z } from 'zod'
import { nameSchema } from '../core/model'

/** What an account may do in a garden: everything; edit it; tick and log; look. */
export const ROLES = ['owner', 'designer', 'helper', 'viewer'] as const
export type Role = (typeof ROLES)[number]

const loginSchema = z
  .string()
  .trim()
  .toLowerCase()
  .regex(/^[a-z0-9][a-z0-9._@+-]{1,79}$/, 'A login of 2 to 80 small letters, digits and . _ @ + -, such as rowan.')
export const passwordSchema = z
  .string()
  .min(10, 'A password has at least 10 characters: a few words do well.')
  .max(200, 'A password has at most 200 characters.')

export const signInSchema = z.object({ login: z.string().max(80), password: z.string().max(200) })
export const newAccountSchema = z.object({
  login: loginSchema,
  name: nameSchema,
  password: passwordSchema,
  owner: z.boolean().default(false),
})
export const changePasswordSchema = z.object({ old: z.string().max(200), password: passwordSchema })
export const setRoleSchema = z.object({
  accountId: z.string().max(80),
  gardenId: z.string().max(80),
  role: z.enum(ROLES).nullable(),
})
