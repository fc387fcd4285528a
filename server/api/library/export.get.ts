import { beside } from '../../beside/beside'
import { plantText } from '../../services/plantTexts'

/** The plants of a garden as a file, CSV or JSON (`?as=json`), all of them or the user's own and changed ones (`?own=1`). */
export default defineEventHandler(async (event) => {
  const { garden, as, own } = getQuery(event)
  const gardenId = typeof garden === 'string' && /^[A-Za-z0-9_-]{1,80}$/.test(garden) ? garden : undefined
  mustSee(event, gardenId)
  const all = await allPlants(await useStore(), gardenId)
  const some =
    own === '1'
      ? [...new Set([...all.own, ...all.changed])].map((id) => all.plants.get(id)!)
      : [...all.plants.values()]
  const json = as === 'json'
  const file = await beside('plantFile', { plants: some.map(plantText), as: json ? 'json' : 'csv' }, goneOf(event))
  if (!file.ok) throw refuse(503, `This list is very long, and ${file.error}`)
  setResponseHeaders(event, {
    'content-type': json ? 'application/json; charset=utf-8' : 'text/csv; charset=utf-8',
    'content-disposition': `attachment; filename="plants.${json ? 'json' : 'csv'}"`,
  })
  return file.value
})
