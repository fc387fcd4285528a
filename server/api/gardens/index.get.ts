import { gardenSummaries } from '../../services/gardenSummaries'

export default defineEventHandler(async () => gardenSummaries((await useStore()).db))
