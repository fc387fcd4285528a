import { parse } from 'vue/compiler-sfc'
import { isText, nameOf, wordsOf, type Message, type Part } from './message'
import { scriptTexts } from './scriptTexts'

/** Attributes that people read or hear. */
const SAID =
  /^(label|placeholder|title|alt|description|hint|help|text|aria-label|aria-description|aria-roledescription|aria-valuetext)$/
/** Bound ones that never are. */
const NEVER =
  /^(class|style|key|id|for|icon|color|variant|size|ui|to|href|src|d|points|transform|data-.*|name|type|role|ref)$/

interface Loc {
  readonly start: { readonly offset: number }
  readonly end: { readonly offset: number }
  readonly source: string
}
/** What is read of the tree of a template. */
interface Node {
  readonly type: number
  readonly loc: Loc
  readonly content?: string | { readonly content: string; readonly loc: Loc }
  readonly children?: readonly Node[]
  readonly props?: readonly Prop[]
}
interface Prop {
  readonly type: number
  readonly name: string
  readonly value?: { readonly content: string; readonly loc: Loc }
  readonly arg?: { readonly content: string }
  readonly exp?: { readonly content: string; readonly loc: Loc }
}
const [ELEMENT, TEXT, INTERPOLATION, ATTRIBUTE, DIRECTIVE] = [1, 2, 5, 6, 7]

const spanOf = ({ start, end }: Loc) => ({ start: start.offset, end: end.offset })
/** An expression of a template, with its place. */
const expressionTexts = ({ loc }: { readonly loc: Loc }, inText = false): Message[] =>
  scriptTexts(`(${loc.source})`, loc.start.offset - 1, inText)

const isSaid = ({ name, value }: Prop) => SAID.test(name) && /[A-Za-z]{2,}/.test(value?.content ?? '')

function attributeTexts(prop: Prop): Message[] {
  if (prop.type === ATTRIBUTE)
    return prop.value && isSaid(prop)
      ? [{ ...spanOf(prop.value.loc), parts: [prop.value.content], as: 'attribute' }]
      : []
  const bound = prop.arg?.content ?? ''
  const isCode = prop.type !== DIRECTIVE || NEVER.test(bound) || prop.name === 'for' || prop.name === 'slot'
  return prop.exp && !isCode ? expressionTexts(prop.exp, SAID.test(bound)) : []
}

/** Words and what stands between them, one after another without a tag. */
function runTexts(run: readonly Node[]): Message[] {
  const inner = run.flatMap((n) =>
    n.type === INTERPOLATION ? expressionTexts(n.content as { loc: Loc }, true) : [],
  )
  let at = 0
  const parts = run.map((n): Part => {
    if (n.type === TEXT) return n.content as string
    const { content, loc } = n.content as { content: string; loc: Loc }
    return { name: nameOf(content, at++), ...spanOf(loc) }
  })
  if (!/[A-Za-z]{2,}/.test(wordsOf(parts)) && !isText(wordsOf(parts))) return inner
  const [first, last] = [run[0]!, run.at(-1)!]
  return [{ start: first.loc.start.offset, end: last.loc.end.offset, parts, as: 'content' }, ...inner]
}

function nodeTexts(node: Node): Message[] {
  const found = (node.props ?? []).flatMap(attributeTexts)
  let run: Node[] = []
  const close = () => {
    if (run.length > 0) found.push(...runTexts(run))
    run = []
  }
  for (const child of node.children ?? []) {
    if (child.type === TEXT || child.type === INTERPOLATION) run.push(child)
    else {
      close()
      if (child.type === ELEMENT) found.push(...nodeTexts(child))
    }
  }
  close()
  return found
}

/** The texts for people in a component: of its template and its scripts. Throws when it does not parse. */
export function vueTexts(source: string): Message[] {
  const { descriptor, errors } = parse(source, { sourceMap: false })
  if (errors.length > 0) throw errors[0]!
  const scripts = [descriptor.script, descriptor.scriptSetup].filter((s) => s !== null)
  return [
    ...(descriptor.template?.ast ? nodeTexts(descriptor.template.ast as unknown as Node) : []),
    ...scripts.flatMap((s) => scriptTexts(s.content, s.loc.start.offset)),
  ]
}
