import ts from 'typescript'

/** A list whose words are a type of their own. */
const isListOfCodes = (node: ts.Node): node is ts.AsExpression & { expression: ts.ArrayLiteralExpression } =>
  ts.isAsExpression(node) && node.type.getText() === 'const' && ts.isArrayLiteralExpression(node.expression)

/** The words of a script that the program itself goes by, as types and lists say: they are stored and compared, not translated. */
export function codesOf(source: string): string[] {
  if (!/ as const|['"] *\||\| *['"]|z\.enum/.test(source)) return []
  const file = ts.createSourceFile('codes.ts', source, ts.ScriptTarget.Latest, true, ts.ScriptKind.TS)
  const codes: string[] = []
  const take = (nodes: readonly ts.Node[]) => codes.push(...nodes.filter(ts.isStringLiteral).map((n) => n.text))
  function visit(node: ts.Node) {
    if (ts.isLiteralTypeNode(node)) take([node.literal])
    if (isListOfCodes(node)) take(node.expression.elements)
    if (ts.isCallExpression(node) && /\benum$/.test(node.expression.getText()))
      node.arguments.forEach((a) => ts.isArrayLiteralExpression(a) && take(a.elements))
    ts.forEachChild(node, visit)
  }
  visit(file)
  return codes
}
