import { addTemplate, addTypeTemplate, createResolver, defineNuxtModule } from 'nuxt/kit'
import { iconShapes, namesOfIcons, sourcesIn } from './iconShapes'

const ROOMS = ['app', 'core', 'shared']

/** The part of the interface package that would fetch icons one by one, and read all style sheets to see which are there. */
const FETCHED = '@nuxt/icon/runtime/components/index.js'

/** Icons are built into the program: all that the sources name, and those that the interface package shows itself. */
export default defineNuxtModule({
  setup(_, nuxt) {
    const here = createResolver(import.meta.url)
    nuxt.options.alias[FETCHED] = here.resolve('./DrawnIcon')
    const ofPackage = () => JSON.stringify((nuxt.options.appConfig as { ui?: { icons?: unknown } }).ui?.icons ?? {})
    const shapes = () => iconShapes(namesOfIcons([...sourcesIn(nuxt.options.rootDir, ROOMS), ofPackage()]))
    addTemplate({ filename: 'icons.mjs', getContents: () => `export default ${JSON.stringify(shapes())}` })
    const types =
      "declare module '#build/icons.mjs' {\n  const shapes: Readonly<Record<string, string>>\n  export default shapes\n}\n"
    addTypeTemplate({ filename: 'types/icons.d.ts', getContents: () => types }, { nuxt: true, node: true })
    nuxt.hook('app:resolve', (app) => {
      app.plugins = app.plugins.filter((plugin) => !plugin.src.includes('@nuxt/icon'))
    })
  },
})
