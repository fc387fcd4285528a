/** The garden's care as a calendar to subscribe to: a year from today, without what was done or skipped. */
export default defineEventHandler(async (event) => {
  const { name, value } = await reckoned(event, idOf(event, 'garden'), 'care')
  attach(event, 'text/calendar; charset=utf-8', name, 'care.ics', 'care.ics')
  return value
})
