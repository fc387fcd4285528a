import type { Worker } from 'node:worker_threads'
import type { RawRows } from './rawRows'
import type { StoreCall } from './storeCalls'

interface Answer {
  readonly id: number
  readonly value?: RawRows | null
  /** What PostgreSQL says of an error, or the system: code, detail, message. */
  readonly error?: { readonly message: string }
}
interface Waiting {
  readonly done: (value: RawRows | null) => void
  readonly failed: (error: Error) => void
}

/** A thread that has a database open: each question is answered by its number. Once it has ended every question fails. */
export class StoreThread {
  /** Why it has ended; null while it has not. */
  ended: Error | null = null
  private readonly waiting = new Map<number, Waiting>()
  private asked = 0

  constructor(private readonly worker: Worker) {
    worker.on('message', (answer: Answer) => this.hear(answer))
    worker.on('error', (error) => this.end(error))
    worker.on('exit', () => this.end())
  }

  ask(call: StoreCall): Promise<RawRows | null> {
    return new Promise((done, failed) => {
      if (this.ended) return failed(this.ended)
      const id = this.asked++
      this.waiting.set(id, { done, failed })
      this.worker.postMessage({ id, call })
    })
  }

  async close() {
    await this.ask({ do: 'close' })
    await this.worker.terminate()
  }

  private hear({ id, value = null, error }: Answer) {
    const { done, failed } = this.waiting.get(id)!
    this.waiting.delete(id)
    if (error) failed(Object.assign(new Error(error.message), error))
    else done(value)
  }

  private end(cause?: Error) {
    this.ended ??= new Error('The database has stopped.', { cause })
    for (const { failed } of this.waiting.values()) failed(this.ended)
    this.waiting.clear()
  }
}
