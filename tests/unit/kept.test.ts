import { beforeEach, describe, expect, it, vi } from 'vitest'
import { keptFault, readKept, writeKept } from '../../app/utils/kept'

const { store, fails } = vi.hoisted(() => ({
  store: new Map<string, unknown>(),
  fails: { get: false, set: false },
}))
vi.mock('idb-keyval', () => ({
  get: async (key: string) => {
    if (fails.get) throw new Error('the disk does not answer')
    return store.get(key)
  },
  set: async (key: string, value: unknown) => {
    if (fails.set) throw new Error('the disk is full')
    store.set(key, value)
  },
}))

const photos = ['one', 'two']
const asides = () => [...store].filter(([key]) => key.includes(':aside:')).map(([, value]) => value)
beforeEach(() => {
  store.clear()
  Object.assign(fails, { get: false, set: false })
  keptFault.value = ''
})

describe('what a device keeps', () => {
  it('comes back as it was, and nothing where there is nothing', async () => {
    expect(await readKept('keptPhotos', 'photos:a')).toBeNull()
    expect(await writeKept('photos:a', photos)).toBe(true)
    expect(await readKept('keptPhotos', 'photos:a')).toEqual(photos)
    expect(keptFault.value).toBe('')
  })
  it('is set aside and told where it is not what it should be, and not written over', async () => {
    store.set('photos:b', { photos })
    expect(await readKept('keptPhotos', 'photos:b')).toBeNull()
    expect(keptFault.value).toContain('set aside')
    await writeKept('photos:b', ['three'])
    expect(asides()).toEqual([{ photos }])
    expect(store.get('photos:b')).toEqual(['three'])
  })
  it('that cannot be fetched stays where it is until it can, and is then set aside before anything is written', async () => {
    store.set('photos:c', photos)
    fails.get = true
    expect(await readKept('keptPhotos', 'photos:c')).toBeNull()
    expect(keptFault.value).toContain('cannot be fetched')
    expect(await writeKept('photos:c', ['three'])).toBe(false)
    expect(store.get('photos:c')).toEqual(photos)
    fails.get = false
    expect(await writeKept('photos:c', ['three'])).toBe(true)
    expect(asides()).toEqual([photos])
  })
  it('is told where there is no room', async () => {
    fails.set = true
    expect(await writeKept('photos:d', photos)).toBe(false)
    expect(keptFault.value).toContain('stay on this page')
  })
})
