import { colourWords, deltaE, lightness } from '../../colour'
import { swapKind } from '../../edit'
import { standIns } from '../../match'
import { fullHeightM, type Plant } from '../../plant'
import { capital, kindsById, nameOf, type Scene } from '../../scene'
import type { PlacedPlant } from '../../layout'
import { ofBed } from '../ofBed'
import type { WholeRule } from '../rule'

const VANISHES = 6
const PALE = 0.84
const DARK = 0.42
/** Pale on pale and dark on dark vanish sooner than colours do. */
const PALE_VANISHES = 10
/** What stands this much higher behind is the backdrop, not the wall. */
const COVERED = 0.75

/** Flowers and dark leaves that vanish before the wall or fence they are seen against, in any lane. */
export const backdrop: WholeRule = {
  id: 'backdrop',
  findings: (scene) => {
    const { wall } = scene.bed
    if (!wall) return []
    const lost = kindsById(scene.byPlant).filter(
      ([p]) =>
        p.kind !== 'climber' &&
        p.kind !== 'grass' &&
        isLost(shownBy(p), wall.colour) &&
        fullHeightM(p) <= wall.heightM * 1.1,
    )
    if (lost.length === 0) return []
    const behind = backersOf(scene)
    return lost.flatMap(([plant, placed]) => {
      const open = placed.filter((p) => !isBacked(behind(p.along), p))
      if (open.length * 2 < placed.length) return []
      const colour = shownBy(plant)
      const away = deltaE(wall.colour, colour)
      const isFence = wall.material === 'boards'
      return [
        ofBed(
          scene,
          {
            id: `backdrop:${plant.id}`,
            rule: 'backdrop',
            title: `${capital(nameOf(plant))} vanishes before the ${isFence ? 'fence' : 'wall'}`,
            reason:
              `Its ${colourWords(colour)} ${plant.flowerColour === colour ? 'flower' : 'leaf'} lies ΔE ${away.toFixed(1)} from ` +
              `the ${colourWords(wall.colour)} ${isFence ? 'fence' : 'wall'}, and nothing else stands behind it.`,
            weight: 34,
            plants: open,
            figures: [{ name: 'from the wall', value: away, unit: 'ΔE' }],
            source: 'Flowers and dark leaves under ΔE 6 from what they stand before, pale and dark ones under 10.',
            grounds: ['practice#contrast'],
          },
          () =>
            standIns(
              plant,
              scene,
              { maxSpreadM: plant.spreadM * 1.1, where: (p) => !isLost(shownBy(p), wall.colour) },
              3,
            ).map((p) => ({
              label: `${capital(nameOf(p))} instead`,
              edit: { kind: 'all' as const, name: 'swap plant', edits: swapKind(scene.bed, plant.id, p.id) },
            })),
        ),
      ]
    })
  },
}

/** What tells of a plant against what is behind it: its flower, or its leaf where it has none to speak of. */
const shownBy = (p: Plant): string =>
  p.flowerColour && p.flowerMonths.length > 0 && p.kind !== 'grass' ? p.flowerColour : p.foliage.summer

function isLost(colour: string, wall: string): boolean {
  const [a, b] = [lightness(colour), lightness(wall)]
  const isSame = (a > PALE && b > PALE) || (a < DARK && b < DARK)
  return deltaE(colour, wall) < (isSame ? PALE_VANISHES : VANISHES)
}

/** What could hide the wall behind another plant, by the metre along the bed over which it stands. */
function backersOf({ own }: Scene): (along: number) => readonly PlacedPlant[] {
  const metres = new Map<number, PlacedPlant[]>()
  for (const q of own) {
    if (q.plant.density <= DENSE) continue
    const half = q.plant.spreadM / 2
    for (let m = Math.floor(q.along - half); m <= q.along + half; m++) {
      const there = metres.get(m)
      if (there) there.push(q)
      else metres.set(m, [q])
    }
  }
  return (along) => metres.get(Math.floor(along)) ?? []
}
const DENSE = 0.55

/** Whether plants behind it hide the wall: near as high, over its middle. */
const isBacked = (near: readonly PlacedPlant[], { along, out, plant }: PlacedPlant): boolean =>
  near.some(
    (q) =>
      q.out < out - 0.1 &&
      Math.abs(q.along - along) < q.plant.spreadM / 2 &&
      fullHeightM(q.plant) >= fullHeightM(plant) * COVERED,
  )
