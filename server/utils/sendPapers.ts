import { createReadStream } from 'node:fs'
import { mkdtemp, rm, stat } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { pipeline } from 'node:stream/promises'
import type { H3Event } from 'h3'
import { beside } from '../beside/beside'
import type { PapersJob } from '../services/makePapers'
import { refuse, goneOf } from './answers'
import { readFonts } from './readFonts'
import { valueOf } from './reckoned'

type Letters = ReadonlyMap<string, string>

/**
 * Makes papers of a garden as one PDF beside the server, so that it answers others meanwhile, and sends them from their file; `ready` is
 * told the letters on them before. Refuses when there is nothing to put on them, and when there is no room for them.
 */
export async function sendPapers(
  event: H3Event,
  job: Omit<PapersJob, 'fonts' | 'path'>,
  ready: (letters: Letters) => Promise<void> | void,
): Promise<void> {
  const folder = await mkdtemp(join(tmpdir(), 'amber-terrace-'))
  const path = join(folder, 'papers.pdf')
  try {
    const made = valueOf(await beside('papers', { ...job, fonts: await readFonts(), path }, goneOf(event)))
    if (made === 'nothing')
      throw refuse(404, 'There is nothing to put on these papers: choose other sheets or another bed.')
    if (made === 'no room')
      throw refuse(
        507,
        'There is no room on the server’s disk for these papers. Make room where temporary files are kept.',
      )
    await ready(made.letters)
    setResponseHeader(event, 'content-length', (await stat(path)).size)
    await pipeline(createReadStream(path), event.node.res).catch(leftHalfWay)
  } finally {
    await rm(folder, { recursive: true, force: true })
  }
}

/** Who left while they were sent does not want them any more: that is no failure. */
function leftHalfWay(error: NodeJS.ErrnoException) {
  if (error.code !== 'ERR_STREAM_PREMATURE_CLOSE') throw error
}
