/** Every view there is, by name and address, of the demo garden. */
const FRONT = '/beds/reading-room-front'
export const VIEWS: Readonly<Record<string, string>> = {
  gardens: '/',
  keeping: '/keeping',
  people: '/people',
  'sign-in': '/sign-in',
  ground: `${FRONT}/ground`,
  brief: `${FRONT}/brief`,
  plants: `${FRONT}/plants`,
  compose: `${FRONT}/compose`,
  count: `${FRONT}/count`,
  setout: `${FRONT}/setout`,
  seasons: `${FRONT}/seasons`,
  care: `${FRONT}/care`,
  log: `${FRONT}/log`,
  onsite: '/onsite/saltmarsh-row',
}
