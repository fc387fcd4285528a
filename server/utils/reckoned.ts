import type { H3Event } from 'h3'
import type { Result } from '../../core/result'
import { beside } from '../beside/beside'
import { rowsOfGarden } from '../services/gardenRows'
import type { ReckoningAsk, ReckoningName, ReckoningValue } from '../services/reckonings'
import { notFound, refuse, goneOf } from './answers'
import { plantsOf, useStore } from './store'
import { today } from './today'

/** Reckons something of a stored garden in a process beside the server, with the garden's name; refuses when there is no such garden. */
export async function reckoned<N extends ReckoningName>(
  event: H3Event,
  gardenId: string,
  what: N,
  ask?: ReckoningAsk<N>,
): Promise<{ readonly name: string; readonly value: ReckoningValue<N> }> {
  const store = await useStore()
  const rows = await rowsOfGarden(store.db, gardenId, plantsOf(store))
  if (!rows) throw notFound('garden')
  const done = await beside('reckon', { rows, what, now: today(), ask }, goneOf(event))
  return { name: rows.garden.value.name, value: valueOf(done) as ReckoningValue<N> }
}

/** What was made of a stored garden; refuses where it is too large for that. */
export function valueOf<T>(done: Result<T>): T {
  if (!done.ok) throw refuse(503, `This garden is very large, and ${done.error}`)
  return done.value
}
