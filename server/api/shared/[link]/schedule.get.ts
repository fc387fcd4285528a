/** The plant schedule behind a link that shows it, without what things cost. */
export default defineEventHandler(async (event) => {
  const { gardenId, schedule } = await openShare(event)
  if (!schedule) throw notFound('schedule')
  const { name, value } = await reckoned(event, gardenId, 'clientSchedule')
  attach(event, 'text/csv; charset=utf-8', name, 'plants.csv', 'plants.csv')
  return value
})
