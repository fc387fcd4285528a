import { type Brief, briefSchema } from '../../../core/model'
import { EMPTY_BRIEF } from '../../../core/brief'
import { keptOfGarden } from './keptOfGarden'

export const { find: findBrief, save: saveBrief } = keptOfGarden<Brief>(
  'brief',
  EMPTY_BRIEF,
  (v) => briefSchema.parse(v) as Brief,
)
