import { listTrash } from '../../db/queries/trash'

/** What was removed in the last thirty days and can be brought back. */
export default defineEventHandler(async () => listTrash((await useStore()).db))
