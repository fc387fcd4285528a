import { z } from 'zod'
import { PAPER_SIZES, PLAN_SCALES, SHEET_KINDS } from '~~/core/papers'
import { METHODS } from '~~/core/setout'
import { issueKeys } from '../../../db/queries/issuedKeys'
import { rowsOfGarden } from '../../../services/gardenRows'

const RATIOS: readonly number[] = [0, ...PLAN_SCALES.map((s) => s.ratio)]
const askSchema = z.object({
  sheets: z
    .string()
    .transform((text) => text.split(','))
    .pipe(z.array(z.enum([...SHEET_KINDS, 'order', 'labels'])).min(1)),
  paper: z.enum(PAPER_SIZES.map((p) => p.name) as [string, ...string[]]).default('A4'),
  scale: z.coerce
    .number()
    .refine((r) => RATIOS.includes(r))
    .default(0),
  plain: z.enum(['0', '1']).default('0'),
  bed: z.string().max(80).default(''),
  author: z.string().max(80).default(''),
  revision: z.string().max(20).default(''),
  method: z.enum(METHODS).default('baseline'),
  path: z.enum(['left', 'right']).default('right'),
  order: z.string().max(80).default(''),
})

/** Papers of a garden as one PDF; the letters on them are kept from then on. */
export default defineEventHandler(async (event) => {
  const id = idOf(event, 'garden')
  const ask = askSchema.safeParse(getQuery(event))
  if (!ask.success)
    throw refuse(
      400,
      `Ask for sheets (${SHEET_KINDS.join(', ')}), a paper (${PAPER_SIZES.map((p) => p.name).join(', ')}) and a scale (` +
        `${PLAN_SCALES.map((s) => s.ratio).join(', ')}, or 0 for the one that fits).`,
    )
  const store = await useStore()
  const rows = await rowsOfGarden(store.db, id, plantsOf(store))
  if (!rows) throw notFound('garden')
  const { name } = rows.garden.value
  const { sheets, paper, scale, plain, bed, author, revision, order, ...rest } = ask.data
  const job = {
    rows,
    ask: {
      ...{ sheets, paper: PAPER_SIZES.find((p) => p.name === paper)!, ratio: scale, plain: plain === '1' },
      ...{ head: { garden: name, author, revision, date: today() }, bedId: bed, orderId: order, ...rest },
    },
    info: { title: `${name}: papers`, author },
  }
  await sendPapers(event, job, async (letters) => {
    await issueKeys(store.db, id, letters)
    attach(event, 'application/pdf', name, `${sheets.length > 1 ? 'papers' : sheets[0]}.pdf`, 'papers.pdf')
  })
})
