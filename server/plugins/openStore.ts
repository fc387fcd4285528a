import { useStore } from '../utils/store'

/** Opens the store at start, and ends the process with one clear line when that fails. */
export default defineNitroPlugin((nitro) => {
  if (import.meta.prerender) return
  useStore().catch((error: unknown) => {
    console.error(`Amber Terrace cannot start: ${error instanceof Error ? error.message : String(error)}`)
    process.exit(1)
  })
  nitro.hooks.hook('close', async () => {
    await (await useStore()).db.close()
  })
})
