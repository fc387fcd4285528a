export { capital, characters, cleanText, cutText, faultOfText, unmarked } from './cutText'
export { formatBoth, formatLength } from './formatLength'
export { parseLength, type Units } from './parseLength'
export { formatArea, formatSmall, formatVolume, formatWeight } from './formatAmount'
export { inUnits, toFahrenheit, UNIT_SPACE } from './inUnits'
export { keptFigure, type QuantityUnit, typedFigure, typedUnit } from './quantity'
export {
  type Region,
  regionOfTag,
  REGIONS,
  sayDay,
  sayMoment,
  sayMoney,
  sayMonthDay,
  sayNumber,
  sayTime,
  sayWeekday,
} from './region'
export { dayTold, type Manner, mannerOf, PLAIN_MANNER, say } from './say'
