import fc from 'fast-check'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { createKeeper } from '../../app/stores/keeper'
import { type Opened } from '~~/app/stores/held'
import type { Parcel } from '../../app/stores/saver'
import { mergeParts } from '../../core/merge'
import type { SavedAnswer } from '../../shared/answers'

interface Note {
  readonly text: string
  readonly mark?: string | undefined
}
type Edit =
  | { readonly kind: 'write' | 'mark'; readonly text: string | undefined }
  | { readonly kind: 'replace'; readonly note: Note }

const later = (ms: number) => vi.advanceTimersByTimeAsync(ms)
const httpError = (statusCode: number, data: unknown = {}) =>
  Object.assign(new Error(String(statusCode)), { statusCode, data: { data, message: `answered ${statusCode}` } })

/** A server of one note that refuses stale revisions, and can be away. */
function noteServer() {
  const server = { value: { text: 'first' } as Note, revision: 1, away: false, refuses: 0, loses: false, puts: 0 }
  let saves: readonly string[] = []
  const put = async ({ revision, value, edits }: Parcel<Note, Edit>): Promise<SavedAnswer> => {
    server.puts++
    await new Promise((done) => {
      setTimeout(done, 20)
    })
    if (server.away) throw new Error('no route')
    if (server.refuses) throw httpError(server.refuses)
    const ids = edits.map((e) => e.id)
    const isKnown = revision === server.revision - 1 && saves.some((id) => ids.includes(id))
    if (revision !== server.revision && !isKnown) throw httpError(409, { stored: stored() })
    if (!isKnown || ids.some((id) => !saves.includes(id))) {
      server.value = value
      server.revision++
    }
    saves = [...saves, ...ids]
    if (server.loses) throw new Error('the answer is lost')
    return { revision: server.revision, savedAt: '2026-01-01T00:00:00Z' } as SavedAnswer
  }
  const stored = () => ({
    id: 'n',
    value: server.value,
    revision: server.revision,
    savedAt: '2026-01-01T00:00:00Z',
  })
  return { server, put, stored }
}

function applied(value: Note, edit: Edit): Note {
  if (edit.kind === 'replace') return edit.note
  if (edit.kind === 'mark') return { ...value, mark: edit.text }
  return edit.text === value.text ? value : { ...value, text: edit.text ?? '' }
}

function keeperOf({ put }: ReturnType<typeof noteServer>) {
  return createKeeper<Note, Opened<Note, Edit>, Edit>({
    key: (id) => id,
    put,
    apply: (value, edit) => ({ value: applied(value, edit), inverse: { kind: 'replace', note: value } }),
    describe: (edit) => edit.kind,
    replace: (note) => ({ kind: 'replace', note }),
    check: () =>
      Promise.resolve((value: unknown) =>
        typeof (value as Note | null)?.text === 'string' ? (value as Note) : null,
      ),
    rebase: (edit, base, theirs) =>
      edit.kind === 'replace' ? { kind: 'replace', note: mergeParts(base, edit.note, theirs).value } : edit,
  })
}

let storage: Map<string, string>
beforeEach(() => {
  vi.useFakeTimers()
  storage = new Map()
  vi.stubGlobal('localStorage', {
    getItem: (k: string) => storage.get(k) ?? null,
    setItem: (k: string, v: string) => {
      storage.set(k, v)
    },
    removeItem: (k: string) => {
      storage.delete(k)
    },
  })
})
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

const write = (text: string): Edit => ({ kind: 'write', text })
function open() {
  const net = noteServer()
  const keeper = keeperOf(net)
  void keeper.open(net.stored())
  return { ...net, keeper }
}

