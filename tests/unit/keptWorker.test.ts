import { expose } from 'comlink'
import { afterEach, expect, it } from 'vitest'
import { keptWorker } from '../../app/utils/keptWorker'

const jobs = {
  known: [] as string[],
  learn(word: string) {
    jobs.known.push(word)
  },
  double: (n: number) => 2 * n,
  never: () => new Promise<number>(() => undefined),
  fails(): number {
    throw new Error('no such plant')
  },
}
type Jobs = typeof jobs
const begun: FakeWorker[] = []

/** A worker over a channel of messages; it breaks when it is told to. */
class FakeWorker extends EventTarget {
  readonly channel = new MessageChannel()
  ended = false
  constructor() {
    super()
    begun.push(this)
    expose(jobs, this.channel.port2)
    this.channel.port2.start()
  }
  postMessage = (message: unknown) => this.channel.port1.postMessage(message)
  override addEventListener = (type: string, hear: EventListener) => {
    if (type !== 'message') return super.addEventListener(type, hear)
    this.channel.port1.addEventListener(type, hear)
    this.channel.port1.start()
  }
  terminate() {
    this.ended = true
    this.channel.port1.close()
  }
  break(message: string) {
    this.dispatchEvent(Object.assign(new Event('error'), { message }))
  }
}
const begin = () => new FakeWorker() as unknown as Worker

afterEach(() => {
  for (const worker of begun) worker.terminate()
  begun.length = 0
  jobs.known.length = 0
})

it('answers, and hands on what its jobs refuse', async () => {
  const worker = keptWorker<Jobs>(begin)
  expect(worker.isRunning).toBe(false)
  expect(await worker.ask((j) => j.double(21))).toBe(42)
  await expect(worker.ask((j) => j.fails())).rejects.toThrow('no such plant')
  expect(begun.length).toBe(1)
})

it('tells whoever waits when it breaks, and begins another for the next ask', async () => {
  const worker = keptWorker<Jobs>(begin)
  const waits = worker.ask((j) => j.never())
  begun[0]!.break('out of memory')
  await expect(waits).rejects.toThrow('out of memory')
  expect(begun[0]!.ended).toBe(true)
  expect(await worker.ask((j) => j.double(2))).toBe(4)
  expect(begun.length).toBe(2)
})

it('ends what takes too long', async () => {
  const worker = keptWorker<Jobs>(begin)
  await expect(worker.ask((j) => j.never(), 20)).rejects.toThrow('too long')
  expect(worker.isRunning).toBe(false)
})

it('is told what it must know once, again when that changes, and again after it broke', async () => {
  let word = 'sage'
  const worker = keptWorker<Jobs, string>(begin, { known: () => word, tell: (j, w) => j.learn(w) })
  await worker.ask((j) => j.double(1))
  await worker.ask((j) => j.double(1))
  expect(jobs.known).toEqual(['sage'])
  word = 'thyme'
  await worker.ask((j) => j.double(1))
  begun[0]!.break('')
  await worker.ask((j) => j.double(1))
  expect(jobs.known).toEqual(['sage', 'thyme', 'thyme'])
})
