import { describe, expect, it } from 'vitest'
import type { Bed, Existing } from '../model'
import { newFeature, plainGround, rectangle } from '../bed'
import { NOTHING_ASKED, type Asked } from '../brief'
import { applyEdit } from '../edit'
import { fullHeightM } from '../plant'
import { makeScene, type SceneInput } from '../scene'
import { climate, drift, library, plant, testBed } from '../../tests/support/library'
import { critique } from './critique'
import type { RuleId } from './finding'

const judged = (bed: Bed, input: Partial<SceneInput> = {}) =>
  critique(makeScene({ bed, library, climate, hardinessZone: '6b', ...input })).findings
const of = (rule: RuleId, bed: Bed, input: Partial<SceneInput> = {}) =>
  judged(bed, input).filter((f) => f.rule === rule)
const ids = (rule: RuleId, bed: Bed, input: Partial<SceneInput> = {}) => of(rule, bed, input).map((f) => f.id)
const wide = (change: Partial<Bed>) => testBed({ outline: rectangle(10, 4), ...change })
const asked = NOTHING_ASKED
const row = (id: string, lane: number, every: number, from = 0.5, to = 9.6) =>
  Array.from({ length: Math.floor((to - from) / every) + 1 }, (_, i) =>
    drift(`${id}${lane}${i}`, id, lane, from + i * every),
  )

const YEW = 'taxus-x-media-hicksii'
const CATMINT = 'nepeta-x-faassenii'
const PHLOX = 'phlox-paniculata-david'

describe('scale', () => {
  it('is too low before a high wall, and content with a few tall ones', () => {
    const low = row(CATMINT, 1, 0.6)
    expect(ids('scale', wide({ drifts: low }))).toContain('scale:low')
    const tall = [1, 3, 5, 7, 9].map((at) => drift(`y${at}`, YEW, 0, at))
    expect(ids('scale', wide({ drifts: [...low, ...tall] }))).toEqual([])
    expect(ids('scale', wide({ drifts: low, wall: null }))).toEqual([])
  })
  it('names what is wider or much higher than the bed is deep', () => {
    const shallow = testBed({ outline: rectangle(10, 1.6), drifts: [drift('v', 'viburnum-dentatum', 0, 5)] })
    const [f] = of('scale', shallow).filter((x) => x.id.startsWith('scale:large'))
    expect(f!.figures.map((g) => g.value)).toEqual([
      plant('viburnum-dentatum').spreadM,
      fullHeightM(plant('viburnum-dentatum')),
      1.6,
    ])
    expect(ids('scale', wide({ drifts: [drift('v', 'viburnum-dentatum', 0, 5)] }))).not.toContain(
      'scale:large:viburnum-dentatum',
    )
  })
  it('loses small groups from far away: 5° is 1.75 m at 20 m', () => {
    const drifts = [1, 4, 7, 9].map((at) => drift(`c${at}`, CATMINT, 1, at))
    const from = (distanceM: number) =>
      of('scale', wide({ drifts, viewpoint: { name: 'The street', eyeHeightM: 1.6, distanceM, turnDeg: 0 } })).find(
        (f) => f.id === 'scale:lost',
      )
    expect(from(20)!.figures[1]!.value).toBeCloseTo(2 * 20 * Math.tan((2.5 * Math.PI) / 180), 6)
    expect(from(4)).toBeUndefined()
  })
})

