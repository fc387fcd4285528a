/** All that is needed to set a garden out, to keep it and to write its log on site, without a network for the day. */
export default defineEventHandler(async (event) => {
  const { value } = await reckoned(event, idOf(event, 'garden'), 'setout')
  setResponseHeader(event, 'content-type', 'application/json')
  return value
})
