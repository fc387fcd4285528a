import { gardenNames } from '../../db/queries/gardens'

/** Ids and names of all gardens, to choose one from. */
export default defineEventHandler(async () => gardenNames((await useStore()).db))
