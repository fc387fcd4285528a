import { createTurns, type Turns } from '~/utils/turns'

/** What a bench reads: all pictures show the last move of the hand. */
const FOLLOWED = 'hand-followed'

let turns: Turns | undefined
let port: MessagePort | undefined
let go = () => {}

/** A message is answered when the frame that is being made is done. */
function afterFrame(then: () => void) {
  go = then
  if (!port) {
    const channel = new MessageChannel()
    channel.port1.onmessage = () => go()
    port = channel.port2
  }
  port.postMessage(0)
}

/** The one row of turns in which moves of the hand and their pictures are made. */
export const useTurns = (): Turns =>
  (turns ??= createTurns({
    now: () => performance.now(),
    settled: nextTick,
    afterFrame,
    done() {
      performance.clearMarks(FOLLOWED)
      performance.mark(FOLLOWED)
    },
  }))

/** For the effect that draws a picture: whether it may now. While the hand moves something it waits until its turn calls it again. */
export function useTurn(): () => boolean {
  const turns = useTurns()
  const store = useBedStore()
  const turn = ref(0)
  let isCalled = false
  const call = () => {
    isCalled = true
    turn.value++
  }
  return () => {
    void turn.value
    if (store.dragging && !isCalled) {
      turns.draw(call)
      return false
    }
    isCalled = false
    turns.isDrawn(call)
    return true
  }
}