describe('anchors, numbers and lines', () => {
  it('wants something that holds the bed, at both ends of it', () => {
    const low = row(CATMINT, 1, 0.6)
    expect(ids('anchors', wide({ drifts: low }))).toEqual(['anchors:none'])
    expect(ids('anchors', wide({ drifts: [...low, drift('y', YEW, 0, 9.3), drift('z', YEW, 0, 8)] }))).toEqual([
      'anchors:end',
    ])
    expect(ids('anchors', wide({ drifts: [...low, drift('y', YEW, 0, 9), drift('z', YEW, 0, 1)] }))).toEqual([])
    const urn = newFeature('urn', 'u', { x: 5, y: 2 })
    expect(ids('anchors', wide({ drifts: low, features: [urn] }))).toEqual([])
  })
  it('counts anchors in odd numbers, and all groups where the school says so', () => {
    const pair = (school: Bed['school'], id = YEW, lane = 0) =>
      ids('numbers', wide({ school, drifts: [drift('p', id, lane, 5, 2, { pattern: 'mass' })] }))
    expect(pair('layered')).toEqual(['numbers:p'])
    expect(pair('layered', CATMINT, 2)).toEqual([])
    expect(pair('formal', CATMINT, 2)).toEqual(['numbers:p'])
    expect(pair('close-knit')).toEqual([])
  })
  it('wants no rows where all is loose, and balance where all is formal', () => {
    const long = (school: Bed['school']) => ids('lines', wide({ school, drifts: [drift('r', CATMINT, 2, 5, 9)] }))
    expect(long('close-knit')).toEqual(['lines:row:r'])
    expect(long('layered')).toEqual([])
    const yews = (at: readonly number[]) =>
      ids('lines', wide({ school: 'formal', drifts: at.map((s) => drift(`y${s}`, YEW, 0, s)) }))
    expect(yews([1, 3, 5, 7, 9])).toEqual([])
    expect(yews([1, 2.4, 3.8])).toEqual(['lines:balance'])
  })
})

describe('sameness, repetition and colour', () => {
  it('tells one texture, wallpaper and a chequerboard', () => {
    const grasses = [
      'festuca-glauca',
      'helictotrichon-sempervirens',
      'sesleria-autumnalis',
      'panicum-virgatum-heavy-metal',
    ]
    const fine = grasses.flatMap((id, i) => row(id, i % 3, 1.4))
    expect(ids('sameness', wide({ drifts: fine })).some((id) => id === 'sameness:texture')).toBe(true)
    const flood = [...row(PHLOX, 1, 0.6), ...row(PHLOX, 0, 0.6), drift('y', YEW, 2, 5)]
    expect(ids('sameness', wide({ drifts: flood }))).toContain(`sameness:kind:${PHLOX}`)
    const turns = row(CATMINT, 2, 0.6).map((d, i) => (i % 2 ? { ...d, plantId: 'alchemilla-mollis' } : d))
    expect(ids('sameness', wide({ drifts: turns }))).toContain('sameness:chequer:2')
    expect(ids('sameness', wide({ drifts: turns, school: 'formal' }))).toEqual([])
  })
  it('wants some kind to come back', () => {
    const kinds = [
      CATMINT,
      PHLOX,
      'alchemilla-mollis',
      'iris-sibirica',
      'echinacea-purpurea',
      'geranium-sanguineum',
      YEW,
    ]
    const once = kinds.map((id, i) => drift(`d${i}`, id, 1, 0.8 + i * 1.3, 2))
    expect(ids('repetition', wide({ drifts: once }))).toEqual(['repetition'])
    expect(ids('repetition', wide({ drifts: [...once, drift('again', CATMINT, 1, 9.6, 2)] }))).toEqual([])
    expect(ids('repetition', wide({ drifts: once, school: 'screen' }))).toEqual([])
  })
  it('a lone accent comes once; twice it is none', () => {
    const blue = [CATMINT, 'salvia-nemorosa-ostfriesland', 'geranium-johnson-s-blue', 'campanula-persicifolia']
    const drifts = blue.flatMap((id, i) => row(id, i % 3, 2.6, 0.4 + i * 0.6))
    const red = (at: number) => drift(`red${at}`, 'crocosmia-lucifer', 1, at, 3)
    expect(ids('palette', wide({ drifts: [...drifts, red(5)] }))).toEqual(['palette:accent:crocosmia-lucifer'])
    expect(ids('palette', wide({ drifts: [...drifts, red(2), red(8)] }))).toEqual([])
    expect(ids('palette', wide({ drifts: [...drifts, red(5)], school: 'close-knit' }))).toEqual([])
  })
  it('what has the colour of the wall behind it vanishes, unless plants stand between', () => {
    const hydrangea = plant('hydrangea-paniculata-tardiva')
    const before = (colour: string, more: Bed['drifts'] = []) =>
      ids(
        'backdrop',
        wide({
          wall: { heightM: 3, material: 'render', colour, openings: [] },
          drifts: [drift('h', hydrangea.id, 1, 5), ...more],
        }),
      )
    expect(before(hydrangea.flowerColour!)).toEqual([`backdrop:${hydrangea.id}`])
    expect(before('#3f3a35')).toEqual([])
    expect(before(hydrangea.flowerColour!, [drift('y', YEW, 0, 5, 3)])).toEqual([])
  })
})

