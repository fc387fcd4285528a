// What `npm run restore` and `npm run account` share: bundles a tool of the server and runs it with the settings there are.
import { mkdirSync } from 'node:fs'
import { join } from 'node:path'
import { checkNode, ensurePackages, root, run, settings } from './machine.mjs'

/** Runs `server/workers/<name>.ts`. The server must be stopped: it has the data folder to itself. */
export async function runTool(name) {
  checkNode()
  ensurePackages()
  const { build } = await import('esbuild')
  const folder = join(root, 'node_modules', '.cache')
  const outfile = join(folder, `amber-${name}.mjs`)
  mkdirSync(folder, { recursive: true })
  await build({
    entryPoints: [join(root, 'server', 'workers', `${name}.ts`)],
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
}
