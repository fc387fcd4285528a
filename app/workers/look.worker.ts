import { critique, type Critique } from '~~/core/judge'
import { marksOf, totalOf } from '~~/core/marks'
import { raises, tryMends } from '~~/core/mend'
import type { Plant } from '~~/core/plant'
import { makeScene } from '~~/core/scene'
import type { LookAnswer, LookRequest } from './lookJobs'

let library: ReadonlyMap<string, Plant> = new Map()
let judged: Critique | null = null
let newest = 0

const say = (answer: LookAnswer) => postMessage(answer)
/** Lets messages in between two pieces of work. */
const breath = () => new Promise((done) => setTimeout(done, 0))

onmessage = ({ data }: MessageEvent<LookRequest>) => {
  void work(data).catch((error: unknown) => {
    const message = error instanceof Error ? error.message : String(error)
    say({ kind: 'error', number: data.job === 'library' ? 0 : data.number, message })
  })
}

async function work(request: LookRequest) {
  if (request.job === 'library') {
    library = new Map(request.plants.map((p) => [p.id, p]))
    return
  }
  if (request.job === 'raises') {
    if (judged && request.number === newest)
      say({ kind: 'raises', number: newest, mark: request.mark, raises: raises(judged, request.mark) })
    return
  }
  const { number, accepted } = request
  newest = number
  await breath()
  if (number !== newest) return
  const scene = makeScene({ ...request.scene, library })
  const own = critique(scene)
  judged = own
  const marks = marksOf(scene, own.findings)
  say({ kind: 'marks', number, marks, total: totalOf(marks) })
  const left = new Set(accepted)
  for (const finding of own.findings.filter((f) => !left.has(f.id))) {
    await breath()
    if (number !== newest) return
    say({ kind: 'tried', number, tried: tryMends(own, finding) })
  }
}
