// Part of npm run build: what runs in threads beside the server, each as one file, in the language of the build.
import { readFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { join } from 'node:path'
import { build, type Plugin } from 'esbuild'
import { inLanguage } from '../modules/texts/inLanguage'

const root = fileURLToPath(new URL('..', import.meta.url))
const texts = inLanguage(root, process.env.AMBER_LANGUAGE ?? 'en')

const inTheLanguage: Plugin = {
  name: 'texts',
  setup: ({ onLoad }) => {
    onLoad({ filter: /\.ts$/ }, ({ path }) => {
      const contents = texts?.(readFileSync(path, 'utf8'), path)
      return contents === undefined ? undefined : { contents, loader: 'ts' }
    })
  },
}

for (const name of ['papers', 'beside'])
  await build({
    entryPoints: [join(root, 'server', 'workers', `${name}.worker.ts`)],
    outfile: join(root, '.output', 'server', 'workers', `${name}.mjs`),
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    logLevel: 'warning',
    plugins: texts ? [inTheLanguage] : [],
    // Packages in the older form ask for this name.
    banner: {
      js: "import { createRequire as requireFrom } from 'node:module'; const require = requireFrom(import.meta.url);",
    },
  })
