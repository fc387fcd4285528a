import type { Requirement, TraitId } from '../../core/model'
import { NOTHING_ASKED, TRAIT } from '../../core/brief'
import { bedCosts } from '../../core/count'
import { misfits } from '../../core/plant'
import type { Scene } from '../../core/scene'
import {
  again,
  type Fault,
  faultOf,
  groundTurns,
  like,
  never,
  placeTurns,
  type Planted,
  someDrift,
} from './plantFault'
import { living } from './wholeFault'

const BRIEF = ['brief'] as const
const PLACE = ['site'] as const

/** A trait of which the bed has less than the brief must have. */
const lacking = (id: string, trait: TraitId): Fault =>
  faultOf(id, BRIEF, (scene, seed) => {
    const drifts = scene.bed.drifts.map((d, i) => {
      const p = like(scene, d, seed + i, (q) => !TRAIT[trait].has(q) && misfits(q, scene.site).length === 0)
      return TRAIT[trait].has(scene.library.get(d.plantId)!) && p ? { ...d, plantId: p.id } : d
    })
    if (drifts.some((d) => TRAIT[trait].has(scene.library.get(d.plantId)!))) return null
    const requirements: Requirement[] = [{ trait, weight: 'must', beds: [] }]
    return { scene: again(scene, { ...scene.bed, drifts }, { requirements }), culprits: [] }
  })

const asked = (
  scene: Scene,
  part: Partial<NonNullable<Scene['asked']>>,
  culprits: readonly string[] = [],
): Planted => ({ scene: again(scene, scene.bed, { asked: { ...NOTHING_ASKED, ...part } }), culprits })

/** Faults of water and heat by place, and of what the brief asks. */
export const BRIEF_FAULTS: readonly Fault[] = [
  faultOf('wet in winter', PLACE, groundTurns({ wetInWinter: true, drainage: 'stands' }, 'water')),
  faultOf('a sprinkler on what wants it dry', PLACE, groundTurns({ irrigation: 'sprinkler' }, 'water')),
  faultOf('summers too cool', PLACE, placeTurns({ heatZone: 1 }, 'cool')),
  faultOf(
    'deer food where none is wanted',
    BRIEF,
    never('deer-food', (p) => p.deer === 'browsed'),
  ),
  faultOf(
    'rabbit food where none is wanted',
    BRIEF,
    never('rabbit-food', (p) => p.rabbits === 'browsed'),
  ),
  faultOf(
    'heavy work where none is wanted',
    BRIEF,
    never('heavy-work', (p) => TRAIT['heavy-work'].has(p)),
  ),
  lacking('too little evergreen for the brief', 'evergreen'),
  lacking('too little scent for the brief', 'scent'),
  lacking('too little for wildlife', 'wildlife'),
  lacking('too little that flowers long', 'long-flower'),
  faultOf('more work than there is time', BRIEF, (scene) => {
    const { hours } = bedCosts(scene.bed, scene.library)
    return asked(scene, { hoursAYear: hours * 0.85 })
  }),
  faultOf('dearer than the budget', BRIEF, (scene) => {
    const { money } = bedCosts(scene.bed, scene.library)
    return asked(scene, { budget: money * 0.9, otherMoney: 0 })
  }),
  faultOf('a plant that is hated', BRIEF, (scene, seed) => {
    const d = someDrift(scene, seed)
    const p = d && scene.library.get(d.plantId)
    return p ? asked(scene, { hates: [p.commonName] }, [p.id]) : null
  }),
  faultOf('none of the plants wished for', BRIEF, (scene, seed) => {
    const wished = living(scene, seed, (p) => !scene.byPlant.has(p) && p.spreadM < 0.7)[0]
    return wished ? asked(scene, { likes: [wished.commonName] }) : null
  }),
]
