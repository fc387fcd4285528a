import { dayTold, sayMoney } from '../measure'
import type { Block, Paper, SheetHead, TextPage } from './paper'

/** A text page stands upright on its paper. */
export const upright = (paper: Paper, head: SheetHead, title: string, blocks: readonly Block[]): TextPage => ({
  kind: 'text',
  title,
  widthPt: paper.heightPt,
  heightPt: paper.widthPt,
  foot: [head.garden, title, dayTold(head.date), `revision ${head.revision || 'none'}`, head.author]
    .filter((t) => t !== '')
    .join('  ·  '),
  blocks: [{ kind: 'title', text: title }, ...blocks],
})

/** Money as a sheet writes it. */
export const money = (n: number, { currency, manner }: SheetHead) => sayMoney(n, currency, manner.region)
/** A price in a column of prices: without its currency. */
export const price = (n: number, { manner }: SheetHead) => sayMoney(n, '', manner.region)
