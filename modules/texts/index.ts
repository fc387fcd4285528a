import { addVitePlugin, defineNuxtModule } from 'nuxt/kit'
import { inLanguage } from './inLanguage'

/**
 * Another language is another build: `AMBER_LANGUAGE=de npm run build` puts the texts of `texts/de.json` where the English ones stand in
 * the sources. English needs none of this, and no language costs anything while the program runs.
 */
export default defineNuxtModule({
  setup(_, nuxt) {
    const texts = inLanguage(nuxt.options.rootDir, process.env.AMBER_LANGUAGE ?? 'en')
    if (!texts) return
    const handler = (source: string, file: string) => {
      const code = texts(source, file)
      return code === undefined ? undefined : { code, map: { mappings: '' as const } }
    }
    const plugin = { name: 'amber-texts', enforce: 'pre' as const, transform: { order: 'pre' as const, handler } }
    addVitePlugin(plugin)
    nuxt.options.vite.worker = { ...nuxt.options.vite.worker, plugins: () => [plugin] }
    nuxt.options.app.head.htmlAttrs = { ...nuxt.options.app.head.htmlAttrs, lang: process.env.AMBER_LANGUAGE }
    nuxt.hook('nitro:config', (nitro) => {
      const rollup = (nitro.rollupConfig ??= {}) as { plugins?: unknown[] }
      rollup.plugins = [plugin, ...(rollup.plugins ?? [])]
    })
  },
})
