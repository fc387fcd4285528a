import {
  SUN_CLASSES,
  WATER_CLASSES,
  type Kind,
  type Retention,
  type Soil,
  type SunClass,
  type WaterClass,
} from '../plant'

/** What a text says, and where. */
export interface Said<T> {
  readonly value: T
  readonly start: number
  readonly end: number
}
type Words<T> = readonly (readonly [RegExp, T])[]

/** Everything of a list that a text says, in its order; what stands within a longer one that was found is left out. */
function allIn<T>(text: string, words: Words<T>): Said<T>[] {
  const taken: Said<T>[] = []
  for (const [is, value] of words)
    for (const m of text.matchAll(new RegExp(is.source, 'giu'))) {
      const [start, end] = [m.index ?? 0, (m.index ?? 0) + m[0].length]
      if (!taken.some((t) => start < t.end && end > t.start)) taken.push({ value, start, end })
    }
  return taken.sort((a, b) => a.start - b.start)
}
const spanOf = <T>(all: readonly Said<unknown>[], value: T): Said<T> => ({
  value,
  start: Math.min(...all.map((s) => s.start)),
  end: Math.max(...all.map((s) => s.end)),
})

/** Several ways of saying one thing. */
const any = (...ways: readonly string[]) => new RegExp(ways.join('|'))
const PARTLY = String.raw`part(?:ial|ly|-)?|half|some|light|dappled|semi|filtered|high|open`
const LIGHT: Words<readonly [SunClass, SunClass]> = [
  [/\bany (light|exposure)|\bsun (or|and|to) shade\b|tout exposition/, ['full-sun', 'shade']],
  [
    any(
      String.raw`\b(?:full[ -])?sun,? (?:or|and|to|through) (?:part(?:ial|ly)?|half|light|semi)[ -]?(?:shade|sun|shaded)`,
      String.raw`\bsun\s*[/-]\s*part[- ]shade`,
    ),
    ['full-sun', 'part-shade'],
  ],
  [
    any(
      String.raw`\b(?:${PARTLY})[ -]*(?:shade|shaded|shadow|light)\b|\bdappled\b`,
      String.raw`halbschatten\w*|half-?schaduw|mi-?ombre|media sombra|mezz.?ombra`,
    ),
    ['part-shade', 'part-shade'],
  ],
  [/\b(part(ial|ly|-)?|half|some|morning|filtered|indirect)[ -]*sun(light|ny)?\b/, ['part-sun', 'part-sun']],
  [/\b(full|deep|heavy|dense|complete|total)[ -]*shade\b|vollschatten/, ['shade', 'shade']],
  [
    any(
      String.raw`\b(?:full|direct|all[- ]day|lots of|bright)?[ -]*sun(?:light|ny|shine)?\b`,
      String.raw`voll\w* sonn\w*|sonnig\w*|\bzon(?:nig)?\b|plein soleil|soleil|pleno sol|pieno sole`,
    ),
    ['full-sun', 'full-sun'],
  ],
  [/\bshad(e|y|ed)\b|\bschatt\w+|\bombre\b/, ['part-shade', 'shade']],
]
const HOURS = /(\d{1,2})\s*(?:\+|(?:-|–|to)\s*(\d{1,2}))?\s*(?:h|hours?|hrs?)\b[^.;\n]{0,20}(?:sun|light)?/i
/** Hours of sun a day from which each class holds, brightest first. */
const CLASS_HOURS: readonly (readonly [number, SunClass])[] = [
  [6, 'full-sun'],
  [4, 'part-sun'],
  [2, 'part-shade'],
  [0, 'shade'],
]
const classOf = (hours: number) => CLASS_HOURS.find(([from]) => hours >= from)![1]

/** The light a text asks for, brightest and darkest class; null when it says nothing of it. */
export function lightIn(text: string): Said<{ brightest: SunClass; darkest: SunClass }> | null {
  const all = allIn(text, LIGHT)
  if (all.length === 0) {
    const m = HOURS.exec(text)
    if (!m || !/sun|light/i.test(m[0])) return null
    const [a, b] = [Number(m[1]), Number(m[2] ?? m[1])]
    const value = {
      brightest: m[0].includes('+') ? 'full-sun' : classOf(Math.max(a, b)),
      darkest: classOf(Math.min(a, b)),
    }
    return { value, start: m.index, end: m.index + m[0].length }
  }
  const at = all.flatMap((s) => s.value.map((c) => SUN_CLASSES.indexOf(c)))
  return spanOf(all, { brightest: SUN_CLASSES[Math.min(...at)]!, darkest: SUN_CLASSES[Math.max(...at)]! })
}

