import type { H3Event } from 'h3'
import type { Role } from '../../shared/peopleSchema'
import type { Account } from '../db/queries/accounts'

/** Who asks, as the middleware found. */
export const whoOf = (event: H3Event): Who => event.context.who as Who
/** Who asks: this machine itself, or an account with its roles by garden. */
export interface Who {
  readonly local: boolean
  readonly account: Account | null
  readonly roles: Readonly<Record<string, Role>>
}
