import type { H3Event } from 'h3'
import { beside } from '../beside/beside'
import type { PapersJob, PapersMade } from '../services/makePapers'
import { refuse } from './answers'
import { goneOf } from './goneOf'
import { readFonts } from './readFonts'

/** Papers of a garden as one PDF, made beside the server so that it answers others meanwhile; null when there is nothing to put on them. */
export async function papersMade(event: H3Event, job: Omit<PapersJob, 'fonts'>): Promise<PapersMade | null> {
  const done = await beside('papers', { ...job, fonts: await readFonts() }, goneOf(event))
  if (!done.ok) throw refuse(503, `This garden is very large, and ${done.error}`)
  return done.value
}
