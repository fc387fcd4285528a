import { gardenOf } from '../db/queries/gardens'
import { isLocal } from '../people/listening'
import { isForDesigners, needOf, type Need } from '../people/policy'
import { asksTooMuch } from '../people/tries'
import { signedIn } from '../utils/signedIn'
import { isDesigner, isStoreOwner, LOCAL, mayIn, type Who } from '../utils/who'

/** Says who asks, and turns away who may not: on loopback it is this machine itself, elsewhere somebody who signed in. */
export default defineEventHandler(async (event) => {
  if (isLocal()) {
    event.context.who = LOCAL
    return
  }
  const path = event.path.split('?')[0]!
  if (!path.startsWith('/api/')) return
  const address = getRequestIP(event) ?? ''
  if (await asksTooMuch(address)) throw refuse(429, 'Too many requests at once: wait a few seconds and try again.')
  const who = await signedIn(event)
  event.context.who = who
  await admit(who, needOf(path, event.method), isForDesigners(path, event.method))
})

async function admit(who: Who, need: Need, forDesigners: boolean) {
  if (need.kind === 'open') return
  if (!who.account) throw refuse(401, 'Sign in first.')
  if (isStoreOwner(who)) return
  if (forDesigners && !isDesigner(who))
    throw refuse(403, 'Only designers may do that. Ask the owner of this store.')
  if (need.kind === 'store owner') throw refuse(403, 'Only the owner of this store may do that.')
  if (need.kind === 'garden') await admitTo(who, need)
}

async function admitTo(who: Who, { of, id, role }: Need & { readonly kind: 'garden' }) {
  const gardenId = of === 'garden' ? id : await gardenOf((await useStore()).db, of, id)
  // Who may not look does not learn that it is there.
  if (!gardenId || !mayIn(who, gardenId, 'viewer')) throw notFound(of)
  if (!mayIn(who, gardenId, role))
    throw refuse(403, `That needs the role of a ${role} in this garden. Ask its owner.`)
}