const WATER: Words<readonly [WaterClass, WaterClass]> = [
  [/\bmoist(ure)?,?( but)? (and )?well[ -]drain\w*|well[ -]drain\w*,? (but )?moist\w*/, ['average', 'moist']],
  [
    /\bdrought[ -]*(tolerant|resistant|hardy|proof)\w*|\bxeric\w*|\bwater[ -]?wise|\blow(er)? water|\bdry\b|\btrocken\w*|\bsec\b|\bseco\b/,
    ['dry', 'average'],
  ],
  [/\bboggy|\bbog\b|\bmarginal\b|\bpond(side)?\b|\bwet\b|\bnass\w*|\bwater garden/, ['moist', 'wet']],
  [
    /\bmoist\w*|\bdamp\b|\b(consistent|regular|even)(ly)? (moisture|moist|water)|\bhigh water|\bfeucht\w*|\bfrisch\w*|\bfrais\b|\bhumide\b/,
    ['moist', 'moist'],
  ],
  [
    /\b(average|medium|moderate|regular)( water\w*| moisture| needs)?\b|\bwell[ -]drain\w*|\bnormal water\w*/,
    ['average', 'average'],
  ],
]

/** The water a text asks for, driest and wettest; null when it says nothing of it. */
export function waterIn(text: string): Said<{ driest: WaterClass; wettest: WaterClass }> | null {
  const all = allIn(text, WATER)
  if (all.length === 0) return null
  const at = all.flatMap((s) => s.value.map((c) => WATER_CLASSES.indexOf(c)))
  return spanOf(all, { driest: WATER_CLASSES[Math.min(...at)]!, wettest: WATER_CLASSES[Math.max(...at)]! })
}
export const standsDrought = (text: string): boolean =>
  /drought[ -]*(tolerant|resistant|hardy|proof)|xeric/i.test(text)

const SOIL: Words<Soil> = [
  [/\bsand(y)?\b|\bsandig\w*/, 'sand'],
  [/\bloam(y)?\b|\blehm\w*/, 'loam'],
  [/\bclay(ey)?\b|\bheavy soils?\b|\bton(ig)?\b/, 'clay'],
]
export function soilsIn(text: string): Said<readonly Soil[]> | null {
  const all = allIn(text, SOIL)
  return all.length === 0 ? null : spanOf(all, [...new Set(all.map((s) => s.value))])
}

/** Degrees Fahrenheit at which winter zone 1 begins, and from one zone to the next. */
const ZONE_1_F = -60
const ZONE_STEP_F = 10
const MOST_ZONE = 13
const ZONES = new RegExp(
  [
    String.raw`\b(?:(?:usda|hardiness|zones?|whz|winterh[äa]rtezone)[^\d\n-]{0,24}|z\s?)(\d{1,2})[ab]?(?![a-z])`,
    String.raw`(?:\s*(?:-|–|—|to|through|thru|bis)\s*(?:zone\s*)?(\d{1,2})[ab]?(?![a-z]))?(?!\d)`,
  ].join(''),
  'i',
)
const FROST_HARDY =
  /(?:hard(?:y|iness)|winterhart|rustique|survives|tolerates|down|frost)[^\d\n]{0,24}?([-−–]?\s?\d{1,2})\s*°?\s?(c|f)\b/i
const RATED = /\bH([1-7])[abc]?\b(?! ?[x×])/
/** Winter zones of hardiness ratings H1 (glasshouse) to H7 (below -20 °C). */
const ZONE_OF_RATING = [12, 10, 9, 8, 7, 6, 5]

/** The coldest and warmest winter zone a text names; the warmest is null when it names one end, a temperature or a rating alone. */
export function zonesIn(text: string): Said<{ coldest: number; warmest: number | null }> | null {
  const m = ZONES.exec(text)
  const found = (at: RegExpExecArray, coldest: number, warmest: number | null) => ({
    value: { coldest, warmest },
    start: at.index,
    end: at.index + at[0].length,
  })
  const isZone = (z: number) => z >= 1 && z <= MOST_ZONE
  if (m) {
    const ends = [Number(m[1]), m[2] ? Number(m[2]) : null] as const
    if (isZone(ends[0]) && (ends[1] === null || isZone(ends[1])))
      return found(m, Math.min(ends[0], ends[1] ?? ends[0]), ends[1] === null ? null : Math.max(ends[0], ends[1]))
  }
  const cold = FROST_HARDY.exec(text)
  if (cold) {
    const degrees = Number(cold[1]!.replace(/[−–]/, '-').replace(/\s/g, ''))
    const fahrenheit = cold[2]!.toLowerCase() === 'f' ? degrees : (degrees * 9) / 5 + 32
    return found(
      cold,
      Math.min(MOST_ZONE, Math.max(1, Math.floor((fahrenheit - ZONE_1_F) / ZONE_STEP_F + 1e-6) + 1)),
      null,
    )
  }
  const rated = RATED.exec(text)
  return rated ? found(rated, ZONE_OF_RATING[Number(rated[1]) - 1]!, null) : null
}

