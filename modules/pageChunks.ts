import { basename, relative } from 'node:path'
import { defineNuxtModule } from 'nuxt/kit'
import type { NuxtPage } from 'nuxt/schema'

const filesOf = (pages: readonly NuxtPage[]): string[] =>
  pages.flatMap((p) => [...(p.file ? [p.file] : []), ...filesOf(p.children ?? [])])

/** The bundler's name of a page's chunk: `_id_` of `[id].vue`. */
const chunkName = (file: string) => basename(file, '.vue').replace(/[[\]]/g, '_')

/**
 * A page whose code other chunks share loses its name in the manifest, and with it the hints that fetch it with the page's own text. Such a
 * page is found again by the name of its chunk. Also here: nothing is fetched that a page may never want.
 */
export default defineNuxtModule({
  setup(_, nuxt) {
    let files: string[] = []
    nuxt.hook('pages:resolved', (pages) => {
      files = filesOf(pages)
    })
    nuxt.hook('build:manifest', (manifest) => {
      for (const part of Object.values(manifest)) {
        part.prefetch = false
        part.dynamicImports = []
      }
      for (const file of files) {
        const key = relative(nuxt.options.srcDir, file)
        if (manifest[key]) continue
        const nameless = Object.values(manifest).filter((p) => !p.src && p.name === chunkName(file))
        if (nameless.length === 1) manifest[key] = nameless[0]!
      }
    })
  },
})
