import type { H3Event } from 'h3'
import { beside } from '../beside/beside'
import type { PapersJob, PapersMade } from '../services/makePapers'
import { goneOf } from './goneOf'
import { readFonts } from './readFonts'
import { valueOf } from './reckoned'

/** Papers of a garden as one PDF, made beside the server so that it answers others meanwhile; null when there is nothing to put on them. */
export async function papersMade(event: H3Event, job: Omit<PapersJob, 'fonts'>): Promise<PapersMade | null> {
  return valueOf(await beside('papers', { ...job, fonts: await readFonts() }, goneOf(event)))
}
