import { describe, expect, it } from 'vitest'
import { readGeoJson } from './geoJson'
import { readSvg } from './svg/readSvg'

const svg = (inside: string, head = '') =>
  `<?xml version="1.0"?>${head}<svg xmlns="http://www.w3.org/2000/svg" width="100mm" height="100mm" viewBox="0 0 100 100">${inside}</svg>`
const LIE = { latitude: 44.6, longitude: -63.6, northDeg: 0 }

describe('an SVG drawing that is made to be slow', () => {
  it.each([
    [
      'entities within entities',
      () =>
        svg(
          '<text>&c;</text>',
          `<!DOCTYPE svg [<!ENTITY a "${'x'.repeat(50)}">${'bc'
            .split('')
            .map((n) => `<!ENTITY ${n} "${'&a;'.repeat(1000)}">`)
            .join('')}]>`,
        ),
      /entities/,
    ],
    ['groups 50,000 deep', () => svg('<g>'.repeat(50_000) + '</g>'.repeat(50_000)), /nested more than 200/],
    ['a curved path of 10 MB', () => svg(`<path d="M0 0${'c1 2 3 4 5 6 '.repeat(800_000)}"/>`), /more than 2 MB/],
    [
      'many paths of 10 MB together',
      () => svg(`<path d="M0 0${'q1 2 3 4 '.repeat(500)}"/>`.repeat(2400)),
      /more than 2 MB/,
    ],
    ['places at 1e308', () => svg('<path d="M0 0C1e308 1e308 -1e308 5 9 9L1e308 3"/>'), /farther off/],
    ['a circle without end', () => svg('<circle cx="1" cy="1" r="1e300"/>'), /farther off/],
    ['a transform without end', () => svg('<g transform="scale(1e300)"><path d="M0 0L5 5"/></g>'), /farther off/],
  ])('%s: a message, and nothing taken', (_, text, says) => {
    const read = readSvg(text())
    expect(!read.ok && read.error).toMatch(says)
  })

  it('what just fits is read', () => {
    const read = readSvg(svg(`<path d="M0 0${'c1 2 3 4 5 6 '.repeat(20_000)}"/>`))
    expect(read.ok || /more than 200000 points/.test(read.error)).toBe(true)
    expect(readSvg(svg('<g>'.repeat(40) + '<path d="M0 0L9 9"/>' + '</g>'.repeat(40))).ok).toBe(true)
  })
})

describe('a GeoJSON drawing that is made to be slow', () => {
  it.each([
    [
      'lists 100,000 deep',
      () => `{"type":"LineString","coordinates":${'['.repeat(100_000)}${']'.repeat(100_000)}}`,
      /nested more than 40/,
    ],
    [
      'a million places',
      () => `{"type":"LineString","coordinates":[${Array.from({ length: 600_000 }, () => '[1,2]').join(',')}]}`,
      /more than 500000 places/,
    ],
    ['places at 1e308', () => '{"type":"LineString","coordinates":[[0,0],[1e308,1e308]]}', /farther off/],
  ])('%s: a message, and nothing taken', (_, text, says) => {
    const read = readGeoJson(text(), LIE)
    expect(!read.ok && read.error).toMatch(says)
  })
})
