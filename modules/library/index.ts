import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { addTypeTemplate, defineNuxtModule } from 'nuxt/kit'
import { libraryScript } from './libraryScript'

const TYPES = `declare module '#plants' {
  const plants: readonly import('~~/core/plant').Plant[]
  export default plants
}
`

/** The plant library is read and checked when the program is built: at every start it would take a sixth of the time. */
export default defineNuxtModule({
  setup(_, nuxt) {
    const list = join(nuxt.options.rootDir, 'data/plants.csv')
    nuxt.hook('nitro:config', (nitro) => {
      nitro.virtual = { ...nitro.virtual, '#plants': () => libraryScript(readFileSync(list, 'utf8')) }
    })
    addTypeTemplate(
      { filename: 'types/plants.d.ts', getContents: () => TYPES },
      { nitro: true, nuxt: true, node: true },
    )
  },
})
