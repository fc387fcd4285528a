import { fail, ok, type Result } from '../result'

const MB = 1048576
const LARGEST_MB = 16
/** What describes lines: a drawing of a small site with so much of it holds more points than are taken in. */
const MOST_LINE_MB = 2
const DEEPEST_TAGS = 200
const DEEPEST_JSON = 40
const MOST_LISTS = 500_000
const UNCHANGED = 'nothing was changed.'

/** Looks at a drawing's text before it is taken apart: what would take long or never end is refused in words. */
export function withinLimits(text: string, as: 'dxf' | 'svg' | 'geojson'): Result<true> {
  if (text.length > LARGEST_MB * MB)
    return fail(`The drawing is larger than ${LARGEST_MB} MB: ${UNCHANGED} Save only the layers of the plan.`)
  if (as === 'svg') return svgWithin(text)
  return as === 'geojson' ? jsonWithin(text) : ok(true)
}

function svgWithin(text: string): Result<true> {
  if (/<!ENTITY/i.test(text))
    return fail(
      `The drawing defines words of its own (entities), which are not followed: ${UNCHANGED} Save it as plain SVG.`,
    )
  let lines = 0
  for (const [, said = ''] of text.matchAll(/\s(?:d|points)\s*=\s*("[^"]*"|'[^']*')/g)) lines += said.length
  if (lines > MOST_LINE_MB * MB)
    return fail(
      `The drawing’s lines take more than ${MOST_LINE_MB} MB: ${UNCHANGED} Simplify it, or save only the layers of the plan.`,
    )
  let [deep, deepest] = [0, 0]
  for (const [tag] of text.matchAll(/<\/?[A-Za-z][^>]*>/g)) {
    if (tag.startsWith('</')) deep--
    else if (!tag.endsWith('/>')) deepest = Math.max(deepest, ++deep)
    if (deepest > DEEPEST_TAGS)
      return fail(
        `The drawing is nested more than ${DEEPEST_TAGS} groups deep: ${UNCHANGED} Take its groups apart and save it again.`,
      )
  }
  return ok(true)
}

function jsonWithin(text: string): Result<true> {
  let [deep, lists, quoted] = [0, 0, false]
  for (let i = 0; i < text.length; i++) {
    const c = text.charCodeAt(i)
    if (quoted) {
      if (c === BACKSLASH) i++
      else if (c === QUOTE) quoted = false
    } else if (c === QUOTE) quoted = true
    else if (c === OPEN_LIST || c === OPEN_OBJECT) {
      lists++
      if (++deep > DEEPEST_JSON)
        return fail(`The drawing is nested more than ${DEEPEST_JSON} lists deep: ${UNCHANGED}`)
    } else if (c === CLOSE_LIST || c === CLOSE_OBJECT) deep--
  }
  return lists > MOST_LISTS
    ? fail(`The drawing has more than ${MOST_LISTS} places: ${UNCHANGED} Save only what lies by the site.`)
    : ok(true)
}
const [QUOTE, BACKSLASH, OPEN_LIST, CLOSE_LIST, OPEN_OBJECT, CLOSE_OBJECT] = [34, 92, 91, 93, 123, 125]
