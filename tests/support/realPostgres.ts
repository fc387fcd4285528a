import { spawnSync } from 'node:child_process'
import { chmodSync, existsSync, mkdtempSync, readdirSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { freePort } from './server'

const VERSIONS = '/usr/lib/postgresql'

/** The programs of an installed PostgreSQL, the newest; null where there is none. */
export function postgresPrograms(): string | null {
  if (!existsSync(VERSIONS)) return null
  const newest = readdirSync(VERSIONS).sort((a, b) => Number(b) - Number(a))[0]
  return newest ? join(VERSIONS, newest, 'bin') : null
}

/** Runs a program of PostgreSQL; it refuses to be run by root, so its own user does it then. */
function run(program: string, args: readonly string[]) {
  const isRoot = process.getuid?.() === 0
  const [command, all] = isRoot ? ['runuser', ['-u', 'postgres', '--', program, ...args]] : [program, [...args]]
  const done = spawnSync(command, all, { encoding: 'utf8', stdio: ['ignore', 'pipe', 'pipe'] })
  if (done.status !== 0) throw new Error(`${program}: ${done.stderr || done.stdout}`)
}

export interface RealPostgres {
  /** Address of a new, empty database. */
  fresh(name: string): string
  stop(): void
  start(): void
  drop(): void
}

/** A PostgreSQL server of its own in a temporary folder, on a free port of loopback. */
export async function realPostgres(bin: string, settings: readonly string[] = []): Promise<RealPostgres> {
  const folder = mkdtempSync(join(tmpdir(), 'amber-pg-'))
  chmodSync(folder, 0o777)
  const data = join(folder, 'data')
  const port = await freePort()
  run(join(bin, 'initdb'), ['-D', data, '-U', 'amber', '-A', 'trust', '-E', 'UTF8', '--no-sync'])
  const options = [
    `-p ${port}`,
    '-h 127.0.0.1',
    `-k ${folder}`,
    '-c fsync=off',
    ...settings.map((s) => `-c ${s}`),
  ].join(' ')
  const control = (what: string, ...more: string[]) => run(join(bin, 'pg_ctl'), ['-D', data, '-w', ...more, what])
  const start = () => control('start', '-o', options, '-l', join(folder, 'log'))
  const stop = () => control('stop', '-m', 'immediate')
  start()
  return {
    fresh: (name) => {
      run(join(bin, 'createdb'), ['-h', '127.0.0.1', '-p', String(port), '-U', 'amber', name])
      return `postgresql://amber@127.0.0.1:${port}/${name}`
    },
    start,
    stop,
    drop: () => {
      stop()
      rmSync(folder, { recursive: true, force: true })
    },
  }
}
