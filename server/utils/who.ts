import { randomBytes } from 'node:crypto'
import { chmodSync, existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import type { H3Event, SessionConfig } from 'h3'
import type { Role } from '../../shared/peopleSchema'
import { dataFolderPath } from '../db/dataFolder'
import { mayAs } from '../people/policy'
import type { Account } from '../db/queries/accounts'

export const LOCAL: Who = { local: true, account: null, roles: {} }

/** Whether who asks may do everything. */
export const isStoreOwner = ({ local, account }: Who) => local || account?.owner === true
export const mayIn = (who: Who, gardenId: string, role: Role) =>
  isStoreOwner(who) || mayAs(who.roles[gardenId], role)
/** Whether who asks may make gardens and bring plants in. */
export const isDesigner = (who: Who) =>
  isStoreOwner(who) || Object.values(who.roles).some((r) => mayAs(r, 'designer'))

/** Gardens that who asks may see; null: all of them. */
export const gardensSeen = (who: Who): readonly string[] | null =>
  isStoreOwner(who) ? null : Object.keys(who.roles)

/** Refuses who may not even look at a garden, as if there were none. */
export function mustSee(event: H3Event, gardenId: string | undefined) {
  if (gardenId !== undefined && !mayIn(whoOf(event), gardenId, 'viewer')) throw notFound('garden')
}

/** What a sealed session holds. */
export interface Signed {
  readonly accountId?: string
  readonly sessions?: number
}
const WEEK_S = 7 * 86_400
let key = ''

/** The key that sessions are sealed with: made once, kept beside the data for its owner alone. */
function sessionKey(): string {
  if (key) return key
  const folder = dataFolderPath()
  const path = join(folder, 'session.key')
  if (!existsSync(path)) {
    mkdirSync(folder, { recursive: true })
    writeFileSync(path, randomBytes(48).toString('base64'), { mode: 0o600 })
    chmodSync(path, 0o600)
  }
  return (key = readFileSync(path, 'utf8'))
}

export const sessionConfig = (): SessionConfig => ({
  password: sessionKey(),
  name: 'amber',
  maxAge: WEEK_S,
  sessionHeader: false,
  cookie: {
    httpOnly: true,
    sameSite: 'strict',
    path: '/',
    secure: process.env.AMBER_HTTPS === '1',
    maxAge: WEEK_S,
  },
})
/** Who asks: this machine itself, or an account with its roles by garden. */
export interface Who {
  readonly local: boolean
  readonly account: Account | null
  readonly roles: Readonly<Record<string, Role>>
}
/** Who asks, as the middleware found. */
export const whoOf = (event: H3Event): Who => event.context.who as Who
