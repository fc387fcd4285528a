import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { LOG_KINDS, type LogEntry } from '../model'
import { applyEdit } from '../edit'
import { makeScene } from '../scene'
import { changedPlant, fullHeightM, misfits } from '../plant'
import { climateOf } from '../time'
import { climate, drift, library, plant, testBed } from '../../tests/support/library'
import {
  besideFact,
  blankEntry,
  cellsBefore,
  joinEntries,
  learnedFigures,
  logCsv,
  lossesOf,
  nextSeason,
  reckonedHeight,
  replaceLost,
  seasonLetter,
} from '.'

let many = 0
const entry = (said: Partial<LogEntry> & Pick<LogEntry, 'day' | 'kind'>): LogEntry => ({
  ...blankEntry({
    id: `e-${many++}`,
    changed: `${said.day}T12:00:00.000Z`,
    device: 'desk',
    day: said.day,
    kind: said.kind,
  }),
  ...said,
})
const length = (m: number) => `${m.toFixed(2)} m`
const SAGE = 'salvia-nemorosa-ostfriesland'
const SMOKE = 'cotinus-coggygria-royal-purple'
const learn = (entries: readonly LogEntry[], where = climate) =>
  learnedFigures({ entries, library, climate: where, planted: 2024, length })

describe('entries of several devices', () => {
  const said = fc.record({
    id: fc.constantFrom('a', 'b', 'c'),
    changed: fc.constantFrom('2026-05-01T08:00:00.000Z', '2026-05-02T08:00:00.000Z', '2026-05-03T08:00:00.000Z'),
    device: fc.constantFrom('desk', 'tablet'),
    note: fc.constantFrom('one', 'two', 'three'),
    gone: fc.boolean(),
    day: fc.constantFrom('2026-04-30', '2026-05-01'),
  })
  const lists = fc.array(said).map((l) => l.map((e) => ({ ...entry({ day: e.day, kind: 'thought' }), ...e })))
  const written = (l: readonly LogEntry[]) => l.map((e) => `${e.id}|${e.changed}|${e.device}`).sort()
  it('join to the same, whichever comes first and however often', () => {
    fc.assert(
      fc.property(lists, lists, (a, b) => {
        const joined = joinEntries(a, b)
        expect(written(joinEntries(b, a))).toEqual(written(joined))
        expect(written(joinEntries(joined, a, joined))).toEqual(written(joined))
        expect(new Set(joined.map((e) => e.id)).size).toBe(joined.length)
      }),
    )
  })
  it('come with the newest day first', () => {
    fc.assert(
      fc.property(lists, (l) => {
        const days = joinEntries(l).map((e) => e.day)
        expect(days).toEqual([...days].sort().reverse())
      }),
    )
  })
})

describe('what a garden learns', () => {
  it('offers a height from what was measured against what was reckoned for that age', () => {
    const smoke = plant(SMOKE)
    const day = '2026-07-15'
    const reckoned = reckonedHeight(smoke, day, 2024, climate)
    const e = entry({ day, kind: 'tallest', plantId: SMOKE, amount: reckoned * 0.75 })
    const [l] = learn([e])
    expect(l).toMatchObject({ what: 'height', entries: [e.id], lossShare: null })
    const after = changedPlant(smoke, l!.cells)
    expect(after.ok && fullHeightM(after.plant)).toBeCloseTo(fullHeightM(smoke) * 0.75, 1)
    // Once it is taken over nothing more is offered.
    const taken = new Map([...library, [SMOKE, after.ok ? after.plant : smoke]])
    expect(learnedFigures({ entries: [e], library: taken, climate, planted: 2024, length })).toEqual([])
    expect(cellsBefore(smoke, l!.cells).foliage_height_m).toBe(String(smoke.foliageHeightM))
  })
  it('takes the middle of several measurements and says nothing of small differences', () => {
    const at = (ratio: number, year: number) => {
      const day = `${year}-07-15`
      const amount = reckonedHeight(plant(SMOKE), day, 2024, climate) * ratio
      return entry({ day, kind: 'tallest', plantId: SMOKE, amount })
    }
    expect(learn([at(1.05, 2025), at(0.95, 2026)])).toEqual([])
    const [l] = learn([at(0.7, 2025), at(0.7, 2026), at(3, 2026)])
    expect(Number(l!.cells.foliage_height_m)).toBeCloseTo(plant(SMOKE).foliageHeightM * 0.7, 1)
  })
  it('offers months from the first flower to the last, as months of the library in both hemispheres', () => {
    const pair = (first: string, last: string) => [
      entry({ day: first, kind: 'first flower', plantId: SAGE }),
      entry({ day: last, kind: 'last flower', plantId: SAGE }),
    ]
    const [north] = learn(pair('2026-04-20', '2026-05-10'))
    expect(north).toMatchObject({ what: 'flower months', cells: { flower_months: '4-5' }, here: 'Apr–May' })
    const south = climateOf({ latitude: -38, lastFrost: '09-20', firstFrost: '05-10' })
    const [there] = learn(pair('2026-12-28', '2027-01-09'), south)
    expect(there).toMatchObject({ cells: { flower_months: '6-7' }, here: 'Dec–Jan' })
  })
  it('offers the colour that came and the share that was lost', () => {
    const colour = entry({ day: '2025-07-01', kind: 'wrong colour', plantId: SAGE, colour: '#aa3355' })
    const planted = entry({ day: '2024-05-01', kind: 'planted', plantId: SAGE, amount: 10 })
    const died = entry({ day: '2025-03-01', kind: 'died', plantId: SAGE, amount: 3 })
    const all = learn([colour, planted, died])
    expect(all.map((l) => l.what)).toEqual(['flower colour', 'survival'])
    expect(all[0]!.cells).toEqual({ flower_colour: '#aa3355' })
    expect(all[1]!.lossShare).toBeCloseTo(0.3)
    expect(learn([{ ...colour, gone: true }, planted])).toEqual([])
  })
})

