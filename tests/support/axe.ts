import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import type { Page } from '@playwright/test'

const axe = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8')
interface Found {
  readonly id: string
  readonly nodes: readonly { readonly target: readonly string[]; readonly html: string }[]
}
const TAGS = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice']
const WAYS = {
  all: {
    runOnly: { type: 'tag', values: TAGS },
    rules: { 'label-content-name-mismatch': { enabled: true }, 'target-size': { enabled: true } },
  },
  colours: { runOnly: { type: 'rule', values: ['color-contrast', 'link-in-text-block'] } },
} as const

async function run(page: Page, way: keyof typeof WAYS, said: string): Promise<string[]> {
  const found = (await page.evaluate(
    (options) =>
      (window as unknown as { axe: { run: (d: Document, o: object) => Promise<{ violations: unknown }> } }).axe
        .run(document, options)
        .then((r) => r.violations),
    WAYS[way],
  )) as Found[]
  return found.flatMap((v) => v.nodes.map((n) => `${said}${v.id}: ${n.target.join(' ')} ${n.html.slice(0, 120)}`))
}

/**
 * What axe finds on the page as it stands, a line each: all its rules in the colours that are on, and what colours can break in the other
 * theme. The page comes from a context with `bypassCSP`.
 */
export async function findings(page: Page): Promise<string[]> {
  await page.evaluate(axe)
  const here = await run(page, 'all', '')
  /** The other theme, wholly: a colour on its way from one to the other is neither. */
  const toggle = () =>
    page.evaluate(async () => {
      document.documentElement.classList.toggle('dark')
      await new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done)))
      for (const way of document.getAnimations()) if (way instanceof CSSTransition) way.finish()
    })
  await toggle()
  const there = await run(page, 'colours', 'other theme, ')
  await toggle()
  return [...here, ...there]
}
