import type { Direction, PartnerAsk, Partnership, Swap } from '~~/core/match'
import type { Plant, SiteConditions } from '~~/core/plant'
import type { MatchAnswer, MatchRequest } from '~/workers/matchJobs'

const TIMEOUT_MS = 20_000
let worker: Worker | null = null
let nextId = 1
let sent: readonly Plant[] | null = null
const waiting = new Map<number, (answer: MatchAnswer) => void>()

type Ask = MatchRequest extends infer R ? (R extends MatchRequest ? Omit<R, 'id'> : never) : never

function send(ask: Ask): Promise<MatchAnswer> {
  if (!worker) {
    worker = new Worker(new URL('../workers/match.worker.ts', import.meta.url), { type: 'module' })
    worker.onmessage = ({ data }: MessageEvent<MatchAnswer>) => waiting.get(data.id)?.(data)
  }
  const id = nextId++
  return new Promise((done, fail) => {
    const timer = setTimeout(() => {
      waiting.delete(id)
      fail(new Error('The match took too long.'))
    }, TIMEOUT_MS)
    waiting.set(id, (answer) => {
      clearTimeout(timer)
      waiting.delete(id)
      if (answer.kind === 'error') fail(new Error(answer.message))
      else done(answer)
    })
    worker!.postMessage({ id, ...ask } as MatchRequest)
  })
}

async function withLibrary(plants: readonly Plant[]) {
  if (sent === plants) return
  sent = plants
  await send({ job: 'library', plants }).catch((error: unknown) => {
    sent = null
    throw error
  })
}

/** Partners of a plant or for an empty place, worked out in the match worker. */
export async function askPartners(plants: readonly Plant[], ask: PartnerAsk): Promise<readonly Partnership[]> {
  await withLibrary(plants)
  const answer = await send({ job: 'partners', ask })
  return answer.kind === 'partners' ? answer.partners : []
}

/** Stand-ins for a plant, worked out in the match worker. */
export async function askSwaps(
  plants: readonly Plant[],
  from: Plant,
  site: SiteConditions,
  direction: Direction,
  most = 6,
): Promise<readonly Swap[]> {
  await withLibrary(plants)
  const answer = await send({ job: 'swaps', from, site, direction, most })
  return answer.kind === 'swaps' ? answer.swaps : []
}
