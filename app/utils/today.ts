import { dayOf } from '~~/core/time'

/** The day it is where the browser stands. */
export const today = () => dayOf(new Date())
