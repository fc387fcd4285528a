import { describe, expect, it } from 'vitest'
import type { Here, LiveEvent } from '../../shared/live'
import type { Bus } from '../db/Db'
import { changedBy } from './changedBy'
import { GONE_AFTER_MS, LiveHub } from './LiveHub'

const here = (tab: string, view = 'compose'): Here => ({
  ...{ tab, view, bedId: 'b', driftId: null },
  ...{ name: tab, accountId: tab },
})
const changed = { what: 'bed', id: 'b', tab: 'w1', name: 'Rowan' }

/** Two servers of one database. */
function wired(): [Bus, Bus] {
  const ears: [((t: string) => void)[], ((t: string) => void)[]] = [[], []]
  const bus = (self: 0 | 1): Bus => ({
    send: (text) => ears[1 - self]!.forEach((ear) => ear(text)),
    hear: (ear) => void ears[self].push(ear),
  })
  return [bus(0), bus(1)]
}
function ear(hub: LiveHub, gardenId = 'g') {
  const events: LiveEvent[] = []
  const stop = hub.listen(gardenId, (e) => events.push(e))
  const tabs = () => events.flatMap((e) => (e.kind === 'here' ? [e.people.map((p) => p.tab).join(' ')] : []))
  return { events, tabs, stop }
}

describe('a garden that several look at', () => {
  it('tells all windows of all gardens, on all servers, of what befalls the whole store', () => {
    const [bus, other] = wired()
    const [hub, far] = [new LiveHub(bus), new LiveHub(other)]
    const ears = [ear(hub), ear(hub, 'elsewhere'), ear(far, 'far')]
    hub.tellAll({ ...changed, what: 'store' })
    for (const { events } of ears) expect(events.at(-1)).toMatchObject({ changed: { what: 'store' } })
  })

  it('knows that a window is gone when its last stream has ended, though it said nothing', () => {
    const hub = new LiveHub()
    const looker = ear(hub)
    const stream = () => hub.listen('g', () => undefined, 'w1')
    const [first, again] = [stream(), stream()]
    hub.say('g', here('w1'))
    hub.say('g', here('w2'))
    // A stream that was lost and opened anew: the window is still there.
    first()
    expect(looker.tabs().at(-1)).toBe('w1 w2')
    again()
    expect(looker.tabs().at(-1)).toBe('w2')
    expect(hub.here('g')).toMatchObject([{ tab: 'w2' }])
  })

  it('tells who is there, in the order in which they came, and what is changed, to that garden alone', () => {
    const hub = new LiveHub()
    const [one, other] = [ear(hub), ear(hub, 'elsewhere')]
    hub.say('g', here('w1'))
    hub.say('g', here('w2'))
    hub.say('g', here('w1', 'count'))
    hub.tell('g', changed)
    hub.left('g', 'w2')
    expect(one.tabs()).toEqual(['', 'w1', 'w1 w2', 'w1 w2', 'w1'])
    expect(one.events).toContainEqual({ kind: 'changed', gardenId: 'g', changed })
    expect(hub.here('g')).toMatchObject([{ view: 'count' }])
    expect(other.events).toHaveLength(1)
    one.stop()
    hub.tell('g', changed)
    expect(one.events.filter((e) => e.kind === 'changed')).toHaveLength(1)
    expect(hub.size).toBe(1)
  })

  it('forgets a window that says nothing any more', () => {
    let now = 0
    const hub = new LiveHub(undefined, () => now)
    hub.say('g', here('w1'))
    now = GONE_AFTER_MS - 1
    hub.say('g', here('w2'))
    expect(hub.here('g')).toHaveLength(2)
    now = GONE_AFTER_MS + 1
    expect(hub.here('g').map((p) => p.tab)).toEqual(['w2'])
  })

  it('on two servers of one database is one garden: who comes late learns who is there', () => {
    const [a, b] = wired()
    const [one, two] = [new LiveHub(a), new LiveHub(b)]
    const early = ear(one)
    one.say('g', here('w1'))
    const restarted = new LiveHub(b)
    const late = ear(restarted)
    restarted.say('g', here('w2'))
    expect(late.tabs().at(-1)).toBe('w1 w2')
    expect(early.tabs().at(-1)).toBe('w1 w2')
    two.tell('g', changed)
    expect(early.events.filter((e) => e.kind === 'changed')).toHaveLength(1)
  })

  it('hears of what changes something, and not of what only reckons', () => {
    const of = (method: string, path: string) => changedBy(method, `/api/${path}`)
    expect(of('POST', 'beds/b1/edits')).toEqual({ of: 'bed', id: 'b1', what: 'bed' })
    expect(of('DELETE', 'beds/b1')).toEqual({ of: 'bed', id: 'b1', what: 'bed' })
    expect(of('PUT', 'gardens/g1/site')).toEqual({ of: 'garden', id: 'g1', what: 'site' })
    expect(of('PUT', 'gardens/g1')).toEqual({ of: 'garden', id: 'g1', what: 'garden' })
    expect(of('POST', 'gardens/g1/care-ticks')).toMatchObject({ what: 'care-ticks' })
    expect(of('PUT', 'gardens/g1/plants/some-id/picture')).toMatchObject({ what: 'plants' })
    expect(of('POST', 'backups/restore')).toMatchObject({ of: 'store' })
    for (const [method, path] of [
      ['POST', 'backups'],
      ['GET', 'gardens/g1/site'],
      ['PUT', 'beds/b1/picture'],
      ['POST', 'gardens/g1/here'],
      ['POST', 'gardens/g1/prices'],
      ['POST', 'gardens/archive'],
      ['POST', 'gardens'],
      ['POST', 'sign-in'],
    ] as const)
      expect([path, of(method, path)]).toEqual([path, null])
  })
})
