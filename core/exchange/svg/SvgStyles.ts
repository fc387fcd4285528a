import { is, selectAll } from 'css-select'
import * as cssTree from 'css-tree'
import type { Element } from 'domhandler'
import { textContent } from 'domutils'

interface Rule {
  readonly selector: string
  readonly declared: ReadonlyMap<string, string>
  readonly weight: number
}
const MOST_RULES = 500

/** What a drawing's style sheets, style attributes and attributes say of its elements. */
export class SvgStyles {
  private readonly rules: readonly Rule[]
  private readonly own = new WeakMap<Element, ReadonlyMap<string, string>>()

  constructor(root: Element) {
    const sheets = selectAll('style', [root]) as Element[]
    this.rules = sheets.flatMap((s) => rulesOf(textContent(s))).slice(0, MOST_RULES)
  }

  /** A property of an element: its style, then the sheets' strongest rule, then its attribute. */
  get(e: Element, name: string): string | undefined {
    const inline = this.inline(e).get(name)
    if (inline !== undefined) return inline
    let best: Rule | null = null
    for (const rule of this.rules)
      if (rule.declared.has(name) && (!best || rule.weight >= best.weight) && matches(e, rule.selector)) best = rule
    return best?.declared.get(name) ?? e.attribs[name]
  }

  private inline(e: Element): ReadonlyMap<string, string> {
    const known = this.own.get(e)
    if (known) return known
    const read = declarationsOf(e.attribs.style ?? '')
    this.own.set(e, read)
    return read
  }
}

function matches(e: Element, selector: string): boolean {
  try {
    return is(e, selector, { xmlMode: true })
  } catch {
    return false
  }
}

function declarationsOf(text: string): ReadonlyMap<string, string> {
  const found = new Map<string, string>()
  if (text.trim() === '') return found
  const list = cssTree.parse(text, { context: 'declarationList', onParseError: () => undefined })
  cssTree.walk(list, (node) => {
    if (node.type === 'Declaration') found.set(node.property, cssTree.generate(node.value))
  })
  return found
}

const IDS = 100
const CLASSES = 10

function rulesOf(text: string): Rule[] {
  const rules: Rule[] = []
  const sheet = cssTree.parse(text, { onParseError: () => undefined })
  cssTree.walk(sheet, function visit(node) {
    if (node.type !== 'Rule' || node.prelude.type !== 'SelectorList') return
    // Rules for print and the like are not those of the drawing.
    if (this.atrule && this.atrule.name !== 'layer') return
    const declared = new Map<string, string>()
    node.block.children.forEach((d) => {
      if (d.type === 'Declaration') declared.set(d.property, cssTree.generate(d.value))
    })
    node.prelude.children.forEach((s) => {
      const selector = cssTree.generate(s)
      const count = (sign: RegExp) => (selector.match(sign) ?? []).length
      rules.push({ selector, declared, weight: count(/#/g) * IDS + count(/[.[:]/g) * CLASSES + count(/[a-z]+/gi) })
    })
  })
  return rules
}
