/** What a stored garden costs over five years and by phase, to stand beside another. */
export default defineEventHandler(async (event) => (await reckoned(event, idOf(event, 'garden'), 'money')).value)
