import { colourWords, deltaE, hueOf, nearestOf, saturation, type Theme } from '../../colour'
import { standIns } from '../../match'
import { capital, driftsSeen, keptByCounts, kindsById, nameOf, type Scene } from '../../scene'
import type { Plant } from '../../plant'
import { placeMonth } from '../../time'
import type { Finding } from '../finding'
import { ofBed } from '../ofBed'
import type { WholeRule } from '../rule'

const LEAST_KINDS = 4
const HUES = 12
const HAS_HUE = 0.045
/** So many hues of some weight, and none with a third, are a soup. */
const SOUP_HUES = 5
const SOUP_SHARE = 0.06
const LEADS = 0.38
/** An accent is a loud colour over a small part. */
const ACCENT_MOST = 0.12
const ACCENT_LOUD = 0.12
const ACCENT_APART = 24

/** No colour leads, or an accent that comes only once. */
export const palette: WholeRule = {
  id: 'palette',
  findings: (scene) => {
    if (scene.school.paletteTolerance >= 100 && !scene.theme) return []
    const flowers = keptByCounts('flowers', scene, [], () => flowersOf(scene))
    if (flowers.length < LEAST_KINDS || scene.bed.form.kind === 'container') return []
    return [...noLeader(scene, flowers), ...loneAccent(scene, flowers)]
  },
}

interface Flower {
  readonly plant: Plant
  readonly colour: string
  readonly share: number
}

/** Flowers by kind, weighed by canopy and months in flower. */
function flowersOf(scene: Scene): Flower[] {
  const all = kindsById(scene.byPlant).flatMap(([plant, placed]) =>
    plant.flowerColour && plant.flowerMonths.length > 0 && plant.kind !== 'grass'
      ? [
          {
            plant,
            colour: plant.flowerColour,
            weight: placed.length * plant.spreadM ** 2 * plant.flowerMonths.length,
          },
        ]
      : [],
  )
  const whole = all.reduce((n, f) => n + f.weight, 0) || 1
  return all.map(({ plant, colour, weight }) => ({ plant, colour, share: weight / whole }))
}

const pale = (colour: string) => saturation(colour) < HAS_HUE

/** How many hues of some weight there are, and the share of the largest. */
function huesOf(flowers: readonly Flower[]): readonly [many: number, largest: number] {
  const bins = new Map<number, number>()
  for (const f of flowers) {
    const bin = pale(f.colour) ? -1 : Math.floor((hueOf(f.colour) / 360) * HUES) % HUES
    bins.set(bin, (bins.get(bin) ?? 0) + f.share)
  }
  const shares = [...bins.values()]
  return [shares.filter((s) => s >= SOUP_SHARE).length, Math.max(...shares)]
}

function noLeader(scene: Scene, flowers: readonly Flower[]): Finding[] {
  const [many, largest] = keptByCounts('hues', scene, [], () => huesOf(flowers))
  if (many < SOUP_HUES || largest >= LEADS) return []
  return [
    ofBed(
      scene,
      {
        id: 'palette:leader',
        rule: 'palette',
        title: 'No colour leads',
        reason: `${many} hues share the flowers and the largest has ${percent(largest)}: one should lead, one or two follow.`,
        weight: 33,
        figures: [
          { name: 'hues', value: many, unit: '' },
          { name: 'the largest', value: largest * 100, unit: '%' },
        ],
        source: 'Flowers by canopy and months, in twelve hues and pale.',
        grounds: ['composing#colour'],
      },
      () => led(scene, flowers),
    ),
  ]
}

const percent = (share: number) => `${Math.round(share * 100)} %`

/** The smallest kinds of other hues give way to kinds near the leading one. */
function led(scene: Scene, flowers: readonly Flower[]) {
  const sorted = [...flowers].sort((a, b) => b.share - a.share)
  const lead = sorted[0]!
  const others = sorted.slice(1).filter((f) => deltaE(f.colour, lead.colour) > ACCENT_APART)
  const swaps = others.slice(-5).flatMap(({ plant }) =>
    standIns(
      plant,
      scene,
      {
        maxSpreadM: plant.spreadM * 1.1,
        where: (p) => !!p.flowerColour && deltaE(p.flowerColour, lead.colour) < ACCENT_APART * 0.7,
      },
      1,
    ).flatMap((p) =>
      driftsSeen(scene)
        .filter((d) => d.drift.plantId === plant.id)
        .map((d) => ({ kind: 'changeDrift' as const, driftId: d.drift.id, change: { plantId: p.id } })),
    ),
  )
  return swaps.length > 0
    ? [
        {
          label: `More of the ${colourWords(lead.colour)}`,
          edit: { kind: 'all' as const, name: 'one colour leads', edits: swaps },
        },
      ]
    : []
}

function loneAccent(scene: Scene, flowers: readonly Flower[]): Finding[] {
  const { theme } = scene
  const alone = keptByCounts('accents', scene, [theme, scene.climate], () =>
    flowers.filter(
      (f) => f.share <= ACCENT_MOST && saturation(f.colour) >= ACCENT_LOUD && isAlone(f, flowers, theme, scene),
    ),
  )
  return alone.flatMap((f) => {
    const own = driftsSeen(scene).filter((d) => d.drift.plantId === f.plant.id)
    if (own.length !== 1 || own[0]!.drift.pattern === 'dotted' || own[0]!.drift.shape?.kind === 'scatter') return []
    const { drift, placed, middle } = own[0]!
    const { runFrom, runTo } = scene.frame
    const at = scene.frame.sAt(runFrom + runTo - middle)
    return [
      ofBed(
        scene,
        {
          id: `palette:accent:${f.plant.id}`,
          rule: 'palette',
          title: `${capital(nameOf(f.plant))} is a lone accent`,
          reason:
            `Its ${colourWords(f.colour)} is like nothing else in the bed and comes once: an accent comes at least twice, ` +
            'or the eye stops at it.',
          weight: 24,
          plants: placed,
          figures: [{ name: 'of the flowers', value: f.share * 100, unit: '%' }],
          source: 'A loud flower (chroma 0.12 and more, ΔE 24 from all others) of 12 % and less in one group.',
          grounds: ['composing#colour'],
        },
        () => [
          {
            label: 'Again at the mirrored place',
            edit: { kind: 'addDrift', drift: { ...drift, id: `${drift.id}-again`.slice(0, 60), at } },
          },
          {
            label: 'Halve it and set it twice',
            edit: {
              kind: 'all',
              name: 'an accent twice',
              edits: [
                {
                  kind: 'changeDrift',
                  driftId: drift.id,
                  change: { count: Math.max(1, Math.ceil(drift.count / 2)) },
                },
                {
                  kind: 'addDrift',
                  drift: {
                    ...drift,
                    id: `${drift.id}-again`.slice(0, 60),
                    at,
                    count: Math.max(1, Math.floor(drift.count / 2)),
                  },
                },
              ],
            },
          },
          { label: 'Leave it out', edit: { kind: 'removeDrift', driftId: drift.id } },
        ],
      ),
    ]
  })
}

/** No other flower is near it; the backdrop's own colour does not excuse it. */
function isAlone(f: Flower, all: readonly Flower[], theme: Theme | null, { climate }: Scene): boolean {
  if (all.some((o) => o !== f && deltaE(o.colour, f.colour) < ACCENT_APART)) return false
  if (!theme) return true
  const near = nearestOf(theme, f.colour, placeMonth(f.plant.flowerMonths[0] ?? 6, climate))
  const first = theme.colours[0]
  return !near || !first || deltaE(first.colour, f.colour) > ACCENT_APART
}
