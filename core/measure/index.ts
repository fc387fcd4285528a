export { parseLength, type LengthLimits, type Units } from './parseLength'
export { formatBoth, formatLength } from './formatLength'
