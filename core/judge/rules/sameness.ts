import { standIns } from '../../match'
import { fullHeightM, type Plant } from '../../plant'
import { driftsSeen, type DriftSeen, keptByCounts, kindsById, nameOf, type Scene, capital } from '../../scene'
import type { Finding, Mend } from '../finding'
import { asKind } from '../fitting'
import { listed, ofBed } from '../ofBed'
import type { WholeRule } from '../rule'

const LEAST_KINDS = 3
/** More of what is seen than this has one leaf shape, size or way of growing. */
const MOST_TEXTURE = 0.78
const MOST_OUTLINE = 0.88
const MOST_SIZE = 0.97
const MOST_HABIT = 0.9
const MOST_KIND = 0.62
/** So many singles in turn, nearer than this on centre. */
const TURNS = 6
const TURN_M = 1

/** One texture, one shape or one kind over most of the picture; two kinds in a chequerboard. */
export const sameness: WholeRule = {
  id: 'sameness',
  findings: (scene) => {
    const { kind } = scene.bed.form
    if (kind === 'container' || scene.placement.plants.length === 0) return []
    return [...oneTexture(scene), ...wallpaper(scene), ...chequerboard(scene)]
  },
}

type Share = readonly [value: string, share: number]
/** What a plant fills of the picture, seen from in front; square metres. */
const frontM2 = (p: Plant) => p.spreadM * fullHeightM(p) * p.density
const seenKinds = (scene: Scene) =>
  kindsById(scene.byPlant).filter(([p]) => p.spacingHabit !== 'weaves' && p.kind !== 'climber')

function fullest(kinds: ReturnType<typeof seenKinds>, of: (p: Plant) => string): Share {
  const sums = new Map<string, number>()
  let whole = 0
  for (const [plant, placed] of kinds) {
    const area = frontM2(plant) * placed.length
    const value = of(plant)
    whole += area
    sums.set(value, (sums.get(value) ?? 0) + area)
  }
  let best: Share = ['', 0]
  for (const [value, area] of sums) if (area > best[1]) best = [value, area]
  return [best[0], whole > 0 ? best[1] / whole : 0]
}

const ASPECTS = [
  {
    id: 'texture',
    of: (p: Plant) => `${p.leafSize} ${p.leafOutline}`,
    most: MOST_TEXTURE,
    words: (v: string) => `${v} leaves`,
  },
  { id: 'outline', of: (p: Plant) => p.leafOutline, most: MOST_OUTLINE, words: (v: string) => `${v} leaves` },
  { id: 'size', of: (p: Plant) => p.leafSize, most: MOST_SIZE, words: (v: string) => `${v} leaves` },
  { id: 'habit', of: (p: Plant) => p.habit, most: MOST_HABIT, words: (v: string) => `the habit of a ${v}` },
] as const

function oneTexture(scene: Scene): Finding[] {
  const kinds = seenKinds(scene)
  if (kinds.length < LEAST_KINDS || scene.bed.school === 'carpet') return []
  const found = keptByCounts('textures', scene, [], () =>
    ASPECTS.map((a) => ({ ...a, at: fullest(kinds, a.of) })).filter((a) => a.at[1] > a.most),
  )
  const worst = [...found].sort((a, b) => b.at[1] / b.most - a.at[1] / a.most)[0]
  if (!worst) return []
  const [value, share] = worst.at
  return [
    ofBed(
      scene,
      {
        id: `sameness:${worst.id}`,
        rule: 'sameness',
        title: `Nearly all has ${worst.words(value)}`,
        reason:
          `${percent(share)} of what is seen: nothing stands out from anything. Fine wants bold beside it, ` +
          'upright wants mounded, feathery wants strappy.',
        weight: 33,
        figures: [{ name: worst.words(value), value: share * 100, unit: '%' }],
        source:
          'Share of the front of all plants (spread × height × density) with one leaf shape, leaf size or habit.',
        grounds: ['composing#contrast'],
      },
      () => contrasts(scene, (p) => worst.of(p) === value, worst.most),
    ),
  ]
}

const percent = (share: number) => `${Math.round(share * 100)} %`

/** The largest kinds that are alike give way to what differs: as many of them as bring the share down, or one more. */
function contrasts(scene: Scene, isAlike: (p: Plant) => boolean, most: number): Mend[] {
  const all = seenKinds(scene)
  const areaOf = ([p, placed]: (typeof all)[number]) => frontM2(p) * placed.length
  const whole = all.reduce((n, k) => n + areaOf(k), 0)
  const alike = all.filter(([p]) => isAlike(p)).sort((a, b) => areaOf(b) - areaOf(a))
  let left = alike.reduce((n, k) => n + areaOf(k), 0)
  let need = 0
  for (const k of alike) {
    if (left / whole < most * 0.95) break
    left -= areaOf(k)
    need++
  }
  const used = new Set<string>()
  const swaps = alike.slice(0, need + 1).flatMap(([plant]) => {
    const limits = { maxSpreadM: plant.spreadM * 1.1, where: (p: Plant) => !isAlike(p) && !used.has(p.id) }
    const [p] = standIns(plant, scene, limits, 1)
    if (!p) return []
    used.add(p.id)
    const own = driftsSeen(scene).filter((d) => d.drift.plantId === plant.id)
    return [{ plant, p, edits: own.map((d) => asKind(d, p)) }]
  })
  return [need, need + 1].flatMap((many): Mend[] => {
    const some = swaps.slice(0, many)
    if (some.length < many || many === 0) return []
    return [
      {
        label: some.map((s) => `${capital(nameOf(s.p))} for ${nameOf(s.plant)}`).join(', '),
        edit: { kind: 'all', name: 'contrast', edits: some.flatMap((s) => s.edits) },
      },
    ]
  })
}

