import type { Drift } from '~~/core/bed'
import type { Axis } from './useAxis'
import type { HandAt } from './useDrag'
import type { ScoreBlock } from './useScoreBlocks'

/** Most plants a block is drawn out to. */
const MOST_PLANTS = 500
/** A plant takes no less than this of a block that is drawn out, px. */
const LEAST_PX = 4

/** What of a drift the hand changes at a block of the score. */
type Change = Partial<Pick<Drift, 'at' | 'lane' | 'count'>>
interface Move {
  readonly dx: number
  readonly dy: number
}

/** Blocks of the score under the hand: dragged along and into other lanes, drawn out at their grip. Blocks name theirs by `data-block`. */
export function useBlockHand(
  score: Readonly<Ref<HTMLElement | null>>,
  given: { axis: () => Axis; laneHeight: () => number; blocks: () => readonly ScoreBlock[] },
) {
  const store = useBedStore()
  const compose = useComposeStore()
  const { change, within } = useChosen()
  let held: { readonly drift: Drift; readonly changed: (by: Move) => Change } | null = null

  const pxPerM = () => given.axis().score.pxPerM

  /** Where a drift dragged by so many pixels comes to stand. */
  const moved =
    ({ at, lane }: Drift) =>
    ({ dx, dy }: Move): Change => {
      const last = (store.bed?.laneShares.length ?? 1) - 1
      const to = lane + Math.round(dy / (given.laneHeight() + 3))
      return { at: within(at + dx / pxPerM()), lane: Math.min(last, Math.max(0, to)) }
    }
  /** Plants a stretch longer by dx holds, and the middle that keeps the left end where it was. */
  const stretched =
    ({ at, count }: Drift, widthPx: number) =>
    ({ dx }: Move): Change => {
      const each = widthPx / count
      const now = Math.max(1, Math.min(MOST_PLANTS, count + Math.round(dx / Math.max(LEAST_PX, each))))
      return { count: now, at: within(at + ((now - count) * each) / 2 / pxPerM()) }
    }

  function begin({ target }: HandAt): boolean {
    const key = target.closest<HTMLElement>('[data-block]')?.dataset.block
    const block = given.blocks().find((b) => b.face.key === key)
    if (!block) return false
    const {
      width,
      face: { drift },
    } = block
    held = { drift, changed: target.closest('.grip') ? stretched(drift, width || 1) : moved(drift) }
    if (!compose.many.includes(drift.id)) compose.choose(drift.id)
    return true
  }
  useDrag(
    score,
    {
      begin,
      move: (_, by) =>
        held && store.preview({ kind: 'changeDrift', driftId: held.drift.id, change: held.changed(by) }),
      end: (_, by) => held && change(held.drift.id, held.changed(by)),
      cancel: () => store.preview(null),
    },
    '[data-block]',
  )
}
