import type { Bed } from '../model'
import { placingsOf } from '../bed'
import type { Aspect } from '../see'

/** What stands in a bed but does not grow there, as the pictures draw it: middle (turned plan), size in metres. */
export interface Fixture {
  readonly look: 'post' | 'urn' | 'tree' | 'obelisk' | 'planting' | 'pot'
  readonly x: number
  readonly y: number
  readonly widthM: number
  readonly heightM: number
}

const WIDTH_SHARE: Readonly<Record<string, number>> = { post: 0.09, urn: 0.45, tree: 0.8, obelisk: 0.28 }

/** The fixtures of a bed seen from an aspect: an island's centrepiece, the planting inside a ring, pots. */
export function fixturesOf({ form }: Pick<Bed, 'form'>, aspect: Aspect): Fixture[] {
  switch (form.kind) {
    case 'island':
      return form.centre === 'none'
        ? []
        : [
            {
              look: form.centre,
              ...aspect.turn(ORIGIN),
              widthM: Math.max(0.12, form.centreHeightM * WIDTH_SHARE[form.centre]!),
              heightM: form.centreHeightM,
            },
          ]
    case 'ring':
      return [{ look: 'planting', ...aspect.turn(ORIGIN), widthM: 2 * form.rimM, heightM: form.insideHeightM }]
    case 'container':
      return placingsOf(form).map(({ x, y }) => ({
        look: 'pot',
        ...aspect.turn({ x, y }),
        widthM: form.diameterM,
        heightM: form.heightM,
      }))
    default:
      return []
  }
}
const ORIGIN = { x: 0, y: 0 }
