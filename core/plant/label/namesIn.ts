/** A botanical name read from a text, with where it stands. */
export interface NameSaid {
  /** As the library writes it: `Hydrangea paniculata 'Limelight'`. */
  readonly value: string
  readonly start: number
  readonly end: number
  /** False when a word of it may be something else: a cultivar without quotes, a genus that nobody here knows. */
  readonly isSure: boolean
}

const OPEN = `'‘‚"“„`
const CLOSE = `'’"”“`
const AUTHOR = String.raw`(?:\s+(?:\([A-Z][^)]{0,30}\)(?:\s[A-Z][a-z]{1,12}(?![a-z]))?|L\.|[A-Z][a-z]{1,12}\.|ex\s|&\s[A-Z][a-z]+\.?))*`
const RANK = String.raw`(?:\s+(?<rank>var|subsp|ssp|subspecies|f|fo|forma)\.?\s+(?<below>[a-z-]{3,}))?`
const QUOTED = String.raw`(?:\s*[${OPEN}](?<cultivar>[\p{Lu}\d][^${OPEN}${CLOSE}\n]{1,40}(?:['’]s [^${OPEN}${CLOSE}\n]{1,30})?)[${CLOSE}])`
const NAME = new RegExp(
  String.raw`(?<![\p{L}])(?<genus>\p{Lu}[\p{Ll}-]{2,}|\p{Lu}{4,})(?:\s+(?<cross>[×xX])(?=\s)|\s+×(?=\p{Ll}))?(?:\s+×?(?<species>\p{Ll}[\p{Ll}-]{2,}|\p{Lu}{3,}[\p{Lu}-]*)(?<cut>\.)?${AUTHOR}${RANK}${AUTHOR})?${QUOTED}?`,
  'gu',
)
const LATIN_ENDING =
  /(us|um|a|is|ii|ae|ense|ensis|oides|ens|ans|or|ex|ax|ix|ica|icum|ata|atum|osa|osum|ifolia|ia|i|e|us|es|on|um|ys|as)$/
const LATIN_GENUS = /(a|um|us|is|ia|es|on|os|ys|ax|ix|ium|ops|ias|ora|yx|e|um|is|ra)$/
/** Words of labels that look like names and are none. */
const NO_NAME = new Set(
  `full part partial sun shade zone zones height width spread bloom blooms flower flowers flowering foliage hardy hardiness plant plants perennial shrub tree
  annual evergreen deciduous mature size spacing water soil light attracts great grows growing large small compact beautiful the this and deer rabbit usda
  botanical common name latin price pot gallon container native drought fragrant best mass masses from excellent easy long late early summer spring autumn fall winter
  white pink red blue yellow purple orange green silver gold golden dark pale moist average low medium high prefers ideal new very sweet double single
  dwarf upright clear bright deep rich lime creamy semi herbaceous ornamental climber vine grass fern bulb rose conifer hedge hedging uses use exposure care needs`
    .split(/\s+/)
    .filter(Boolean),
)

const title = (word: string) => word.charAt(0).toUpperCase() + word.slice(1).toLowerCase()
const RANKS: Readonly<Record<string, string>> = {
  var: 'var.',
  subsp: 'subsp.',
  ssp: 'subsp.',
  subspecies: 'subsp.',
  f: 'f.',
  fo: 'f.',
  forma: 'f.',
}

/** Names that are known: genera in small letters, and the species words of each. */
export interface KnownNames {
  readonly species: ReadonlyMap<string, ReadonlySet<string>>
}

