// A process that runs tests of the copy on request, so that one caught in an endless loop can be ended from outside.
import { writeFileSync } from 'node:fs'
import { join, relative } from 'node:path'
import { createVitest } from 'vitest/node'

const copy = process.env.MUTANTS_FOLDER
const vitest = await createVitest(
  'test',
  {
    root: copy,
    config: false,
    watch: false,
    reporters: [{ onInit() {} }],
    testTimeout: 60_000,
    setupFiles: ['./setup.ts'],
  },
  { resolve: { alias: { '~~': copy } }, test: { include: ['core/**/*.test.ts', 'shared/**/*.test.ts'] } },
)
const specs = new Map((await vitest.globTestSpecifications()).map((s) => [s.moduleId, s]))

/** The first test that noticed, and what it said. */
function reasonOf(failed, errors) {
  const test = failed ? [...failed.children.allTests('failed')][0] : undefined
  const error = test?.result().errors?.[0] ?? failed?.errors()[0] ?? errors[errors.length - 1]
  const first = String(error?.message).split('\n')[0].slice(0, 100)
  return `${failed ? relative(copy, failed.moduleId) : 'unhandled'}: ${first}`
}

async function run(number, file) {
  writeFileSync(join(copy, 'active'), String(number))
  const before = vitest.state.getUnhandledErrors().length
  const { testModules, unhandledErrors } = await vitest.runTestSpecifications([specs.get(file)])
  const own = testModules.find((m) => m.moduleId === file)
  const failed = own && !own.ok() ? own : undefined
  const tookMs = own?.diagnostic().duration ?? 0
  const isNoticed = failed !== undefined || unhandledErrors.length > before
  return { reason: isNoticed ? reasonOf(failed, unhandledErrors) : null, tookMs }
}

process.on('message', ({ number, file }) => {
  run(number, file).then(
    (answer) => process.send(answer),
    (error) => process.send({ reason: `runner: ${error.message}`, tookMs: 0 }),
  )
})
process.send({ files: [...specs.keys()] })
