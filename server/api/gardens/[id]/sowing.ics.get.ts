/** The sowing list as a calendar. */
export default defineEventHandler(async (event) => {
  const { name, value } = await reckoned(event, idOf(event, 'garden'), 'sowing')
  attach(event, 'text/calendar; charset=utf-8', name, 'sowing.ics', 'sowing.ics')
  return value
})