/** Names of a library, to know a botanical name by. */
export function knownNames(names: Iterable<string>): KnownNames {
  const species = new Map<string, Set<string>>()
  for (const name of names) {
    const [genus = '', ...rest] = name.toLowerCase().replace('× ', '').replace('×', '').split(/\s+/)
    const of = species.get(genus) ?? new Set()
    if (rest[0] && !/['‘]/.test(rest[0])) of.add(rest[0])
    species.set(genus, of)
  }
  return { species }
}

/**
 * The botanical name in a text: genus, species (written out or cut, `Lavandula ang.`), rank (`var.`, `ssp.`) and cultivar in any quotes, with authors left out
 * (`(Vill.) Moench`). A genus of the library is sure; one that is not is taken when its form is Latin, and is unsure. Null when there is none.
 */
export function botanicalIn(text: string, known: KnownNames): NameSaid | null {
  const found = [...text.matchAll(NAME)].flatMap((m): (NameSaid & { weight: number })[] => {
    const g = m.groups ?? {}
    const genus = title(g.genus ?? '')
    const low = genus.toLowerCase()
    const ofGenus = known.species.get(low)
    const said = (g.species ?? '').toLowerCase()
    const isWord = NO_NAME.has(said) || NO_NAME.has(low)
    const species = g.cut ? ([...(ofGenus ?? [])].find((s) => s.startsWith(said)) ?? said) : said
    const isLatin = species !== '' && LATIN_ENDING.test(species)
    if (!ofGenus && (isWord || !LATIN_GENUS.test(low) || !(isLatin || (g.cultivar && species === '')))) return []
    const keepsSpecies = species !== '' && !NO_NAME.has(said) && (ofGenus?.has(species) || isLatin)
    if (ofGenus && !keepsSpecies && !g.cultivar && species !== '' && NO_NAME.has(low)) return []
    // A genus alone is also an everyday name (Hosta, Iris): least of all.
    const weight =
      (ofGenus ? 4 : 0) + (keepsSpecies ? 3 : 0) + (g.cultivar ? 2 : 0) + (ofGenus?.has(species) ? 2 : 0)
    const loose = g.cultivar === undefined ? looseCultivar(text, m, keepsSpecies) : null
    const parts = [
      genus,
      g.cross && keepsSpecies ? '×' : '',
      keepsSpecies ? species : '',
      g.rank && g.below ? `${RANKS[g.rank]!} ${g.below}` : '',
      g.cultivar ? `'${cultivarWords(g.cultivar)}'` : loose ? `'${loose.value}'` : '',
    ]
    const start = m.index ?? 0
    const end = keepsSpecies || g.cultivar ? start + m[0].length : start + (g.genus ?? '').length
    return [
      {
        value: parts.filter(Boolean).join(' '),
        start,
        end: loose?.end ?? end,
        isSure: !!ofGenus && !loose,
        weight,
      },
    ]
  })
  const best = found.sort((a, b) => b.weight - a.weight || a.start - b.start)[0]
  return best ? { value: best.value, start: best.start, end: best.end, isSure: best.isSure } : null
}

const cultivarWords = (said: string) =>
  /\p{Ll}/u.test(said) ? said.trim() : said.trim().split(/\s+/).map(title).join(' ')

/** Words with capitals right behind the species, on its line: a cultivar that lost its quotes. */
function looseCultivar(
  text: string,
  m: RegExpMatchArray,
  keepsSpecies: boolean,
): { value: string; end: number } | null {
  if (!keepsSpecies) return null
  const end = (m.index ?? 0) + m[0].length
  const behind = /^[ \t]+((?:\p{Lu}[\p{L}'’-]+[ \t]*){1,3})/u.exec(text.slice(end))
  if (!behind) return null
  const words = behind[1]!.trim().split(/\s+/)
  const at = words.findIndex((w) => FACT.test(w) || /^(USDA|PP|PBR|AGM|COPF)/.test(w))
  const taken = at < 0 ? words : words.slice(0, at)
  if (taken.length === 0) return null
  const value = taken.map((w) => (/\p{Ll}/u.test(w) ? w : title(w))).join(' ')
  return { value, end: end + behind[0].indexOf(taken.at(-1)!) + taken.at(-1)!.length }
}

const MOST_WORDS = 6
const MOST_LINES = 3
/** Where a part of a line ends: brackets, bars, dashes between spaces, a full stop, a figure. */
const PARTS = /[^|(){}[\],;:–—/®™\d\t.€$£]+(?:\.(?=\p{L})[^|(){}[\],;:–—/®™\d\t.]+)*/gu

/**
 * The everyday name of a label: words on the line of its botanical name or right above and below it, before the first of its figures; without a botanical name
 * the first words. Null when there are none.
 */
export function commonIn(
  text: string,
  botanical: NameSaid | null,
): { value: string; start: number; end: number } | null {
  const blank = botanical
    ? text.slice(0, botanical.start) + '|'.repeat(botanical.end - botanical.start) + text.slice(botanical.end)
    : text
  let at = 0
  for (const line of blank.split('\n').slice(0, MOST_LINES)) {
    const figure = line.search(/\d/)
    for (const part of line.slice(0, figure < 0 ? undefined : figure).matchAll(PARTS)) {
      const words = part[0].replace(/^[\s'’"“”*·•-]+|[\s'’"“”*·•-]+$/g, '')
      const isFact = words.split(/[\s-]+/).some((w) => FACT.test(w)) || !/\p{L}{3,}/u.test(words)
      // Behind the first of its facts a line has no more names.
      if (isFact && /\p{L}{3,}/u.test(words)) break
      if (isFact || words.split(/\s+/).length > MOST_WORDS) continue
      const start = at + (part.index ?? 0) + part[0].indexOf(words)
      return { value: words, start, end: start + words.length }
    }
    at += line.length + 1
  }
  return null
}
const FACT =
  /^(height|width|spread|zones?|usda|full|part|partial|hardy|hardiness|blooms?|blooming|flowers?|flowering|tall|wide|high|spacing|price|pots?|gallons?|gal|containers?|mature|size|exposure|deer|rabbits?|drought|resistant|tolerant|moist|well|perennials?|annuals?|evergreen|deciduous|shrubs?|syn|aka|item|sku|in|stock|add|cart|each|hybrids?|cultivars?|cv|sun|sunny|foliage|lea(?:f|ves)|hoch|h[öo]he|breite|grows?|native|attracts|great|spring|through|january|february|april|june|july|august|september|october|november|december)$/i
