import { findSupply } from '../../../db/queries/supplies'
import { findGarden } from '../../../db/queries/gardens'
import { listIssuedKeys } from '../../../db/queries/issuedKeys'
import type { SupplyAnswer } from '~~/shared/answers'

export default defineEventHandler(async (event): Promise<SupplyAnswer> => {
  const id = idOf(event, 'garden')
  const { db } = await useStore()
  if (!(await findGarden(db, id))) throw notFound('garden')
  return { ...(await findSupply(db, id)), issued: Object.fromEntries(await listIssuedKeys(db, id)) }
})
