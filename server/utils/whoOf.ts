import type { H3Event } from 'h3'
import type { Who } from './who'

/** Who asks, as the middleware found. */
export const whoOf = (event: H3Event): Who => event.context.who as Who
