import { describe, expect, it } from 'vitest'
import { distance } from '../../geometry'
import { readSvg, type SvgSize } from './readSvg'

const svg = (body: string, attributes = '') =>
  `<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" ${attributes}>${body}</svg>`
const read = (text: string, size: SvgSize = { unitM: 1 }) => {
  const found = readSvg(text, size)
  if (!found.ok) throw new Error(found.error)
  return found.value
}
const at = (text: string, size?: SvgSize) => read(text, size).lines.map((l) => l.points.map((p) => [p.x, p.y + 0]))

describe('places of SVG', () => {
  it('follows groups, transforms as attribute and as style', () => {
    const body =
      '<g transform="translate(10 0) scale(2)"><line x2="5" y2="2"/></g><line style="transform: translate(3px, 4px)" x2="1"/>'
    expect(at(svg(body))).toEqual([
      [
        [10, 0],
        [20, -4],
      ],
      [
        [3, -4],
        [4, -4],
      ],
    ])
  })
  it('a page at 1 : 100 and at what the file itself names', () => {
    const page = 'width="200mm" height="100mm" viewBox="0 0 400 200"'
    const body = '<line x2="400"/>'
    // 400 units on 200 mm; 200 mm at 1 : 100 are 20 m.
    expect(at(svg(body, page), { ratio: 100 })).toEqual([
      [
        [0, 0],
        [20, 0],
      ],
    ])
    expect(at(svg(body, `${page} data-scale="20"`), {})).toEqual([
      [
        [0, 0],
        [4, 0],
      ],
    ])
    const asked = read(svg(body, page), {})
    expect(asked.page).toEqual({ widthMm: 200, heightMm: 100 })
    expect(asked.unit.doubt).toContain('no scale')
    expect(asked.lines[0]!.points[1]).toEqual({ x: 10, y: 0 })
  })
  it('views within views, and symbols used at their own size', () => {
    const inner = '<svg x="10" y="20" width="40" height="20" viewBox="0 0 4 4"><line x2="4"/></svg>'
    // 4 × 4 into 40 × 20: scale 5, in the middle: 10 from the left.
    expect(at(svg(inner, 'viewBox="0 0 100 100"'))).toEqual([
      [
        [20, -20],
        [40, -20],
      ],
    ])
    const stretched = inner.replace('viewBox', 'preserveAspectRatio="none" viewBox')
    expect(at(svg(stretched, 'viewBox="0 0 100 100"'))).toEqual([
      [
        [10, -20],
        [50, -20],
      ],
    ])
    const symbol =
      '<symbol id="s" viewBox="0 0 2 2"><line x2="2" y2="2"/></symbol><use xlink:href="#s" x="1" y="1" width="10" height="10"/>'
    expect(at(svg(symbol))).toEqual([
      [
        [1, -1],
        [11, -11],
      ],
    ])
    const again = '<defs><line id="l" x2="1"/></defs><use href="#l" x="5" transform="scale(2)"/><use href="#gone"/>'
    expect(at(svg(again))).toEqual([
      [
        [10, 0],
        [12, 0],
      ],
    ])
    expect(read(svg(again)).left[0]!.why).toContain('not in the file')
  })
  it('a shape that uses itself is told, not followed for ever', () => {
    expect(readSvg(svg('<g id="a"><use href="#a"/></g>')).ok).toBe(false)
  })
  it('per cent are of the view', () => {
    expect(at(svg('<line x1="10%" x2="50%" y2="100%"/>', 'viewBox="0 0 200 40"'))).toEqual([
      [
        [20, 0],
        [100, -40],
      ],
    ])
  })
})

describe('curves of SVG', () => {
  it('arcs keep within 5 mm of a circle of 20 m', () => {
    const [points] = read(svg('<path d="M20 0A20 20 0 0 1 -20 0A20 20 0 0 1 20 0Z"/>')).lines.map((l) => l.points)
    points!.forEach((p, i) => {
      const q = points![(i + 1) % points!.length]!
      expect(Math.abs(Math.hypot((p.x + q.x) / 2, (p.y + q.y) / 2) - 20)).toBeLessThan(0.005)
    })
  })
  it('a cubic curve passes where its formula says, through a turned and scaled group', () => {
    const [line] = read(svg('<g transform="rotate(90) scale(10)"><path d="M0 0C1 0 1 1 0 1"/></g>')).lines
    // u = ½: (0.75, 0.5), times ten, turned: (-5, 7.5), y up: (-5, -7.5).
    const near = line!.points.map((p) => distance(p, { x: -5, y: -7.5 }))
    expect(Math.min(...near)).toBeLessThan(0.3)
    expect(line!.points.length).toBeGreaterThan(15)
    expect(line!.points.length).toBeLessThan(400)
  })
  it('several strokes of a path are several lines; a rounded box has its corners round', () => {
    const found = read(svg('<path id="beds" d="M0 0h4v3zM10 0l1 1"/><rect width="10" height="6" rx="2"/>')).lines
    expect(found.map((l) => l.closed)).toEqual([true, false, true])
    for (const p of found[2]!.points) expect(Math.hypot(p.x, p.y)).toBeGreaterThan(0.8)
  })
})

describe('what shows of SVG', () => {
  it('leaves hidden parts out, by attribute, style and sheet, and counts them', () => {
    const sheet =
      '<style>.off{display:none} #gone, g.x > line{visibility:hidden} @media print{rect{display:none}}</style>'
    const body = `${sheet}<rect width="2" height="2"/><rect class="off" width="2" height="3"/><g style="display:none"><line x2="1"/></g>
      <g class="x"><line x2="5"/><line x2="6" style="visibility:visible"/></g><line id="gone" x2="9"/><circle display="none" r="3"/>`
    const found = read(svg(body))
    expect(found.lines.map((l) => l.what)).toEqual(['rect', 'line'])
    expect(found.left.reduce((n, l) => n + l.count, 0)).toBe(5)
  })
  it('what a hidden group holds shows where it says so itself', () => {
    const body = '<g visibility="hidden"><line x2="3"/><line x2="4" visibility="visible"/><g><line x2="5"/></g></g>'
    const found = read(svg(body))
    expect(found.lines.map((l) => l.points[1]!.x)).toEqual([4])
    expect(found.left).toEqual([{ what: 'line', layer: '', count: 2, why: 'it is hidden' }])
  })
  it('texts and titles are names, groups are layers', () => {
    const found = read(
      svg(
        '<g id="garden"><rect width="20" height="20"/><rect x="30" width="5" height="5"><title>Shed</title></rect>' +
          '<text x="4" y="4">Old <tspan>lawn</tspan></text></g>',
      ),
    )
    expect(found.lines.map((l) => [l.name, l.layer])).toEqual([
      ['Old lawn', 'garden'],
      ['Shed', 'garden'],
    ])
  })
})
