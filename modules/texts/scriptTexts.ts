import ts from 'typescript'
import { isText, nameOf, wordsOf, type Message, type Part } from './message'

const listed = (words: string): ReadonlySet<string> => new Set(words.trim().split(/\s+/))
/** What is called with names and addresses, not with words for people. */
const CODE_CALLS = listed(`
  querySelector querySelectorAll closest matches addEventListener useEventListener getElementById createElement getContext
  import require fetch $fetch ask includes startsWith endsWith has get set delete replace replaceAll split match test exec
  emit defineEmits definePageMeta useTemplateRef provide inject query localeCompare indexOf
  setAttribute getAttribute setProperty Error
`)
/** What never holds words for people. */
const CODE_NAMES = listed(`
  class className style ui icon key id testid type kind font cssText d transform href src path rel sql color variant size
  mode locale timeZone pattern code codes keys dir family weight botanicalName scientificName
`)
/** What holds them even when it is a single small word. */
const TEXT_NAMES = listed('label title text words reason hint say says note placeholder description message')

const calleeOf = ({ expression }: ts.CallExpression | ts.NewExpression): string => {
  if (ts.isPropertyAccessExpression(expression)) return expression.name.text
  if (ts.isIdentifier(expression)) return expression.text
  return expression.kind === ts.SyntaxKind.ImportKeyword ? 'import' : ''
}
const COMPARES: ReadonlySet<ts.SyntaxKind> = new Set([
  ts.SyntaxKind.EqualsEqualsEqualsToken,
  ts.SyntaxKind.ExclamationEqualsEqualsToken,
  ts.SyntaxKind.EqualsEqualsToken,
  ts.SyntaxKind.InKeyword,
])

/** Whether nothing under this node is said to people. */
function isCode(node: ts.Node): boolean {
  if (ts.isTypeNode(node) || ts.isImportDeclaration(node) || ts.isExportDeclaration(node)) return true
  if (ts.isTaggedTemplateExpression(node) || ts.isInterfaceDeclaration(node) || ts.isTypeAliasDeclaration(node))
    return true
  if (ts.isBinaryExpression(node)) return COMPARES.has(node.operatorToken.kind)
  return false
}

const propertyName = (node: ts.Node): string =>
  ts.isPropertyAssignment(node) && (ts.isIdentifier(node.name) || ts.isStringLiteral(node.name))
    ? node.name.text
    : ''

/** How sure it is that words here are for people: in a table of words and where the name says so, small ones are as well. */
type Said = 'plain' | 'words' | 'inside' | 'table'

/** A table of words as they are shown. */
const TABLE = /(WORDS|LABELS|NAMES)$/
const isTable = (node: ts.Node) =>
  ts.isVariableDeclaration(node) && ts.isIdentifier(node.name) && TABLE.test(node.name.text)
const isPartOfTable = (node: ts.Node) =>
  ts.isObjectLiteralExpression(node) ||
  ts.isPropertyAssignment(node) ||
  ts.isArrayLiteralExpression(node) ||
  ts.isAsExpression(node)

/**
 * The texts for people in a script: sentences and names in literals, templates and their sums. `offset` is added to all places. `inText`
 * says that the whole script is put into a text.
 */
