import { gardenNames } from '../../db/queries/gardens'

/** Ids and names of the gardens that may be seen, to choose one from. */
export default defineEventHandler(async (event) => gardenNames((await useStore()).db, gardensSeen(whoOf(event))))
