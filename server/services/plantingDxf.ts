import { laneNames } from '../../core/bed'
import { writeDxf } from '../../core/exchange'
import { fullHeightM } from '../../core/plant'
import { aspectOf } from '../../core/see'
import { lettersOf, picturesAt, type Scene } from '../../core/scene'
import { dripLines, type WaterBed } from '../../core/water'

/**
 * The planting plan of a bed as a DXF drawing in metres: its outline and every plant as a block with attributes, y up the sheet;
 * drip on layers of its own.
 */
export function plantingDxf(scene: Scene, water: Pick<WaterBed, 'bed' | 'drip'> | null = null): string {
  const { bed, frame } = scene
  const letters = lettersOf(scene)
  const { plan } = picturesAt(scene, { month: 7, year: 10 }, aspectOf(bed, frame, bed.viewpoint))
  const lanes = laneNames(bed.laneShares.length, bed.form.kind)
  const outlines = plan.outlines.map((o) => ({ name: bed.name, outline: o.map(({ x, y }) => ({ x, y: -y })) }))
  const plants = scene.planted.map(({ plant, lane, x, y }) => ({
    x,
    y: -y,
    bed: bed.name,
    lane: lanes[lane] ?? '',
    letters: letters.get(plant.id) ?? '',
    botanicalName: plant.botanicalName,
    commonName: plant.commonName,
    heightM: fullHeightM(plant),
    spreadM: plant.spreadM,
  }))
  return writeDxf({ things: [] }, outlines, plants, water ? dripLines(water) : [])
}
