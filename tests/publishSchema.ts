// npm run schema: writes docs/garden-archive.schema.json as archives are read.
import { writeFileSync } from 'node:fs'
import { archiveJsonSchema } from '../shared/archiveSchema'

const file = new URL('../docs/garden-archive.schema.json', import.meta.url)
writeFileSync(file, `${JSON.stringify(archiveJsonSchema(), null, 1)}\n`)
