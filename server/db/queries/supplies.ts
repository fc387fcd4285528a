import { EMPTY_SUPPLY, type Supply } from '../../../core/count'
import { supplySchema } from '../../../shared/supplySchema'
import { keptOfGarden } from './keptOfGarden'

export const { find: findSupply, save: saveSupply } = keptOfGarden<Supply>('supply', EMPTY_SUPPLY, (v) =>
  supplySchema.parse(v),
)
