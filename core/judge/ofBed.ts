import type { PlacedPlant } from '../layout'
import { stretchOf, type Scene } from '../scene'
import { finding, type Finding, type Mend } from './finding'

type Parts = Omit<Finding, 'from' | 'to' | 'plants' | 'mends' | 'figures'> & {
  readonly plants?: readonly PlacedPlant[]
  readonly figures?: Finding['figures']
}

/** A finding of some plants, or of the bed as a whole where none are named; it lies where they stand. */
export function ofBed(scene: Scene, parts: Parts, mends: () => readonly Mend[] = () => []): Finding {
  const { plants = [], figures = [], ...rest } = parts
  const stretch = plants.length > 0 ? stretchOf(plants) : { from: scene.frame.runFrom, to: scene.frame.runTo }
  return finding({ ...rest, ...stretch, figures, plants: plants.map((p) => p.id) }, mends)
}

/** `a, b and c` of names, each once, so many at most. */
export function listed(names: readonly string[], most = 3): string {
  const all = [...new Set(names)]
  const said = all.length > most ? [...all.slice(0, most), 'others'] : all
  const last = said.pop() ?? ''
  return said.length > 0 ? `${said.join(', ')} and ${last}` : last
}
