export { formatBoth, formatLength } from './formatLength'
export { type LengthLimits, parseLength, type Units } from './parseLength'
export { characters, cleanText, cutText, faultOfText } from './cutText'
export { formatArea, formatSmall, formatVolume, formatWeight } from './formatAmount'
