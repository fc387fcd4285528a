/** How much of a failure's own words is repeated. */
const LINES = 12
// What colours a terminal is noise in a log.
const COLOURS = /\u001b\[[0-9;]*m/g

const short = (text) => (text ?? '').replace(COLOURS, '').split('\n').slice(0, LINES).join('\n')

/** Failed tests of a Vitest report: names of file and test with the beginning of what was said. */
export function failedUnits({ testResults }) {
  return testResults.flatMap(({ name, message, status, assertionResults }) => {
    const tests = assertionResults
      .filter((t) => t.status === 'failed')
      .map((t) => `${name}: ${t.fullName}\n${short(t.failureMessages.join('\n'))}`)
    return tests.length === 0 && status === 'failed' ? [`${name}\n${short(message)}`] : tests
  })
}

/** Failed paths of a Playwright report. */
export function failedPaths({ suites, errors = [] }) {
  const inSuite = (suite) => [
    ...(suite.specs ?? []).filter((s) => !s.ok).map((s) => `${s.file}: ${s.title}\n${short(wordsOf(s))}`),
    ...(suite.suites ?? []).flatMap(inSuite),
  ]
  return [...suites.flatMap(inSuite), ...errors.map((e) => short(e.message))]
}

const wordsOf = (spec) => {
  const errors = spec.tests.flatMap((t) => t.results.flatMap((r) => r.errors))
  return errors.map((e) => e.message).join('\n')
}
