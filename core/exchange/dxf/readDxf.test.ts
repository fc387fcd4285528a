import { describe, expect, it } from 'vitest'
import { distance, insideOf } from '../../geometry'
import { decodeDxf, readableText } from './dxfText'
import { readDxf } from './readDxf'

type Pair = readonly [number, string | number]
const text = (pairs: readonly Pair[]) => pairs.map(([c, v]) => `${c}\n${v}`).join('\n')

/** A drawing of sections, as programs write it. */
function dxf(
  entities: readonly Pair[],
  blocks: readonly Pair[] = [],
  head: readonly Pair[] = [
    [9, '$INSUNITS'],
    [70, 6],
  ],
  layers: readonly Pair[] = [],
) {
  const section = (name: string, body: readonly Pair[]): Pair[] => [
    [0, 'SECTION'],
    [2, name],
    ...body,
    [0, 'ENDSEC'],
  ]
  const table: Pair[] = layers.length > 0 ? [[0, 'TABLE'], [2, 'LAYER'], [70, 9], ...layers, [0, 'ENDTAB']] : []
  return text([
    ...section('HEADER', head),
    ...section('TABLES', table),
    ...section('BLOCKS', blocks),
    ...section('ENTITIES', entities),
    [0, 'EOF'],
  ])
}
const line = (x1: number, y1: number, x2: number, y2: number, layer = 'edge'): Pair[] => [
  [0, 'LINE'],
  [8, layer],
  [10, x1],
  [20, y1],
  [11, x2],
  [21, y2],
]
const insert = (name: string, x: number, y: number, more: readonly Pair[] = [], layer = 'plan'): Pair[] => [
  [0, 'INSERT'],
  [8, layer],
  [2, name],
  [10, x],
  [20, y],
  ...more,
]
const block = (name: string, body: readonly Pair[], x = 0, y = 0): Pair[] => [
  [0, 'BLOCK'],
  [8, '0'],
  [2, name],
  [10, x],
  [20, y],
  ...body,
  [0, 'ENDBLK'],
]
const read = (file: string, unitM: number | null = null) => {
  const found = readDxf(file, unitM)
  if (!found.ok) throw new Error(found.error)
  return found.value
}

