import { describe, expect, it } from 'vitest'
import type { Order } from '../model'
import { decodeText, plainList, readCsvTable, readNumber } from '../exchange'
import { drift, library, testBed } from '../../tests/support/library'
import { rowsCsv } from './fileRows'
import { gardenCount } from './gardenCount'
import { gardenMaterials } from './gardenMaterials'
import { moneyPlan } from './moneyPlan'
import { simulatedNursery } from './nursery'
import { guessColumns, plainName, plainSize, readPriceList } from './priceList'
import { EMPTY_SUPPLY } from './supply'

describe('a price list', () => {
  const list = [
    'Port Linnet Growers;;;',
    'Spring list;;;',
    'Botanical name;Pot;Price each;Tray',
    'ALCHEMILLA MOLLIS;9cm;4,20;6',
    'Hosta “Halcyon”;2 L;11,50;',
    'Nothing known;2 L;3,00;',
    'Hosta Francee;2 L;on request;',
  ].join('\n')
  const read = (text: string) => {
    const table = readCsvTable(text)
    if (!table.ok) throw new Error(table.error)
    return readPriceList(table.value, guessColumns(table.value.headings), library.values(), readNumber)
  }
  it('with title rows, semicolons and decimal commas: offers, unknown names, rows to mend', () => {
    const { offers, unknown, errors } = read(list)
    expect(offers).toEqual([
      { plantId: 'alchemilla-mollis', size: '9cm', price: 4.2, pack: 6, stock: null },
      { plantId: 'hosta-halcyon', size: '2 L', price: 11.5, pack: 1, stock: null },
    ])
    expect(unknown).toEqual([{ line: 6, name: 'Nothing known' }])
    expect(errors).toEqual([
      { line: 7, column: 'Price each', came: 'on request', expected: 'a price such as 4.20' },
    ])
  })
  it('reads alike with tabs and commas', () => {
    expect(read(list.replaceAll(';', '\t')).offers).toEqual(read(list).offers)
    expect(read(list.replaceAll(',', '.').replaceAll(';', ',')).offers).toEqual(read(list).offers)
  })
  it('keeps the columns that were mapped before, while the list has them', () => {
    const headings = ['Art', 'Cost', 'Price']
    expect(guessColumns(headings, { name: 'Art', price: 'Price' })).toMatchObject({ name: 'Art', price: 'Price' })
    expect(guessColumns(headings, { price: 'Gone' }).price).toBe('Cost')
  })
  it('knows names and sizes by other spellings', () => {
    expect(plainName('Salvia × sylvestris ‘Mainacht’')).toBe(plainName("SALVIA x SYLVESTRIS 'Mainacht'"))
    expect(plainSize('2 litre')).toBe(plainSize('2L'))
    expect(plainSize('P9')).toBe(plainSize('9 cm'))
  })
  it.each([
    ['1,234.50', 1234.5],
    ['1.234,50', 1234.5],
    ['12,5', 12.5],
    ['1,234', 1234],
    ['0,123', 0.123],
    ['€ 4.20', 4.2],
    ['none', null],
  ])('number %s', (text, value) => expect(readNumber(text)).toBe(value))
  it.each(['utf-8', 'utf-16le', 'windows-1252'] as const)('in %s has no replaced letters', (encoding) => {
    const text = 'Größe;Preis\nHébé;4,20\n'
    const bytes = {
      'utf-8': () => new TextEncoder().encode(text),
      'utf-16le': () => new Uint8Array([...text].flatMap((c) => [c.charCodeAt(0) & 255, c.charCodeAt(0) >> 8])),
      'windows-1252': () => new Uint8Array([...text].map((c) => c.charCodeAt(0))),
    }[encoding]()
    expect(decodeText(bytes)).toEqual({ text, encoding })
  })
})

it('a plant list with semicolons, decimal commas and a title, in Windows-1252, is plain CSV', () => {
  const bytes = new Uint8Array(
    [...'Liste für Tarn Point;;\nname;height;note\nHébé;0,4;a, b\n'].map((c) => c.charCodeAt(0)),
  )
  expect(plainList(bytes)).toBe('name,height,note\nHébé,0.4,"a, b"')
  expect(plainList(new TextEncoder().encode('[{"a": 1}]'))).toBe('[{"a": 1}]')
})

