import { dayOf } from '../../core/time'

/** The day it is where the server stands. */
export const today = () => dayOf(new Date())
