import type { Block, Paper, SheetHead, TextPage } from './paper'

/** A text page stands upright on its paper. */
export const upright = (paper: Paper, head: SheetHead, title: string, blocks: readonly Block[]): TextPage => ({
  kind: 'text',
  title,
  widthPt: paper.heightPt,
  heightPt: paper.widthPt,
  foot: [head.garden, title, head.date, `revision ${head.revision || 'none'}`, head.author]
    .filter((t) => t !== '')
    .join('  ·  '),
  blocks: [{ kind: 'title', text: title }, ...blocks],
})

/** Money with two decimals. */
export const money = (n: number) => n.toFixed(2)
