import { addDemo } from '../db/seedDemo'

/** Puts the demo gardens beside whatever is there, or brings them back. */
export default defineEventHandler(async (event) => {
  const { db } = await useStore()
  const made = await addDemo(db, ...(await demoGardens()))
  if (made.length > 0) await seedYears(db)
  setResponseStatus(event, 201)
  return { made }
})
