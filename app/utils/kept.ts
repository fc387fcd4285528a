import { get, set } from 'idb-keyval'
import { ref } from 'vue'
import type { Answer, AnswerName } from '~~/shared/answers'
import { readAs } from './readAs'

/** What went wrong with what this device keeps; empty while nothing did. Shown on every page. */
export const keptFault = ref('')
/** Keys of what lies in this device and could not be fetched from it. */
const unread = new Set<string>()

const why = (error: unknown) => (error instanceof Error ? error.message : String(error))
const asideKey = (key: string) => `${key}:aside:${new Date().toISOString()}`

/**
 * What this device keeps under a key; null when there is nothing. What is there and is not what it should be is set aside under a key of
 * its own and told; so is what could not be fetched, before anything else is written there.
 */
export async function readKept<N extends AnswerName>(name: N, key: string): Promise<Answer<N> | null> {
  let raw: unknown
  try {
    raw = await get(key)
    unread.delete(key)
  } catch (error) {
    unread.add(key)
    keptFault.value =
      'What this device keeps cannot be fetched from it just now; it stays where it is ' +
      `(${why(error)}). What the server has is shown.`
    return null
  }
  if (raw === undefined) return null
  try {
    return await readAs(name, raw)
  } catch (error) {
    if (await put(asideKey(key), raw))
      keptFault.value =
        'Something that this device kept is not what it should be: it was set aside in this device and nothing of it was sent ' +
        `(${why(error)}). What the server has is shown.`
    return null
  }
}

/** Keeps a value in this device. Whether it lies there now; where it does not, that is told. */
export async function writeKept(key: string, value: unknown): Promise<boolean> {
  if (unread.has(key) && !(await setAside(key))) return false
  return put(key, value)
}

/** Something could not be fetched before: nothing is written over it. */
async function setAside(key: string): Promise<boolean> {
  try {
    const there: unknown = await get(key)
    if (there !== undefined && !(await put(asideKey(key), there))) return false
    unread.delete(key)
    return true
  } catch (error) {
    noRoom(error)
    return false
  }
}
async function put(key: string, value: unknown): Promise<boolean> {
  try {
    await set(key, value)
    return true
  } catch (error) {
    noRoom(error)
    return false
  }
}
function noRoom(error: unknown) {
  keptFault.value =
    'This device cannot keep what you do while there is no network: stay on this page until it is sent ' +
    `(${why(error)}).`
}
