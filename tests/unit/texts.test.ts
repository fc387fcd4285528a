import { transformSync, type TransformFailure } from 'esbuild'
import { readFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { join } from 'node:path'
import { compileTemplate, parse } from 'vue/compiler-sfc'
import { describe, expect, it } from 'vitest'
import { catalogueOf, codesIn, sourcesWithTexts } from '../../modules/texts/gather'
import { inLanguage } from '../../modules/texts/inLanguage'
import { codesOf } from '../../modules/texts/codesOf'
import { keyOf } from '../../modules/texts/message'
import { textsOf, translate } from '../../modules/texts/translate'

const root = fileURLToPath(new URL('../..', import.meta.url))
const keysOf = (source: string, isComponent = false) => textsOf(source, isComponent).map(keyOf)
const marked = (key: string) => `⟦${key}⟧`

describe('texts for people in the sources', () => {
  it('are found in sentences, templates, sums and choices, with names for what is put in', () => {
    expect(keysOf('const t = `No room for ${many} ${nameOf(plant)}`')).toEqual([
      'No room for {many} {nameOf.plant}',
    ])
    expect(keysOf("const t = 'It stands ' + metres(n) + ' from ' + `the ${wall}.`")).toEqual([
      'It stands {metres.n} from the {wall}.',
    ])
    expect(keysOf("const t = n === 1 ? 'any' : `${n} of ${all}`")).toEqual(['any', '{n} of {all}'])
    expect(keysOf("const t = `${n} ${n === 1 ? 'plant' : 'plants'} stand`")).toEqual([
      '{n} {n.plant.plants} stand',
      'plant',
      'plants',
    ])
    expect(keysOf("const f = { label: 'apart', id: 'Some Id', kind: 'two words' }")).toEqual(['apart'])
  })

  it('are not what the program itself goes by', () => {
    const code = [
      "import { a } from 'Some where'",
      "if (key === 'Enter me') f()",
      'const url = `/api/beds/${id}/edits`; const px = `${n}px`; const k = `crowded:${id}`',
      "document.querySelector('button:not([tabindex])'); db.query('SELECT a FROM b')",
      "type T = 'One two' | 'Three four'; const path = `M${x} ${y}`; const c = 'rgb(0 0 0)'",
      "switch (w) { case 'So far': break }",
    ]
    for (const line of code) expect(keysOf(line)).toEqual([])
    const list = "const KINDS = ['came up', 'died'] as const; type B = 'weak tap'; const c = z.enum(['not so'])"
    expect(codesOf(list)).toEqual(['came up', 'died', 'weak tap', 'not so'])
    expect(textsOf("const a = ['came up', 'Then it died']", false, new Set(codesOf(list))).map(keyOf)).toEqual([
      'Then it died',
    ])
  })

  it('are found in components: between tags, in what is read aloud, in bound values and scripts', () => {
    const source =
      '<script setup lang="ts">\nconst why = \'Nothing stands here\'\n</script>\n<template>\n' +
      '  <p class="not this" :title="`Back at ${x}`" aria-label="A list of beds">\n    Laid out by {{ who }}\n' +
      '    <b>{{ n }}</b>\n  </p>\n</template>\n'
    expect(keysOf(source, true).toSorted()).toEqual([
      'A list of beds',
      'Back at {x}',
      'Laid out by {who}',
      'Nothing stands here',
    ])
    expect(
      translate(source, true, { 'Laid out by {who}': '{who} hat <so> geplant', 'A list of beds': 'Beete "hier"' }),
    ).toContain('aria-label="Beete &quot;hier&quot;">\n    {{ who }} hat &lt;so&gt; geplant\n    <b>')
  })

  it('may be put in another order, and what is put in is translated as well', () => {
    const source = "const t = ` ${n} ${n === 1 ? 'plant' : 'plants'} of ${kind} `"
    const catalogue = {
      '{n} {n.plant.plants} of {kind}': '`{kind}`: {n} {n.plant.plants}',
      plant: 'Pflanze',
      plants: 'Pflanzen',
    }
    expect(translate(source, false, catalogue)).toBe(
      'const t = ` \\`${kind}\\`: ${n} ${n === 1 ? `Pflanze` : `Pflanzen`} `',
    )
    expect(() => translate(source, false, { '{n} {n.plant.plants} of {kind}': '{n} {kinds}' })).toThrow(
      /{kinds} is not among them/,
    )
    expect(() => translate(source, false, { '{n} {n.plant.plants} of {kind}': '{n}' })).toThrow(/is missing/)
  })

  const sources = sourcesWithTexts(root)
  const codes = codesIn(root)

  it('all stand in the English catalogue (npm run texts writes it anew)', () => {
    const written = JSON.parse(readFileSync(join(root, 'texts/en.json'), 'utf8')) as Record<string, string>
    expect(catalogueOf(sources)).toEqual(written)
  })

  it('leave sources that still read when every one of them is translated, and none is lost', () => {
    for (const { file, source, isComponent, texts } of sources) {
      const keys = texts.map(keyOf)
      const again = translate(source, isComponent, Object.fromEntries(keys.map((k) => [k, k])), texts)
      expect(textsOf(again, isComponent, codes).map(keyOf), file).toEqual(keys)
      const odd = translate(source, isComponent, Object.fromEntries(keys.map((k) => [k, marked(k)])), texts)
      expect(faultsOf(odd, isComponent), file).toEqual([])
    }
    expect(faultsOf("const a = 'broken", false)).not.toEqual([])
    expect(faultsOf('<template><p>{{ n + }}</p></template>', true)).not.toEqual([])
  }, 120_000)

  it('of a language that has no catalogue stop the build with what is expected', () => {
    expect(inLanguage(root, 'en')).toBeNull()
    expect(() => inLanguage(root, 'qq')).toThrow(/expected the code of a language with a file in texts/)
  })
})

/** What does not read in a source. */
function faultsOf(source: string, isComponent: boolean): string[] {
  if (!isComponent) return faultsOfScript(source)
  const { descriptor, errors } = parse(source, { sourceMap: false })
  const template = descriptor.template
    ? compileTemplate({
        source: descriptor.template.content,
        filename: 'a.vue',
        id: 'a',
        compilerOptions: { expressionPlugins: ['typescript'] },
      }).errors
    : []
  const scripts = [descriptor.script, descriptor.scriptSetup].flatMap((s) => (s ? faultsOfScript(s.content) : []))
  return [...errors, ...template].map(String).concat(scripts)
}

function faultsOfScript(source: string): string[] {
  try {
    transformSync(source, { loader: 'ts', logLevel: 'silent' })
    return []
  } catch (error) {
    return (error as TransformFailure).errors.map((e) => e.text)
  }
}
