import { once } from '../once'
import type { Bed, Outline } from '../model'
import { bedFrame } from './bedFrame'
import { type BedFrame } from './frame'

const framesOf = once((outline: Outline) => once((form: Bed['form']) => bedFrame({ outline, form })))

/** The frame of a bed, kept while its outline and its kind are. */
export const frameOf = ({ outline, form }: Pick<Bed, 'outline' | 'form'>): BedFrame => framesOf(outline)(form)