describe('flower through the year', () => {
  const spring = ['iberis-sempervirens', 'phlox-subulata', 'doronicum-orientale', 'bergenia-cordifolia'].flatMap(
    (id, i) => row(id, i % 3, 1.5, 0.4 + i * 0.3),
  )
  it('tells spring alone, and is content with what comes after', () => {
    expect(ids('flowering', wide({ drifts: spring }))).toEqual(['flowering:spring'])
    const later = [...row(PHLOX, 0, 0.9), ...row('rudbeckia-fulgida', 1, 0.9)]
    expect(ids('flowering', wide({ drifts: [...spring, ...later] }))).toEqual([])
  })
  it('tells months of the brief without flower, whatever leaf they hold', () => {
    const drifts = [...row(CATMINT, 2, 0.6), ...row(YEW, 0, 1.1)]
    expect(ids('flowering', wide({ drifts }), { asked: { ...asked, months: [4] } })).toEqual(['flowering:brief:4'])
    expect(ids('flowering', wide({ drifts }), { asked: { ...asked, months: [7] } })).toEqual([])
  })
  it('bulbs want leaves about them as theirs die', () => {
    const tulips = drift('t', 'tulipa-queen-of-night', 1, 5, 9, { pattern: 'mass' })
    expect(ids('bulbs', wide({ drifts: [tulips] }))).toEqual(['bulbs:t'])
    expect(ids('bulbs', wide({ drifts: [tulips, ...row(CATMINT, 1, 0.5)] }))).toEqual([])
  })
})

