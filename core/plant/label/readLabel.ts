import { coloursIn } from '../../colour'
import { lengthsIn, type LengthSaid } from './lengthsIn'
import { monthsIn } from './monthsIn'
import { botanicalIn, commonIn, type KnownNames, type NameSaid } from './namesIn'
import { soldIn } from './soldIn'
import { fragranceIn, kindIn, leftByIn, lightIn, retentionIn, soilsIn, waterIn, zonesIn } from './wordsIn'

/** What a form of a plant asks, each as a text that people write. */
export const LABEL_FIELDS = [
  'botanicalName',
  'commonName',
  'kind',
  'leaf',
  'height',
  'spread',
  'years',
  'light',
  'water',
  'soil',
  'zones',
  'flowerColours',
  'flowerMonths',
  'leafColour',
  'scent',
  'leftBy',
  'sizes',
] as const
export type LabelField = (typeof LABEL_FIELDS)[number]

/** What a label says of one thing: as text for the form, where it stands, and what makes it doubtful (nothing when it is plain). */
export interface Reading {
  readonly text: string
  readonly start: number
  readonly end: number
  readonly doubt: string
}
export type LabelRead = Readonly<Partial<Record<LabelField, Reading>>>

interface LabelContext {
  readonly southern: boolean
  readonly known: KnownNames
}

/**
 * Reads the text of a plant's label or of a nursery's page: `6-8 ft tall x 4 ft wide, full sun to part shade, USDA 5-9, lavender blue, July
 * to Sept, deer resistant, 2 gal 24.99`. Each reading keeps its words and their place; what may mean something else says so. What the text
 * does not say is left out.
 */
export function readLabel(text: string, { known, southern }: LabelContext): LabelRead {
  const named = botanicalIn(text, known)
  const common = commonIn(text, named)
  const botanical = withCultivar(text, named, common)
  // Names hold words of colours, seasons and light that say nothing of the plant.
  const facts = blanked(text, [botanical, common])
  const at = (said: { start: number; end: number } | null, doubt = ''): Reading | undefined =>
    said ? { text: tidy(text.slice(said.start, said.end)), start: said.start, end: said.end, doubt } : undefined
  const kind = kindIn(facts) ?? kindIn(text)
  const leaf = retentionIn(facts)
  const scent = fragranceIn(facts)
  const leftBy = leftByIn(facts)
  const sold = soldIn(facts)
  const soils = soilsIn(facts)
  const read: Partial<Record<LabelField, Reading | undefined>> = {
    botanicalName: botanical
      ? {
          text: botanical.value,
          start: botanical.start,
          end: botanical.end,
          doubt: botanical.isSure ? '' : NAME_DOUBT,
        }
      : undefined,
    commonName: common ? { text: common.value, start: common.start, end: common.end, doubt: '' } : undefined,
    kind: kind ? { ...at(kind)!, text: kind.value } : undefined,
    leaf: leaf ? { ...at(leaf)!, text: leaf.value } : undefined,
    ...sizesOf(facts),
    light: at(lightIn(facts)),
    water: at(waterIn(facts)),
    soil: soils ? { ...at(soils)!, text: soils.value.join(', ') } : undefined,
    zones: at(zonesIn(facts)),
    ...coloursOf(facts),
    flowerMonths: monthsOf(facts, southern),
    scent: scent ? { ...at(scent)!, text: scent.value } : undefined,
    leftBy: leftBy ? { ...at(leftBy)!, text: leftBy.value.join(', ') } : undefined,
    sizes: sold
      ? {
          ...at(sold)!,
          text: sold.value.map((s) => (s.hasPrice ? `${s.label} ${s.price.toFixed(2)}` : s.label)).join('; '),
          doubt: sold.value.some((s) => !s.hasPrice) ? 'no price was found' : '',
        }
      : undefined,
  }
  return Object.fromEntries(Object.entries(read).filter(([, reading]) => reading !== undefined)) as LabelRead
}