const KIND: Words<Kind> = [
  [
    /\b(climbing|rambling|shrub|bush|floribunda|hybrid tea|english|landscape|groundcover) roses?\b|\brose bush|\b(floribunda|hybrid tea)\b/,
    'rose',
  ],
  [/\bgroundcovers?\b|\bground[ -]covers?\b|\bbodendecker\b/, 'groundcover'],
  [/\b(climber|climbing|vine|liana)s?\b|\bkletter\w*|\bgrimpante?\b/, 'climber'],
  [/\bconifers?\b|\bnadel(baum|geh[öo]lz)\b/, 'conifer'],
  [/\bornamental grass(es)?\b|\bgrass(es)?\b|\bsedges?\b|\bgr[äa]ser\b|\bgramin[ée]e\b/, 'grass'],
  [/\bferns?\b|\bfarn\w*|\bfoug[èe]re\b/, 'fern'],
  [/\bbulbs?\b|\bcorms?\b|\btubers?\b|\bzwiebel\w*/, 'bulb'],
  [/\bbiennials?\b|\bzweij[äa]hrig\w*/, 'biennial'],
  [/\bannuals?\b|\bbedding\b|\beinj[äa]hrig\w*/, 'annual'],
  [/\bshrubs?\b|\bbush(es|y)?\b|\bstrauch\w*|\barbuste\b|\bsubshrub\b/, 'shrub'],
  [/\b(small|shade|flowering|ornamental|deciduous|evergreen|patio)? ?trees?\b|\bbaum\b|\barbre\b/, 'tree'],
  [/\bperennials?\b|\bstauden?\b|\bvivace\b|\bherbaceous\b|\bwildflower\b/, 'perennial'],
]
export const kindIn = (text: string): Said<Kind> | null => allIn(text, KIND)[0] ?? null

const RETENTION: Words<Retention> = [
  [/\bsemi[- ]?evergreen\b|\bhalbimmergr[üu]n\w*/, 'semi-evergreen'],
  [
    /\bevergreen\b|\bimmergr[üu]n\w*|\bgroenblijvend\b|\bwintergroen\b|\bwintergr[üu]n\w*|\bpersistante?\b/,
    'evergreen',
  ],
  [/\bdeciduous\b|\blaubabwerfend\b|\bsommergr[üu]n\w*|\bcaduque?\b/, 'deciduous'],
  [/\bdies back\b|\bherbaceous\b/, 'dies-back'],
]
export const retentionIn = (text: string): Said<Retention> | null => allIn(text, RETENTION)[0] ?? null

const FRAGRANCE: Words<'slight' | 'strong'> = [
  [/\b(strong|heav|very|highly|sweet|intens)\w* (fragran|scent|perfum)\w*/, 'strong'],
  [/\b(fragran(t|ce)|scent(ed)?|perfum\w*|duftend\w*|parfum[ée]\w*)\b/, 'slight'],
]
export const fragranceIn = (text: string): Said<'slight' | 'strong'> | null =>
  /\b(no|without|un)[- ]?(fragran|scent)/i.test(text) ? null : (allIn(text, FRAGRANCE)[0] ?? null)

const EATERS = String.raw`(deer|rabbits?)`
const LEFT = String.raw`resistan\w+|proof|tolerant|seldom|rarely|leave`
const BROWSED = new RegExp(
  [
    String.raw`\b${EATERS}\b(?:\s*(?:&|and|,|\/|\+)\s*${EATERS})?[\s-]*(?:${LEFT})`,
    String.raw`(?:resist\w*|tolerant of|avoided by|unpalatable to)[^.;,\n]{0,12}\b${EATERS}(?:\s*(?:&|and|\/)\s*${EATERS})?`,
  ].join('|'),
  'i',
)
/** Which of deer and rabbits leave it alone, as the text says. */
export function leftByIn(text: string): Said<readonly ('deer' | 'rabbits')[]> | null {
  const m = BROWSED.exec(text)
  if (!m) return null
  const value = [
    ...new Set(m.slice(1).flatMap((w) => (w ? [/deer/i.test(w) ? ('deer' as const) : ('rabbits' as const)] : []))),
  ]
  return { value, start: m.index, end: m.index + m[0].length }
}
