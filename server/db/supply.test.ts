import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Tick } from '../../core/model'
import { findSupply, saveSupply } from './queries/supplies'
import { EMPTY_SUPPLY, withLine } from '../../core/count'
import { joinTicks } from '../../core/setout'
import { demoStore } from '../../tests/support/demoStore'
import type { Db } from './Db'
import { issueKeys, listIssuedKeys } from './queries/issuedKeys'
import { joinStoredTicks, listTicks } from './queries/ticks'

let db: Db
const GARDEN = 'saltmarsh-row'
beforeAll(async () => {
  db = await demoStore()
})
afterAll(() => db.close())

describe('supply', () => {
  it('is empty at first, saved by revision, and a repeated save is known', async () => {
    expect(await findSupply(db, GARDEN)).toMatchObject({ revision: 0, value: EMPTY_SUPPLY })
    const mine = withLine(EMPTY_SUPPLY, 'hosta-halcyon', { notFound: true, note: 'asked twice' })
    expect(await saveSupply(db, GARDEN, 0, mine, ['e1'])).toMatchObject({ revision: 1 })
    expect(await saveSupply(db, GARDEN, 0, mine, ['e1'])).toMatchObject({ revision: 2 })
    expect(await saveSupply(db, GARDEN, 0, EMPTY_SUPPLY, ['e9'])).toBeNull()
    expect((await findSupply(db, GARDEN)).value).toEqual(mine)
  })
})

describe('letters on papers', () => {
  it('stay with the kind that had them first', async () => {
    await issueKeys(db, GARDEN, new Map([['hosta-halcyon', 'H']]))
    await issueKeys(
      db,
      GARDEN,
      new Map([
        ['hosta-halcyon', 'X'],
        ['alchemilla-mollis', 'A'],
      ]),
    )
    expect(Object.fromEntries(await listIssuedKeys(db, GARDEN))).toEqual({
      'hosta-halcyon': 'H',
      'alchemilla-mollis': 'A',
    })
  })
})

describe('ticks', () => {
  const tick = (plant: string, at: string, device: string, value = 'yes'): Tick => ({
    ...{ bedId: 'reading-room-front', plant, plantId: 'hosta-halcyon', what: 'planted', value },
    ...{ at: `2026-05-01T${at}:00.000Z`, device },
  })
  it('of two devices join place by place: the later word holds, in whichever order they come', async () => {
    const one = [tick('p1', '09:00', 'one'), tick('p2', '10:00', 'one')]
    const two = [tick('p1', '09:30', 'two', 'no'), tick('p2', '09:30', 'two', 'no'), tick('p3', '08:00', 'two')]
    await joinStoredTicks(db, GARDEN, two)
    await joinStoredTicks(db, GARDEN, one)
    await joinStoredTicks(db, GARDEN, two)
    const plain = (list: readonly Tick[]) => list.map((t) => [t.plant, t.value, t.at, t.device]).sort()
    expect(plain(await listTicks(db, GARDEN))).toEqual(plain(joinTicks(one, two)))
  })
  it('of a bed that is not this garden’s are left out', async () => {
    await joinStoredTicks(db, GARDEN, [{ ...tick('p9', '09:00', 'one'), bedId: 'nowhere' }])
    expect((await listTicks(db, GARDEN)).some((t) => t.plant === 'p9')).toBe(false)
  })
})