describe('a keeper', () => {
  it('saves by itself, once for edits that come quickly, and keeps a copy in the browser until the answer', async () => {
    const { keeper, server } = open()
    keeper.edit(write('a'))
    keeper.edit(write('ab'))
    expect(keeper.saveState.value).toBe('waiting')
    expect(storage.size).toBe(1)
    await later(1000)
    expect(server).toMatchObject({ value: { text: 'ab' }, puts: 1 })
    expect(keeper.saveState.value).toBe('saved')
    expect(storage.size).toBe(0)
  })

  it('undoes and redoes any history to where it was', () => {
    fc.assert(
      fc.property(
        fc.array(fc.string({ minLength: 1, maxLength: 4 }), { maxLength: 12 }),
        fc.nat(14),
        (texts, back) => {
          const { keeper } = open()
          for (const t of texts) keeper.edit(write(t))
          const last = keeper.value.value!.text
          const steps = Math.min(back, keeper.done.value.length)
          for (let i = 0; i < steps; i++) keeper.undo()
          for (let i = 0; i < steps; i++) keeper.redo()
          expect(keeper.value.value!.text).toBe(last)
          while (keeper.done.value.length > 0) keeper.undo()
          expect(keeper.value.value!.text).toBe('first')
        },
      ),
    )
  })

  it('an edit that changes nothing is no step, and a preview makes none', () => {
    const { keeper } = open()
    keeper.edit(write('first'))
    expect(keeper.done.value).toHaveLength(0)
    keeper.preview(write('under the hand'))
    expect(keeper.value.value!.text).toBe('under the hand')
    expect(keeper.dragging.value).toBe(true)
    keeper.preview(null)
    expect(keeper.value.value!.text).toBe('first')
  })

  it('tries again when the server is away, and what was meant is saved when it is back', async () => {
    const { keeper, server } = open()
    server.away = true
    keeper.edit(write('a'))
    await later(3000)
    expect(keeper.saveState.value).toBe('offline')
    expect(JSON.parse([...storage.values()][0]!)).toMatchObject({
      revision: 1,
      value: { text: 'a' },
      edits: [{ how: 'edit' }],
    })
    server.away = false
    await later(20_000)
    expect(keeper.saveState.value).toBe('saved')
    expect(server.value.text).toBe('a')
  })

  it('an edit made while a save is under way is saved after it', async () => {
    const { keeper, server } = open()
    keeper.edit(write('a'))
    await later(455)
    expect(keeper.saveState.value).toBe('saving')
    keeper.edit(write('b'))
    await later(1500)
    expect(server).toMatchObject({ value: { text: 'b' }, puts: 2 })
    expect(keeper.saveState.value).toBe('saved')
  })

  it('a refused save stays in hand and is not sent again by itself', async () => {
    const { keeper, server } = open()
    server.refuses = 422
    keeper.edit(write('bad'))
    await later(60_000)
    expect(keeper.saveState.value).toBe('refused')
    expect(keeper.problem.value).toBe('answered 422')
    expect(keeper.value.value!.text).toBe('bad')
    expect(server.puts).toBe(1)
  })

  it('a save whose answer was lost is no conflict: sent again it is known, here and after a reload', async () => {
    const { keeper, server, put, stored } = open()
    server.loses = true
    keeper.edit(write('a'))
    await later(600)
    expect([keeper.saveState.value, server.value.text]).toEqual(['offline', 'a'])
    const copy = [...storage.entries()]
    server.loses = false
    keeper.edit(write('b'))
    await later(20_000)
    expect([keeper.saveState.value, server.value.text]).toEqual(['saved', 'b'])

    // After a reload the same edits go out with the revision they started from.
    server.revision = 2
    for (const [k, v] of copy) storage.set(k, v)
    const reloaded = keeperOf({ server, put, stored })
    await reloaded.open(stored())
    expect(reloaded.value.value!.text).toBe('a')
    await later(2000)
    expect(reloaded.saveState.value).toBe('saved')
  })

  it('a server that fails for good is not asked for ever: the reason stays, the edit too, and the next edit tries again', async () => {
    const { keeper, server } = open()
    server.refuses = 500
    keeper.edit(write('a'))
    await later(300_000)
    expect(keeper.saveState.value).toBe('refused')
    expect(keeper.problem.value).toBe('answered 500')
    expect(server.puts).toBeLessThan(8)
    expect(storage.size).toBe(1)
    server.refuses = 0
    keeper.edit(write('b'))
    await later(1000)
    expect([keeper.saveState.value, server.value.text]).toEqual(['saved', 'b'])
  })

  it('goes on from the steps that led to what is opened: undo and redo survive a reload', async () => {
    const net = noteServer()
    net.server.value = { text: 'b' }
    const keeper = keeperOf(net)
    const step = (how: 'edit' | 'undo' | 'redo', text: string) => ({
      how,
      name: how,
      inverse: { kind: 'replace' as const, note: { text } },
    })
    await keeper.open({
      ...net.stored(),
      steps: [step('edit', 'first'), step('edit', 'a'), step('edit', 'b'), step('undo', 'c')],
    })
    expect([keeper.done.value.length, keeper.undone.value.length]).toEqual([2, 1])
    keeper.redo()
    expect(keeper.value.value!.text).toBe('c')
    keeper.undo()
    keeper.undo()
    expect(keeper.value.value!.text).toBe('a')
  })

  it('a conflict settled either way loses nothing', async () => {
    for (const which of ['mine', 'theirs'] as const) {
      const { keeper, server } = open()
      server.value = { text: 'other' }
      server.revision = 7
      keeper.edit(write('mine'))
      await later(1000)
      expect(keeper.saveState.value).toBe('conflict')
      expect(server.value.text).toBe('other')
      keeper.edit(write('mine too'))
      await later(2000)
      expect(server.value.text).toBe('other')
      keeper.settleConflict(which)
      await later(1000)
      expect(server.value.text).toBe(which === 'mine' ? 'mine too' : 'other')
      if (which === 'theirs') {
        keeper.undo()
        await later(1000)
        expect(server.value.text).toBe('mine too')
      }
    }
  })

  it('brings back what an earlier visit could not save; a stale one asks; what does not read is let be', async () => {
    const net = noteServer()
    storage.set('amber-terrace.unsaved.n', JSON.stringify({ revision: 1, value: { text: 'unsaved' } }))
    const keeper = keeperOf(net)
    await keeper.open(net.stored())
    expect(keeper.value.value!.text).toBe('unsaved')
    await later(1000)
    expect(net.server.value.text).toBe('unsaved')

    storage.set('amber-terrace.unsaved.n', JSON.stringify({ revision: 1, value: { text: 'stale' } }))
    const second = keeperOf(net)
    await second.open(net.stored())
    await later(2000)
    expect(second.saveState.value).toBe('conflict')
    expect(net.server.value.text).toBe('unsaved')

    storage.set('amber-terrace.unsaved.n', JSON.stringify({ revision: 2, value: 17 }))
    const third = keeperOf(net)
    await third.open(net.stored())
    expect(third.value.value!.text).toBe('unsaved')
  })

  it('hears what others saved: takes it, joins it with what is unsaved, and asks only where both changed the same', async () => {
    const net = noteServer()
    const [keeper, other] = [keeperOf(net), keeperOf(net)]
    for (const k of [keeper, other]) void k.open(net.stored())
    const stored = () => Promise.resolve(net.stored())
    other.edit(write('from there'))
    await later(1000)
    await keeper.hear(stored)
    expect([keeper.value.value!.text, keeper.saveState.value]).toEqual(['from there', 'saved'])
    // One's own save, heard of once more, changes nothing.
    keeper.edit(write('from here'))
    await later(1000)
    const { revision } = keeper
    await keeper.hear(stored)
    expect([keeper.value.value!.text, revision.value]).toEqual(['from here', net.server.revision])
    // While a save is on its way the answer is awaited, and the other version joined after it.
    await other.hear(stored)
    other.edit({ kind: 'mark', text: 'marked there' })
    keeper.edit(write('again'))
    await later(1500)
    await keeper.hear(stored)
    await later(1500)
    expect(net.server.value).toEqual({ text: 'again', mark: 'marked there' })
    expect([keeper.saveState.value, other.saveState.value]).toEqual(['saved', 'saved'])
    // The same part: asked, though nothing was sent yet.
    await other.hear(stored)
    other.edit(write('theirs'))
    await later(1000)
    keeper.edit(write('mine'))
    await keeper.hear(stored)
    expect(keeper.saveState.value).toBe('conflict')
    expect(keeper.meetings.value.map((m) => m.path)).toEqual([['text']])
    expect(keeper.settleConflict(() => 'mine')).toBe(true)
    await later(1000)
    expect(net.server.value.text).toBe('mine')
  })

  it('two that edit and hear of each other in any order lose nothing of what they alone changed', async () => {
    const act = fc.constantFrom('write', 'mark', 'hear one', 'hear two', 'wait', 'away', 'back')
    await fc.assert(
      fc.asyncProperty(fc.array(act, { maxLength: 24 }), async (acts) => {
        storage.clear()
        const net = noteServer()
        const [one, two] = [keeperOf(net), keeperOf(net)]
        for (const k of [one, two]) void k.open(net.stored())
        const last: { text: string; mark: string | undefined } = { text: 'first', mark: undefined }
        const stored = () => Promise.resolve(net.stored())
        for (const [i, a] of acts.entries()) {
          if (a === 'write') one.edit(write((last.text = `t${i}`)))
          if (a === 'mark') two.edit({ kind: 'mark', text: (last.mark = `m${i}`) })
          if (a === 'hear one') await Promise.all([one.hear(stored), later(1200)])
          if (a === 'hear two') await Promise.all([two.hear(stored), later(1200)])
          if (a === 'away' || a === 'back') net.server.away = a === 'away'
          await later(a === 'wait' ? 1000 : 37)
        }
        net.server.away = false
        await later(120_000)
        for (const k of [one, two]) await Promise.all([k.hear(stored), later(3000)])
        await later(30_000)
        for (const k of [one, two]) await Promise.all([k.hear(stored), later(3000)])
        expect(net.server.value.text).toBe(last.text)
        expect(net.server.value.mark).toBe(last.mark)
        for (const k of [one, two]) expect(k.value.value).toEqual(net.server.value)
      }),
      { numRuns: 60 },
    )
  })
})
