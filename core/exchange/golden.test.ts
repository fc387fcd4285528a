import { describe, expect, it } from 'vitest'
import { figures } from '../../tests/support/figures'
import { demoSite, scenes } from '../../tests/support/goldenBeds'
import { bedSheet } from '../scene/bedSheets'
import { resolveSite } from '../site'
import { faultOfLine, fitLine, liesFar, moveToOrigin, placedLines } from './fitToSite'
import { tidy } from './found'
import { readGeoJson, writeGeoJson } from './geoJson'
import { readDxf } from './dxf/readDxf'
import { writeDxf } from './dxf/writeDxf'
import { writePaintsAsDxf } from './dxf/writePaintsAsDxf'
import { readSvg } from './svg/readSvg'
import { svgLines } from './svg/svgPen'
import { writeSvg } from './svg/writeSvg'

const site = resolveSite(demoSite)
const beds = [
  {
    name: 'A & <b>',
    outline: [
      { x: 0, y: 0 },
      { x: 3, y: 0 },
      { x: 3, y: 2 },
    ],
  },
]
const lie = { latitude: 44.6, longitude: -63.6, northDeg: site.northDeg }
const scene = scenes.get(3)!

describe('golden drawing files', () => {
  it('of the site', () => {
    const [dxf, svg, geo] = [writeDxf(site, beds), writeSvg(site, beds), writeGeoJson(site, lie, beds)]
    expect([figures(dxf), figures(svg), figures(geo)]).toMatchSnapshot()
    expect(
      [readDxf(dxf), readSvg(svg), readGeoJson(geo, lie)].map((r) =>
        r.ok ? `${r.value.lines.length} ${figures(r.value.lines)}` : r.error,
      ),
    ).toMatchSnapshot()
  })
  it('of a bed, as plan and elevation', () => {
    for (const view of ['plan', 'elevation'] as const) {
      const drawn = bedSheet(scene, view, { month: 7, year: 4 })
      const svg = `${[...svgLines(drawn.paints, drawn.sheet, drawn.widthPt, drawn.heightPt)].join('\n')}\n`
      expect([
        drawn.title,
        drawn.scale,
        figures(drawn.sheet),
        figures(svg),
        figures(writePaintsAsDxf(drawn.paints)),
      ]).toMatchSnapshot()
    }
  })
  it('of every shape that SVG has', () => {
    const svg = `<svg xmlns="http://www.w3.org/2000/svg"><g transform="translate(10 5) rotate(30)"><rect x="1" y="2" width="5" height="2"/>
      <rect width="0" height="2"/><circle cx="3" cy="4" r="2"/><ellipse cx="3" cy="4" rx="2" ry="1"/><line x1="0" y1="0" x2="4" y2="1"/>
      <polyline points="0,0 1,1 2,0"/><polygon points="0 0 1 1 2 0"/><path d="M0 0h4v3l-1 1zM5 5L6 6"/><text>no</text></g></svg>`
    const read = readSvg(svg, { unitM: 0.5 })
    expect(
      read.ok && read.value.lines.map((l) => [l.name, l.closed, l.points.length, figures(l.points)]),
    ).toMatchSnapshot()
    for (const bad of ['<svg>', '<svg xmlns="http://www.w3.org/2000/svg"/>', 'no'])
      expect(readSvg(bad)).toMatchSnapshot()
  })
  it('lines from elsewhere are tidied, moved and checked', () => {
    const far = [
      {
        name: 'x\u0000',
        layer: '',
        what: 'polyline',
        closed: true,
        points: [
          { x: 5000, y: 0 },
          { x: 5000, y: 0 },
          { x: 5010, y: 4 },
          { x: 5000, y: 9 },
        ],
      },
    ]
    expect([
      liesFar(far),
      liesFar([{ ...far[0]!, points: [{ x: 0, y: -1001 }] }]),
      liesFar(beds.map((b) => ({ ...far[0]!, name: b.name, points: b.outline }))),
    ]).toEqual([true, true, false])
    expect(moveToOrigin(far)).toMatchSnapshot()
    expect(placedLines(far, { dx: -5000, dy: 1, turnDeg: 90, scale: 2 })).toMatchSnapshot()
    expect(fitLine({ ...far[0]!, name: '', closed: false }, 4)).toMatchSnapshot()
    expect(tidy(far)).toMatchSnapshot()
    const faults = [
      { name: 'a', closed: true, points: [{ x: Number.NaN, y: 0 }] },
      {
        name: 'a',
        closed: true,
        points: [
          { x: 0, y: Infinity },
          { x: 1, y: 0 },
        ],
      },
      { name: 'a', closed: true, points: Array.from({ length: 500 }, (_, i) => ({ x: i / 9, y: i % 7 })) },
      {
        name: 'a',
        closed: false,
        points: [
          { x: 0, y: 0 },
          { x: 1, y: 1 },
        ],
      },
      {
        name: 'a',
        closed: true,
        points: [
          { x: 2000, y: 0 },
          { x: 1, y: 0 },
          { x: 1, y: 1 },
        ],
      },
    ]
    expect(faults.map((f) => faultOfLine({ layer: '', what: 'line', ...f }))).toMatchSnapshot()
  })
})
