// Part of npm run build: what runs in processes and threads beside the server.
import { fileURLToPath } from 'node:url'
import { join } from 'node:path'
import { bundleWorker } from './bundleWorker'

const workers = fileURLToPath(new URL('../.output/server/workers', import.meta.url))
for (const name of ['beside', 'store']) await bundleWorker(name, join(workers, `${name}.mjs`))
