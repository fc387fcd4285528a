import type { Bed } from '../model'
import { bedFigures, bedFrame, FEATURES } from '../bed'
import type { Frosts } from '../count'
import type { RateOf } from './rates'
import { autumnSeason, springSeason } from './seasons'
import { LIFT_KG, task, type Task } from './task'

const sum = <T>(list: readonly T[], of: (item: T) => number) => list.reduce((n, item) => n + of(item), 0)
export const areaOf = (bed: Bed) => (bed.form.kind === 'container' ? 0 : bedFigures(bed, bedFrame(bed)).areaM2)

/** Lifting and dividing what stands in a bed already, in its season. */
export function liftTask(frosts: Frosts, bedId: string, bed: Bed, rate: RateOf): Task[] {
  const moving = bed.existing.filter((e) => e.fate === 'move' || e.fate === 'divide')
  if (moving.length === 0) return []
  return [
    task('lift', bedId, {
      name: `${bed.name}: lift what moves or is divided`,
      basis: `${moving.map((e) => e.name).join(', ')}, ${rate('plant lifted or divided')} min each`,
      hours: (moving.length * rate('plant lifted or divided')) / 60,
      people: 2,
      tools: ['spades', 'hessian', 'buckets of water'],
      cautions: ['lift with two above 25\u202fkg'],
      after: ['services'],
      seasons: [springSeason(frosts, 'while it wakes'), autumnSeason(frosts, 'while the ground is warm')],
      minds: true,
    }),
  ]
}

/** Edging, posts and supports, and the main water line of a bed: hard things before plants. */
export function hardTasks(bedId: string, bed: Bed, rate: RateOf, dug: boolean): Task[] {
  const after = dug ? [`soil:${bedId}`] : ['services']
  const edging = bed.features.filter((f) => f.kind === 'edging')
  const posts = bed.features.filter((f) =>
    ['post', 'obelisk', 'trellis', 'wires', 'bench', 'boulder', 'pot', 'urn'].includes(f.kind),
  )
  const edgeM = sum(edging, (f) => f.lengthM)
  const names = [...new Set(posts.map((f) => FEATURES[f.kind].name))].join(', ')
  return [
    ...(edging.length === 0
      ? []
      : [
          task('edging', bedId, {
            name: `${bed.name}: edging`,
            basis: `${edgeM.toFixed(1)}\u202fm at ${rate('m of edging')} min`,
            hours: (edgeM * rate('m of edging')) / 60,
            tools: ['string', 'mallet', 'level'],
            after,
          }),
        ]),
    ...(posts.length === 0
      ? []
      : [
          task('posts', bedId, {
            name: `${bed.name}: ${names}`,
            basis: `${posts.length} at ${rate('post or support')} min`,
            hours: (posts.length * rate('post or support')) / 60,
            people: 2,
            tools: ['post spade or auger', 'level'],
            cautions: [
              'power augers kick: two hands, firm stand',
              `two lift what is over ${LIFT_KG}\u202fkg`,
              'structures by licensed practice',
            ],
            after,
          }),
        ]),
    ...(bed.ground.irrigation === 'drip' && dug
      ? [
          task('main water', bedId, {
            name: `${bed.name}: main water line`,
            basis: `${bedFigures(bed, bedFrame(bed)).edgeM.toFixed(1)}\u202fm at ${rate('m of main water line')} min`,
            hours: (bedFigures(bed, bedFrame(bed)).edgeM * rate('m of main water line')) / 60,
            tools: ['pipe cutter', 'fittings'],
            after,
          }),
        ]
      : []),
  ]
}
