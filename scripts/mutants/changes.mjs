// What a mutant changes: one expression of the core, by its syntax. Texts, types and imports are left alone.
import ts from 'typescript'

const OPERATORS = {
  '<': '>=',
  '>': '<=',
  '<=': '>',
  '>=': '<',
  '===': '!==',
  '!==': '===',
  '&&': '||',
  '||': '&&',
  '+': '-',
  '-': '+',
  '*': '/',
  '/': '*',
}
const SWAPPED = { max: 'min', min: 'max', floor: 'ceil', ceil: 'floor' }

const isText = (node) =>
  ts.isStringLiteral(node) || ts.isTemplateExpression(node) || ts.isNoSubstitutionTemplateLiteral(node)
const isNamed = (node) =>
  (ts.isPropertyAssignment(node.parent) || ts.isPropertySignature(node.parent)) && node.parent.name === node

function changedNumber(node) {
  if (!ts.isNumericLiteral(node) || isNamed(node) || ts.isLiteralTypeNode(node.parent)) return null
  const value = Number(node.text)
  return String(value === 0 ? 1 : value * 1.5)
}
const FLIPPED = new Map([
  [ts.SyntaxKind.TrueKeyword, 'false'],
  [ts.SyntaxKind.FalseKeyword, 'true'],
])
function changedTruth(node) {
  const to = FLIPPED.get(node.kind)
  return to && !ts.isLiteralTypeNode(node.parent) ? to : null
}

function changedBinary(node, render) {
  if (!ts.isBinaryExpression(node)) return null
  const to = OPERATORS[node.operatorToken.getText()]
  if (!to || isText(node.left) || isText(node.right)) return null
  return `(${render(node.left)}) ${to} (${render(node.right)})`
}
const changedNot = (node, render) =>
  ts.isPrefixUnaryExpression(node) && node.operator === ts.SyntaxKind.ExclamationToken
    ? `!!(${render(node.operand)})`
    : null

function changedCall(node, render) {
  if (!ts.isCallExpression(node) || !ts.isPropertyAccessExpression(node.expression)) return null
  const { expression, name } = node.expression
  const to = expression.getText() === 'Math' ? SWAPPED[name.text] : undefined
  return to ? `Math.${to}(${node.arguments.map(render).join(', ')})` : null
}

/** The text that takes an expression's place, or null; `render` gives the text of a part. */
export const changeOf = (node, render) =>
  changedNumber(node) ??
  changedTruth(node) ??
  changedBinary(node, render) ??
  changedNot(node, render) ??
  changedCall(node, render)

const isErased = (node) =>
  ts.isTypeNode(node) ||
  ts.isImportDeclaration(node) ||
  ts.isExportDeclaration(node) ||
  ts.isInterfaceDeclaration(node) ||
  ts.isTypeAliasDeclaration(node)

/** Every expression of a file that can be changed, as { start, line, was, to }. */
export function mutantsIn(text, file) {
  const source = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true)
  const found = []
  const visit = (node) => {
    if (isErased(node)) return
    const to = changeOf(node, (part) => part.getText())
    if (to !== null) {
      const start = node.getStart()
      const { line } = source.getLineAndCharacterOfPosition(start)
      found.push({ file, start, end: node.getEnd(), line: line + 1, was: node.getText(), to })
    }
    ts.forEachChild(node, visit)
  }
  visit(source)
  return found
}

/** The file with all chosen mutants in it, each behind its number: one text for all runs. */
export function withMutants(text, file, chosen) {
  const source = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true)
  const numberAt = new Map(chosen.map((m) => [`${m.start}:${m.end}`, m.number]))
  const render = (node) => {
    const start = node.getStart()
    const end = node.getEnd()
    let plain = ''
    let at = start
    ts.forEachChild(node, (child) => {
      if (child.getStart() < at) return
      plain += text.slice(at, child.getStart()) + (isErased(child) ? child.getText() : render(child))
      at = child.getEnd()
    })
    plain += text.slice(at, end)
    const number = numberAt.get(`${start}:${end}`)
    const to = number === undefined ? null : changeOf(node, render)
    return to === null ? plain : `(globalThis.isMutant(${number}) ? (${to}) : (${plain}))`
  }
  return text.slice(0, source.getStart()) + render(source) + text.slice(source.getEnd())
}
