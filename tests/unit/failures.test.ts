import { expect, it } from 'vitest'

type Named = (report: unknown) => string[]
const address = new URL('../../scripts/failures.mjs', import.meta.url).href
const { failedUnits, failedPaths } = (await import(address)) as { failedUnits: Named; failedPaths: Named }
const RED = '\u001b[31m'

it('failed unit tests are named with what was said, a file that does not load as well, and nothing that passed', () => {
  const test = (status: string, fullName: string, ...failureMessages: string[]) => ({
    ...{ status, fullName, failureMessages },
  })
  const long = Array.from({ length: 40 }, (_, i) => `line ${i}`).join('\n')
  const said = failedUnits({
    testResults: [
      {
        name: 'a.test.ts',
        status: 'failed',
        assertionResults: [test('passed', 'good'), test('failed', 'bad', long)],
      },
      { name: 'b.test.ts', status: 'failed', message: `${RED}no such package`, assertionResults: [] },
      { name: 'c.test.ts', status: 'passed', assertionResults: [test('passed', 'good')] },
    ],
  })
  expect(said).toHaveLength(2)
  expect(said[0]).toMatch(/^a\.test\.ts: bad\nline 0\n[\s\S]*line 11$/)
  expect(said[1]).toBe('b.test.ts\nno such package')
})

it('failed paths are found in suites within suites, and errors outside of any', () => {
  const spec = (title: string, ok: boolean) => ({
    ...{ title, ok, file: 'x.spec.ts' },
    tests: [{ results: [{ errors: ok ? [] : [{ message: `${RED}not visible` }] }] }],
  })
  const suites = [{ specs: [spec('good', true)], suites: [{ specs: [spec('bad', false)] }] }]
  expect(failedPaths({ suites })).toEqual(['x.spec.ts: bad\nnot visible'])
  expect(failedPaths({ suites: [], errors: [{ message: 'no browser' }] })).toEqual(['no browser'])
})
