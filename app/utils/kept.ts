import { get, set } from 'idb-keyval'
import type { Answer, AnswerName } from '~~/shared/answers'

/** What went wrong with what this device keeps; empty while nothing did. Shown on every page. */
export const keptFault = ref('')

/**
 * What this device keeps under a key; null when there is nothing. What cannot be read as what it should be is set aside under a key of its
 * own and told, so that it is never written over.
 */
export async function readKept<N extends AnswerName>(name: N, key: string): Promise<Answer<N> | null> {
  let raw: unknown
  try {
    raw = await get(key)
    return raw === undefined ? null : await readAs(name, raw)
  } catch (error) {
    if (raw !== undefined) await writeKept(`${key}:aside:${new Date().toISOString()}`, raw)
    keptFault.value =
      'Something that this device kept cannot be read: it was set aside here and nothing of it was sent ' +
      `(${error instanceof Error ? error.message : String(error)}). What the server has is shown.`
    return null
  }
}

/** Keeps a value in this device. Whether there was room; where there was none it is told. */
export async function writeKept(key: string, value: unknown): Promise<boolean> {
  try {
    await set(key, value)
    return true
  } catch (error) {
    keptFault.value =
      'This device has no room to keep what you do while there is no network: stay on this page until it is sent ' +
      `(${error instanceof Error ? error.message : String(error)}).`
    return false
  }
}
