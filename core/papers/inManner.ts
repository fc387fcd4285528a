import { say, type Manner } from '../measure'
import type { Block, PaperPage } from './paper'

function blockSaid(block: Block, manner: Manner): Block {
  if (block.kind !== 'table') return { ...block, text: say(block.text, manner) }
  const row = (cells: readonly string[]) => cells.map((c) => say(c, manner))
  return { ...block, headings: row(block.headings), rows: block.rows.map(row) }
}

/** A page with its figures and days as a garden says them. */
export function inManner(page: PaperPage, manner: Manner): PaperPage {
  if (page.kind === 'drawing')
    return { ...page, panels: page.panels.map((p) => ({ ...p, sheet: { ...p.sheet, manner } })) }
  return { ...page, foot: say(page.foot, manner), blocks: page.blocks.map((b) => blockSaid(b, manner)) }
}
