import { spawn, type ChildProcess } from 'node:child_process'
import { mkdtempSync } from 'node:fs'
import { createServer, type AddressInfo } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'

const ENTRY = new URL('../../.output/server/index.mjs', import.meta.url).pathname
const WAIT_MS = 30_000

export interface TestServer {
  readonly url: string
  readonly folder: string
  readonly pid: number
  /** What the process wrote to its error stream. */
  errors(): string
  /** Closes what it writes to, as a log that ended does. */
  deafen(): void
  /** Ends the process at once, as a power cut would. */
  kill(): Promise<void>
  /** Waits for the process to end by itself; its exit code. */
  ended(): Promise<number | null>
  readonly startedInMs: number
}

export const emptyFolder = () => mkdtempSync(join(tmpdir(), 'amber-e2e-'))

export const freePort = () =>
  new Promise<number>((done) => {
    const probe = createServer()
    probe.listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as AddressInfo
      probe.close(() => done(port))
    })
  })

/** Starts the built server on a free port of loopback with a data folder of its own. */
export async function startServer(
  options: {
    folder?: string
    demo?: boolean
    wait?: boolean
    port?: number
    env?: Readonly<Record<string, string>>
  } = {},
): Promise<TestServer> {
  const folder = options.folder ?? emptyFolder()
  const port = options.port ?? (await freePort())
  const began = performance.now()
  const child: ChildProcess = spawn(process.execPath, [ENTRY], {
    env: {
      ...process.env,
      HOST: '127.0.0.1',
      NITRO_HOST: '127.0.0.1',
      NITRO_PORT: String(port),
      AMBER_DATA_DIR: folder,
      NODE_ENV: 'production',
      AMBER_SEED_DEMO: options.demo ? '1' : '',
      DATABASE_URL: '',
      ...options.env,
    },
    stdio: ['ignore', 'pipe', 'pipe'],
  })
  let text = ''
  child.stdout?.resume()
  child.stderr?.on('data', (chunk: Buffer) => {
    text += chunk.toString()
  })
  const exit = new Promise<number | null>((done) => child.on('exit', (code) => done(code)))
  const url = `http://127.0.0.1:${port}`
  if (options.wait !== false) await answers(url, () => text)
  return {
    url,
    folder,
    pid: child.pid!,
    startedInMs: performance.now() - began,
    errors: () => text,
    deafen: () => {
      child.stdout?.destroy()
      child.stderr?.destroy()
    },
    kill: async () => {
      child.kill('SIGKILL')
      await exit
    },
    ended: () => exit,
  }
}

async function answers(url: string, errors: () => string) {
  const until = Date.now() + WAIT_MS
  while (Date.now() < until) {
    if (
      await fetch(`${url}/api/health`).then(
        (r) => r.ok,
        () => false,
      )
    )
      return
    await new Promise((done) => setTimeout(done, 20))
  }
  throw new Error(`The server did not answer: ${errors()}`)
}
