import { partners, swaps } from '~~/core/match'
import type { Plant } from '~~/core/plant'
import type { MatchAnswer, MatchRequest } from './matchJobs'

let library: readonly Plant[] = []

onmessage = ({ data }: MessageEvent<MatchRequest>) => {
  try {
    postMessage(answer(data))
  } catch (error) {
    postMessage({
      id: data.id,
      kind: 'error',
      message: error instanceof Error ? error.message : String(error),
    } satisfies MatchAnswer)
  }
}

function answer(request: MatchRequest): MatchAnswer {
  switch (request.job) {
    case 'library':
      library = request.plants
      return { id: request.id, kind: 'done' }
    case 'partners':
      return { id: request.id, kind: 'partners', partners: partners(library, request.ask) }
    case 'swaps':
      return {
        id: request.id,
        kind: 'swaps',
        swaps: swaps(library, request.from, request.site, request.direction, request.most),
      }
  }
}
