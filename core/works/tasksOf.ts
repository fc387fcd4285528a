import type { Bed } from '../model'
import type { CountedBed, CountLine, Frosts, MaterialNeed } from '../count'
import { areaOf, hardTasks, liftTask } from './groundTasks'
import { lastTasks } from './lastTasks'
import { plantingTasks, type Counted } from './plantingTasks'
import { MINUTES, type Rate, type RateOf } from './rates'
import { task, type Stage, type Task } from './task'

interface TaskInput {
  readonly beds: readonly CountedBed[]
  readonly lines: readonly CountLine[]
  readonly materials: readonly MaterialNeed[]
  readonly frosts: Frosts
  /** Services of the site near which is dug, by name. */
  readonly services: readonly string[]
  readonly minutes?: Readonly<Record<string, number>>
}

/**
 * The tasks of planting a garden, bed by bed in the order in which one must not spoil another: clear and lift, services, weeds, soil, hard
 * things, main line, large, middle, low, bulbs, drip, watering in, mulch, gravel last. Source: docs/grounds/papers, Order of works.
 */
export function tasksOf(input: TaskInput): Task[] {
  const rate = (r: Rate) => input.minutes?.[r] ?? MINUTES[r]
  return [...siteTasks(input, rate), ...input.beds.flatMap(({ id, bed }) => bedTasks(input, id, bed, rate))]
}

function siteTasks({ beds, services }: TaskInput, rate: RateOf): Task[] {
  const area = sum(beds, ({ bed }) => areaOf(bed))
  const near = services.length > 0 ? [`dig by hand near ${services.join(', ')}`] : []
  return [
    task('services', '', {
      name: 'Find and mark services',
      basis: services.length > 0 ? services.join(', ') : 'none are drawn on the site: ask before digging',
      hours: rate('search for services') / 60,
      tools: ['plans of the services', 'marking spray'],
      cautions: ['no digging before the services are found: local rules and the operators’ marks hold', ...near],
    }),
    task('clear', '', {
      name: 'Clear the ground',
      basis: `${area.toFixed(0)}\u202fm² at ${rate('m² of ground cleared')} min`,
      hours: (area * rate('m² of ground cleared')) / 60,
      people: 2,
      tools: ['loppers', 'barrow', 'rakes'],
      cautions: ['gloves against what is thorny or irritates'],
      minds: true,
    }),
  ]
}

const sum = <T>(list: readonly T[], of: (item: T) => number) => list.reduce((n, item) => n + of(item), 0)

function bedTasks(input: TaskInput, bedId: string, bed: Bed, rate: RateOf): Task[] {
  const area = areaOf(bed)
  const id = (stage: Stage) => `${stage}:${bedId}`
  const plants = input.lines.flatMap((l): Counted[] => {
    const count = sum(l.places, (p) => (p.bedId === bedId ? p.count : 0))
    return count > 0 ? [{ plant: l.plant, count, size: l.size.label }] : []
  })
  const soilDepth = input.materials.find((m) => m.id === 'compost')?.depthM ?? 0.05
  const mulchM = input.materials.find((m) => m.id === 'mulch')?.depthM ?? 0.06
  const tasks: Task[] = [...liftTask(input.frosts, bedId, bed, rate)]
  if (area > 0)
    tasks.push(
      task('weeds', bedId, {
        name: `${bed.name}: roots of weeds out`,
        basis: `${area.toFixed(1)}\u202fm² at ${rate('m² of roots weeded out')} min`,
        hours: (area * rate('m² of roots weeded out')) / 60,
        people: 2,
        tools: ['forks', 'buckets'],
        after: ['clear', ...tasks.map((t) => t.id)],
        minds: true,
      }),
      task('soil', bedId, {
        name: `${bed.name}: dig, compost ${(soilDepth * 100).toFixed(0)}\u202fcm in`,
        basis: `${(area * 0.25).toFixed(1)}\u202fm³ at ${rate('m³ of soil dug')} min`,
        hours: (area * 0.25 * rate('m³ of soil dug')) / 60,
        people: 2,
        tools: ['spades', 'forks', 'barrows'],
        cautions: ['lift with two above 25\u202fkg', 'dust: damp it down'],
        after: ['services', id('weeds')],
        minds: true,
      }),
    )
  tasks.push(...hardTasks(bedId, bed, rate, area > 0))
  const ready = tasks.map((t) => t.id)
  const planting = plantingTasks(input.frosts, bedId, bed, plants, rate, ready, area > 0)
  return [...tasks, ...planting, ...lastTasks(mulchM, bedId, bed, rate, [...ready, ...planting.map((t) => t.id)])]
}
