import { existsSync, readFileSync } from 'node:fs'
import { join, relative } from 'node:path'
import { codesIn, hasTexts } from './gather'
import { textsOf, translate, type Catalogue } from './translate'

/** Where the core says in which language its figures and days have their words. */
const LANGUAGE_FILE = 'core/measure/language.ts'

/**
 * What puts the texts of a language into the sources as they are built, by source and file; null for English. Throws when there is no
 * catalogue of the language, or a translation that does not fit.
 */
export function inLanguage(
  root: string,
  language: string,
): ((code: string, file: string) => string | undefined) | null {
  if (language === 'en') return null
  const path = join(root, 'texts', `${language}.json`)
  if (!/^[a-z]{2,3}$/.test(language) || !existsSync(path))
    throw new Error(
      `AMBER_LANGUAGE is “${language}”; expected the code of a language with a file in texts/, such as “en”. ` +
        'To begin one, copy texts/en.json and translate what stands behind each colon.',
    )
  const catalogue = JSON.parse(readFileSync(path, 'utf8')) as Catalogue
  const codes = codesIn(root)
  return (code, id) => {
    const file = relative(root, id)
    if (file === LANGUAGE_FILE) return `export const LANGUAGE = '${language}'\n`
    if (!hasTexts(file)) return undefined
    const isComponent = file.endsWith('.vue')
    return translate(code, isComponent, catalogue, textsOf(code, isComponent, codes))
  }
}
