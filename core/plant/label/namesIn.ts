import { coloursIn } from '../../colour'

/** A botanical name read from a text, with where it stands. */
export interface NameSaid {
  /** As the library writes it: `Hydrangea paniculata 'Unique'`. */
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
const SPECIES = String.raw`\p{Ll}[\p{Ll}-]{2,}|\p{Lu}{3,}[\p{Lu}-]*`
const NAME = new RegExp(
  [
    String.raw`(?<![\p{L}])(?<genus>\p{Lu}[\p{Ll}-]{2,}|\p{Lu}{4,})`,
    String.raw`(?:\s+(?<cross>[×xX])(?=\s)|\s+×(?=\p{Ll}))?`,
    String.raw`(?:\s+×?(?<species>${SPECIES})(?<cut>\.)?${AUTHOR}${RANK}${AUTHOR})?`,
    `${QUOTED}?`,
  ].join(''),
  'gu',
)
const ends = (letters: string) => new RegExp(`(${letters.split(' ').join('|')})$`)
const LATIN_ENDING = ends('us um a is ii ae ense ens ans or ex ax ix e i es on ys as oides')
const LATIN_GENUS = ends('a um us is es on os ys ax ix ops yx e')
/** Words of labels that look like names and are none. */
const NO_NAME = new Set(
  `full part partial sun shade zone zones height width spread bloom blooms flower flowers flowering foliage hardy
  hardiness plant plants perennial shrub tree annual evergreen deciduous mature size spacing water soil light
  attracts great grows growing large small compact beautiful the this and deer rabbit usda botanical common name
  latin price pot gallon container native drought fragrant best mass masses from excellent easy long late early
  summer spring autumn fall winter white pink red blue yellow purple orange green silver gold golden dark pale
  moist average low medium high prefers ideal new very sweet double single dwarf upright clear bright deep rich
  lime creamy semi herbaceous ornamental climber vine grass fern bulb rose conifer hedge hedging uses use
  exposure care needs`.split(/\s+/),
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
 * The botanical name in a text: genus, species (written out or cut, `Lavandula ang.`), rank (`var.`, `ssp.`) and cultivar in any quotes,
 * with authors left out (`(Vill.) Moench`). A genus of the library is sure; one that is not is taken when its form is Latin, and is unsure.
 * Null when there is none.
 */
export function botanicalIn(text: string, known: KnownNames): NameSaid | null {
  const found = [...text.matchAll(NAME)].flatMap((m) => candidateOf(text, m, known) ?? [])
  const best = found.sort((a, b) => b.weight - a.weight || a.start - b.start)[0]
  return best ? { value: best.value, start: best.start, end: best.end, isSure: best.isSure } : null
}

/** A species as it was said, or, cut short, as the library writes it out: `ang.` of a lavender is `angustifolia`. */
function speciesIn(said: string, isCut: boolean, ofGenus: ReadonlySet<string> | undefined): string {
  const whole = isCut ? [...(ofGenus ?? [])].find((s) => s.startsWith(said)) : undefined
  return whole ?? said
}

/** The parts of a match of `NAME`, and what is known of them. */
function partsOf(m: RegExpMatchArray, known: KnownNames) {
  const { genus = '', species: said = '', cut, cross, rank, below, cultivar } = m.groups ?? {}
  const ofGenus = known.species.get(genus.toLowerCase())
  const low = said.toLowerCase()
  const species = speciesIn(low, cut !== undefined, ofGenus)
  const isLatin = LATIN_ENDING.test(species)
  const isWord = [low, genus.toLowerCase()].some((w) => NO_NAME.has(w))
  const isOfGenus = ofGenus?.has(species) ?? false
  const keepsSpecies = species !== '' && !NO_NAME.has(low) && (isOfGenus || isLatin)
  return { genus, species, cross, rank, below, cultivar, ofGenus, isLatin, isWord, isOfGenus, keepsSpecies }
}
type Parts = ReturnType<typeof partsOf>

/** Whether it can be a name at all: of a genus that is known, or Latin in form and no word of labels. */
function mayBeName({ genus, species, cultivar, ofGenus, isLatin, isWord, keepsSpecies }: Parts): boolean {
  if (ofGenus) return keepsSpecies || cultivar !== undefined || species === '' || !isWord
  const hasForm = isLatin || (cultivar !== undefined && species === '')
  return !isWord && hasForm && LATIN_GENUS.test(genus.toLowerCase())
}

function candidateOf(text: string, m: RegExpMatchArray, known: KnownNames): (NameSaid & { weight: number }) | null {
  const parts = partsOf(m, known)
  if (!mayBeName(parts)) return null
  const { genus, cultivar, ofGenus, keepsSpecies } = parts
  const loose = cultivar === undefined ? looseCultivar(text, m, keepsSpecies) : null
  const start = m.index ?? 0
  const whole = keepsSpecies || cultivar ? m[0] : genus
  return {
    value: written(parts, loose?.value ?? cultivar),
    start,
    end: loose?.end ?? start + whole.length,
    isSure: !!ofGenus && !loose,
    weight: weightOf(parts),
  }
}
/** A genus alone is also an everyday name (Hosta, Iris): least of all. */
const weightOf = ({ ofGenus, keepsSpecies, cultivar, isOfGenus }: Parts) =>
  (ofGenus ? 4 : 0) + (keepsSpecies ? 3 : 0) + (cultivar ? 2 : 0) + (isOfGenus ? 2 : 0)

const written = ({ genus, species, cross, rank, below, keepsSpecies }: Parts, cultivar: string | undefined) =>
  [
    title(genus),
    cross && keepsSpecies ? '×' : '',
    keepsSpecies ? species : '',
    rank && below ? `${RANKS[rank]!} ${below}` : '',
    cultivar ? `'${cultivarWords(cultivar)}'` : '',
  ]
    .filter(Boolean)
    .join(' ')

const cultivarWords = (said: string) =>
  /\p{Ll}/u.test(said) ? said.trim() : said.trim().split(/\s+/).map(title).join(' ')

/** Words with capitals right behind the species, on its line: a cultivar that lost its quotes. */
function looseCultivar(
  text: string,
  m: RegExpMatchArray,
  keepsSpecies: boolean,
): { value: string; end: number } | null {
  // A full stop ends the name.
  if (!keepsSpecies || m[0].endsWith('.')) return null
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
 * The everyday name of a label: words on the line of its botanical name or right above and below it, before the first of its
 * figures; without a botanical name
 * the first words. Null when there are none.
 */
export function commonIn(
  text: string,
  botanical: NameSaid | null,
): { value: string; start: number; end: number } | null {
  const told = /common name[ \t]*[:=][ \t]*([^\n,;(]{2,60})/i.exec(text)
  if (told) return placed(told[1]!.trim(), text, told.index)
  const blank = botanical
    ? text.slice(0, botanical.start) + '|'.repeat(botanical.end - botanical.start) + text.slice(botanical.end)
    : text
  let at = 0
  for (const line of blank.split('\n').slice(0, MOST_LINES)) {
    const figure = line.search(/\d/)
    for (const part of line.slice(0, figure < 0 ? undefined : figure).matchAll(PARTS)) {
      const words = part[0].replace(/\s['‘"“]\p{Lu}.*$/u, '').replace(/^[\s'’"“”*·•-]+|[\s'’"“”*·•-]+$/g, '')
      const isFact = words.split(/[\s-]+/).some((w) => FACT.test(w)) || isColour(words)
      // Behind the first of its facts a line has no more names.
      if (!/\p{L}{3,}/u.test(words)) continue
      if (isFact) break
      if (words.split(/\s+/).length > MOST_WORDS) continue
      const start = at + (part.index ?? 0) + part[0].indexOf(words)
      return { value: words, start, end: start + words.length }
    }
    at += line.length + 1
  }
  return null
}
const placed = (value: string, text: string, from: number) => {
  const start = text.indexOf(value, from)
  return { value, start, end: start + value.length }
}
/** Nothing is left of a name that is a colour. */
const isColour = (words: string) =>
  coloursIn(words)
    .reduce((rest, c) => rest.replace(c.words, ''), words)
    .replace(/\b(with|and)\b/gi, '')
    .trim() === ''
/** Words that begin a fact of a label: no names. */
const FACTS = String.raw`
  height width spread zones? usda full part partial hardy hardiness blooms? blooming flowers? flowering tall
  wide high spacing price pots? gallons? gal containers? mature size exposure deer rabbits? drought resistant
  tolerant moist well perennials? annuals? evergreen deciduous shrubs? syn aka item sku in stock add cart each
  hybrids? cultivars? cv sun sunny foliage lea(?:f|ves) hoch h[öo]he breite grows? native attracts great spring
  through corms? jan feb mar apr jun jul aug sept? oct nov dec january february april june july august september october november december`
const FACT = new RegExp(`^(${FACTS.trim().split(/\s+/).join('|')})$`, 'i')
