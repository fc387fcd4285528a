import { critique, type Critique } from '~~/core/judge'
import { type MarkId, marksOf, totalOf } from '~~/core/marks'
import { type PlaceAsk, raisesOf, suggestionsOf, triesOf } from '~~/core/mend'
import type { Plant } from '~~/core/plant'
import { makeScene } from '~~/core/scene'
import type { LookAnswer, LookRequest, SentScene } from './lookJobs'

let library: ReadonlyMap<string, Plant> = new Map()
let judged: Critique | null = null
let newest = 0
/** Nothing is worked on before this: the hand has the machine. */
let heldUntil = 0
const HOLD_MS = 600
/** Work rests as long as it took, and no less than this: the pictures are drawn meanwhile. */
const LEAST_REST_MS = 8

const say = (answer: LookAnswer) => postMessage(answer)
const rest = (ms: number) => new Promise((done) => setTimeout(done, ms))

onmessage = ({ data }: MessageEvent<LookRequest>) => {
  void work(data).catch((error: unknown) => {
    const message = error instanceof Error ? error.message : String(error)
    say({ kind: 'error', number: newest, message })
  })
}

async function work(request: LookRequest): Promise<void> {
  switch (request.job) {
    case 'library':
      library = new Map(request.plants.map((p) => [p.id, p]))
      return
    case 'hold':
      heldUntil = performance.now() + HOLD_MS
      return
    case 'look':
      newest = request.number
      return look(request.scene, request.number, new Set(request.accepted))
    case 'raises':
      return raise(request.mark, request.number)
    case 'state': {
      const other = critique(makeScene({ ...request.scene, library }))
      const marks = marksOf(other.scene, other.findings)
      return say({ kind: 'state', number: request.number, marks, total: totalOf(marks) })
    }
    case 'suggest':
      asked = request.number
      return suggest(request.scene, request.ask, request.number)
  }
}

async function look(sent: SentScene, number: number, accepted: ReadonlySet<string>) {
  await rest(0)
  if (number !== newest) return
  const own = critique(makeScene({ ...sent, library }))
  judged = own
  const marks = marksOf(own.scene, own.findings)
  say({ kind: 'marks', number, marks, total: totalOf(marks) })
  for (const finding of own.findings) {
    if (accepted.has(finding.id)) continue
    const tried = await paced(triesOf(own, finding), number)
    if (!tried) return
    say({ kind: 'tried', number, tried })
  }
}

async function raise(mark: MarkId, number: number) {
  if (!judged || number !== newest) return
  const raises = await paced(raisesOf(judged, mark), number)
  if (raises) say({ kind: 'raises', number, mark, raises })
}

/** The place that was asked for last. */
let asked = 0

async function suggest(sent: SentScene, ask: PlaceAsk, number: number) {
  await rest(0)
  const found = await paced(suggestionsOf(critique(makeScene({ ...sent, library })), ask), number, () => asked)
  if (found) say({ kind: 'suggestions', number, suggestions: found })
}

/** Works piece by piece with rests between; null when a newer scene has come. */
async function paced<T>(steps: Generator<number, T>, number: number, latest = () => newest): Promise<T | null> {
  for (;;) {
    const began = performance.now()
    const step = steps.next()
    if (step.done) return step.value
    await rest(Math.max(LEAST_REST_MS, performance.now() - began))
    while (performance.now() < heldUntil) await rest(heldUntil - performance.now())
    if (number !== latest()) return null
  }
}
