import type { Role } from '../../shared/peopleSchema'

/** What a request needs: a role in the garden it is about, a signed-in account, the owner of the store, or nothing. */
export type Need =
  | { readonly kind: 'open' }
  | { readonly kind: 'signed in' }
  | { readonly kind: 'store owner' }
  | { readonly kind: 'garden'; readonly of: 'garden' | 'bed' | 'drawing'; readonly id: string; readonly role: Role }

const RANK: Readonly<Record<Role, number>> = { viewer: 0, helper: 1, designer: 2, owner: 3 }
export const mayAs = (has: Role | undefined, needs: Role): boolean => has !== undefined && RANK[has] >= RANK[needs]

interface Rule {
  readonly path: RegExp
  readonly methods?: readonly string[]
  readonly need: Need['kind'] | 'garden' | 'bed' | 'drawing'
  readonly role?: Role
}
const ID = '([A-Za-z0-9_-]{1,80})'
const at = (path: string) => new RegExp(`^/api/${path}$`)

/** The first that fits holds; what fits none needs the owner of the store. */
const RULES: readonly Rule[] = [
  { path: at('(health|who|sign-in)'), need: 'open' },
  // Behind a link: each of these asks the link itself.
  { path: at('shared/[^/]+(/.*)?'), need: 'open' },
  { path: at('(sign-out|password)'), need: 'signed in' },
  // Lists say only what the asker may see.
  { path: at('gardens(/names)?'), methods: ['GET'], need: 'signed in' },
  { path: at('(trash|library|library/export|places)'), methods: ['GET'], need: 'signed in' },
  // Who looks says where.
  { path: at(`gardens/${ID}/here`), methods: ['POST'], need: 'garden', role: 'viewer' },
  // Helpers on site tick, write and photograph.
  {
    path: at(`gardens/${ID}/(ticks|log|care-ticks|photos/[^/]+)`),
    methods: ['POST', 'PUT'],
    need: 'garden',
    role: 'helper',
  },
  { path: at(`gardens/${ID}(/restore)?`), methods: ['DELETE', 'POST'], need: 'garden', role: 'owner' },
  { path: at(`gardens/${ID}/(nursery/[^/]+|prices)`), methods: ['POST'], need: 'garden', role: 'designer' },
  { path: at(`gardens/${ID}(/.*)?`), methods: ['GET'], need: 'garden', role: 'viewer' },
  { path: at(`gardens/${ID}(/.*)?`), need: 'garden', role: 'designer' },
  { path: at(`beds/${ID}(/.*)?`), methods: ['GET'], need: 'bed', role: 'viewer' },
  { path: at(`beds/${ID}(/.*)?`), need: 'bed', role: 'designer' },
  { path: at(`drawings/${ID}`), methods: ['GET'], need: 'drawing', role: 'viewer' },
]
/** New gardens, archives and plants of one's own belong to the whole store. */
const FOR_DESIGNERS = at('(demo|gardens|gardens/archive|library/import|library/plants/.*)')
export const isForDesigners = (path: string, method: string) => method !== 'GET' && FOR_DESIGNERS.test(path)

/** What a request needs, by its path (without a query) and method. */
export function needOf(path: string, method: string): Need {
  if (isForDesigners(path, method)) return { kind: 'signed in' }
  const asked = method === 'HEAD' ? 'GET' : method
  for (const { path: pattern, methods, need, role = 'owner' } of RULES) {
    const match = pattern.exec(path)
    if (!match || (methods && !methods.includes(asked))) continue
    if (need === 'garden' || need === 'bed' || need === 'drawing')
      return { kind: 'garden', of: need, id: match[1]!, role }
    return { kind: need } as Need
  }
  return { kind: 'store owner' }
}