/** A cultivar in quotes that stands by the everyday name belongs to the botanical one: `Little Bluestem 'Blaze'`. */
function withCultivar(text: string, botanical: NameSaid | null, common: Said | null): NameSaid | null {
  if (!botanical || !common || botanical.value.includes("'")) return botanical
  const quoted = /^\s*['‘"“]([\p{Lu}][^'’"”\n]{1,40})['’"”]/u.exec(text.slice(common.end))
  return quoted ? { ...botanical, value: `${botanical.value} '${quoted[1]!}'` } : botanical
}
interface Said {
  readonly start: number
  readonly end: number
}
const NAME_DOUBT = 'written unlike a name that is known here'
const tidy = (text: string) => text.replace(/\s+/g, ' ').replace(/^[\s:,;.]+|[\s:,;.]+$/g, '')

function blanked(text: string, spans: readonly ({ start: number; end: number } | null)[]): string {
  return spans.reduce(
    (t, span) => (span ? t.slice(0, span.start) + ' '.repeat(span.end - span.start) + t.slice(span.end) : t),
    text,
  )
}

const IS_HEIGHT = /^[\s)]*(?:-\s*)?(?:tall|high|height|h\b|in height|hoch|haut|hoog)/i
const IS_SPREAD = /^[\s)]*(?:-\s*)?(?:wide|spread|across|width|w\b|in width|broad|breit|breed|large)/i
const IS_BOTH =
  /^\s*(?:tall|high|h)\s*(?:and|&|x|×|\/|\+|by)\s*(?:wide|w\b|spread|across)|^\s*(?:in )?height and (?:spread|width)/i
const OTHERS =
  'pots? containers? plugs? apart spacing o\\.?c\\b on.cent deep blooms? flowers? heads clusters leaves long panicles spikes'
    .split(' ')
    .join('|')
