import { del, get, set } from 'idb-keyval'

/** Photos that lie in this device until the server has them, each under an id of its own. */
export function useWaitingPhotos(gardenId: string) {
  const waiting = shallowRef<readonly string[]>([])
  /** Addresses of photos that only this device has, by their id. */
  const shown = shallowRef<ReadonlyMap<string, string>>(new Map())
  const key = `photos:${gardenId}`
  const photoKey = (id: string) => `photo:${gardenId}:${id}`
  const keepList = () => writeKept(key, [...waiting.value])
  const show = (id: string, photo: Blob) => {
    shown.value = new Map(shown.value).set(id, URL.createObjectURL(photo))
  }

  async function open() {
    const kept = await readKept('keptPhotos', key)
    waiting.value = [...new Set([...waiting.value, ...(kept ?? [])])]
    for (const id of waiting.value) {
      const photo = await get<Blob>(photoKey(id)).catch(() => undefined)
      if (photo) show(id, photo)
    }
  }
  /** Keeps a photo; its id, or null when this device has no room for it. */
  async function keep(photo: Blob): Promise<string | null> {
    const id = newId()
    try {
      await set(photoKey(id), photo)
    } catch {
      return null
    }
    waiting.value = [...waiting.value, id]
    show(id, photo)
    await keepList()
    return id
  }
  /** Sends what waits; the reason why one was refused, which waits on. Throws when there is no server. */
  async function send(): Promise<string> {
    let refused = ''
    for (const id of waiting.value)
      try {
        await sendOne(id)
      } catch (error) {
        if (statusOf(error) < 400 || statusOf(error) >= 500) throw error
        refused = messageOf(error)
      }
    return refused
  }
  async function sendOne(id: string) {
    const photo = await get<Blob>(photoKey(id))
    if (photo)
      await request(`/api/gardens/${gardenId}/photos/${id}`, {
        method: 'PUT',
        body: photo,
        headers: { 'content-type': photo.type },
        timeout: 60000,
      })
    waiting.value = waiting.value.filter((p) => p !== id)
    await keepList()
    await del(photoKey(id)).catch(() => undefined)
  }
  const addressOf = (id: string) => shown.value.get(id) ?? `/api/drawings/${id}`
  return { waiting, open, keep, send, addressOf }
}