describe('shapes of DXF', () => {
  it('follows bulges: a bulge of 1 is a half circle to the right of the way', () => {
    const half: Pair[] = [
      [0, 'LWPOLYLINE'],
      [8, 'edge'],
      [90, 2],
      [70, 0],
      [10, 0],
      [20, 0],
      [42, 1],
      [10, 20],
      [20, 0],
    ]
    const [found] = read(dxf(half)).lines
    expect(Math.min(...found!.points.map((p) => p.y))).toBeCloseTo(-10, 2)
    expect(found!.points[found!.points.length - 1]).toEqual({ x: 20, y: 0 })
    for (const [i, p] of found!.points.entries()) {
      expect(distance(p, { x: 10, y: 0 })).toBeCloseTo(10, 3)
      const q = found!.points[i + 1]
      if (q)
        expect(distance({ x: (p.x + q.x) / 2, y: (p.y + q.y) / 2 }, { x: 10, y: 0 })).toBeGreaterThan(10 - 0.0021)
    }
  })
  it('a circle of 40 m keeps within 2 mm', () => {
    const [found] = read(
      dxf([
        [0, 'CIRCLE'],
        [8, 'c'],
        [10, 5],
        [20, 5],
        [40, 40],
      ]),
    ).lines
    const inner = found!.points.map((p, i) => {
      const q = found!.points[(i + 1) % found!.points.length]!
      return distance({ x: (p.x + q.x) / 2, y: (p.y + q.y) / 2 }, { x: 5, y: 5 })
    })
    expect(Math.min(...inner)).toBeGreaterThan(39.9979)
    expect(found!.closed).toBe(true)
  })
  it('an ellipse, an arc of it, and a mirrored arc lie where they are drawn', () => {
    const ellipse: Pair[] = [
      [0, 'ELLIPSE'],
      [8, 'e'],
      [10, 1],
      [20, 2],
      [11, 0],
      [21, 4],
      [40, 0.5],
      [41, 0],
      [42, Math.PI / 2],
    ]
    const mirrored: Pair[] = [
      [0, 'ARC'],
      [8, 'a'],
      [10, 10],
      [20, 0],
      [40, 2],
      [210, 0],
      [220, 0],
      [230, -1],
      [50, 0],
      [51, 90],
    ]
    const [e, a] = read(dxf([...ellipse, ...mirrored])).lines
    // From the end of the long axis (1, 6) a quarter round to the end of the short one (-1, 2).
    expect(e!.points[0]).toEqual({ x: 1, y: 6 })
    expect(e!.points[e!.points.length - 1]!.x).toBeCloseTo(-1, 4)
    expect(e!.points[e!.points.length - 1]!.y).toBeCloseTo(2, 4)
    // Seen from below x runs to the left: about (-10, 0), from (-12, 0) to (-10, 2).
    expect(a!.points[0]).toEqual({ x: -12, y: 0 })
    expect(a!.points[a!.points.length - 1]).toEqual({ x: -10, y: 2 })
  })
  it('a rational spline of a quarter circle is a quarter circle', () => {
    const w = Math.SQRT1_2
    const spline: Pair[] = [
      [0, 'SPLINE'],
      [8, 's'],
      [70, 4],
      [71, 2],
      [72, 6],
      [73, 3],
      ...[0, 0, 0, 1, 1, 1].map((k): Pair => [40, k]),
      ...[1, w, 1].map((k): Pair => [41, k]),
      [10, 10],
      [20, 0],
      [10, 10],
      [20, 10],
      [10, 0],
      [20, 10],
    ]
    const [found] = read(dxf(spline)).lines
    expect(found!.points.length).toBeGreaterThan(8)
    for (const p of found!.points) expect(Math.hypot(p.x, p.y)).toBeCloseTo(10, 3)
  })
  it('edges of a hatch are outlines; one that repeats an outline is left out', () => {
    const square: Pair[] = [
      [0, 'LWPOLYLINE'],
      [8, 'lawn'],
      [90, 4],
      [70, 1],
      [10, 0],
      [20, 0],
      [10, 4],
      [20, 0],
      [10, 4],
      [20, 4],
      [10, 0],
      [20, 4],
    ]
    const hatch = (layer: string, x: number): Pair[] => [
      [0, 'HATCH'],
      [8, layer],
      [10, 0],
      [20, 0],
      [2, 'SOLID'],
      [70, 1],
      [91, 1],
      [92, 7],
      [72, 0],
      [73, 1],
      [93, 4],
      [10, x],
      [20, 0],
      [10, x + 4],
      [20, 0],
      [10, x + 4],
      [20, 4],
      [10, x],
      [20, 4],
      [97, 0],
      [75, 0],
      [76, 1],
      [98, 1],
      [10, 1],
      [20, 1],
    ]
    const edges: Pair[] = [
      [0, 'HATCH'],
      [8, 'pond'],
      [10, 0],
      [20, 0],
      [2, 'SOLID'],
      [91, 1],
      [92, 1],
      [93, 2],
      [72, 1],
      [10, 20],
      [20, 0],
      [11, 24],
      [21, 0],
      [72, 2],
      [10, 22],
      [20, 0],
      [40, 2],
      [50, 0],
      [51, 180],
      [73, 1],
      [97, 0],
    ]
    const { lines, left } = read(dxf([...square, ...hatch('fill', 0), ...hatch('gravel', 10), ...edges]))
    expect(lines.map((l) => [l.layer, l.closed])).toEqual([
      ['lawn', true],
      ['gravel', true],
      ['pond', true],
    ])
    expect(left).toEqual([{ what: 'hatch', layer: 'fill', count: 1, why: 'it repeats another' }])
    expect(Math.max(...lines[2]!.points.map((p) => p.y))).toBeCloseTo(2, 2)
    expect(insideOf(lines[2]!.points)({ x: 22, y: 1 })).toBe(true)
  })
  it('an old polyline without its end mark does not hang, and frames of fitted curves are left out', () => {
    const vertex = (x: number, y: number, flags = 0): Pair[] => [
      [0, 'VERTEX'],
      [8, 'p'],
      [10, x],
      [20, y],
      [70, flags],
    ]
    const { lines } = read(
      dxf([
        [0, 'POLYLINE'],
        [8, 'p'],
        [66, 1],
        [70, 4],
        ...vertex(0, 9, 16),
        ...vertex(0, 0, 8),
        ...vertex(5, 0, 8),
        ...line(0, 1, 9, 1),
      ]),
    )
    expect(lines.map((l) => l.points.length)).toEqual([2, 2])
    expect(lines[0]!.points[0]).toEqual({ x: 0, y: 0 })
  })
})

