import { expose } from 'comlink'
import { critique, type Critique } from '~~/core/judge'
import { type Mark, type MarkId, marksOf, totalOf } from '~~/core/marks'
import {
  type PlaceAsk,
  type Raise,
  raisesOf,
  type Suggestion,
  suggestionsOf,
  type Tried,
  triesOf,
} from '~~/core/mend'
import type { Plant } from '~~/core/plant'
import { makeScene, type SceneInput } from '~~/core/scene'

/** A scene as it is sent: the library goes once and is kept. */
export type SentScene = Omit<SceneInput, 'library'>

/** The marks of a state of a bed, and their whole. */
export interface MarkedState {
  readonly marks: readonly Mark[]
  readonly total: number
}
/** How a look is told, piece by piece. */
export interface Hears {
  marks(state: MarkedState): void
  tried(tried: Tried): void
}

let library: ReadonlyMap<string, Plant> = new Map()
let judged: Critique | null = null
let newest = 0
/** The place that was asked for last. */
let asked = 0
/** Nothing is worked on before this: the hand has the machine. */
let heldUntil = 0
const HOLD_MS = 600
/** Work rests as long as it took, and no less than this: the pictures are drawn meanwhile. */
const LEAST_REST_MS = 8

const rest = (ms: number) => new Promise((done) => setTimeout(done, ms))
const judge = (sent: SentScene) => critique(makeScene({ ...sent, library }))
function markedState({ scene, findings }: Critique): MarkedState {
  const marks = marksOf(scene, findings)
  return { marks, total: totalOf(marks) }
}

/** Works piece by piece with rests between; null when a newer ask has come. */
async function paced<T>(steps: Generator<number, T>, isLatest: () => boolean): Promise<T | null> {
  for (;;) {
    const began = performance.now()
    const step = steps.next()
    if (step.done) return step.value
    await rest(Math.max(LEAST_REST_MS, performance.now() - began))
    while (performance.now() < heldUntil) await rest(heldUntil - performance.now())
    if (!isLatest()) return null
  }
}

/** A newer look puts an end to work on an older one. */
const jobs = {
  library(plants: readonly Plant[]) {
    library = new Map(plants.map((p) => [p.id, p]))
  },
  /** The hand is at work: everything else rests a moment. */
  hold() {
    heldUntil = performance.now() + HOLD_MS
  },
  async look(
    number: number,
    sent: SentScene,
    accepted: readonly string[],
    marks: Hears['marks'],
    tried: Hears['tried'],
  ) {
    newest = number
    await rest(0)
    if (number !== newest) return
    const own = judge(sent)
    judged = own
    marks(markedState(own))
    for (const finding of own.findings) {
      if (accepted.includes(finding.id)) continue
      const found = await paced(triesOf(own, finding), () => number === newest)
      if (!found) return
      tried(found)
    }
  },
  async raises(number: number, mark: MarkId): Promise<readonly Raise[] | null> {
    return judged && number === newest ? paced(raisesOf(judged, mark), () => number === newest) : null
  },
  /** The marks of another state of the bed. */
  state: (sent: SentScene) => markedState(judge(sent)),
  /** What could stand at a place; null when another was asked for meanwhile. */
  async suggest(sent: SentScene, ask: PlaceAsk): Promise<readonly Suggestion[] | null> {
    const mine = ++asked
    await rest(0)
    return paced(suggestionsOf(judge(sent), ask), () => mine === asked)
  },
}
export type LookJobs = typeof jobs
expose(jobs)
