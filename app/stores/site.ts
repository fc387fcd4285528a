import { defineStore } from 'pinia'
import type { Site } from '~~/core/model'
import { followSite } from '~~/core/garden'
import {
  applySiteEdit,
  describeSiteEdit,
  EMPTY_SITE,
  rebaseSiteEdit,
  resolveSite,
  type SiteEdit,
} from '~~/core/site'
import type { StoredSite } from '~~/shared/answers'
import { createKeeper } from './keeper'

/** The site of the garden being worked on. The one place that changes a site. */
export const useSiteStore = defineStore('site', () => {
  const {
    value: site,
    open: take,
    holds,
    hear,
    ...keeper
  } = createKeeper<Site, StoredSite, SiteEdit>({
    key: (id) => `site:${id}`,
    put: ({ id, revision, value, edits }) =>
      ask('saved', `/api/gardens/${id}/site`, {
        method: 'PUT',
        body: { revision, site: value, saves: edits.map((e) => e.id) },
      }),
    apply: (value, edit) => {
      const { site: after, inverse } = applySiteEdit(value, edit)
      return { value: after, inverse }
    },
    describe: describeSiteEdit,
    replace: (value) => ({ kind: 'replaceSite', site: value }),
    check: () => checkOf('site'),
    rebase: rebaseSiteEdit,
  })
  /** Every point worked out, beds at the foot of what they stand against. */
  const resolved = computed(() => followSite(resolveSite(site.value ?? EMPTY_SITE)))

  async function open(gardenId: string) {
    if (holds(gardenId)) return
    await take(await ask('site', `/api/gardens/${gardenId}/site`))
  }

  const follow = () => hear(() => ask('site', `/api/gardens/${keeper.id.value}/site`))
  return { ...keeper, site, resolved, open, follow }
})
