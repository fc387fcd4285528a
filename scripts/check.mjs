// npm run check: types, lint of the files that changed, and the unit tests that they touch; meant to be run after every few lines.
import { spawnSync } from 'node:child_process'
import { checkNode, ensurePackages, root } from './machine.mjs'

checkNode()
ensurePackages()
const git = (...args) => spawnSync('git', args, { cwd: root, encoding: 'utf8' }).stdout.split('\n').filter(Boolean)
const changed = [
  ...git('diff', '--name-only', '--diff-filter=d', 'HEAD'),
  ...git('ls-files', '-o', '--exclude-standard'),
]
const code = changed.filter((file) => /\.(ts|vue|mjs)$/.test(file))
const steps = [
  ['types', ['vue-tsc', '-b', '--noEmit']],
  ...(code.length > 0
    ? [['lint', ['eslint', '--cache', '--cache-location', 'node_modules/.cache/eslint/', ...code]]]
    : []),
  ['unit tests', ['vitest', 'run', '--changed', 'HEAD', '--passWithNoTests']],
]
let failed = 0
for (const [name, args] of steps) {
  const began = performance.now()
  const done = spawnSync('npx', ['--no-install', ...args], { cwd: root, stdio: 'inherit' })
  if (done.status !== 0) failed++
  console.log(
    `— ${name} ${done.status === 0 ? 'passed' : 'failed'} in ${((performance.now() - began) / 1000).toFixed(0)} s`,
  )
}
process.exit(failed === 0 ? 0 : 1)
