import { colourWords, deltaE, isGreen, nearestOf, saturation, type Theme } from '../../colour'
import { monthName, type PlaceMonth, placeMonth, type LibraryMonth } from '../../time'
import { swapKind } from '../../edit'
import { bodiesAt } from '../../layout'
import { shownOf, type Plant } from '../../plant'
import { finding, type Finding } from '../finding'
import type { WholeRule } from '../rule'
import { capital, nameOf, placesOfKind, stretchOf, type Scene } from '../../scene'
import { standIns } from '../../match'

const YEAR = 3
const MIDSUMMER: LibraryMonth = 7
const ONE_COLOUR_SHARE = 0.6
/** A month with less colour than this of its canopy has none to be too much. */
const COLOURED_ENOUGH = 0.35
/** Leaves and flowers this grey belong to any theme. */
const NEUTRAL = 0.05

/** A colour that a plant shows in a month, and how much of the bed it makes. */
interface ShownColour {
  readonly plant: Plant
  readonly month: PlaceMonth
  readonly colour: string
  readonly flower: boolean
  readonly share: number
}

/** Every colour of the bed by month in its third year: flowers, and leaves that are not green; share of the visible canopy. */
export function shownColours(scene: Scene): ShownColour[] {
  const kinds = [...scene.byPlant.values()].map((list) => ({ at: list[0]!, count: list.length }))
  return Array.from({ length: 12 }, (_, i) => i + 1).flatMap((month) => {
    const bodies = bodiesAt(
      kinds.map((k) => k.at),
      { month, year: YEAR },
      scene.climate,
      scene.bed.buying,
      scene.stays,
    )
    const areas = bodies.map((b, k) =>
      b.look.state === 'gone' ? 0 : kinds[k]!.count * b.spreadM * Math.max(b.foliageM, b.flowerM, 0.05),
    )
    const whole = areas.reduce((a, b) => a + b, 0) || 1
    return bodies.flatMap((b, k): ShownColour[] => {
      const { plant } = b.at
      const part = areas[k]! / whole
      const { flower, leaf, inLeaf } = shownOf(plant, b.look)
      const parts: ShownColour[] = []
      // Of several colours each is judged: whichever comes.
      const colours = flower ? [flower.colour, ...plant.moreFlowerColours] : []
      if (flower && flower.share > LEAST_FLOWER)
        for (const colour of colours)
          parts.push({ plant, month, colour, flower: true, share: (part * flower.share) / colours.length })
      if (leaf && inLeaf) parts.push({ plant, month, colour: leaf.colour, flower: false, share: part * leaf.share })
      return parts.filter((p) => p.share > 0)
    })
  })
}

/** Fewer flowers than this of a plant are not yet its colour. */
const LEAST_FLOWER = 0.15

/** Colours outside the theme, and one colour that takes over. */
export const theme: WholeRule = {
  id: 'theme',
  findings: (scene) => {
    if (!scene.theme || scene.placement.plants.length === 0) return []
    const shown = shownColours(scene)
    return [...astray(scene, scene.theme, shown), ...tooMuch(scene, shown)]
  },
}

const FREE = (colour: string) => isGreen(colour) || saturation(colour) < NEUTRAL

