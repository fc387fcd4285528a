import { listAccounts } from '../../db/queries/accounts'

export default defineEventHandler(async () => listAccounts((await useStore()).db))
