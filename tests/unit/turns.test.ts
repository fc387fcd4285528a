import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { createTurns } from '../../app/utils/turns'

/** A page whose clock goes on only by what is made in it, and whose frames end when the test says so. */
function page() {
  let now = 0
  let waiting: (() => void) | null = null
  const made: string[] = []
  let done = 0
  const turns = createTurns({
    now: () => now,
    settled: () => Promise.resolve(),
    afterFrame: (go) => (waiting = go),
    done: () => done++,
  })
  const work = (name: string, ms: number) => () => {
    made.push(name)
    now += ms
  }
  const still = async () => {
    for (let i = 0; i < 20; i++) await Promise.resolve()
  }
  async function frame() {
    await still()
    const go = waiting
    waiting = null
    go?.()
    await still()
    return go !== null
  }
  async function frames() {
    let many = 0
    while (await frame()) many++
    return many
  }
  return { turns, made, work, still, frame, frames, spend: (ms: number) => (now += ms), doneTimes: () => done }
}

describe('turns', () => {
  it('a move that does not show by itself is made at once, one that does waits until it is known to fit', async () => {
    const { turns, made, work, still, frame } = page()
    turns.move(work('a', 3), false)
    await still()
    expect(made).toEqual(['a'])
    const other = page()
    other.turns.move(other.work('a', 3), true)
    await other.still()
    expect(other.made).toEqual([])
    await other.frame()
    expect(other.made).toEqual(['a'])
    other.turns.move(other.work('b', 3), true)
    await other.still()
    expect(other.made).toEqual(['a', 'b'])
    expect(await frame()).toBe(false)
  })

  it('a move that took long waits for the end of the frame; only the last of those that wait is made', async () => {
    const { turns, made, work, still, frame } = page()
    turns.move(work('a', 9), true)
    await frame()
    turns.move(work('b', 9), true)
    turns.move(work('c', 9), true)
    await still()
    expect(made).toEqual(['a'])
    await frame()
    expect(made).toEqual(['a', 'c'])
  })

  it('what fits is made in one frame: on a quick machine a move and all its pictures', async () => {
    const { turns, made, work, still, frames } = page()
    const [plan, front] = [work('plan', 1), work('front', 1)]
    const move = (name: string) =>
      turns.move(() => {
        work(name, 1)()
        turns.draw(plan)
        turns.draw(front)
      }, true)
    move('a')
    await frames()
    move('b')
    await still()
    expect(made).toEqual(['a', 'plan', 'front', 'b', 'plan', 'front'])
  })

  it('pictures of a move come before the next move, each after a frame where there is no room', async () => {
    const { turns, made, work, still, frame } = page()
    const [plan, front] = [work('plan', 6), work('front', 6)]
    const move = (name: string) =>
      turns.move(() => {
        work(name, 6)()
        turns.draw(plan)
        turns.draw(front)
      }, true)
    move('a')
    const seen: string[][] = []
    for (const name of ['b', 'c', 'd', 'e', 'f']) {
      await frame()
      seen.push(made.splice(0))
      move(name)
      await still()
    }
    expect(seen).toEqual([['a'], ['plan'], ['front'], ['d'], ['plan']])
  })

  it('a hand that lets go makes no move any more, and the pictures of the last are drawn', async () => {
    const { turns, made, work, frames, doneTimes } = page()
    const plan = work('plan', 6)
    turns.move(() => {
      work('a', 6)()
      turns.draw(plan)
    }, false)
    turns.move(work('b', 6), true)
    turns.drop()
    await frames()
    expect(made).toEqual(['a', 'plan'])
    expect(doneTimes()).toBe(1)
  })

  it('a picture drawn meanwhile is not drawn again', async () => {
    const { turns, made, work, frames } = page()
    const plan = work('plan', 6)
    turns.draw(plan)
    turns.isDrawn(plan)
    await frames()
    expect(made).toEqual([])
  })

  it('work that fails holds up nothing', async () => {
    const { turns, made, work, still } = page()
    const fails = new Promise((told) => process.once('unhandledRejection', told))
    turns.move(() => {
      throw new Error('no room')
    }, false)
    await fails
    turns.move(work('b', 1), false)
    await still()
    expect(made).toEqual(['b'])
  })

  it('whatever comes when: the last move is made, every picture after it, and the row ends', async () => {
    const step = fc.record({
      what: fc.constantFrom('move', 'frame', 'spend'),
      ms: fc.integer({ min: 0, max: 12 }),
      shows: fc.boolean(),
    })
    await fc.assert(
      fc.asyncProperty(fc.array(step, { maxLength: 30 }), async (steps) => {
        const { turns, made, work, still, frame, frames, spend } = page()
        const pictures = [work('plan', 4), work('front', 7)]
        let last = ''
        for (const [i, { what, ms, shows }] of steps.entries()) {
          if (what === 'frame') await frame()
          else if (what === 'spend') spend(ms)
          else {
            last = `move ${i}`
            const name = last
            turns.move(() => {
              work(name, ms)()
              pictures.forEach(turns.draw)
            }, shows)
          }
          if (ms % 2 === 0) await still()
        }
        expect(await frames()).toBeLessThan(8)
        const moves = made.filter((m) => m.startsWith('move'))
        if (last !== '') expect(made.slice(made.lastIndexOf(last))).toEqual([last, 'plan', 'front'])
        expect(new Set(moves).size).toBe(moves.length)
      }),
    )
  })
})
