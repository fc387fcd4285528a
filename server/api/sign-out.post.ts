/** Ends the session of this browser. */
export default defineEventHandler(async (event) => {
  await clearSession(event, sessionConfig())
  return { signedOut: true }
})
