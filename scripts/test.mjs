// npm test: installs what is missing, then lint, types, unit, build and end-to-end; ends with the plain line “N passed, N failed”.
import { spawn, spawnSync } from 'node:child_process'
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import { ensureChromium, installed } from './debian.mjs'
import { failedPaths, failedUnits } from './failures.mjs'
import { checkNode, ensurePackages, isBuilt, root } from './machine.mjs'

checkNode()
ensurePackages()
ensureChromium()
ensureOthers()
const temporary = join(root, 'tests', '.tmp')
rmSync(temporary, { recursive: true, force: true })
mkdirSync(temporary, { recursive: true })

let passed = 0
let failed = 0
/** What failed, told again before the last line: what came before it may be long, or cut off. */
const failures = []

await step('nuxt prepare', ...tool('nuxt', 'prepare'))
// Beside one another: each keeps little more than one core busy, and the build has a folder of its own.
const [built] = await Promise.all([
  isBuilt() ? true : step('build', 'npm', ['run', '--silent', 'build']),
  step('lint', ...tool('eslint', '.')),
  step('unused code and packages', ...tool('knip', '--no-progress')),
  step('types', ...tool('vue-tsc', '-b', '--noEmit')),
])
counted(
  'unit',
  ['vitest', 'run', '--reporter=default', '--reporter=json', `--outputFile.json=${join(temporary, 'unit.json')}`],
  'unit.json',
  (r) => [r.numPassedTests, r.numFailedTests + (r.numFailedTestSuites > 0 && r.numFailedTests === 0 ? 1 : 0)],
  failedUnits,
)
if (built)
  counted(
    'end to end',
    ['playwright', 'test'],
    'e2e.json',
    (r) => [r.stats.expected + r.stats.flaky, r.stats.unexpected],
    failedPaths,
  )
else console.error('\nWithout a build there is nothing to walk through end to end.')

auditDependencies()
if (failures.length > 0) console.log(`\n— what failed\n${failures.join('\n\n')}`)
console.log(`\n${passed} passed, ${failed} failed`)
process.exit(failed === 0 ? 0 : 1)

/** Known holes in what the server runs on, where the registry answers. */
function auditDependencies() {
  console.log('\n— audit of dependencies')
  const args = ['audit', '--omit=dev', '--json', '--fetch-timeout=20000', '--fetch-retries=0']
  const done = spawnSync('npm', args, { cwd: root, encoding: 'utf8' })
  let said
  try {
    said = JSON.parse(done.stdout).metadata?.vulnerabilities
  } catch {
    said = undefined
  }
  if (!said) return console.log('The registry does not answer: skipped.')
  console.log(`critical ${said.critical}, high ${said.high}, moderate ${said.moderate}, low ${said.low}`)
  if (said.critical > 0) {
    failed++
    failures.push('audit of dependencies')
    console.error('A dependency has a critical hole: npm audit names it.')
  } else passed++
}

/** How a tool of the project is called. */
function tool(...args) {
  return ['npx', ['--no-install', ...args]]
}

/** A step that counts as one: true when it passed. What it says comes in one piece when it has ended. */
function step(name, command, args) {
  const child = spawn(command, args, { cwd: root, stdio: ['ignore', 'pipe', 'pipe'] })
  let said = ''
  for (const stream of [child.stdout, child.stderr]) stream.on('data', (part) => (said += part))
  return new Promise((done) => {
    child.on('close', (code) => {
      console.log(`\n— ${name}`)
      if (code === 0) passed++
      else {
        failed++
        failures.push(`${name}\n${said.trim().split('\n').slice(-12).join('\n')}`)
        console.error(`${said}\n${name} failed`)
      }
      done(code === 0)
    })
  })
}

/** A step whose tests are counted from the report it writes; a missing report is a failure. */
function counted(name, args, report, count, named) {
  console.log(`\n— ${name}`)
  const done = spawnSync('npx', ['--no-install', ...args], { cwd: root, stdio: 'inherit' })
  const file = join(temporary, report)
  if (!existsSync(file)) {
    failed++
    failures.push(`${name} wrote no report`)
    return console.error(`${name} wrote no report`)
  }
  const said = JSON.parse(readFileSync(file, 'utf8'))
  const [good, bad] = count(said)
  passed += good
  failed += bad
  failures.push(...named(said))
  if (done.status !== 0 && bad === 0) {
    failed++
    failures.push(`${name} ended with ${done.status ?? done.signal}, though no test failed`)
  }
}

/** Other programs that read our files again, and a real PostgreSQL; without them their checks are skipped. */
function ensureOthers() {
  const needed = ['/usr/bin/ogrinfo', '/usr/bin/rsvg-convert', '/usr/bin/ezdxf', '/usr/lib/postgresql']
  if (needed.every((p) => existsSync(p))) return
  console.log('Installing ezdxf, GDAL, rsvg and PostgreSQL…')
  if (!installed('gdal-bin', 'python3-ezdxf', 'librsvg2-bin', 'postgresql'))
    console.log('They could not be installed here: their checks are skipped.')
}
