// npm run texts: writes the English catalogue, every text of the program as it stands in the sources.
import { writeFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { catalogueOf, sourcesWithTexts } from '../modules/texts/gather'

const root = fileURLToPath(new URL('..', import.meta.url))
const texts = catalogueOf(sourcesWithTexts(root))
writeFileSync(new URL('../texts/en.json', import.meta.url), `${JSON.stringify(texts, null, 1)}\n`)
console.log(`${Object.keys(texts).length} texts in texts/en.json`)