describe('about and among the plants', () => {
  it('bare legs want something before them', () => {
    const rose = drift('r', 'rosa-glauca', 0, 5)
    expect(ids('legs', wide({ drifts: [rose] }))).toEqual(['legs:rosa-glauca'])
    expect(ids('legs', wide({ drifts: [rose, drift('c', CATMINT, 1, 5, 3)] }))).toEqual([])
  })
  it('names who hides what, planned or there already', () => {
    const low = drift('s', 'salvia-nemorosa-ostfriesland', 1, 5, 3)
    const [f] = of('hidden', wide({ drifts: [low, drift('y', YEW, 2, 5, 3)] }))
    expect(f!.title).toContain('behind Hicks yew')
    expect(f!.plants.some((id) => id.startsWith('y'))).toBe(true)
  })
  it('a slow one beside a quick one is engulfed, and not where it has room', () => {
    const [slow, quick] = ['buxus-sinica-var-insularis-wintergreen', 'nepeta-six-hills-giant']
    const beside = (away: number) =>
      wide({
        drifts: [drift('s', slow, 1, 5), drift('q', quick, 1, 5 + away)],
        pins: [
          { driftId: 's', index: 0, x: 5, y: 2 },
          { driftId: 'q', index: 0, x: 5 + away, y: 2 },
        ],
      })
    expect(plant(slow).yearsTo90).toBeGreaterThanOrEqual(7)
    expect(ids('engulfed', beside(0.35))).toEqual([`engulfed:${slow}<${quick}`])
    expect(ids('engulfed', beside(1.2))).toEqual([])
  })
  it('what grows over the edge, across a door, over a rim', () => {
    const over = wide({
      drifts: [drift('y', 'viburnum-dentatum', 0, 5)],
      pins: [{ driftId: 'y', index: 0, x: 5, y: 3.9 }],
    })
    expect(ids('over-edge', over)).toEqual(['over-edge:front:viburnum-dentatum'])
    const door = { id: 'd', x: 4.5, widthM: 1, sillM: 0, headM: 2.1 }
    const wall = { heightM: 3, material: 'render', colour: '#b89f88', openings: [door] } as const
    expect(ids('over-edge', wide({ wall, drifts: [drift('y', YEW, 0, 5)] }))).toEqual(['over-edge:door:d'])
    expect(ids('over-edge', wide({ wall, drifts: [drift('y', YEW, 0, 1)] }))).toEqual([])
    const pot = (rimShows: boolean) =>
      testBed({
        form: { kind: 'container', diameterM: 0.8, heightM: 0.5, pots: 1, apartM: 1, rimShows },
        drifts: [drift('t', 'lobelia-erinus', 2, 0.3, 4)],
      })
    expect(ids('over-edge', pot(true))).toEqual(['over-edge:rim:lobelia-erinus'])
    expect(ids('over-edge', pot(false))).toEqual([])
  })
  it('a climber wants something to climb', () => {
    const open = (features: Bed['features'] = []) =>
      wide({ wall: null, features, drifts: [drift('c', 'clematis-viticella', 1, 5)] })
    expect(ids('climbs', open())).toEqual(['climbs:c'])
    const [f] = of('climbs', open())
    expect(ids('climbs', applyEdit(open(), f!.mends[0]!.edit).bed)).toEqual([])
    expect(ids('climbs', wide({ drifts: [drift('c', 'clematis-viticella', 0, 5)] }))).toEqual([])
  })
  it('thorns by a seat, and none where they are far', () => {
    const seat = (x: number) => newFeature('bench', 'b', { x, y: 2 })
    const thorny = (x: number) => wide({ features: [seat(x)], drifts: [drift('r', 'rosa-rugosa-alba', 1, 5)] })
    expect(ids('harm', thorny(6.6))).toEqual(['harm:b:rosa-rugosa-alba'])
    expect(ids('harm', thorny(9.2))).toEqual([])
  })
  it('a screen of one kind, and one that is mixed', () => {
    const screen = (kinds: readonly string[]) =>
      ids('one-kind', {
        ...wide({ wall: null, school: 'screen', drifts: kinds.map((id, i) => drift(`d${i}`, id, 0, 1 + i * 1.7)) }),
        form: { kind: 'screen' },
      })
    expect(screen(Array.from({ length: 6 }, () => 'thuja-occidentalis-smaragd'))).toEqual(['one-kind:kind'])
    expect(
      screen(['thuja-occidentalis-smaragd', 'viburnum-dentatum', 'ilex-x-meserveae', YEW, 'rosa-glauca']),
    ).toEqual([])
  })
  it('self-seeders in a formal bed, tender plants as its back', () => {
    const formal = (id: string) => ids('keeping', wide({ school: 'formal', drifts: [drift('s', id, 1, 5, 3)] }))
    expect(plant('alchemilla-mollis').travels).toBe('seeds')
    expect(formal('alchemilla-mollis')).toEqual(['keeping:seeds:alchemilla-mollis'])
    expect(formal(PHLOX)).toEqual([])
    const cannas = wide({
      ground: { ...plainGround, water: 'moist' },
      drifts: [drift('c', 'canna-wyoming', 0, 5, 3)],
    })
    expect(ids('keeping', cannas)).toEqual(['keeping:tender:canna-wyoming'])
  })
})

