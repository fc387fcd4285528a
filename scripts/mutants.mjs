// npm run mutants [-- --sample 300 --seed 1]: changes the core a little, one place at a time, in a copy, and asks whether any test notices.
import { spawnSync } from 'node:child_process'
import { cpSync, mkdirSync, readdirSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs'
import { join, relative } from 'node:path'
import { root } from './machine.mjs'

const option = (name, fallback) => {
  const at = process.argv.indexOf(`--${name}`)
  return at < 0 ? fallback : Number(process.argv[at + 1])
}
const sample = option('sample', 300)
const seed = option('seed', 1)
const copy = join(root, 'tests', '.tmp', 'mutants')

/** What is changed: each pattern with what takes its place. Types, imports and texts are left alone. */
const CHANGES = [
  [/(?<![\w.'"`])(\d+(?:\.\d+)?)(?![\w.'"`])/g, (n) => String(Number(n) === 0 ? 1 : Number(n) * 1.5)],
  [/ < /g, () => ' >= '],
  [/ > /g, () => ' <= '],
  [/ <= /g, () => ' > '],
  [/ >= /g, () => ' < '],
  [/ === /g, () => ' !== '],
  [/ !== /g, () => ' === '],
  [/ && /g, () => ' || '],
  [/ \|\| /g, () => ' && '],
  [/ \+ (?=[\w(])/g, () => ' - '],
  [/ - (?=[\w(])/g, () => ' + '],
  [/ \* (?=[\w(])/g, () => ' / '],
  [/Math\.max\(/g, () => 'Math.min('],
  [/Math\.min\(/g, () => 'Math.max('],
]

const isCode = (line) =>
  !/^\s*(\*|\/\*|\/\/|import|export \{|type |interface |export (type|interface))/.test(line) &&
  !/[`'"].*[`'"]/.test(line)

function filesBelow(folder) {
  return readdirSync(folder, { withFileTypes: true }).flatMap((e) => {
    const path = join(folder, e.name)
    if (e.isDirectory()) return filesBelow(path)
    return /\.ts$/.test(e.name) && !/(\.test|index)\.ts$/.test(e.name) ? [path] : []
  })
}

function mutantsOf(file) {
  const lines = readFileSync(file, 'utf8').split('\n')
  return lines.flatMap((line, i) =>
    !isCode(line)
      ? []
      : CHANGES.flatMap(([pattern, to]) =>
          [...line.matchAll(pattern)].map((m) => ({
            file: relative(root, file),
            line: i + 1,
            text: line.slice(0, m.index) + to(m[0]) + line.slice(m.index + m[0].length),
            was: line.trim(),
          })),
        ),
  )
}

/** Numbers from a seed: the same sample each time. Source: a linear congruential generator. */
function* numbers(state) {
  for (;;) {
    state = (state * 1664525 + 1013904223) % 4294967296
    yield state / 4294967296
  }
}

rmSync(copy, { recursive: true, force: true })
mkdirSync(join(copy, 'tests'), { recursive: true })
for (const part of ['core', 'data', 'shared', 'tests/support', 'vitest.config.ts', 'package.json'])
  cpSync(join(root, part), join(copy, part), { recursive: true })
symlinkSync(join(root, 'node_modules'), join(copy, 'node_modules'))

const all = filesBelow(join(root, 'core')).flatMap(mutantsOf)
const random = numbers(seed)
const chosen = Array.from({ length: Math.min(sample, all.length) }, () =>
  all.splice(Math.floor(random.next().value * all.length), 1),
).flat()

const rooms = new Map()
for (const mutant of chosen) {
  const target = join(copy, mutant.file)
  const sound = readFileSync(target, 'utf8')
  const lines = sound.split('\n')
  lines[mutant.line - 1] = mutant.text
  writeFileSync(target, lines.join('\n'))
  const run = spawnSync('npx', ['--no-install', 'vitest', 'related', mutant.file, '--run', '--bail=1'], {
    cwd: copy,
    stdio: 'ignore',
    timeout: 180_000,
  })
  writeFileSync(target, sound)
  const room = mutant.file.split('/')[1]
  const count = rooms.get(room) ?? { killed: 0, all: 0 }
  rooms.set(room, { killed: count.killed + (run.status === 0 ? 0 : 1), all: count.all + 1 })
  if (run.status === 0) console.log(`survived ${mutant.file}:${mutant.line} ${mutant.was} → ${mutant.text.trim()}`)
}
for (const [room, { killed, all: whole }] of [...rooms].sort())
  console.log(`mutants ${room} ${killed} of ${whole} killed`)
const killed = [...rooms.values()].reduce((n, r) => n + r.killed, 0)
console.log(
  `mutants all ${killed} of ${chosen.length} killed (${Math.round((100 * killed) / Math.max(1, chosen.length))} %)`,
)
rmSync(copy, { recursive: true, force: true })
