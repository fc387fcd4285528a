import { judgedTurns } from '../see'
import type { Finding } from '../judge'
import type { Scene } from '../scene'
import { type Judged, type Mark, type MarkId, MARKS } from './mark'
import { balance, bones, layers, scale, skyline } from './structure'
import { care, colour, health, seasons, time } from './through'
import { contrast, mass, rest, thread } from './together'

const WORDS: Readonly<Record<MarkId, readonly [name: string, question: string]>> = {
  bones: ['Bones', 'Does it stand up in winter?'],
  scale: ['Scale', 'Does it answer the building and the distance?'],
  layers: ['Layers', 'Is each row seen over the one in front?'],
  skyline: ['Skyline', 'Is the top line alive?'],
  contrast: ['Contrast', 'Do neighbours set one another off?'],
  thread: ['Thread', 'Is it one bed?'],
  mass: ['Mass', 'Groups, not dots?'],
  colour: ['Colour', 'Is it a theme?'],
  seasons: ['Seasons', 'Something everywhere, always?'],
  balance: ['Balance', 'Does one end answer the other?'],
  rest: ['Rest', 'Has the eye somewhere to rest?'],
  health: ['Health', 'Will the plants thrive there, and one loss leave no hole?'],
  time: ['Time', 'Does it look like something in its first summer, and not a thicket in its tenth?'],
  care: ['Care', 'Can it be kept?'],
}

/** How much each weighs in the total. */
const WEIGHT: Readonly<Record<MarkId, number>> = {
  bones: 10,
  scale: 8,
  layers: 11,
  skyline: 9,
  contrast: 10,
  thread: 36,
  mass: 9,
  colour: 8,
  seasons: 9,
  balance: 9,
  rest: 5,
  health: 18,
  time: 6,
  care: 3,
}

/**
 * The marks of a bed, 0 to 100 each, from what is seen of it; none for an empty bed. One that is looked at from several sides
 * is marked from two of them, and has their mean. Source: docs/grounds/composing, What the eye asks of a bed.
 */
export function marksOf(scene: Scene, findings: readonly Finding[]): readonly Mark[] {
  if (scene.placement.plants.length === 0) return []
  const base = scene.bed.viewpoint.turnDeg
  const turns = judgedTurns(scene.bed)
    .slice(0, MOST_SIDES)
    .map((t) => t - (scene.bed.form.kind === 'foundation' ? base : 0))
  const sides = judgedTurns(scene.bed).length > 1 ? turns : [0]
  return MARKS.filter((id) => scene.bed.form.kind !== 'container' || OF_POTS.has(id)).map((id): Mark => {
    const all = sides.map((turn) => judge(id, scene, turn, findings))
    const [name, question] = WORDS[id]
    const share = all.reduce((sum, j) => sum + j.share, 0) / all.length
    const first = all.reduce((w, j) => (j.share < w.share ? j : w))
    return { id, name, question, value: 100 * share, figures: first.figures, worst: first.worst }
  })
}
const MOST_SIDES = 2
/** A pot has no bones, lanes or line of its own, and is planted anew. */
const OF_POTS: ReadonlySet<MarkId> = new Set(['contrast', 'mass', 'colour', 'seasons', 'rest', 'health'])

function judge(id: MarkId, scene: Scene, turn: number, findings: readonly Finding[]): Judged {
  switch (id) {
    case 'health':
      return health(scene, turn, findings)
    case 'care':
      return care(scene)
    default:
      return EYES[id](scene, turn)
  }
}

const EYES = {
  bones,
  scale,
  layers,
  skyline,
  contrast,
  thread,
  mass,
  colour,
  seasons,
  balance,
  rest,
  time,
} as const

/** Low marks weigh more than high ones can make good. */
const POWER = 0.35

/** The whole of a bed's marks, 0 to 100: their mean by weight, in which a low one weighs more. */
export function totalOf(marks: readonly Mark[]): number {
  const whole = marks.reduce((sum, m) => sum + WEIGHT[m.id], 0)
  if (whole === 0) return 0
  return 100 * (marks.reduce((sum, m) => sum + WEIGHT[m.id] * (m.value / 100) ** POWER, 0) / whole) ** (1 / POWER)
}
