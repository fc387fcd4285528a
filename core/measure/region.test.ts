import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { inUnits } from './inUnits'
import { parseLength } from './parseLength'
import { formatLength } from './formatLength'
import { keptFigure, typedFigure, typedUnit, type QuantityUnit } from './quantity'
import {
  regionOfTag,
  REGIONS,
  sayDay,
  sayMoment,
  sayMoney,
  sayMonthDay,
  sayNumber,
  sayTime,
  sayWeekday,
  type Region,
} from './region'
import { dayTold, mannerOf, say } from './say'

const regions = fc.constantFrom(...REGIONS)
const s = '\u202f'

describe('days, figures and money by region', () => {
  it('are written as each country writes them', () => {
    expect(sayDay('2026-05-08', 'GB')).toBe('8 May 2026')
    expect(sayDay('2026-05-08', 'US')).toBe('May 8, 2026')
    expect(sayMonthDay('05-08', 'GB')).toBe('8 May')
    expect(sayMonthDay('05-08', 'US')).toBe('May 8')
    expect(sayNumber(1250.5, 'GB')).toBe('1,250.5')
    expect(sayNumber(1250.5, 'DE')).toBe('1.250,5')
    expect(sayMoney(1250.5, 'GBP', 'GB')).toBe('£1,250.50')
    expect(sayMoney(12, 'EUR', 'DE').replace(/\s/g, ' ')).toBe('12,00 €')
    expect(sayMoney(12, 'shells', 'US')).toBe('12.00 shells')
    expect(sayMoney(12, '', 'US')).toBe('12.00')
  })
  it('a figure that is written already gets the decimal sign its region has', () => {
    for (const region of REGIONS) expect(formatLength(0.5, 'metric', 1, region)).toBe(`${sayNumber(0.5, region)} m`)
  })
  it('the clock goes by country as well', () => {
    const at = new Date(2026, 4, 8, 14, 5, 9).toISOString()
    expect(sayTime(at, 'GB')).toBe('14:05')
    expect(sayTime(at, 'US').replace(/\s/g, ' ')).toBe('02:05 PM')
    expect(sayTime(at, 'DE', 'second')).toBe('14:05:09')
    expect(sayMoment(at, 'GB')).toMatch(/^8 May 2026.*14:05$/)
    expect(sayMoment(at, 'US').replace(/\s/g, ' ')).toMatch(/^May 8, 2026.*2:05 PM$/)
    expect(['en-AU', 'de-DE', 'en', '', 'zh-Hant-CN', 'en-Latn-IE'].map(regionOfTag)).toEqual([
      ...['AU', 'DE', 'GB', 'GB', 'GB', 'IE'],
    ])
    expect([sayWeekday(at, 'GB'), sayWeekday(at, 'US')]).toEqual(['Friday 8 May', 'Friday, May 8'])
  })
  it('a text that is no day stays as it is', () => {
    for (const text of ['', 'soon', '2026-13-40']) expect(sayDay(text, 'GB')).toBe(text)
    expect(sayMonthDay('99-99', 'GB')).toBe('99-99')
  })
  it('every region names day, month and year of every day, in English', () => {
    fc.assert(
      fc.property(
        regions,
        fc.date({ min: new Date('2000-01-01'), max: new Date('2060-12-31'), noInvalidDate: true }),
        (region, date) => {
          const day = date.toISOString().slice(0, 10)
          const words = sayDay(day, region)
          expect(words).toContain(day.slice(0, 4))
          expect(words).toMatch(new RegExp(`\\b0?${Number(day.slice(8))}\\b`))
        },
      ),
    )
  })
  it('a garden follows its own region, or that of its units', () => {
    expect(mannerOf({ units: 'imperial' }).region).toBe('US')
    expect(mannerOf({ units: 'metric' }).region).toBe('GB')
    expect(mannerOf({ units: 'metric', region: 'CA' }).region).toBe('CA')
  })
})

describe('texts of the core', () => {
  it('have days in words and decimals by region, names and bare figures untouched', () => {
    const text = `Set it out from ${dayTold('2026-05-08')}: 0.4${s}m, from 1.2 to 3.4${s}m. Bed 0.7, job 2026-05-08 north`
    expect(say(text, { units: 'metric', region: 'DE' })).toBe(
      'Set it out from 8 May 2026: 0,4 m, from 1,2 to 3,4 m. Bed 0.7, job 2026-05-08 north',
    )
    expect(say(text, { units: 'imperial', region: 'US' })).toContain('from May 8, 2026: 1′ 3½″')
    expect(inUnits(text, 'metric')).toContain('2026-05-08')
  })
  it('a length that is shown in a region is read back as it was, in every region', () => {
    fc.assert(
      fc.property(regions, fc.integer({ min: 1, max: 19_999 }), (region: Region, cm) => {
        const read = parseLength(formatLength(cm / 100, 'metric', 2, region), 'metric')
        expect(read.ok && read.value).toBeCloseTo(cm / 100, 9)
      }),
    )
  })
})

describe('what is typed in gallons, inches and Fahrenheit', () => {
  const units = fc.constantFrom<QuantityUnit>('L', 'L/h', 'mm', 'cm', '°C')
  it('is kept metric, and what nobody changed stays to the last digit', () => {
    fc.assert(
      fc.property(units, fc.double({ min: 0.1, max: 3000, noNaN: true }), (unit, kept) => {
        const shown = typedFigure(kept, unit, 'imperial')
        expect(keptFigure(shown, unit, 'imperial', kept)).toBe(kept)
        const other = keptFigure(shown + 1, unit, 'imperial', kept)
        expect(typedFigure(other, unit, 'imperial')).toBeCloseTo(shown + 1, 6)
      }),
    )
  })
  it('knows the figures everybody knows', () => {
    expect(typedFigure(100, '°C', 'imperial')).toBe(212)
    expect(keptFigure(32, '°C', 'imperial', 10)).toBeCloseTo(0, 9)
    expect(typedFigure(25.4, 'mm', 'imperial')).toBe(1)
    expect(typedUnit('L', 'imperial')).toBe('gal')
    expect(typedUnit('L', 'metric')).toBe('L')
  })
})
