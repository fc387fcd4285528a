import type { Existing } from '../../model'
import { divides, fullHeightM, movingMonths, shootsAgain, type Plant } from '../../plant'
import { monthName, placeMonths } from '../../time'
import { capital, type Scene } from '../../scene'
import { finding, type Finding, type Mend } from '../finding'
import type { WholeRule } from '../rule'

/** What is to become of what stands there, where its kind does not bear it. */
export const existing: WholeRule = {
  id: 'existing',
  findings: (scene) =>
    scene.bed.existing.flatMap((e) => {
      const plant = scene.library.get(e.plantId)
      const wrong = plant && wrongWith(scene, e, plant)
      return plant && wrong ? [say(scene, e, wrong)] : []
    }),
}

interface Wrong {
  readonly title: string
  readonly reason: string
  readonly weight: number
  readonly instead: readonly Change[]
}
type Change = Pick<Existing, 'fate'> & Partial<Existing>
const as = (fate: Existing['fate']): Change => ({ fate, into: 1 })

/** A plant this large is moved only by those equipped for it, metres across. */
const LARGE_M = 1.5

function wrongWith(scene: Scene, e: Existing, plant: Plant): Wrong | null {
  const name = capital(e.name || plant.commonName)
  switch (e.fate) {
    case 'cut-back':
      return shootsAgain(plant) ? null : bareWood(name, plant)
    case 'divide':
      return divides(plant) ? outOfSeason(scene, name, e, plant) : undivided(name, plant)
    case 'move':
      return moved(scene, name, e, plant)
    default:
      return null
  }
}

const bareWood = (name: string, { kind }: Plant): Wrong => ({
  title: `${name} does not shoot again from old wood`,
  reason:
    kind === 'conifer'
      ? 'Most conifers cut into old wood stay bare: take little, or take it out.'
      : 'Its old wood does not shoot again: shorten the young growth alone, or take it out.',
  weight: 70,
  instead: [as('keep'), as('take-out')],
})

const undivided = (name: string, { root }: Plant): Wrong => ({
  title: `${name} cannot be divided`,
  reason:
    root === 'tap'
      ? 'It stands on one deep root: a spade kills it. Take seed or cuttings instead.'
      : 'It grows from one stem: there is nothing to divide. Take cuttings instead.',
  weight: 66,
  instead: [as('keep'), as('move')],
})

function moved(scene: Scene, name: string, e: Existing, plant: Plant): Wrong | null {
  const months = placeMonths(movingMonths(plant), scene.climate).map(monthName).join(' or ')
  const instead = [as('take-out'), as('keep')]
  if (plant.moves === 'badly')
    return {
      title: `${name} moves badly`,
      reason: `Its roots do not bear it; if it must go, take cuttings or a young plant, and move it in ${months}.`,
      weight: 58,
      instead,
    }
  const isLarge = Math.max(e.spreadM, e.heightM) > LARGE_M && fullHeightM(plant) > 2
  if (plant.lifeCycle !== 'woody' || !isLarge) return outOfSeason(scene, name, e, plant)
  return {
    title: `${name} is too large to be moved by hand`,
    reason:
      `${e.heightM.toFixed(1)}\u202fm high and ${e.spreadM.toFixed(1)}\u202fm across: its root ball wants a machine and those who ` +
      `work with it. Move it in ${months}.`,
    weight: 44,
    instead,
  }
}

/** A month either side of the best ones does as well. */
const isBeside = (a: number, b: number) => Math.min(Math.abs(a - b), 12 - Math.abs(a - b)) <= 1

/** Moved or divided in a month in which it suffers. */
function outOfSeason(scene: Scene, name: string, e: Existing, plant: Plant): Wrong | null {
  const best = placeMonths(movingMonths(plant), scene.climate)
  const { month } = e
  if (!month || best.some((m) => isBeside(m, month))) return null
  const done = e.fate === 'move' ? 'moved' : 'divided'
  return {
    title: `${name} is to be ${done} in the wrong season`,
    reason:
      `In ${monthName(month)} it stands in full growth, in flower or in frost and suffers; ` +
      `${best.map(monthName).join(' or ')} is its time here.`,
    weight: 40,
    instead: best.map((m) => ({ fate: e.fate, month: m })),
  }
}

const FATE_WORDS: Partial<Readonly<Record<Existing['fate'], string>>> = {
  keep: 'Keep it as it is',
  'take-out': 'Take it out',
  move: 'Move it whole',
}

function say(scene: Scene, e: Existing, { title, reason, weight, instead }: Wrong): Finding {
  const at = scene.frame.locate(e).a
  return finding(
    {
      id: `existing:${e.fate}:${e.id}`,
      rule: 'existing',
      title,
      reason,
      weight,
      from: at - e.spreadM / 2,
      to: at + e.spreadM / 2,
      plants: scene.placement.standing.filter((p) => p.id === `existing:${e.id}`).map((p) => p.id),
      figures: [
        { name: 'high', value: e.heightM, unit: 'm' },
        { name: 'across', value: e.spreadM, unit: 'm' },
      ],
      source: 'Cut back hard only what shoots again; move perennials early.',
      grounds: ['practice#existing-plants-and-renovation'],
    },
    () =>
      instead.map((change): Mend => ({
        label: change.month ? `In ${monthName(change.month)} instead` : (FATE_WORDS[change.fate] ?? change.fate),
        edit: {
          kind: 'setExisting',
          existing: scene.bed.existing.map((x) => (x.id === e.id ? { ...x, ...change } : x)),
        },
      })),
  )
}