describe('what stands already, and the brief', () => {
  const old = (plantId: string, fate: Existing['fate']): Bed =>
    wide({
      existing: [
        {
          id: 'o',
          name: '',
          plantId,
          x: 5,
          y: 2,
          heightM: 1,
          spreadM: 1,
          condition: 'good',
          fate,
          into: 2,
          note: '',
        },
      ],
    })
  it('tells what a kind does not bear', () => {
    expect(ids('existing', old('thuja-occidentalis-smaragd', 'cut-back'))).toEqual(['existing:cut-back:o'])
    expect(ids('existing', old(YEW, 'cut-back'))).toEqual([])
    expect(ids('existing', old('viburnum-dentatum', 'divide'))).toEqual(['existing:divide:o'])
    expect(ids('existing', old('hosta-halcyon', 'divide'))).toEqual([])
    const badly = [...library.values()].find((p) => p.moves === 'badly' && p.kind === 'perennial')!
    const [f] = of('existing', old(badly.id, 'move'))
    expect(f!.title).toContain('moves badly')
    expect(ids('existing', applyEdit(old(badly.id, 'move'), f!.mends[0]!.edit).bed)).toEqual([])
  })
  it('tells what is moved or divided out of its season, and mends it with a month that is', () => {
    const inMonth = (plantId: string, fate: Existing['fate'], month: number | null): Bed => {
      const bed = old(plantId, fate)
      return { ...bed, existing: bed.existing.map((e) => ({ ...e, month })) }
    }
    expect(ids('existing', inMonth('hosta-halcyon', 'divide', 7))).toEqual(['existing:divide:o'])
    expect(ids('existing', inMonth('hosta-halcyon', 'move', null))).toEqual([])
    const hot = inMonth('hosta-halcyon', 'move', 7)
    const [f] = of('existing', hot)
    expect(f!.title).toContain('wrong season')
    for (const m of f!.mends) expect(ids('existing', applyEdit(hot, m.edit).bed)).toEqual([])
    const south = { climate: { ...climate, southern: true } }
    expect(ids('existing', inMonth('hosta-halcyon', 'move', 4), south)).toEqual([])
    expect(ids('existing', inMonth('hosta-halcyon', 'move', 1), south)).toEqual(['existing:move:o'])
  })
  it('hours, money, hates and wishes by name', () => {
    const bed = wide({ drifts: [drift('p', PHLOX, 1, 5, 5)] })
    const brief = (part: Partial<Asked>) => ids('brief', bed, { asked: { ...asked, ...part } })
    expect(brief({})).toEqual([])
    expect(brief({ hoursAYear: 0.01 })).toEqual(['brief:hours'])
    expect(brief({ hoursAYear: 100 })).toEqual([])
    expect(brief({ hoursAYear: 0.02, otherBeds: 3, otherHours: 0.01 })).toEqual(['brief:hours'])
    // Where others take most of it, it is told there.
    expect(brief({ hoursAYear: 100, otherBeds: 1, otherHours: 120 })).toEqual([])
    expect(brief({ budget: 1 })).toEqual(['brief:money'])
    const names = (part: object) => ids('brief', bed, { asked: { ...asked, ...part } })
    expect(names({ hates: ['phlox'] })).toEqual([`brief:hates:${PHLOX}`])
    expect(names({ likes: ['catmint'] })).toEqual(['brief:likes'])
    expect(names({ likes: ['phlox'] })).toEqual([])
  })
  it('musts weigh more than wishes, and what has them is silent', () => {
    const bed = wide({ drifts: [drift('p', 'geranium-sanguineum', 1, 5, 5)] })
    const of = (weight: 'must' | 'wish') =>
      judged(bed, { requirements: [{ trait: 'evergreen', weight, beds: [] }] }).find((f) => f.rule === 'brief')!
    expect(of('must').weight).toBeGreaterThan(of('wish').weight)
    const green = wide({ drifts: [drift('y', YEW, 0, 5, 3)] })
    expect(ids('brief', green, { requirements: [{ trait: 'evergreen', weight: 'must', beds: [] }] })).toEqual([])
  })
})