export function scriptTexts(source: string, offset = 0, inText = false): Message[] {
  const file = ts.createSourceFile('texts.ts', source, ts.ScriptTarget.Latest, true, ts.ScriptKind.TS)
  const found: Message[] = []
  const place = (node: ts.Node) => ({ start: node.getStart(file) + offset, end: node.end + offset })

  /** A sum or template as words and what is put in; null when it is none. */
  function partsOf(node: ts.Node): Part[] | null {
    if (ts.isStringLiteralLike(node)) return [node.text]
    if (ts.isParenthesizedExpression(node)) return partsOf(node.expression)
    if (ts.isTemplateExpression(node))
      return [
        node.head.text,
        ...node.templateSpans.flatMap((s): Part[] => [put(s.expression), s.literal.text]),
      ].filter((p) => p !== '')
    if (ts.isBinaryExpression(node) && node.operatorToken.kind === ts.SyntaxKind.PlusToken) {
      const [left, right] = [partsOf(node.left), partsOf(node.right)]
      if (!left && !right) return null
      return [...(left ?? [put(node.left)]), ...(right ?? [put(node.right)])]
    }
    return null
  }
  const put = (node: ts.Node): Part => ({ name: node.getText(file), ...place(node) })

  function take(node: ts.Node, parts: readonly Part[], said: Said) {
    let at = 0
    const named = parts.map((p) => (typeof p === 'string' ? p : { ...p, name: nameOf(p.name, at++) }))
    found.push({ ...place(node), parts: named, as: 'literal', isSure: said !== 'plain' })
    for (const p of parts) if (typeof p !== 'string') inner(p)
  }
  /** What is put into a text may choose between words itself. */
  function inner({ start, end }: { readonly start: number; readonly end: number }) {
    found.push(...scriptTexts(`(${source.slice(start - offset, end - offset)})`, start - 1, true))
  }

  const isSaid = (words: string, said: Said) =>
    isText(words) || (said !== 'plain' && /^[A-Za-z][\w\s,’'-]*$/.test(words.trim()))

  /** One of two texts: a small word is one as well when the other is. */
  function isChoiceOfTexts(node: ts.Node): boolean {
    if (!ts.isConditionalExpression(node)) return false
    return [node.whenTrue, node.whenFalse].some((branch) => {
      const parts = partsOf(branch)
      return parts !== null && isText(wordsOf(parts))
    })
  }

  function below(node: ts.Node, said: Said): Said {
    if (isTable(node) || (said === 'table' && isPartOfTable(node))) return 'table'
    if (TEXT_NAMES.has(propertyName(node)) || isChoiceOfTexts(node)) return 'words'
    const passes =
      ts.isConditionalExpression(node) ||
      ts.isParenthesizedExpression(node) ||
      ts.isExpressionStatement(node) ||
      ts.isSourceFile(node)
    return passes || (ts.isBinaryExpression(node) && !isCode(node)) ? said : 'plain'
  }

  function visit(node: ts.Node, said: Said) {
    if (isCode(node) || (said !== 'table' && CODE_NAMES.has(propertyName(node)))) return visitOdd(node)
    if (ts.isCallExpression(node) || ts.isNewExpression(node)) return visitCall(node)
    // Not the brackets themselves: they may be those of an attribute.
    const parts = ts.isParenthesizedExpression(node) ? null : partsOf(node)
    if (parts && isSaid(wordsOf(parts), parts.length === 1 ? said : 'plain')) return take(node, parts, said)
    const next = below(node, said)
    ts.forEachChild(node, (child) => {
      if (ts.isConditionalExpression(node) && child === node.condition) return visit(child, 'plain')
      if (ts.isPropertyAssignment(node) && child === node.name) return
      if (ts.isElementAccessExpression(node) && child === node.argumentExpression) return
      if (ts.isCaseClause(node) && child === node.expression) return
      visit(child, next)
    })
  }
  /** Of code: what is within its own functions and calls may say something all the same. */
  function visitOdd(node: ts.Node) {
    ts.forEachChild(node, (child) => {
      if (ts.isStringLiteralLike(child) || ts.isTemplateExpression(child) || ts.isTypeNode(child)) return
      visit(child, 'plain')
    })
  }
  function visitCall(node: ts.CallExpression | ts.NewExpression) {
    visit(node.expression, 'plain')
    const isNamed = CODE_CALLS.has(calleeOf(node))
    for (const argument of node.arguments ?? []) {
      if (isNamed && (ts.isStringLiteralLike(argument) || ts.isTemplateExpression(argument))) continue
      visit(argument, 'plain')
    }
  }

  visit(file, inText ? 'inside' : 'plain')
  return found
}
