import { execFileSync, spawnSync } from 'node:child_process'
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, describe, expect, it } from 'vitest'
import { readDxf, writeDxf, writeGeoJson, writeSvg, type PlantOnSite } from '../../core/exchange'
import { distance } from '../../core/geometry'
import { cornersOf, resolveSite } from '../../core/site'
import { plantingDxf } from '../../server/services/plantingDxf'
import { demoSite, scenes } from '../support/goldenBeds'

const PYTHON = '/usr/bin/python3'
const has = (command: string, ...args: string[]) => spawnSync(command, args).status === 0
const hasEzdxf = has(PYTHON, '-c', 'import ezdxf')
const hasGdal = has('ogrinfo', '--version')
const hasRsvg = has('rsvg-convert', '--version')
for (const [there, what] of [
  [hasEzdxf, 'ezdxf'],
  [hasGdal, 'GDAL'],
  [hasRsvg, 'rsvg'],
] as const)
  if (!there) console.warn(`${what} is not installed here: its check of our files is skipped.`)

const folder = mkdtempSync(join(tmpdir(), 'readers-'))
afterAll(() => rmSync(folder, { recursive: true, force: true }))
const put = (name: string, text: string) => {
  const path = join(folder, name)
  writeFileSync(path, text)
  return path
}

const site = resolveSite(demoSite)
const beds = [{ name: 'Front “A” & B', outline: [0, 1, 2].map((i) => ({ x: 3 * i, y: i % 2 })) }]
const plants: PlantOnSite[] = Array.from({ length: 40 }, (_, i) => ({
  x: (i % 8) * 0.5,
  y: 2 + Math.floor(i / 8) * 0.5,
  bed: beds[0]!.name,
  lane: i % 2 === 0 ? 'back' : 'front',
  letters: i % 2 === 0 ? 'A' : 'AA',
  botanicalName: i % 2 === 0 ? 'Nepeta × faassenii' : 'Sedum %%d \\U+00e9',
  commonName: 'catmint\nof two lines',
  heightM: 0.6,
  spreadM: 0.5,
}))

interface Audit {
  readonly errors: readonly string[]
  readonly units: number
  readonly found: readonly {
    readonly kind: string
    readonly layer: string
    readonly places: readonly (readonly [number, number])[]
    readonly text: string
    readonly block: string
    readonly attributes: Readonly<Record<string, string>>
  }[]
}
const audit = (name: string, text: string) =>
  JSON.parse(execFileSync(PYTHON, ['tests/support/auditDxf.py', put(name, text)], { encoding: 'utf8' })) as Audit

describe.skipIf(!hasEzdxf)('ezdxf on our drawings', () => {
  it('the site with its planting: no errors, metres, every corner and attribute where it is', () => {
    const { errors, units, found } = audit('site.dxf', writeDxf(site, beds, plants))
    expect(errors).toEqual([])
    expect(units).toBe(6)
    for (const t of site.things) {
      const corners = cornersOf(t)
      const there = found.some(
        (e) =>
          e.layer === t.kind &&
          e.places.length === corners.length &&
          e.places.every(([x, y], i) => distance({ x, y }, corners[i]!) < 1e-9),
      )
      expect(there, t.name).toBe(true)
    }
    const marks = found.filter((e) => e.attributes.LETTER !== undefined)
    expect(marks).toHaveLength(plants.length)
    expect(marks[1]!.attributes).toMatchObject({ LETTER: 'AA', COMMON: 'catmint of two lines', SPREAD_M: '0.5' })
    expect(new Set(marks.map((m) => m.layer))).toEqual(
      new Set(['plants back Nepeta × faassenii', 'plants front Sedum %%d U+00e9']),
    )
    expect(found.some((e) => e.kind === 'TEXT' && e.text === beds[0]!.name)).toBe(true)
  })
  it.each([...scenes.keys()].slice(0, 6))(
    'golden bed %i as a planting plan: no errors, a block a plant',
    (index) => {
      const scene = scenes.get(index)!
      const { errors, found } = audit(`bed${index}.dxf`, plantingDxf(scene))
      expect(errors).toEqual([])
      expect(found.filter((e) => e.attributes.LETTER !== undefined)).toHaveLength(scene.planted.length)
    },
  )
  it('its own drawing of nested blocks, ellipses, splines and hatches reads to the same places', () => {
    const path = join(folder, 'theirs.dxf')
    const made = execFileSync(PYTHON, ['tests/support/drawDxf.py', path], { encoding: 'utf8' })
    const boxes = JSON.parse(made) as Readonly<Record<string, readonly [number, number, number, number]>>
    const read = readDxf(readFileSync(path, 'utf8'))
    if (!read.ok) throw new Error(read.error)
    expect(Object.keys(boxes).length).toBeGreaterThan(6)
    for (const [layer, box] of Object.entries(boxes)) {
      const points = read.value.lines.filter((l) => l.layer === layer).flatMap((l) => l.points)
      const mine = [
        Math.min(...points.map((p) => p.x)),
        Math.min(...points.map((p) => p.y)),
        Math.max(...points.map((p) => p.x)),
        Math.max(...points.map((p) => p.y)),
      ]
      mine.forEach((v, i) => expect(Math.abs(v - box[i]!), `${layer} ${mine} ${box}`).toBeLessThan(0.005))
    }
  })
})

describe.skipIf(!hasGdal)('GDAL on our maps and drawings', () => {
  const info = (path: string) => execFileSync('ogrinfo', ['-al', '-so', path], { encoding: 'utf8' })
  it('GeoJSON: every feature, in degrees', () => {
    const lie = { latitude: 44.6, longitude: -63.6, northDeg: site.northDeg }
    const said = info(put('site.geojson', writeGeoJson(site, lie, beds, plants)))
    expect(said).toContain(`Feature Count: ${site.things.length + beds.length + plants.length}`)
    expect(said).toContain('WGS 84')
  })
  it('DXF: opens, with all layers', () => {
    const path = put('gdal.dxf', writeDxf(site, beds, plants))
    const layers = execFileSync('ogrinfo', ['-q', '-sql', 'SELECT DISTINCT Layer FROM entities', path], {
      encoding: 'utf8',
    })
    for (const kind of new Set(site.things.map((t) => t.kind))) expect(layers).toContain(kind)
    expect(layers).toContain('plants back')
  })
})

describe.skipIf(!hasRsvg)('rsvg on our pictures', () => {
  it.each([50, 100])('the site at 1 : %i is a page of true size', (ratio) => {
    const svg = writeSvg(site, beds, plants, ratio)
    const png = join(folder, `site${ratio}.png`)
    execFileSync('rsvg-convert', ['-d', '100', '-p', '100', '-o', png, put(`site${ratio}.svg`, svg)])
    const widthMm = Number(/width="([\d.]+)mm"/.exec(svg)![1])
    const pixels = readFileSync(png).readUInt32BE(16)
    expect(Math.abs(pixels - (widthMm / 25.4) * 100)).toBeLessThan(2)
  })
})
