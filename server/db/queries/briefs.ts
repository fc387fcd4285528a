import { EMPTY_BRIEF, type Brief } from '../../../core/brief'
import { briefSchema } from '../../../shared/briefSchema'
import { keptOfGarden } from './keptOfGarden'

export const { find: findBrief, save: saveBrief } = keptOfGarden<Brief>(
  'brief',
  EMPTY_BRIEF,
  (v) => briefSchema.parse(v) as Brief,
)
