import type { Drift } from '~~/core/model'
import { clamp } from '~~/core/geometry'
import type { Axis } from './useAxis'
import type { Gone, HandAt } from './useDrag'
import type { ScoreBlock } from './useScoreBlocks'

/** Most plants a block is drawn out to. */
const MOST_PLANTS = 500
/** A plant takes no less than this of a block that is drawn out, px. */
const LEAST_PX = 4

/** What of a drift the hand changes at a block of the score. */
type Change = Partial<Pick<Drift, 'at' | 'lane' | 'count'>>

interface Carried {
  readonly block: HTMLElement
  readonly key: string
  readonly isDrawnOut: boolean
  /** Where the hand was with the last move made, px from where it began. */
  readonly dx: number
  /** How much of the hand's way the block went with that move: none where its neighbours leave it no room. */
  readonly follows: number
}

/** Blocks of the score under the hand: dragged along and into other lanes, drawn out at their grip. Blocks name theirs by `data-block`. */
export function useBlockHand(
  score: Readonly<Ref<HTMLElement | null>>,
  given: { axis: () => Axis; laneHeight: () => number; blocks: () => readonly ScoreBlock[] },
) {
  const store = useBedStore()
  const compose = useComposeStore()
  const { change, within } = useChosen()
  let held: { readonly drift: Drift; readonly changed: (by: Gone) => Change } | null = null
  /** The block under the hand, and how it goes with the hand before its move is made. */
  let carried: Carried | null = null

  const pxPerM = () => given.axis().score.pxPerM

  /** Where a drift dragged by so many pixels comes to stand. */
  const moved =
    ({ at, lane }: Drift) =>
    ({ dx, dy }: Gone): Change => {
      const last = (store.bed?.laneShares.length ?? 1) - 1
      const to = lane + Math.round(dy / (given.laneHeight() + 3))
      return { at: within(at + dx / pxPerM()), lane: Math.min(last, Math.max(0, to)) }
    }
  /** Plants a stretch longer by dx holds, and the middle that keeps the left end where it was. */
  const stretched =
    ({ at, count }: Drift, widthPx: number) =>
    ({ dx }: Gone): Change => {
      const each = widthPx / count
      const now = Math.max(1, Math.min(MOST_PLANTS, count + Math.round(dx / Math.max(LEAST_PX, each))))
      return { count: now, at: within(at + ((now - count) * each) / 2 / pxPerM()) }
    }

  function begin({ target }: HandAt): boolean {
    const under = target.closest<HTMLElement>('[data-block]')
    const key = under?.dataset.block
    const block = given.blocks().find((b) => b.face.key === key)
    if (!block) return false
    const {
      width,
      face: { drift },
    } = block
    const isDrawnOut = target.closest('.grip') !== null
    held = { drift, changed: isDrawnOut ? stretched(drift, width || 1) : moved(drift) }
    carried = { block: under!, key: block.face.key, isDrawnOut, dx: 0, follows: 1 }
    return true
  }
  /** With the first move, so that its card, which waits for the hand to let go, is not fetched before. */
  function chooseHeld({ id }: Drift) {
    const isChosen = compose.driftId === id && compose.plantId === null
    if (!compose.many.includes(id) && !isChosen) compose.choose(id)
  }
  function lead({ dx }: Gone): boolean {
    if (!carried) return false
    const { isDrawnOut, follows, block } = carried
    if (isDrawnOut) block.style.width = dx === 0 ? '' : `calc(100% + ${dx}px)`
    else block.style.translate = dx === 0 ? '' : `${dx * follows}px`
    return true
  }
  const leftOf = (key: string) => given.blocks().find((b) => b.face.key === key)?.left ?? 0
  function move(_: HandAt, by: Gone) {
    if (!held || !carried) return
    const from = leftOf(carried.key)
    chooseHeld(held.drift)
    store.preview({ kind: 'changeDrift', driftId: held.drift.id, change: held.changed(by) })
    const gone = by.dx - carried.dx
    const follows = gone === 0 ? carried.follows : clamp((leftOf(carried.key) - from) / gone, 0, 1)
    carried = { ...carried, dx: by.dx, follows }
  }
  useDrag(
    score,
    {
      begin,
      lead,
      move,
      end(_, by) {
        if (!held) return
        chooseHeld(held.drift)
        change(held.drift.id, held.changed(by))
      },
      cancel: () => store.preview(null),
    },
    '[data-block]',
  )
}
