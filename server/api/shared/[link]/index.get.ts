import { findBrief } from '../../../db/queries/briefs'
import { letterText } from '~~/core/brief'
import { mannerOf } from '~~/core/measure'
import type { SharedGarden } from '~~/shared/answers'
import { bedCardsOf } from '../../../db/queries/bedCards'
import { findGarden } from '../../../db/queries/gardens'
import { notesOfShare } from '../../../db/queries/shares'

/** A garden as a client sees it. */
export default defineEventHandler(async (event): Promise<SharedGarden> => {
  const { id, gardenId, name: forWhom, ends, schedule, papers } = await openShare(event)
  const { db } = await useStore()
  const garden = (await findGarden(db, gardenId))!
  const brief = await findBrief(db, gardenId)
  const beds = (await bedCardsOf(db, [gardenId])).get(gardenId) ?? []
  return {
    ...{ forWhom, ends, schedule, papers },
    name: garden.value.name,
    manner: mannerOf(garden.value),
    southern: garden.value.place.latitude < 0,
    letter: brief.revision > 0 ? letterText(brief.value) : [],
    beds: beds
      .filter((b) => b.facts.drifts > 0)
      .map(({ id: bedId, name, revision }) => ({ id: bedId, name, revision })),
    notes: await notesOfShare(db, id),
  }
})