describe('blocks of DXF', () => {
  it('nested, scaled, turned, mirrored and repeated, worked out by hand', () => {
    const blocks = [
      ...block('inner', line(1, 0, 2, 0, '0'), 1, 0),
      ...block(
        'outer',
        insert(
          'inner',
          10,
          0,
          [
            [41, 2],
            [42, 3],
            [50, 90],
          ],
          '0',
        ),
      ),
    ]
    // inner: from (1,0)-(2,0) about its base (1,0): (0,0)-(1,0); ×2 → (0,0)-(2,0); turned 90° → (0,0)-(0,2); moved → (10,0)-(10,2).
    // outer turned 180° at (100, 50): (90,50)-(90,48).
    const { lines } = read(dxf([...insert('outer', 100, 50, [[50, 180]], 'plan')], blocks))
    expect(lines).toHaveLength(1)
    expect(lines[0]!.layer).toBe('plan')
    expect(lines[0]!.points.map((p) => [p.x, p.y])).toEqual([
      [90, 50],
      [90, 48],
    ])
    const flipped = read(dxf([...insert('outer', 5, 0, [[230, -1]])], blocks)).lines[0]!
    expect(flipped.points.map((p) => [p.x + 0, p.y])).toEqual([
      [-15, 0],
      [-15, 2],
    ])
    const many = read(
      dxf(
        insert('inner', 0, 0, [
          [70, 3],
          [71, 2],
          [44, 5],
          [45, 7],
        ]),
        blocks,
      ),
    ).lines
    expect(many.map((l) => [l.points[0]!.x, l.points[0]!.y])).toEqual([
      [0, 0],
      [5, 0],
      [10, 0],
      [0, 7],
      [5, 7],
      [10, 7],
    ])
  })
  it('a block within itself ends, and a block’s name attribute names its shapes', () => {
    const blocks = block('loop', [...line(0, 0, 1, 0), ...insert('loop', 1, 0)])
    const found = read(dxf(insert('loop', 0, 0), blocks))
    expect(found.lines.length).toBeLessThan(40)
    expect(found.left.some((l) => l.why === 'it is nested too deep')).toBe(true)
    const attribute: Pair[] = [
      [66, 1],
      [0, 'ATTRIB'],
      [8, 'x'],
      [10, 0],
      [20, 0],
      [1, 'Old pear'],
      [2, 'NAME'],
      [0, 'SEQEND'],
    ]
    const named = read(
      dxf([...insert('one', 0, 0, attribute), ...line(0, 0, 9, 9, 'after')], block('one', line(0, 0, 1, 0))),
    )
    expect(named.lines.map((l) => l.name)).toEqual(['Old pear', 'after'])
  })
})

describe('what belongs to a plan', () => {
  it('leaves out frozen and hidden layers, paper and what is invisible, and counts them', () => {
    const layers: Pair[] = [
      [0, 'LAYER'],
      [2, 'ice'],
      [70, 1],
      [62, 7],
      [0, 'LAYER'],
      [2, 'off'],
      [70, 0],
      [62, -7],
    ]
    const found = read(
      dxf(
        [
          ...line(0, 0, 9, 0),
          ...line(0, 0, 1, 0, 'ice'),
          ...line(0, 0, 2, 0, 'ice'),
          ...line(0, 0, 3, 0, 'off'),
          ...line(0, 0, 4, 0),
          [67, 1],
          ...line(0, 0, 5, 0),
          [60, 1],
          [0, 'DIMENSION'],
          [8, 'dims'],
          [10, 0],
          [20, 0],
        ],
        [],
        undefined,
        layers,
      ),
    )
    expect(found.lines).toHaveLength(1)
    expect(found.left.map((l) => `${l.count} ${l.what} ${l.layer}: ${l.why}`)).toEqual([
      '2 line ice: its layer is frozen',
      '1 line off: its layer is switched off',
      '1 line edge: it lies on the paper, not in the plan',
      '1 line edge: it is hidden',
      '1 dimension dims: such things are not read',
    ])
  })
  it('texts name the smallest outline they stand in', () => {
    const box = (x: number, w: number): Pair[] => [
      [0, 'LWPOLYLINE'],
      [8, '0'],
      [90, 4],
      [70, 1],
      [10, x],
      [20, 0],
      [10, x + w],
      [20, 0],
      [10, x + w],
      [20, w],
      [10, x],
      [20, w],
    ]
    const words = (x: number, y: number, t: string): Pair[] => [
      [0, 'TEXT'],
      [8, 'words'],
      [10, x],
      [20, y],
      [40, 0.2],
      [1, t],
    ]
    const found = read(
      dxf([
        ...box(0, 20),
        ...box(5, 4),
        ...words(6, 1, 'Pond'),
        ...words(15, 15, 'Lawn'),
        ...words(90, 90, 'far off'),
      ]),
    )
    expect(found.lines.map((l) => l.name)).toEqual(['Lawn', 'Pond'])
    expect(found.left).toEqual([{ what: 'text', layer: 'words', count: 1, why: 'it names nothing' }])
  })
})

