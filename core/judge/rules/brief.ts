import { TRAIT } from '../../brief'
import { bedCosts } from '../../count'
import { finding, type Finding, type Mend } from '../finding'
import type { WholeRule } from '../rule'
import { swapKind } from '../../edit'
import { capital, driftsSeen, kindsById, nameOf, stretchOf, type Scene } from '../../scene'
import { standIns } from '../../match'
import { minutesAYear } from '../../care'
import { misfits, type Plant } from '../../plant'
import { isMeant, traitShare, wantedShare } from '../briefChecks'
import { ofBed } from '../ofBed'

/** What the brief says never, must and should have, likes and hates, and the hours and money that there are. */
export const brief: WholeRule = {
  id: 'brief',
  findings: (scene) =>
    scene.placement.plants.length === 0
      ? []
      : [...nevers(scene), ...wanting(scene), ...hated(scene), ...liked(scene), ...over(scene)],
}

const nevers = (scene: Scene): Finding[] =>
  scene.requirements
    .filter((r) => r.weight === 'never')
    .flatMap((r): Finding[] => {
      const { label, has } = TRAIT[r.trait]
      return kindsById(scene.byPlant)
        .filter(([plant]) => has(plant))
        .map(([plant, placed]) =>
          finding(
            {
              id: `brief:${r.trait}:${plant.id}`,
              rule: 'brief',
              title: `${capital(nameOf(plant))} against the brief`,
              reason: `The brief says never ${label}${r.beds.length > 0 ? ' in this bed' : ''}.`,
              weight: r.trait === 'poison' || r.trait === 'thorns' || r.trait === 'sap' ? 82 : 44,
              ...stretchOf(placed),
              plants: placed.map((p) => p.id),
              figures: [{ name: 'plants', value: placed.length, unit: '' }],
              source: 'Requirement of the brief; trait by the plant library.',
              grounds: [],
            },
            () => swapsFor(scene, plant, (p) => !has(p)),
          ),
        )
    })

const swapsFor = (scene: Scene, plant: Plant, where: (p: Plant) => boolean, most = 2): Mend[] =>
  standIns(plant, scene, { maxSpreadM: plant.spreadM * 1.1, where }, most).map((p) => ({
    label: `Swap for ${nameOf(p)}`,
    edit: { kind: 'all' as const, name: 'swap plant', edits: swapKind(scene.bed, plant.id, p.id) },
  }))

/** Good traits that too little of the canopy has. */
const wanting = (scene: Scene): Finding[] =>
  scene.requirements.flatMap((r) => {
    // Pots are planted anew with the season: no bones are looked for in them.
    if (r.weight === 'never' || (r.trait === 'evergreen' && scene.bed.form.kind === 'container')) return []
    const { label, has } = TRAIT[r.trait]
    const [there, want] = [traitShare(scene, r), wantedShare(r)]
    if (there >= want) return []
    const isMust = r.weight === 'must'
    return [
      ofBed(
        scene,
        {
          id: `brief:${r.weight}:${r.trait}`,
          rule: 'brief',
          title: isMust ? `Too little with ${label}` : `Wished for: ${label}`,
          reason:
            `The brief ${isMust ? 'says this bed must have' : 'wishes for'} ${label}; ${Math.round(there * 100)} % of the ` +
            `canopy has it, ${Math.round(want * 100)} % would do.`,
          weight: isMust ? 48 : 16,
          figures: [
            { name: 'of the canopy', value: there * 100, unit: '%' },
            { name: 'wanted', value: want * 100, unit: '%' },
          ],
          source: 'Share of the mature canopy that has the trait, by the plant library. Requirement of the brief.',
          grounds: [],
        },
        () => withTrait(scene, has, want),
      ),
    ]
  })

/** The largest kinds that lack a trait give way to like ones that have it: as many as it takes, or one more. */
function withTrait(scene: Scene, has: (p: Plant) => boolean, want: number): Mend[] {
  const kinds = kindsById(scene.byPlant)
  const areaOf = ([p, placed]: (typeof kinds)[number]) => placed.length * p.spreadM ** 2
  const whole = kinds.reduce((n, k) => n + areaOf(k), 0)
  const there = kinds.filter(([p]) => has(p)).reduce((n, k) => n + areaOf(k), 0)
  const lacking = [...kinds]
    .filter(([p]) => !has(p) && p.spacingHabit !== 'weaves' && p.kind !== 'climber')
    .sort((a, b) => areaOf(b) - areaOf(a))
  const swaps = lacking.slice(0, MOST_SWAPS).flatMap((k) => {
    const [p] = standIns(k[0], scene, { maxSpreadM: k[0].spreadM * 1.1, where: has }, 1)
    return p ? [{ was: k[0], p, by: areaOf(k) * Math.min(1, (p.spreadM / k[0].spreadM) ** 2) }] : []
  })
  return asManyAsNeeded(scene, swaps, (want * 1.05 - there / whole) * whole)
}
const MOST_SWAPS = 6

interface Swap {
  readonly was: Plant
  readonly p: Plant
  /** What it brings of what is missing. */
  readonly by: number
}

/** The first swaps that together bring what is missing; then with one more, and with all. */
function asManyAsNeeded(scene: Scene, swaps: readonly Swap[], missing: number): Mend[] {
  let [sum, need] = [0, 0]
  while (need < swaps.length && sum < missing) sum += swaps[need++]!.by
  return [...new Set([need, need + 1, swaps.length])].flatMap((many): Mend[] => {
    const some = swaps.slice(0, many)
    if (some.length < many || many === 0) return []
    return [
      {
        label: some.map(({ was, p }) => `${capital(nameOf(p))} for ${nameOf(was)}`).join(', '),
        edit: {
          kind: 'all',
          name: 'swap plants',
          edits: some.flatMap(({ was, p }) => swapKind(scene.bed, was.id, p.id)),
        },
      },
    ]
  })
}

