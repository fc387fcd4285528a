import { readFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { dirname, join, parse } from 'node:path'
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

/**
 * Writes what runs beside the server by that name (`server/workers/<name>.worker.ts`), in the language of the build: a file, and beside it
 * what it loads only where a job needs it.
 */
export async function bundleWorker(name: string, outfile: string): Promise<void> {
  await build({
    entryPoints: [{ in: join(root, 'server', 'workers', `${name}.worker.ts`), out: parse(outfile).name }],
    outdir: dirname(outfile),
    outExtension: { '.js': '.mjs' },
    bundle: true,
    splitting: true,
    // Each process keeps the text of its program in memory.
    minifyWhitespace: true,
    minifySyntax: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    logLevel: 'warning',
    // Comes with files of its own, which lie beside the server.
    external: ['@electric-sql/pglite', '@electric-sql/pglite/nodefs'],
    plugins: texts ? [inTheLanguage] : [],
    // Packages in the older form ask for this name.
    banner: {
      js: "import { createRequire as requireFrom } from 'node:module'; const require = requireFrom(import.meta.url);",
    },
  })
}
