import { genusOf, type Plant } from '../plant'

/**
 * How a plant goes into the ground, in sentences: what holds for all first, then what its kind asks. Source: docs/grounds/papers,
 * Order of works.
 */
export function plantingNotes(plant: Plant): string[] {
  return [...NOTES.filter((n) => n.holds(plant)).map((n) => n.says)]
}

const isOf =
  (...names: readonly string[]) =>
  (p: Plant) =>
    names.includes(genusOf(p))
const isBulb = (p: Plant) => p.lifeCycle === 'bulb'

const NOTES: readonly { readonly holds: (p: Plant) => boolean; readonly says: string }[] = [
  {
    holds: (p) => !isBulb(p),
    says: 'Hole two to three times as wide as the root ball and just as deep; root flare at the surface, air pockets firmed out.',
  },
  { holds: isBulb, says: 'Two to three times as deep as the bulb is high, its nose up.' },
  {
    holds: isOf('Erica', 'Calluna', 'Rhododendron', 'Kalmia', 'Pieris', 'Camellia'),
    says: 'Leave its fine roots alone; never deeper than it stood.',
  },
  { holds: (p) => p.root === 'tap', says: 'Never break its taproot.' },
  { holds: (p) => p.root === 'fibrous' || p.root === 'woody', says: 'Loosen roots that circle the pot.' },
  {
    holds: (p) => p.root === 'tuber' || p.root === 'rhizome',
    says: 'Untangle fleshy roots by hand and spread them.',
  },
  {
    holds: (p) => p.kind === 'rose',
    says: 'The union of a grafted rose just below the surface where winters are cold, at it where they are mild.',
  },
  { holds: isOf('Clematis'), says: 'Deeper than it stood in the pot, its foot in shade.' },
  {
    holds: (p) => genusOf(p) === 'Iris' && p.root === 'rhizome',
    says: 'Shallow: the sun must reach the top of the rhizome.',
  },
  { holds: isOf('Paeonia'), says: 'Buds no deeper than 5\u202fcm, or it will not flower.' },
  {
    holds: isOf('Sempervivum', 'Opuntia', 'Agave', 'Delosperma', 'Sedum', 'Yucca'),
    says: 'Raised on grit, so that water runs off.',
  },
  {
    holds: (p) => p.kind === 'tree',
    says: 'One short stake on the windward side, tied with room to grow; its fullest side to the viewer.',
  },
  { holds: (p) => p.staking !== 'none' && p.kind !== 'tree', says: 'Its support goes in with it.' },
  {
    holds: (p) => p.water.wettest === 'dry' || p.drought === 'high',
    says: 'On heavy ground a mound: it stands no wet winter.',
  },
]