function astray(scene: Scene, wanted: Theme, shown: readonly ShownColour[]): Finding[] {
  const tolerance = scene.school.paletteTolerance
  const isNear = (colour: string, month: PlaceMonth) =>
    (nearestOf(wanted, colour, month)?.distance ?? 100) <= tolerance
  const far = shown.flatMap((s) => {
    if (FREE(s.colour)) return []
    const near = nearestOf(wanted, s.colour, s.month)
    // Leaves may take up the backdrop's own colour; a flower is judged by the theme alone.
    const base = s.flower ? 100 : deltaE(wanted.base, s.colour)
    const distance = Math.min(near?.distance ?? 100, base)
    return distance > tolerance ? [{ ...s, distance, near }] : []
  })
  const byPlant = new Map<string, typeof far>()
  for (const f of far) byPlant.set(f.plant.id, [...(byPlant.get(f.plant.id) ?? []), f])
  return [...byPlant.values()].flatMap((list) => {
    const worst = list.reduce((a, b) => (b.share * b.distance > a.share * a.distance ? b : a))
    const placed = placesOfKind(scene, worst.plant)
    if (placed.length === 0) return []
    const months = [...new Set(list.map((l) => l.month))]
    const jumps = worst.distance > tolerance * 1.5 && worst.share < 0.12
    return [
      finding(
        {
          id: `theme:${worst.plant.id}`,
          rule: 'theme',
          title: `${capital(nameOf(worst.plant))} ${jumps ? 'jumps out of' : 'is outside'} the colours`,
          reason:
            `Its ${worst.flower ? 'flower' : 'leaf'} is ${colourWords(worst.colour)} in ` +
            `${months.slice(0, 3).map(monthName).join(', ')}${months.length > 3 ? '…' : ''}; ` +
            (worst.near
              ? `the nearest of the theme is ${worst.near.words}, ΔE ${worst.distance.toFixed(0)} away. `
              : 'the theme has no colour then. ') +
            `${scene.school.name} lets a colour stray ΔE ${tolerance}.`,
          weight: 28 + Math.min(20, worst.distance / 3),
          ...stretchOf(placed),
          plants: placed.map((p) => p.id),
          figures: [
            { name: 'from the theme', value: worst.distance, unit: 'ΔE' },
            { name: 'allowed', value: tolerance, unit: 'ΔE' },
          ],
          source: 'Distance to the nearest theme colour, ΔE in OKLab × 100; greens and greys are free.',
          grounds: ['calculations#colour-and-contrast'],
        },
        () =>
          standIns(
            worst.plant,
            scene,
            {
              maxSpreadM: worst.plant.spreadM * 1.1,
              where: (p) =>
                p.flowerMonths.every(
                  (m) => !p.flowerColour || isNear(p.flowerColour, placeMonth(m, scene.climate)),
                ) &&
                (FREE(p.foliage.summer) || isNear(p.foliage.summer, placeMonth(MIDSUMMER, scene.climate))),
            },
            2,
          ).map((p) => ({
            label: `Swap for ${nameOf(p)}`,
            edit: {
              kind: 'all',
              name: 'swap plant',
              edits: swapKind(scene.bed, worst.plant.id, p.id, new Set(placed.map((q) => q.driftId))),
            },
          })),
      ),
    ]
  })
}

function tooMuch(scene: Scene, shown: readonly ShownColour[]): Finding[] {
  for (let month = 1; month <= 12; month++) {
    const coloured = shown.filter((s) => s.month === month && !FREE(s.colour))
    const whole = coloured.reduce((n, s) => n + s.share, 0)
    if (whole < COLOURED_ENOUGH) continue
    for (const s of coloured) {
      const same = coloured.filter((o) => deltaE(o.colour, s.colour) < 12).reduce((n, o) => n + o.share, 0)
      if (same / whole <= ONE_COLOUR_SHARE || scene.school.id === 'single-colour') continue
      return [
        {
          id: 'theme:much',
          rule: 'theme',
          title: `Too much ${colourWords(s.colour)}`,
          reason:
            `In ${monthName(month)} ${Math.round((same / whole) * 100)} % of all colour is ` +
            `${colourWords(s.colour)}; over ${ONE_COLOUR_SHARE * 100} % it blends together.`,
          weight: 26,
          from: scene.frame.runFrom,
          to: scene.frame.runTo,
          plants: scene.placement.plants.filter((p) => p.plant.id === s.plant.id).map((p) => p.id),
          figures: [{ name: 'of all colour', value: (same / whole) * 100, unit: '%' }],
          source: 'Share of one colour (ΔE under 12) in the coloured canopy of a month.',
          grounds: ['practice#groups-repetition-order'],
          mends: [],
        },
      ]
    }
  }
  return []
}
