import { describe, expect, it } from 'vitest'
import { type Bed, type Site, type Thing, siteSchema } from '../model'
import { EMPTY_SITE, newThing, resolveSite, surroundingsOf } from '../site'
import { critique } from './critique'
import { makeScene } from '../scene'
import type { Finding } from './finding'
import { lightOver } from '../../tests/support/lightOver'
import { climate, demo, demoBed, drift, library, testBed } from '../../tests/support/library'

/** A bed 10 × 3 m before a wall on the sheet's x axis, seen looking north. */
const siteWith = (...things: Thing[]): Site => ({
  ...EMPTY_SITE,
  things,
  beds: [{ bedId: 'b', at: { x: 0, y: 0 }, lookDeg: 0, baseM: 0 }],
})
function judge(bed: Bed, site: Site, id = 'b', withLight = false): readonly Finding[] {
  const placed = resolveSite(site)
  const light = withLight ? lightOver(bed, placed, id) : null
  return critique(
    makeScene({ bed, library, climate, hardinessZone: '6b', light, surroundings: surroundingsOf(placed, id) }),
  ).findings
}
const ids = (list: readonly Finding[]) => list.map((f) => f.id)
const thing = (kind: Parameters<typeof newThing>[0], change: object): Thing =>
  ({ ...newThing(kind, `${kind}-1`, { x: 0, y: 0 }), ...change }) as Thing

describe('cautions from round a bed', () => {
  const hedge = testBed({ drifts: [drift('a', 'physocarpus-opulifolius-diabolo', 0, 5, 3)] })
  it('dig near a service, and not far from one', () => {
    expect(
      ids(
        judge(
          hedge,
          siteWith(
            thing('service', {
              service: 'gas',
              line: [
                { x: -5, y: -1 },
                { x: 15, y: -1 },
              ],
            }),
          ),
        ),
      ),
    ).toContain('around:dig:service-1')
    expect(
      ids(
        judge(
          hedge,
          siteWith(
            thing('service', {
              service: 'gas',
              line: [
                { x: -5, y: -6 },
                { x: 15, y: -6 },
              ],
            }),
          ),
        ),
      ),
    ).not.toContain('around:dig:service-1')
  })
  it('a tree near a building, and under a line', () => {
    const tree = testBed({ drifts: [drift('t', 'amelanchier-x-grandiflora', 0, 5)] })
    const found = judge(
      tree,
      siteWith(
        thing('building', {
          outline: [
            { x: 0, y: 0 },
            { x: 10, y: 0 },
            { x: 10, y: 5 },
            { x: 0, y: 5 },
          ],
        }),
        thing('service', {
          service: 'overhead',
          depthM: 5,
          line: [
            { x: -5, y: -2 },
            { x: 15, y: -2 },
          ],
        }),
      ),
    )
    expect(ids(found)).toEqual(
      expect.arrayContaining([
        'around:building:amelanchier-x-grandiflora',
        'around:line:service-1:amelanchier-x-grandiflora',
      ]),
    )
    expect(found.find((f) => f.id.startsWith('around:building'))!.reason).toContain(
      'licensed professional and the local code',
    )
  })
  it('tall planting in a sight triangle, and a plant across a door', () => {
    const street = thing('surface', {
      id: 's',
      cover: 'street',
      outline: [
        { x: -9, y: -8 },
        { x: 20, y: -8 },
        { x: 20, y: -3.2 },
        { x: -9, y: -3.2 },
      ],
    })
    const drive = thing('surface', {
      id: 'd',
      cover: 'drive',
      outline: [
        { x: 10.2, y: -3.2 },
        { x: 13, y: -3.2 },
        { x: 13, y: 9 },
        { x: 10.2, y: 9 },
      ],
    })
    const corner = testBed({ drifts: [drift('a', 'physocarpus-opulifolius-diabolo', 0, 9.2)] })
    expect(ids(judge(corner, siteWith(street, drive))).some((id) => id.startsWith('around:sight'))).toBe(true)
    const house = thing('building', {
      outline: [
        { x: 0, y: 0 },
        { x: 10, y: 0 },
        { x: 10, y: 5 },
        { x: 0, y: 5 },
      ],
      openings: [{ id: 'door', side: 0, alongM: 4.5, widthM: 1, sillM: 0, headM: 2 }],
    })
    expect(ids(judge(hedge, siteWith(house)))).toContain('around:door:0')
  })
})

describe('views', () => {
  const target = (wish: 'keep' | 'hide') =>
    siteWith(
      thing('viewpoint', { id: 'v', at: { x: 5, y: -6 }, eyeM: 1.6 }),
      thing('target', { wish, seenFrom: 'v', at: { x: 5, y: 12 }, widthM: 2, fromM: 0.5, toM: 1.5 }),
    )
  const tall = testBed({
    wall: null,
    form: { kind: 'screen' },
    drifts: [drift('a', 'taxus-x-media-hicksii', 0, 5, 6)],
  })
  const low = testBed({ wall: null, form: { kind: 'screen' }, drifts: [drift('a', 'alchemilla-mollis', 0, 5, 4)] })
  it('a view to keep is closed by tall planting and left open by low', () => {
    expect(ids(judge(tall, target('keep')))).toContain('keep-open:target-1')
    expect(ids(judge(low, target('keep')))).not.toContain('keep-open:target-1')
  })
  it('a view to hide is hidden by tall planting, and said when it is not', () => {
    const says = (bed: Bed) => judge(bed, target('hide')).find((f) => f.id === 'keep-open:target-1')
    expect(says(low)!.title).toMatch(/^Does not hide/)
    expect(says(low)!.figures[0]!.value).toBeLessThan(20)
    expect(says(tall)?.title ?? 'hidden in time').not.toMatch(/^Does not hide/)
  })
})

describe('light of each plant’s own place', () => {
  it('a shade plant burns on the open side and not behind the fence', () => {
    const bed = testBed({
      wall: null,
      ground: { ...testBed().ground, sunByHand: false, water: 'average' },
      drifts: [
        drift('a', 'polystichum-acrostichoides', 1, 1, 2),
        drift('b', 'polystichum-acrostichoides', 1, 9, 2),
      ],
    })
    const house = thing('building', {
      outline: [
        { x: 7, y: -12 },
        { x: 13, y: -12 },
        { x: 13, y: -3.2 },
        { x: 7, y: -3.2 },
      ],
      eaveM: 9,
      roof: { kind: 'flat' },
    })
    const found = judge(bed, siteWith(house), 'b', true).find((f) => f.rule === 'site')!
    expect(found.plants).toEqual(expect.arrayContaining(['a:0', 'a:1']))
    expect(found.reason).toContain('computed for its place')
  })
})

it('every demo bed lies on the site and has what it was made to test', () => {
  const site = siteSchema.parse(demo.site)
  for (const { id } of demo.beds) expect(surroundingsOf(resolveSite(site), id)).not.toBeNull()
  const front = judge(demoBed('reading-room-front'), site, 'reading-room-front', true)
  expect(front.map((f) => f.rule)).toEqual(['window'])
  expect(
    judge(demoBed('car-park-screen'), site, 'car-park-screen', true).some((f) => f.id === 'keep-open:t-harbour'),
  ).toBe(false)
  expect(judge(demoBed('north-step'), site, 'north-step', true).map((f) => f.id)).toEqual(['around:dig:drain'])
})
