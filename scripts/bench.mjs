// npm run bench: bundles the benchmarks as the application is bundled (no per-call helpers), then runs them.
import { build } from 'esbuild'
import { join } from 'node:path'
import { ensureChromium } from './debian.mjs'
import { checkNode, ensureBuild, ensurePackages, root, run } from './machine.mjs'

checkNode()
ensurePackages()
ensureBuild()
ensureChromium()
const outfile = join(root, 'tests', 'bench', '.run.mjs')
await build({
  entryPoints: [join(root, 'tests/bench/run.ts')],
  outfile,
  bundle: true,
  platform: 'node',
  format: 'esm',
  target: 'node20',
  packages: 'external',
  logLevel: 'error',
})
run(process.execPath, [outfile, ...process.argv.slice(2)])
