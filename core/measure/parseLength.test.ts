import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { formatBoth, formatLength } from './formatLength'
import { parseLength } from './parseLength'

const metres = (text: string, units: 'metric' | 'imperial' = 'metric') => {
  const read = parseLength(text, units)
  if (!read.ok) throw new Error(read.error)
  return read.value
}

describe('parseLength', () => {
  it.each([
    ['4.42 m', 4.42],
    ['2,6', 2.6],
    ['450 mm', 0.45],
    ['45cm', 0.45],
    [`14' 6"`, 4.4196],
    ['14′ 6″', 4.4196],
    [`14'6`, 4.4196],
    ['14ft 6 1/2in', 4.4323],
    ['12.5 ft', 3.81],
    [`6' 6½"`, 1.9939],
    ['30"', 0.762],
    ['2 yd', 1.8288],
    [' 3 m 20 cm ', 3.2],
  ])('reads %s', (text, expected) => expect(metres(text)).toBeCloseTo(expected, 6))

  it('takes a bare number in the garden’s unit', () => {
    expect(metres('10', 'metric')).toBe(10)
    expect(metres('10', 'imperial')).toBeCloseTo(3.048, 9)
  })

  it.each([
    '',
    '   ',
    'wide',
    '-2',
    '−3 m',
    '4 furlongs',
    '1e400',
    '1e9 m',
    '3 m and more',
    '<script>',
    '9'.repeat(400),
  ])('refuses %s with a reason', (text) => {
    const read = parseLength(text, 'metric', { maxM: 200 })
    expect(read.ok).toBe(false)
    if (!read.ok) expect(read.error.length).toBeGreaterThan(15)
    if (!read.ok) expect(read.error.length).toBeLessThan(220)
  })

  it.each([
    ['12 6', 'unit'],
    ['1 m 20', 'unit'],
    ['1m20', 'unit'],
    ['10 20 cm', 'unit'],
    ['1,250 mm', '1250 mm or 1.25 mm'],
    ['1.250 mm', '1250 mm or 1.25 mm'],
    ['12,500 cm', '12500 cm or 12.5 cm'],
    [`6" 14'`, 'larger unit first'],
    ['3 m 2 m', 'larger unit first'],
  ])('asks back what %s means', (text, advice) => {
    const read = parseLength(text)
    expect(read.ok).toBe(false)
    if (!read.ok) expect(read.error).toContain('more than one way')
    if (!read.ok) expect(read.error).toContain(advice)
  })

  it('asks what a comma parts in feet, and reads it in metres, where thousands cannot be', () => {
    expect(parseLength('1,250', 'imperial').ok).toBe(false)
    expect(metres('1,250')).toBe(1.25)
    expect(metres('1,250 m')).toBe(1.25)
  })

  it.each(['2.5.5', '1.2.3 m', '5.', '1/0', '1e3', '2..5', '3,,2'])('does not guess at %s', (text) => {
    expect(parseLength(text).ok).toBe(false)
  })

  it('names the limit that was passed', () => {
    const read = parseLength('0.1 m', 'metric', { minM: 0.5, name: 'depth' })
    expect(read).toEqual({ ok: false, error: 'The depth must be at least 0.5 m; “0.1 m” is 0.1 m.' })
  })

  it('reads back what is shown, in both units', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.02, max: 150, noNaN: true }), (m) => {
        expect(metres(formatLength(m, 'metric', 4))).toBeCloseTo(m, 3)
        expect(Math.abs(metres(formatLength(m, 'imperial')) - m)).toBeLessThanOrEqual(0.0254 / 4 + 1e-9)
      }),
    )
  })
})

describe('formatLength', () => {
  it('shows both units, the garden’s first', () => {
    expect(formatBoth(2.6, 'metric')).toBe('2.60 m (8′ 6½″)')
    expect(formatBoth(0.3048, 'imperial')).toBe('1′')
    expect(formatLength(0.0127, 'imperial')).toBe('½″')
  })
})