/** Two of three groups of a kind that is everywhere give way, in turn, to two others. */
function broken(scene: Scene, plant: Plant): Mend[] {
  const others = standIns(
    plant,
    scene,
    {
      maxSpreadM: plant.spreadM * 1.1,
      where: (p) => p.leafOutline !== plant.leafOutline && p.habit !== plant.habit && p.runMPerYear < 0.08,
    },
    4,
  )
  const own = driftsSeen(scene)
    .filter((d) => d.drift.plantId === plant.id)
    .sort((a, b) => a.drift.lane - b.drift.lane || a.middle - b.middle)
  return [others.slice(0, 2), others.slice(2, 4)].flatMap((pair): Mend[] => {
    const [a, b] = pair
    if (!a || !b) return []
    const edits = own.flatMap((d, i) => (i % 3 === 0 ? [] : [asKind(d, i % 3 === 1 ? a : b)]))
    return [
      { label: `${capital(nameOf(a))} and ${nameOf(b)} between`, edit: { kind: 'all', name: 'break up', edits } },
    ]
  })
}

function wallpaper(scene: Scene): Finding[] {
  const kinds = seenKinds(scene)
  const isMeant = scene.bed.school === 'carpet' || scene.school.lines === 'straight' || kinds.length < 2
  const [id, share] = keptByCounts('fullest', scene, [], () => fullest(kinds, (p) => p.id))
  const placed = kinds.find(([p]) => p.id === id)?.[1] ?? []
  if (isMeant || share <= MOST_KIND || placed.length < 3) return []
  const { plant } = placed[0]!
  return [
    ofBed(
      scene,
      {
        id: `sameness:kind:${id}`,
        rule: 'sameness',
        title: `Too much ${nameOf(plant)}`,
        reason: `It fills ${percent(share)} of what is seen: repeated so often it is wallpaper, and nothing else tells.`,
        weight: 34,
        plants: placed,
        figures: [{ name: 'of the picture', value: share * 100, unit: '%' }],
        source: 'Share of the front of all plants that one kind fills, over 62 %.',
        grounds: ['composing#thread'],
      },
      () => broken(scene, plant),
    ),
  ]
}

function chequerboard(scene: Scene): Finding[] {
  if (scene.school.lines === 'straight') return []
  const groups = driftsSeen(scene).filter((d) => d.plant.spacingHabit !== 'weaves' && d.plant.kind !== 'climber')
  return scene.bed.laneShares.flatMap((_, lane) => {
    const own = groups.filter((d) => d.drift.lane === lane && !d.drift.shape).sort((a, b) => a.middle - b.middle)
    const run = longestTurns(own)
    if (run.length < TURNS) return []
    const [a, b] = [run[0]!.plant, run[1]!.plant]
    return [
      ofBed(
        scene,
        {
          id: `sameness:chequer:${lane}`,
          rule: 'sameness',
          title: `${capital(nameOf(a))} and ${nameOf(b)} in a chequerboard`,
          reason: `${run.length} single plants stand in turn: islands of one kind read better than a chequerboard of two.`,
          weight: 32,
          plants: run.flatMap((d) => d.placed),
          figures: [{ name: 'in turn', value: run.length, unit: '' }],
          source: `Singles of two kinds in turn, ${TURNS} and more, nearer than ${TURN_M}\u202fm.`,
          grounds: ['practice#groups-repetition-order'],
        },
        () => [
          {
            label: `Groups of three of ${listed([nameOf(a), nameOf(b)])}`,
            edit: {
              kind: 'all',
              name: 'group kinds',
              edits: run.map((d, i) => ({
                kind: 'changeDrift' as const,
                driftId: d.drift.id,
                change: { plantId: Math.floor(i / 3) % 2 === 0 ? a.id : b.id },
              })),
            },
          },
        ],
      ),
    ]
  })
}

/** The longest stretch of a lane in which singles of two kinds take turns close by. */
function longestTurns(own: readonly DriftSeen[]): readonly DriftSeen[] {
  let best: readonly DriftSeen[] = []
  let run: DriftSeen[] = []
  for (const d of own) {
    const last = run[run.length - 1]
    const before = run[run.length - 2]
    const isNear = last && d.middle - last.middle < TURN_M && d.plant.id !== last.plant.id
    if (d.drift.count !== 1) run = []
    else if (!isNear) run = [d]
    else run = !before || before.plant.id === d.plant.id ? [...run, d] : [last, d]
    if (run.length > best.length) best = run
  }
  return best
}