describe('units', () => {
  const size = (head: readonly Pair[], w: number, unitM: number | null = null) => {
    const { lines, unit } = read(dxf(line(0, 0, w, 0), [], head), unitM)
    return { m: lines[0]!.points[1]!.x, unit }
  }
  const head = (n: number): Pair[] => [
    [9, '$INSUNITS'],
    [70, n],
  ]
  it.each([
    [1, 400, 10.16],
    [2, 30, 9.144],
    [4, 12_000, 12],
    [5, 1200, 12],
    [6, 12, 12],
    [10, 20, 18.288],
    [14, 120, 12],
    [21, 3937, 1200],
  ])('number %i: %d is %d m', (n, drawn, metres) => {
    expect(size(head(n), drawn).m).toBeCloseTo(metres, 3)
  })
  it('of circles alone is told by how far they reach', () => {
    const circle: Pair[] = [
      [0, 'CIRCLE'],
      [8, 'c'],
      [10, 0],
      [20, 0],
      [40, 6000],
    ]
    const { unit } = read(dxf(circle, [], []))
    expect(unit).toMatchObject({ metres: 0.001, said: null })
    expect(unit.doubt).toContain('12\u202fm across')
  })
  it('asks when none is given or the size is odd, and takes the word of who knows', () => {
    const none = size(
      [
        [9, '$ACADVER'],
        [1, 'AC1009'],
      ],
      12_000,
    )
    expect(none.m).toBeCloseTo(12)
    expect(none.unit.doubt).toContain('does not say its unit')
    expect(
      size(
        [
          [9, '$MEASUREMENT'],
          [70, 0],
        ],
        60,
      ).unit.metres,
    ).toBe(0.3048)
    expect(size(head(6), 12_000).unit.doubt).toContain('12000\u202fm across')
    expect(size(head(4), 12).unit.doubt).toContain('12\u202fmm across')
    expect(size(head(6), 12_000, 0.001)).toMatchObject({ m: 12, unit: { doubt: null } })
  })
})

describe('words', () => {
  it('of code pages, of UTF-8 and of written codes', () => {
    const bytes = (s: string) => Uint8Array.from([...s].map((c) => c.charCodeAt(0)))
    const file = (page: string, version: string, name: string) =>
      bytes(
        text([
          [9, '$ACADVER'],
          [1, version],
          [9, '$DWGCODEPAGE'],
          [3, page],
          [8, name],
        ]),
      )
    expect(decodeDxf(file('ANSI_1252', 'AC1015', 'Teich \xe4'))).toContain('Teich ä')
    expect(decodeDxf(file('ANSI_1251', 'AC1015', '\xf1\xe0\xe4'))).toContain('сад')
    expect(decodeDxf(file('nonsense', 'AC1015', '\xe9'))).toContain('é')
    expect(decodeDxf(new TextEncoder().encode('8\nétang'))).toContain('étang')
    expect(readableText('{\\fArial|b0;\\C1;Alte \\U+00E4 Eiche}\\P5%%d')).toBe('Alte ä Eiche 5°')
  })
  it('a binary drawing and a broken one are told, nothing is thrown', () => {
    for (const bad of [
      'Its own Binary DXF\r\n\x1a\0',
      '',
      '0\nSECTION',
      '0\nSECTION\n2\nENTITIES\n0\nLWPOLYLINE\n10\nx\n0\nENDSEC\n0\nEOF',
    ]) {
      const found = readDxf(bad)
      expect(!found.ok && found.error).toContain('nothing was changed')
    }
  })
})
