// npm run restore [-- file]: lists the backups, or puts the whole store back as one of them has it. The server must be stopped.
import { mkdirSync } from 'node:fs'
import { build } from 'esbuild'
import { join } from 'node:path'
import { checkNode, ensurePackages, root, run, settings } from './machine.mjs'

checkNode()
ensurePackages()
const outfile = join(root, 'node_modules', '.cache', 'amber-restore.mjs')
mkdirSync(join(root, 'node_modules', '.cache'), { recursive: true })
await build({
  entryPoints: [join(root, 'server', 'workers', 'restore.ts')],
  outfile,
  bundle: true,
  platform: 'node',
  format: 'esm',
  target: 'node20',
  packages: 'external',
  logLevel: 'error',
})
run(process.execPath, [outfile, ...process.argv.slice(2)], {
  env: {
    ...process.env,
    AMBER_DATA_DIR: settings().folder,
    AMBER_MIGRATIONS: join(root, 'server', 'db', 'migrations'),
  },
})
