import { hasAccounts } from '../db/queries/accounts'
import { isLocal, listeningHost } from '../people/listening'
import { useStore } from '../utils/store'

/** Opens the store at start, and ends the process with one clear line when that fails or nobody could sign in. */
export default defineNitroPlugin((nitro) => {
  if (import.meta.prerender) return
  // Started bare, the server is this machine's alone.
  process.env.NITRO_HOST = listeningHost()
  void open().catch((error: unknown) => {
    console.error(`Amber Terrace cannot start: ${error instanceof Error ? error.message : String(error)}`)
    process.exit(1)
  })
  nitro.hooks.hook('close', async () => {
    await (await useStore()).db.close()
  })
})

async function open() {
  const { db } = await useStore()
  if (isLocal() || (await hasAccounts(db))) return
  await db.close()
  throw new Error(
    `it is to listen on ${listeningHost()}, where others reach it, and there is no account yet. ` +
      'Make the first with: npm run account -- <login>',
  )
}
