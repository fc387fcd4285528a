/** What a request changes: the part of its address of a garden, or the whole store. */
export interface ChangeMade {
  readonly of: 'bed' | 'garden' | 'store'
  readonly id: string
  readonly what: string
}

const CHANGES = new Set(['POST', 'PUT', 'PATCH', 'DELETE'])
const PUTS_BACK = '/api/backups/restore'
const PATH = /^\/api\/(beds|gardens)\/([A-Za-z0-9_-]{1,80})(?:\/([a-z-]+))?/
/** Addresses that only look or reckon, and where windows say where they are. */
const QUIET = new Set(['here', 'picture', 'prices', 'nursery', 'shares'])

/** What a request that went well changed, by its method and path; null for what nobody else needs to hear of. */
export function changedBy(method: string, path: string): ChangeMade | null {
  if (method === 'POST' && path === PUTS_BACK) return { of: 'store', id: '', what: 'store' }
  const [, kind, id, part = ''] = PATH.exec(path) ?? []
  if (!CHANGES.has(method) || !kind || !id || QUIET.has(part) || id === 'archive') return null
  if (kind === 'beds') return { of: 'bed', id, what: 'bed' }
  return { of: 'garden', id, what: part || 'garden' }
}
