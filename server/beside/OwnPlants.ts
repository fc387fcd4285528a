import type { Plant } from '../../core/plant'
import { beside } from './beside'
import type { Queryable } from '../db/Db'
import { ownPlantsMark, ownPlantTexts } from '../db/queries/ownPlants'
import { plantOfText } from '../services/plantTexts'

/** Plants made of texts before others are let in between. */
const AT_ONCE = 200

/** The user's own plants, read and checked once for as long as nobody changes them. */
export class OwnPlants {
  private mark: string | null = null
  private kept: Promise<readonly Plant[]> = Promise.resolve([])

  constructor(private readonly db: Queryable) {}

  async list(): Promise<readonly Plant[]> {
    const mark = await ownPlantsMark(this.db)
    if (mark === this.mark) return this.kept
    this.mark = mark
    this.kept = this.read()
    // What failed is read again.
    this.kept.catch(() => (this.mark = null))
    return this.kept
  }

  private async read(): Promise<readonly Plant[]> {
    const cells = await ownPlantTexts(this.db)
    if (cells.length === 0) return []
    const read = await beside('ownPlants', { cells })
    if (!read.ok) throw new Error(read.error)
    const plants: Plant[] = []
    for (const text of read.value) {
      plants.push(plantOfText(text))
      if (plants.length % AT_ONCE === 0) await new Promise((next) => setImmediate(next))
    }
    return plants
  }
}