const bed = testBed({ drifts: [drift('d1', SAGE, 0, 2, 5), drift('d2', SMOKE, 0, 5, 1)] })
const scene = makeScene({ bed, library, climate, hardinessZone: '6b' })
const placeOf = (id: string, i = 0) => scene.planted.filter((p) => p.driftId === id)[i]!.id

describe('losses', () => {
  const dead = (i: number, said: Partial<LogEntry> = {}) =>
    entry({
      ...{ day: '2026-04-01', kind: 'died', bedId: 'b', driftId: 'd1', plantId: SAGE, amount: 1, cause: 'wet' },
      place: placeOf('d1', i),
      ...said,
    })
  it('near one another are one, with the place as they show it and kinds that live there', () => {
    const [loss, ...rest] = lossesOf('b', scene, [dead(0), dead(1)])
    expect(rest).toEqual([])
    expect(loss).toMatchObject({ plant: plant(SAGE), count: 2 })
    expect(loss!.causes).toEqual(['wet'])
    expect(loss!.instead.length).toBeGreaterThan(0)
    for (const p of loss!.instead) expect(p.id).not.toBe(SAGE)
    const wetter = { ...scene.site, water: 'moist' as const, drainage: 'slow' as const, wetInWinter: true }
    for (const p of loss!.instead) expect(misfits(p, wetter)).toEqual([])
  })
  it('that were made good are told no more; those of other beds never', () => {
    const again = entry({ day: '2026-05-01', kind: 'planted', bedId: 'b', plantId: SAGE, place: placeOf('d1') })
    expect(lossesOf('b', scene, [dead(0), again])).toEqual([])
    expect(lossesOf('b', scene, [dead(0, { toPlantId: SMOKE }), dead(1, { toPlantId: SAGE })])).toEqual([])
    expect(lossesOf('b', scene, [dead(0, { bedId: 'other' })])).toEqual([])
  })
})

describe('setting another kind where some were lost', () => {
  const stachys = plant('stachys-byzantina')
  const done = (entries: readonly LogEntry[]) => {
    const [loss] = lossesOf('b', scene, entries)
    const edit = replaceLost(scene, loss!, stachys, () => 'new')!
    return { ...applyEdit(bed, edit), edit }
  }
  const dead = (said: Partial<LogEntry>) =>
    entry({ ...{ day: '2026-04-01', kind: 'died', bedId: 'b', driftId: 'd1', plantId: SAGE, amount: 1 }, ...said })
  it('changes those places alone: the rest of the drift and other drifts stay', () => {
    const place = placeOf('d1', 2)
    const { bed: after, inverse } = done([dead({ place })])
    expect(after.drifts.find((d) => d.id === 'd1')).toMatchObject({ plantId: SAGE, count: 4 })
    expect(after.drifts.find((d) => d.id === 'new')).toMatchObject({ plantId: stachys.id, count: 1 })
    expect(after.drifts.find((d) => d.id === 'd2')).toEqual(bed.drifts[1])
    const was = scene.planted.find((p) => p.id === place)!
    expect(after.pins).toEqual([{ driftId: 'new', index: 0, x: was.x, y: was.y }])
    expect(applyEdit(after, inverse).bed).toEqual(bed)
  })
  it('changes the kind of a drift that was lost whole', () => {
    const { bed: after } = done([dead({ amount: 5, place: placeOf('d1') })])
    expect(after.drifts).toHaveLength(2)
    expect(after.drifts[0]).toMatchObject({ id: 'd1', plantId: stachys.id, count: 5 })
  })
  it('is nothing when the drift is gone', () => {
    const loss = lossesOf('b', scene, [dead({ driftId: 'gone', place: '' })])[0]!
    expect(replaceLost(scene, loss, stachys, () => 'new')).toBeNull()
  })
})

