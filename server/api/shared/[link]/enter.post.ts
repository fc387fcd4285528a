import { z } from 'zod'
import { isPassword } from '../../../people/password'
import { shutFor, wrongTry } from '../../../people/tries'

const askSchema = z.object({ word: z.string().max(200) })

/** Enters a link by its word; wrong ones shut it for a while. */
export default defineEventHandler(async (event) => {
  const share = await shareOf(event)
  const { word } = await readChecked(event, askSchema)
  const [door, address] = [`share:${share.id}`, getRequestIP(event) ?? '']
  const shut = await shutFor(door, address)
  if (shut > 0) throw refuse(429, `Too many wrong words: wait ${Math.ceil(shut / 60)} minutes and try again.`)
  if (share.word !== null && !(await isPassword(word, share.word))) {
    await wrongTry(door, address)
    throw refuse(403, 'That is not the word. Ask the designer for it.', { needsWord: true })
  }
  const session = await useSession<Entered>(event, enteredConfig())
  await session.update({ shares: [...(session.data.shares ?? []).slice(-20), share.id] })
  return { entered: true }
})
