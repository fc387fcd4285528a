// npm run mutants [-- --sample 300 --seed 1 --room judge]: changes the core a little, one expression at a time, in a copy, and asks whether
// any test notices. All chosen changes stand in the copy behind a switch, so that nothing is built again between them.
import { fork } from 'node:child_process'
import { cpSync, mkdirSync, readdirSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs'
import { join, relative, resolve } from 'node:path'
import { mutantsIn, withMutants } from './changes.mjs'

const root = resolve(import.meta.dirname, '..', '..')
const option = (name, fallback) => {
  const at = process.argv.indexOf(`--${name}`)
  return at < 0 ? fallback : process.argv[at + 1]
}
const sample = Number(option('sample', '300'))
const seed = Number(option('seed', '1'))
const only = option('room', '')
const isTold = process.argv.includes('--told')
const copy = join(root, 'tests', '.tmp', `mutants-${seed}-${only}`)

function filesBelow(folder, pattern) {
  return readdirSync(folder, { withFileTypes: true }).flatMap((e) => {
    const path = join(folder, e.name)
    if (e.isDirectory()) return filesBelow(path, pattern)
    return pattern.test(e.name) ? [path] : []
  })
}

/** Numbers from a seed: the same sample each time. Source: a linear congruential generator. */
function* numbers(state) {
  for (;;) {
    state = (state * 1664525 + 1013904223) % 4294967296
    yield state / 4294967296
  }
}

function choose(all) {
  const random = numbers(seed)
  const left = [...all]
  const chosen = []
  while (chosen.length < sample && left.length > 0)
    chosen.push(...left.splice(Math.floor(random.next().value * left.length), 1))
  return chosen.map((m, number) => ({ ...m, number }))
}

const roomOf = (file) => file.split('/')[1]

function makeCopy(chosen) {
  rmSync(copy, { recursive: true, force: true })
  mkdirSync(join(copy, 'tests'), { recursive: true })
  for (const part of ['core', 'data', 'shared', 'tests/support', 'package.json'])
    cpSync(join(root, part), join(copy, part), { recursive: true })
  cpSync(join(root, 'scripts/mutants/setup.ts'), join(copy, 'setup.ts'))
  rmSync(join(copy, 'core/tsconfig.json'), { force: true })
  symlinkSync(join(root, 'node_modules'), join(copy, 'node_modules'))
  for (const file of new Set(chosen.map((m) => m.file))) {
    const text = readFileSync(join(root, file), 'utf8')
    const its = chosen.filter((m) => m.file === file)
    writeFileSync(join(copy, file), withMutants(text, file, its))
  }
}

/** A test file may take so many times as long as it did unchanged before it counts as endless, and so much more. */
const SLOWER = 4
const MORE_MS = 20_000

/** Runs one test file after another in a process of its own, which is ended and begun again when it does not answer. */
class Runner {
  async begin() {
    this.child = fork(join(import.meta.dirname, 'runner.mjs'), {
      env: { ...process.env, MUTANTS_FOLDER: copy },
      detached: true,
      stdio: ['ignore', 'ignore', 'inherit', 'ipc'],
    })
    const { files } = await this.answer(120_000)
    return files
  }
  answer(withinMs) {
    return new Promise((done) => {
      const timer = setTimeout(() => done(null), withinMs)
      this.child.once('message', (message) => {
        clearTimeout(timer)
        done(message)
      })
    })
  }
  /** What noticed the mutant in a test file; null when nothing did. */
  async run(number, file, usualMs) {
    this.child.send({ number, file })
    const answer = await this.answer(usualMs * SLOWER + MORE_MS)
    if (answer) return answer
    this.end()
    await this.begin()
    return { reason: `${relative(copy, file)}: endless`, tookMs: usualMs }
  }
  end() {
    this.child.removeAllListeners()
    process.kill(-this.child.pid, 'SIGKILL')
  }
}

const UNCHANGED = -1

/** Which test files meet which mutants, and how long each takes. */
async function coverage(runner, files) {
  const took = new Map()
  for (const file of files) {
    const { reason, tookMs } = await runner.run(UNCHANGED, file, 120_000)
    if (reason !== null) throw new Error(`fails unchanged: ${reason}`)
    took.set(file, tookMs)
  }
  const met = filesBelow(join(copy, 'met'), /json$/).map((f) => JSON.parse(readFileSync(f, 'utf8')))
  const testsOf = (mutant) =>
    met
      .filter((m) => m.met.includes(mutant.number))
      .map((m) => m.file)
      .sort((a, b) => rank(a, mutant) - rank(b, mutant) || took.get(a) - took.get(b))
  return { took, testsOf }
}
const rank = (testFile, mutant) => (relative(copy, testFile).startsWith(`core/${roomOf(mutant.file)}/`) ? 0 : 1)

async function killerOf(runner, { took, testsOf }, mutant) {
  for (const file of testsOf(mutant)) {
    const { reason } = await runner.run(mutant.number, file, took.get(file))
    if (reason !== null) return reason
  }
  return null
}

const all = filesBelow(join(root, 'core'), /(?<!\.test)\.ts$/)
  .map((path) => relative(root, path))
  .filter((file) => !only || roomOf(file) === only)
  .flatMap((file) => mutantsIn(readFileSync(join(root, file), 'utf8'), file))
const chosen = choose(all)
makeCopy(chosen)
const runner = new Runner()
const known = await coverage(runner, await runner.begin())
const rooms = new Map()
for (const mutant of chosen) {
  const killer = await killerOf(runner, known, mutant)
  const killed = killer !== null
  const room = rooms.get(roomOf(mutant.file)) ?? { killed: 0, all: 0 }
  rooms.set(roomOf(mutant.file), { killed: room.killed + Number(killed), all: room.all + 1 })
  if (isTold && killed) console.log(`killed ${mutant.file}:${mutant.line} by ${killer}`)
  if (!killed) console.log(`survived ${mutant.file}:${mutant.line} ${mutant.was} → ${mutant.to}`)
}
runner.end()
for (const [room, { killed, all: whole }] of [...rooms].sort())
  console.log(`mutants ${room} ${killed} of ${whole} killed`)
const killed = [...rooms.values()].reduce((n, r) => n + r.killed, 0)
const share = Math.round((100 * killed) / Math.max(1, chosen.length))
console.log(
  `mutants all ${killed} of ${chosen.length} killed (${share} %), sampled from ${all.length}, seed ${seed}`,
)
rmSync(copy, { recursive: true, force: true })
process.exit(0)
