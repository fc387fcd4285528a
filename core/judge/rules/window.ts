import type { Opening } from '../../model'
import { swapKind } from '../../edit'
import { monthName, placeMonth, type LibraryMonth } from '../../time'
import { fullHeightM } from '../../plant'
import { windowCover } from '../../see'
import { finding, type Finding, type Mend } from '../finding'
import type { WholeRule } from '../rule'
import { bodiesNear, capital, MATURE_YEAR, metres, nameOf, type Scene } from '../../scene'
import { standIns } from '../../match'

const TOLERATED = 0.15
const YEARS = [1, 2, 3, 5, 10] as const
const HIGH_SUMMER: LibraryMonth = 7
const DOOR_SILL_M = 0.3
const ORDINALS = ['first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth']

/** Planting that will cover a window above its sill. */
export const window: WholeRule = {
  id: 'window',
  findings: (scene) => {
    const openings = [...(scene.bed.wall?.openings ?? [])]
      .filter((o) => o.sillM >= DOOR_SILL_M)
      .sort((a, b) => a.x - b.x)
    return openings.flatMap((opening, i) =>
      judge(scene, opening, openings.length === 1 ? 'the window' : `the ${ORDINALS[i] ?? `${i + 1}th`} window`),
    )
  },
}

function judge(scene: Scene, opening: Opening, called: string): Finding[] {
  const month = placeMonth(HIGH_SUMMER, scene.climate)
  const range = { from: opening.x, to: opening.x + opening.widthM }
  const bodies = bodiesNear(scene, { month, year: MATURE_YEAR }, range)
  const cover = windowCover(opening, bodies)
  if (cover.share <= TOLERATED) return []
  const by = [...cover.by].sort((a, b) => b.share - a.share).filter((c) => c.share > 0.02)
  const worst = bodies[by[0]!.index]!
  const year =
    YEARS.find((y) => windowCover(opening, bodiesNear(scene, { month, year: y }, range)).share > TOLERATED) ??
    MATURE_YEAR
  const height = Math.max(worst.foliageM, worst.flowerM)
  return [
    finding(
      {
        id: `window:${opening.id}`,
        rule: 'window',
        title: `Hides ${called}`,
        reason:
          `${capital(nameOf(worst.at.plant))} will stand ${metres(height)} before a sill at ` +
          `${metres(opening.sillM)}; ${Math.round(cover.share * 100)} % of the glass is covered in ` +
          `${monthName(month)} of year ${MATURE_YEAR}, more than ${TOLERATED * 100} % from year ${year}.`,
        weight: 55 + 40 * cover.share,
        ...range,
        plants: by.map((c) => bodies[c.index]!.at.id),
        figures: [
          { name: 'glass covered', value: cover.share * 100, unit: '%' },
          { name: 'tolerated', value: TOLERATED * 100, unit: '%' },
          { name: 'sill', value: opening.sillM, unit: 'm' },
          { name: 'from year', value: year, unit: '' },
        ],
        source:
          'Share of the glass behind outlines above the sill, straight on, weighted by density, high summer, ' +
          'year 10.',
        grounds: ['calculations#what-is-seen'],
      },
      () => mendsFor(scene, opening, worst.at.driftId),
    ),
  ]
}

function mendsFor(scene: Scene, opening: Opening, driftId: string): Mend[] {
  const drift = scene.bed.drifts.find((d) => d.id === driftId)
  const plant = drift && scene.library.get(drift.plantId)
  if (!drift || !plant) return []
  const mends: Mend[] = standIns(
    plant,
    scene,
    { maxHeightM: opening.sillM + 0.05, minHeightM: Math.min(0.35, fullHeightM(plant) * 0.4) },
    2,
  ).map((p) => ({
    label: `Swap for ${nameOf(p)}`,
    edit: swapKind(scene.bed, drift.plantId, p.id, new Set([driftId]))[0]!,
  }))
  // One that climbs goes where its support goes.
  if (drift.shape?.kind === 'climb' && drift.shape.about) return mends
  const x = scene.frame.alongAt(drift.at)
  const middle = opening.x + opening.widthM / 2
  const half = (plant.spreadM * scene.school.spacing * Math.ceil(drift.count / 2)) / 2 + 0.1
  const target = x >= middle ? opening.x + opening.widthM + half : opening.x - half
  if (drift.count <= 3 && target > scene.frame.firstX && target < scene.frame.lastX) {
    mends.push({
      label: `Move ${Math.abs(target - x).toFixed(1)}\u202fm ${target > x ? 'right' : 'left'}`,
      edit: { kind: 'changeDrift', driftId, change: { at: scene.frame.sAt(target) } },
    })
  }
  return mends
}
