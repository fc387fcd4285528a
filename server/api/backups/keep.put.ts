import { keepRuleSchema } from '~~/shared/wire'
import { saveSetting } from '../../db/queries/settings'

/** Sets how many days, weeks and months keep a backup. */
export default defineEventHandler(async (event) => {
  const rule = await readChecked(event, keepRuleSchema)
  const { db } = await useStore()
  await db.transaction((tx) => saveSetting(tx, 'backups', rule))
  return rule
})