const IS_OTHER = new RegExp(String.raw`^\s*-?(?:flower heads?|trunk|caliper|${OTHERS})`, 'i')
const ABOUT = String.raw`[\s:.=(]*(?:about |approx\.? |of |to )?$`
const HEIGHT_NAMES = String.raw`height|hgt|\bht|h[öo]he|hauteur|hoogte|\bH`
const SPREAD_NAMES = String.raw`spread|width|breite|largeur|breedte|\bW|ø`
const GROWS = String.raw`tall|high|grows?(?: to)?|reach\w*(?: to)?|up to|mature size|size`
const BEFORE_HEIGHT = new RegExp(`(?:${HEIGHT_NAMES}|${GROWS})${ABOUT}`, 'i')
const BEFORE_SPREAD = new RegExp(`(?:${SPREAD_NAMES}|wide|across)${ABOUT}`, 'i')
const BEFORE_BOTH = /(?:height and (?:spread|width)|h\s*[&x×/]\s*[ws])[\s:.=(]*$/i
const BEFORE_OTHER = /(?:spacing|apart|space|plant(?:ing)? depth|depth|pots?|every)[\s:.=(]*(?:about |at )?$/i
const CROSSED = /^[\s)]*(?:tall|high|h)?\s*(?:x|×|by|\*)\s*$/i

type What = 'height' | 'spread' | 'both' | 'apart' | 'other' | ''
const HALF_LINE = 26

/** `Height: 3-4'`, `W 75 cm`: what it is stands right before it. */
const NAMED_HEIGHT = new RegExp(String.raw`(?:${HEIGHT_NAMES})[\s:.=(]*$`, 'i')
const NAMED_SPREAD = new RegExp(String.raw`(?:${SPREAD_NAMES})[\s:.=(]*$`, 'i')

/** What a length is, by its name before it, by the words right behind it, then by others before it; empty when none says. */
function whatLength(before: string, behind: string): What {
  if (NAMED_HEIGHT.test(before)) return 'height'
  if (NAMED_SPREAD.test(before)) return 'spread'
  if (/(?:spacing|apart|o\.c)/i.test(behind.slice(0, 9)) || BEFORE_OTHER.test(before)) return 'apart'
  if (IS_OTHER.test(behind)) return 'other'
  if (IS_BOTH.test(behind) || BEFORE_BOTH.test(before)) return 'both'
  if (IS_HEIGHT.test(behind)) return 'height'
  return IS_SPREAD.test(behind) || BEFORE_SPREAD.test(before) ? 'spread' : ''
}

/** Height and spread: by the words before and behind each length, and by `a × b`. */
function sizesOf(text: string): { height?: Reading; spread?: Reading } {
  const all = inherited(text, lengthsIn(text, 'metric')).filter((s) => s.hasUnit)
  const of: { height?: Reading; spread?: Reading; apart?: Reading } = {}
  const put = (what: 'height' | 'spread' | 'apart', s: LengthSaid & { text: string }, doubt = '') => {
    of[what] ??= { text: s.text, start: s.start, end: s.end, doubt }
  }
  const isCrossed = (i: number) => !!all[i + 1] && CROSSED.test(text.slice(all[i]!.end, all[i + 1]!.start))
  all.forEach((s, i) => {
    const before = text.slice(Math.max(0, s.start - HALF_LINE), s.start)
    const behind = text.slice(s.end, s.end + HALF_LINE).split('\n')[0]!
    const what = whatLength(before, behind)
    if (what === 'other') return
    if (what === 'both') {
      put('height', s)
      if (!isCrossed(i)) put('spread', s)
    } else if (what !== '') put(what, s)
    else if (isCrossed(i)) put('height', s)
    else if (i > 0 && isCrossed(i - 1)) put('spread', s)
    else if (BEFORE_HEIGHT.test(before)) put('height', s)
    else put(of.height ? 'spread' : 'height', s, 'height or width? The text does not say')
  })
  const { height, apart } = of
  const spread = of.spread ?? (apart && { ...apart, doubt: 'the distance of planting, taken for the width' })
  return { ...(height && { height }), ...(spread && { spread }) }
}

/** `60 × 40 cm`: what stands before the cross takes the unit behind it. */
function inherited(text: string, spans: readonly LengthSaid[]): (LengthSaid & { text: string })[] {
  return spans.map((s, i) => {
    const own = { ...s, text: tidy(text.slice(s.start, s.end)) }
    const next = spans[i + 1]
    if (s.hasUnit || !next?.hasUnit || !CROSSED.test(text.slice(s.end, next.start))) return own
    const unit = /[^\d\s½¼¾]+\s*$/.exec(text.slice(next.start, next.end))?.[0].trim() ?? ''
    const again = lengthsIn(`${own.text} ${unit}`, null)[0]
    return again ? { ...s, ...again, start: s.start, end: s.end, hasUnit: true, text: `${own.text} ${unit}` } : own
  })
}

const FLOWER_WORDS = /\b(?:flowers?|flowering|blooms?|blossoms?|bells|trumpets|petals?|daisies|bl[üu]ten?)\b/i
const LEAF_WORDS = /\b(?:foliage|leaf|leaves|leaved|needles?|fronds?|blades?|variegat\w+|laub|bl[äa]tter)\b/i
const OTHER_PARTS = String.raw`berr(?:y|ies)|fruits?|hips?|bark|stems?|twigs?|seed ?heads?|cones?|eyes?|cent(?:re|er)s?|throats?`
const OTHER_WORDS = new RegExp(String.raw`\b(?:${OTHER_PARTS}|(?:in )?(?:fall|autumn|winter))\b`, 'i')
/** How far behind a colour the word stands that says of what it is, letters. */
const WORD_BEHIND = 26
const LEAF_BEFORE = /\b(?:foliage|lea(?:f|ves)|laub)(?: colou?r)?[\s:=-]*(?:is |are )?$/i
const OTHER_BEFORE = /\b(?:fall|autumn|winter|berry|fruit|bark|stem)s?(?: colou?r)?(?: is| to|:|-)?\s*$/i
const FLOWER_BEFORE = /\b(?:flowers?|blooms?|blossoms?|colou?r)(?: colou?r)?[\s:=-]*(?:is |are |in )?$/i
const FLOWERS_APART = 16

/** Of what a colour is, by the words right before it or the nearest behind it in its clause; empty when nothing says. */
function whatIs(before: string, behind: string): 'flower' | 'leaf' | 'other' | '' {
  if (LEAF_BEFORE.test(before)) return 'leaf'
  if (OTHER_BEFORE.test(before)) return 'other'
  if (FLOWER_BEFORE.test(before)) return 'flower'
  // What comes `with` it has a colour of its own: apricot with a purple eye.
  const clause = behind.split(/[.;\n]|\bwith\b/)[0]!.slice(0, WORD_BEHIND)
  const places = (
    [
      ['flower', FLOWER_WORDS],
      ['leaf', LEAF_WORDS],
      ['other', OTHER_WORDS],
    ] as const
  ).map(([of, is]) => ({ of, at: is.exec(clause)?.index ?? Infinity }))
  const first = places.sort((a, b) => a.at - b.at)[0]!
  return first.at < Infinity ? first.of : ''
}

function coloursOf(text: string): { flowerColours?: Reading; leafColour?: Reading } {
  const flowers: { words: string; start: number; end: number; isSure: boolean }[] = []
  let leaf: Reading | undefined
  for (const c of coloursIn(text)) {
    const [before, behind] = [
      text.slice(Math.max(0, c.start - 28), c.start),
      text.slice(c.end, c.end + WORD_BEHIND),
    ]
    const said = { text: c.words, start: c.start, end: c.end, doubt: '' }
    const of = whatIs(before, behind)
    if (of === 'leaf') leaf ??= said
    else if (of !== 'other') {
      const last = flowers.at(-1)
      const isSure = of === 'flower'
      if (!last || c.start - last.end <= FLOWERS_APART) flowers.push({ ...c, isSure })
    }
  }
  if (flowers.length === 0) return leaf ? { leafColour: leaf } : {}
  const flowerColours: Reading = {
    text: flowers.map((f) => f.words).join(', '),
    start: flowers[0]!.start,
    end: flowers.at(-1)!.end,
    doubt: flowers.some((f) => f.isSure) ? '' : 'taken for the flowers: the text names the colour alone',
  }
  return { flowerColours, ...(leaf ? { leafColour: leaf } : {}) }
}

const NOT_BLOOM =
  /\b(?:prune|plant|sow|divide|cut|fruit\w*|berr\w+|harvest\w*|foliage|leaf|interest|colou?r in|ships?|hardy|until|semi)\b[^.;\n]{0,14}$/i
const BLOOM = /bloom|flower|blossom|\bbl[üu](?:te|ten|ht|hend)\b|bloei|florai\w+|fiorit\w+/i
const CLAUSE = /[.;\n]/

function monthsOf(text: string, southern: boolean): Reading | undefined {
  const all = monthsIn(text, southern).filter((m) => {
    const before = text.slice(0, m.start)
    const from = Math.max(...[...before].map((c, i) => (CLAUSE.test(c) ? i + 1 : 0)), 0)
    const rest = text.slice(m.end).split(CLAUSE)[0] ?? ''
    const isBloom = BLOOM.test(before.slice(from)) || BLOOM.test(rest.slice(0, 30))
    return isBloom || (!m.isSeason && !NOT_BLOOM.test(before.slice(from)))
  })
  const first = all[0]
  if (!first) return undefined
  return { text: tidy(text.slice(first.start, first.end)), start: first.start, end: first.end, doubt: '' }
}
