// npm run mutants [-- --sample 300 --seed 1 --room judge]: changes the core a little, one expression at a time, in a copy, and asks whether
// any test notices. All chosen changes stand in the copy behind a switch, so that nothing is built again between them.
import { cpSync, mkdirSync, readdirSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs'
import { join, relative, resolve } from 'node:path'
import { createVitest } from 'vitest/node'
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

const activate = (number) => writeFileSync(join(copy, 'active'), String(number))

/** Which test files meet which mutants, and how long each takes. */
async function coverage(vitest, specs) {
  activate(-1)
  const { testModules } = await vitest.runTestSpecifications(specs, true)
  const failed = testModules.filter((m) => !m.ok())
  if (failed.length > 0) throw new Error(`fails unchanged: ${failed.map((m) => m.moduleId).join(', ')}`)
  const took = new Map(testModules.map((m) => [m.moduleId, m.diagnostic().duration]))
  const met = filesBelow(join(copy, 'met'), /json$/).map((f) => JSON.parse(readFileSync(f, 'utf8')))
  return (mutant) =>
    [...new Set(met.filter((m) => m.met.includes(mutant.number)).map((m) => m.file))].sort(
      (a, b) => rank(a, mutant) - rank(b, mutant) || took.get(a) - took.get(b),
    )
}
const rank = (testFile, mutant) => (relative(copy, testFile).startsWith(`core/${roomOf(mutant.file)}/`) ? 0 : 1)

/** The first test that noticed, and what it said. */
function reasonOf(failed, errors) {
  const test = failed ? [...failed.children.allTests('failed')][0] : undefined
  const error = test?.result().errors?.[0] ?? failed?.errors()[0] ?? errors[errors.length - 1]
  return `${failed ? relative(copy, failed.moduleId) : 'unhandled'}: ${String(error?.message).slice(0, 100)}`
}

/** What noticed a mutant; null when nothing did. */
async function killerOf(vitest, specs, files, number) {
  activate(number)
  const before = vitest.state.getUnhandledErrors().length
  for (const file of files) {
    const { testModules, unhandledErrors } = await vitest.runTestSpecifications([specs.get(file)])
    const failed = testModules.find((m) => m.moduleId === file && !m.ok())
    if (failed || unhandledErrors.length > before) return reasonOf(failed, unhandledErrors)
  }
  return null
}

const all = filesBelow(join(root, 'core'), /(?<!\.test)\.ts$/)
  .map((path) => relative(root, path))
  .filter((file) => !only || roomOf(file) === only)
  .flatMap((file) => mutantsIn(readFileSync(join(root, file), 'utf8'), file))
const chosen = choose(all)
makeCopy(chosen)
process.env.MUTANTS_FOLDER = copy
activate(-1)
const quiet = { onInit() {} }
const vitest = await createVitest(
  'test',
  {
    root: copy,
    config: false,
    watch: false,
    reporters: [quiet],
    testTimeout: 60_000,
    setupFiles: ['./setup.ts'],
  },
  { resolve: { alias: { '~~': copy } }, test: { include: ['core/**/*.test.ts', 'shared/**/*.test.ts'] } },
)
const list = await vitest.globTestSpecifications()
const specs = new Map(list.map((s) => [s.moduleId, s]))
const testsOf = await coverage(vitest, list)
const rooms = new Map()
for (const mutant of chosen) {
  const killer = await killerOf(vitest, specs, testsOf(mutant), mutant.number)
  const killed = killer !== null
  const room = rooms.get(roomOf(mutant.file)) ?? { killed: 0, all: 0 }
  rooms.set(roomOf(mutant.file), { killed: room.killed + Number(killed), all: room.all + 1 })
  if (isTold && killed) console.log(`killed ${mutant.file}:${mutant.line} by ${killer}`)
  if (!killed) console.log(`survived ${mutant.file}:${mutant.line} ${mutant.was} → ${mutant.to}`)
}
await vitest.close()
for (const [room, { killed, all: whole }] of [...rooms].sort())
  console.log(`mutants ${room} ${killed} of ${whole} killed`)
const killed = [...rooms.values()].reduce((n, r) => n + r.killed, 0)
const share = Math.round((100 * killed) / Math.max(1, chosen.length))
console.log(
  `mutants all ${killed} of ${chosen.length} killed (${share} %), sampled from ${all.length}, seed ${seed}`,
)
rmSync(copy, { recursive: true, force: true })
process.exit(0)