const hated = (scene: Scene): Finding[] =>
  (scene.asked?.hates ?? []).flatMap((name) =>
    kindsById(scene.byPlant)
      .filter(([p]) => isMeant(p, name))
      .map(([plant, placed]) =>
        ofBed(
          scene,
          {
            id: `brief:hates:${plant.id}`,
            rule: 'brief',
            title: `${capital(nameOf(plant))} is not wanted`,
            reason: `The brief says never “${name}”.`,
            weight: 60,
            plants: placed,
            figures: [{ name: 'plants', value: placed.length, unit: '' }],
            source: 'Names that the brief rules out.',
            grounds: [],
          },
          () => swapsFor(scene, plant, (p) => !(scene.asked?.hates ?? []).some((h) => isMeant(p, h))),
        ),
      ),
  )

/** None of the plants that were asked for by name is there, though one of them would live here. */
function liked(scene: Scene): Finding[] {
  const likes = scene.asked?.likes ?? []
  const isLiked = (p: Plant) => likes.some((l) => isMeant(p, l))
  if (likes.length === 0 || [...scene.byPlant.keys()].some(isLiked)) return []
  const there = [...scene.library.values()].filter((p) => isLiked(p) && misfits(p, scene.site).length === 0)
  if (there.length === 0) return []
  return [
    ofBed(
      scene,
      {
        id: 'brief:likes',
        rule: 'brief',
        title: `Wished for by name: ${likes.slice(0, 3).join(', ')}`,
        reason: `None of them stands in this bed, and ${nameOf(there[0]!)} would live here.`,
        weight: 14,
        source: 'Names that the brief asks for.',
        grounds: [],
      },
      () =>
        there.slice(0, 3).flatMap((p): Mend[] => {
          const like = driftsSeen(scene)
            .filter((d) => d.plant.spacingHabit !== 'weaves' && p.spreadM <= d.plant.spreadM * 1.1)
            .sort((a, b) => Math.abs(a.plant.spreadM - p.spreadM) - Math.abs(b.plant.spreadM - p.spreadM))[0]
          return like
            ? [
                {
                  label: `${capital(nameOf(p))} for ${nameOf(like.plant)}`,
                  edit: { kind: 'changeDrift', driftId: like.drift.id, change: { plantId: p.id } },
                },
              ]
            : []
        }),
    ),
  ]
}

/** More work or money than there is for the garden; told in the beds that take more than their share of it. */
function over(scene: Scene): Finding[] {
  const { asked } = scene
  if (!asked) return []
  const here = bedCosts(scene.bed, scene.library)
  return [
    ...tooMuch(scene, 'hours', here.hours, asked.otherHours, asked.hoursAYear),
    ...tooMuch(scene, 'money', here.money, asked.otherMoney, asked.budget),
  ]
}

/** Told in the beds that take more than their part: what they save counts most. */
const takesMost = (scene: Scene, here: number, whole: number) =>
  here > 0 && here * (1 + (scene.asked?.otherBeds ?? 0)) >= whole

function tooMuch(scene: Scene, of: 'hours' | 'money', here: number, others: number, there: number): Finding[] {
  const whole = here + others
  if (there <= 0 || whole <= there || !takesMost(scene, here, whole)) return []
  const what = of === 'hours' ? 'hours of work a year' : 'for plants'
  const say = (n: number) => n.toFixed(of === 'hours' ? 1 : 0)
  return [
    ofBed(
      scene,
      {
        id: `brief:${of}`,
        rule: 'brief',
        title: of === 'hours' ? 'More work than there is time for' : 'Dearer than the budget',
        reason:
          `The brief has ${say(there)} ${what} for all beds; they take ${say(whole)}, this one ${say(here)} ` +
          `(${Math.round((here / whole) * 100)} %).`,
        weight: 36 + Math.min(24, 24 * (whole / there - 1)),
        figures: [
          { name: 'this bed', value: here, unit: of === 'hours' ? 'h' : '' },
          { name: 'all beds', value: whole, unit: of === 'hours' ? 'h' : '' },
          { name: 'there is', value: there, unit: of === 'hours' ? 'h' : '' },
        ],
        source: of === 'hours' ? 'Visits × minutes of each plant.' : 'Totals of the plant schedules.',
        grounds: ['calculations#materials-water-work-money'],
      },
      () => lighter(scene, of, whole - there),
    ),
  ]
}

/** The kinds that take most give way to like ones that take least: as many as it takes, or one more. */
function lighter(scene: Scene, of: 'hours' | 'money', tooMuch: number): Mend[] {
  const each = (p: Plant) => (of === 'hours' ? minutesAYear(p) / 60 : (p.sizes[0]?.price ?? 0))
  const kinds = [...kindsById(scene.byPlant)]
    .sort((a, b) => b[1].length * each(b[0]) - a[1].length * each(a[0]))
    .slice(0, MOST_SWAPS)
  const swaps = kinds.flatMap(([was, placed]) => {
    const limits = { maxSpreadM: was.spreadM * 1.1, where: (p: Plant) => each(p) < each(was) * 0.7 }
    const [p] = standIns(was, scene, limits, 1)
    return p ? [{ was, p, by: placed.length * (each(was) - each(p)) }] : []
  })
  return asManyAsNeeded(scene, swaps, tooMuch * 1.03)
}
