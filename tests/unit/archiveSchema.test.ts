import { readFileSync } from 'node:fs'
import { expect, it } from 'vitest'
import { archiveJsonSchema } from '~~/shared/archiveSchema'

it('the published schema of the archive is the one archives are read by, and names every key', () => {
  const published = readFileSync(new URL('../../docs/garden-archive.schema.json', import.meta.url), 'utf8')
  expect(JSON.parse(published)).toEqual(JSON.parse(JSON.stringify(archiveJsonSchema())))
  const page = readFileSync(new URL('../../docs/garden-archive.md', import.meta.url), 'utf8')
  for (const key of Object.keys(archiveJsonSchema().properties ?? {})) expect(page).toContain(`\`${key}\``)
})
