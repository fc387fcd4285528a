/** How long a frame may work for the hand before the rest is put off until after it, ms; what is left of it the browser needs. */
const ROOM_MS = 5

type Work = () => void

/** What the turns ask of the world: a clock, when all that follows from a work is made, and a time after the frame. */
export interface World {
  readonly now: () => number
  readonly settled: () => Promise<unknown>
  readonly afterFrame: (go: Work) => void
  /** All that was asked for is made. */
  readonly done?: Work
}

/** What follows the hand, turn by turn: a move, then its pictures, each at once while the frame has room for it, else after the frame. */
export interface Turns {
  /** A move of the hand; of those that wait only the last is made. One that shows by itself may wait from the first. */
  readonly move: (work: Work, showsItself: boolean) => void
  /** A picture that the last move changed. */
  readonly draw: (picture: Work) => void
  /** A picture is drawn without its turn. */
  readonly isDrawn: (picture: Work) => void
  /** The hand has let go: a move that waits is not made. */
  readonly drop: () => void
}

export function createTurns(world: World): Turns {
  let move: Work | null = null
  const pictures = new Set<Work>()
  /** How long each took when it was last made, ms; all moves are one. */
  const drawnIn = new WeakMap<Work, number>()
  let movedIn = Infinity
  let isWorking = false
  let isPutOff = false

  /** Pictures before the next move: none is left behind while the hand goes on. */
  const next = (): Work | null => pictures.values().next().value ?? move
  const lastMs = (turn: Work) => (turn === move ? movedIn : (drawnIn.get(turn) ?? Infinity))
  async function make(turn: Work) {
    const from = world.now()
    const isMove = turn === move
    if (isMove) move = null
    else pictures.delete(turn)
    turn()
    await world.settled()
    if (isMove) movedIn = world.now() - from
    else drawnIn.set(turn, world.now() - from)
  }

  /** `least`: how many turns are made whatever they take. */
  async function work(least: number) {
    if (isWorking) return
    isWorking = true
    const until = world.now() + ROOM_MS
    try {
      for (let turn = next(); turn; turn = next()) {
        if (least-- <= 0 && world.now() + lastMs(turn) > until) break
        await make(turn)
      }
    } finally {
      isWorking = false
    }
    if (next()) putOff()
    else world.done?.()
  }
  function putOff() {
    if (isPutOff) return
    isPutOff = true
    world.afterFrame(() => {
      isPutOff = false
      void work(1)
    })
  }

  return {
    move(asked, showsItself) {
      move = asked
      void work(showsItself ? 0 : 1)
    },
    draw(picture) {
      pictures.add(picture)
      if (!isWorking) putOff()
    },
    isDrawn: (picture) => pictures.delete(picture),
    drop: () => (move = null),
  }
}
