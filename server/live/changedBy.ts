/** What of a garden a request changes: the part of its address; null for what nobody else needs to hear of. */
export interface ChangeMade {
  readonly of: 'bed' | 'garden'
  readonly id: string
  readonly what: string
}

const CHANGES = new Set(['POST', 'PUT', 'PATCH', 'DELETE'])
const PATH = /^\/api\/(beds|gardens)\/([A-Za-z0-9_-]{1,80})(?:\/([a-z-]+))?/
/** Addresses that only look or reckon, and where windows say where they are. */
const QUIET = new Set(['here', 'picture', 'prices', 'nursery', 'shares'])

/** What a request that went well changed, by its method and path. */
export function changedBy(method: string, path: string): ChangeMade | null {
  const [, kind, id, part = ''] = PATH.exec(path) ?? []
  if (!CHANGES.has(method) || !kind || !id || QUIET.has(part) || id === 'archive') return null
  if (kind === 'beds') return { of: 'bed', id, what: 'bed' }
  return { of: 'garden', id, what: part || 'garden' }
}
