import { type Supply, supplySchema } from '../../../core/model'
import { EMPTY_SUPPLY } from '../../../core/count'
import { keptOfGarden } from './keptOfGarden'

export const { find: findSupply, save: saveSupply } = keptOfGarden<Supply>('supply', EMPTY_SUPPLY, (v) =>
  supplySchema.parse(v),
)
