import { version } from '~~/package.json'

/** Answers once the migrations have run. */
export default defineEventHandler(async () => {
  await useStore()
  return { status: 'ok', version }
})
