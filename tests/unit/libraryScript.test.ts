import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { expect, test } from 'vitest'
import { readPlants } from '../../core/plant'
import { libraryScript } from '../../modules/library/libraryScript'

const csv = readFileSync(join(import.meta.dirname, '../../data/plants.csv'), 'utf8')
const plantsOf = async (script: string): Promise<unknown> =>
  ((await import(`data:text/javascript,${encodeURIComponent(script)}`)) as { default: unknown }).default

test('the built library is the list, plant for plant', async () => {
  const read = readPlants(csv)
  expect(read.ok && read.plants.length).toBeGreaterThan(700)
  expect(await plantsOf(libraryScript(csv))).toEqual(read.ok && read.plants)
})

test('a broken list stops the build and says where', () => {
  const [header] = csv.split('\n')
  expect(() => libraryScript(`${header}\nno-figures`)).toThrow(/plant library is broken: row 2/)
})