describe('next season', () => {
  const wish = (said: Partial<LogEntry>) =>
    entry({ day: '2026-07-10', kind: 'thought', bedId: 'b', plantId: SAGE, ...said })
  it('asks in the next window, and again when it went by, with how often', () => {
    const e = wish({ wish: 'split', day: '2025-03-01' })
    const at = (today: string) => nextSeason([e], library, climate, today)[0]!
    expect(at('2025-03-02').missed).toBe(0)
    const later = at('2026-06-01')
    expect(later.missed).toBeGreaterThan(0)
    expect(later.opens > '2026-06-01' || later.closes >= '2026-06-01').toBe(true)
  })
  it('never asks for what is done, taken out or not wished for', () => {
    const list = [wish({ wish: 'more', done: '2026-08-01' }), wish({ wish: 'less', gone: true }), wish({})]
    expect(nextSeason(list, library, climate, '2026-11-01')).toEqual([])
  })
  it('holds for all wishes, plants, days and hemispheres: opens before it closes, and is not over', () => {
    const south = climateOf({ latitude: -38, lastFrost: '09-20', firstFrost: '05-10' })
    fc.assert(
      fc.property(
        fc.constantFrom('move', 'split', 'thin', 'more', 'never', 'try' as const),
        fc.constantFrom(...library.keys()),
        fc.constantFrom('2024-02-29', '2025-12-31', '2026-01-01', '2026-06-15'),
        fc.boolean(),
        (w, plantId, day, isSouth) => {
          const e = wish({ wish: w as 'move', plantId, day })
          const [item] = nextSeason([e], library, isSouth ? south : climate, '2026-11-20')
          expect(item!.opens < item!.closes).toBe(true)
          expect(item!.closes >= '2026-11-20').toBe(true)
        },
      ),
    )
  })
})

describe('plan beside fact', () => {
  it('counts what was planted, lost and came up by itself to the end of a year', () => {
    const entries = [
      entry({ day: '2024-05-01', kind: 'planted', bedId: 'b', driftId: 'd1', plantId: SAGE, amount: 5 }),
      entry({ day: '2025-03-01', kind: 'died', bedId: 'b', place: placeOf('d1'), plantId: SAGE, amount: 2 }),
      entry({ day: '2026-06-01', kind: 'self-sown', bedId: 'b', driftId: 'd1', plantId: SAGE, amount: 1 }),
      entry({ day: '2025-08-01', kind: 'tallest', bedId: 'b', driftId: 'd1', plantId: SAGE, amount: 0.4 }),
    ]
    const of = (year: number) => besideFact('b', scene, entries, year, 2024).find((f) => f.driftId === 'd1')!
    expect(of(2024)).toMatchObject({ planned: 5, planted: 5, died: 0, standing: 5, measuredM: null })
    expect(of(2025)).toMatchObject({ died: 2, standing: 3, measuredM: 0.4 })
    expect(of(2025).reckonedM).toBeGreaterThan(0.2)
    expect(of(2026).standing).toBe(4)
    expect(besideFact('b', scene, entries, 2023, 2024)).toEqual([])
  })
})

describe('the letter and the table', () => {
  const entries = [
    entry({ day: '2026-05-01', kind: 'planted', bedId: 'b', plantId: SAGE, amount: 3 }),
    entry({
      day: '2026-06-01',
      kind: 'died',
      bedId: 'b',
      plantId: SAGE,
      amount: 1,
      cause: 'wet',
      note: '=HYPER("x")',
    }),
    entry({ day: '2026-06-05', kind: 'cut', bedId: 'b', amount: 90 }),
    ...[1, 2, 3, 4, 5, 6].map((m) =>
      entry({ day: `2026-0${m}-20`, kind: 'thought', bedId: 'b', photoId: `p-${m}` }),
    ),
    entry({ day: '2025-06-01', kind: 'bought', bedId: 'b', amount: 500 }),
  ]
  const bedName = () => 'The bed'
  it('tells one year, with four photos from its beginning to its end', () => {
    const letter = seasonLetter({ year: 2026, entries, library, bedName, tasksDone: 2 })
    expect(letter).toMatchObject({ entries: 9, minutes: 90, spent: 0 })
    expect(letter.done).toEqual(['2 tasks of care were done.', '3 plants were planted.'])
    expect(letter.lost[0]).toContain('1 violet meadow sage, The bed (wet)')
    expect(letter.photos.map((p) => p.photoId)).toEqual(['p-1', 'p-3', 'p-4', 'p-6'])
  })
  it('goes out as a table a spreadsheet takes, without formulas', () => {
    const csv = logCsv(entries, { library, bedName, fileOf: (id) => `photos/${id}.jpg` })
    const lines = csv.trim().split('\r\n')
    expect(lines).toHaveLength(entries.length + 1)
    expect(lines[0]).toContain('next season')
    expect(csv).toContain(`"'=HYPER(""x"")"`)
    expect(csv).toContain('photos/p-1.jpg')
    expect(new Set(entries.map((e) => e.kind)).size).toBeLessThan(LOG_KINDS.length)
  })
})