describe('the simulated nursery', () => {
  const order: Order = {
    ...{ id: 'o1', supplierId: 's', state: 'draft', made: '', wanted: '' },
    lines: [...library.values()]
      .slice(0, 200)
      .map((p) => ({
        ...{
          plantId: p.id,
          size: p.sizes[0]!.label,
          count: 20,
          price: 5,
          confirmed: null,
          expected: '',
          offeredId: '',
        },
        ...{ received: 0, wrongKind: 0, wrongColour: 0, poorRoot: 0, note: '' },
      })),
  }
  const nursery = simulatedNursery(7, (id) => `other-${id}`)
  it('answers the same for the same order, and keeps what it promised', () => {
    const asked = nursery.ask(order, '2026-03-01')
    expect(nursery.ask(order, '2026-03-01')).toEqual(asked)
    const confirmed = nursery.confirm(nursery.order(asked, '2026-03-02'), '2026-03-03')
    const came = nursery.deliver(confirmed, '2026-03-20')
    for (const l of came.lines) {
      expect(l.received + l.wrongColour + l.poorRoot).toBe(l.confirmed)
      expect(l.confirmed).toBeLessThanOrEqual(l.count)
    }
  })
  it('is out of some, short of some by no more than six, late by a week, and offers stand-ins', () => {
    const asked = nursery.ask(order, '2026-03-01').lines
    const confirmed = nursery.confirm(order, '2026-03-01').lines
    const out = asked.filter((l) => l.confirmed === 0)
    expect(out.length).toBeGreaterThan(0)
    expect(out.every((l) => l.offeredId === `other-${l.plantId}`)).toBe(true)
    const short = asked.filter((l) => l.confirmed! > 0 && l.confirmed! < l.count)
    expect(short.length).toBeGreaterThan(0)
    expect(short.every((l) => l.count - l.confirmed! <= 6)).toBe(true)
    const late = confirmed.filter((l, i) => l.expected !== asked[i]!.expected)
    expect(late.length).toBeGreaterThan(0)
    expect(late.length).toBeLessThan(60)
  })
})

describe('materials and money', () => {
  const bed = testBed({ drifts: [drift('a', 'alchemilla-mollis', 2, 2, 20)] })
  const { lines } = gardenCount({ beds: [{ id: 'b', bed }], library, supply: EMPTY_SUPPLY })
  it('compost and mulch by area and depth, less crowns, with waste, in whole bags', () => {
    const needs = gardenMaterials([{ id: 'b', bed }], lines)
    const compost = needs.find((m) => m.id === 'compost')!
    const mulch = needs.find((m) => m.id === 'mulch')!
    const area = compost.amount / 0.05
    // A 9 cm pot holds 0.66 L: a ball of 8.7 cm, and 5 cm kept free about it: a circle of 9.3 cm radius for each of 20 plants.
    const crowns = 20 * Math.PI * (Math.cbrt(0.6561 / 1000) / 2 + 0.05) ** 2
    expect(mulch.amount).toBeCloseTo((area - crowns) * 0.06, 6)
    // 1.5 m³ and 5 % waste come loose, in halves: four of them; a small bed's come in bags that one person lifts.
    expect([compost.bought, compost.soldIn, compost.pieceKg]).toEqual([4, 'loose, by 0.5\u202fm³', null])
  })
  it('five years on paper: plants once, a tenth of them again, half the mulch each year', () => {
    const needs = gardenMaterials([{ id: 'b', bed }], lines)
    const rules = { ...EMPTY_SUPPLY.money, pricesWithTax: false, taxPercent: 10, wageAnHour: 20 }
    const plan = moneyPlan(lines, needs, rules, 10)
    const plants = lines[0]!.total
    expect(plan.years[0]!.costs.plants).toBeCloseTo(plants * 1.1, 1)
    expect(plan.years[1]!.costs.losses).toBeCloseTo(lines[0]!.need * lines[0]!.price * 0.1 * 1.1, 1)
    expect(plan.years[2]!.costs.mulch).toBeCloseTo(plan.years[0]!.costs.mulch / 2, 1)
    expect(plan.years[0]!.costs.upkeep).toBeCloseTo(plan.years[0]!.hours * 20, 1)
    expect(plan.total).toBeCloseTo(
      plan.years.reduce((n, y) => n + y.total, 0),
      1,
    )
  })
  it('leaves out what is not wanted, and takes a price that was typed', () => {
    const choice = { id: 'compost', wanted: false, depthM: 0.1, price: 9, supplier: '' }
    const compost = gardenMaterials([{ id: 'b', bed }], lines, [choice]).find((m) => m.id === 'compost')!
    expect(compost).toMatchObject({ total: 0, price: 9, depthM: 0.1 })
  })
})

describe('rows for a file', () => {
  it('survive a spreadsheet: no formula, no time, two decimals', () => {
    const csv = rowsCsv({
      headings: ['A', 'B'],
      rows: [
        ['=1+1', 4.2],
        ['6:8', 3],
      ],
      money: [1],
    })
    expect(csv).toBe("\uFEFFA,B\r\n'=1+1,4.20\r\n6 to 8,3.00\r\n")
  })
})
