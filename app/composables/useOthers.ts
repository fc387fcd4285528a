import { herePaints, type Paint, type Plan } from '~~/core/draw'
import { capital } from '~~/core/measure'
import type { Here } from '~~/shared/live'

const VIEWS: Readonly<Record<string, string>> = { setout: 'Set out', onsite: 'On site' }
const viewName = (view: string) => VIEWS[view] ?? capital(view)

/** A window of somebody else, as it is shown. */
export interface Shown {
  readonly here: Here
  readonly name: string
  readonly letters: string
  readonly where: string
}

/** Who else is in the garden and where, and rings about what they have chosen in the bed that is open. */
export function useOthers() {
  const live = useLiveStore()
  const bed = useBedStore()
  const library = useLibraryStore()
  const palette = usePalette()

  const kindOf = (driftId: string | null) => {
    const drift = bed.bed?.drifts.find((d) => d.id === driftId)
    return drift ? (library.byId.get(drift.plantId)?.commonName ?? null) : null
  }
  function whereIs({ view, bedId, driftId }: Here): string {
    const elsewhere = bedId === bed.id ? '' : ', in another bed'
    const kind = bedId === bed.id ? kindOf(driftId) : null
    return `in ${viewName(view)}${elsewhere}${kind ? `, at ${kind}` : ''}`
  }
  const shown = computed<readonly Shown[]>(() =>
    live.others.map((here, i) => {
      const name = here.name || `Window ${i + 2}`
      const letters = here.name ? initialsOf(here.name) : String(i + 2)
      return { here, name, letters, where: whereIs(here) }
    }),
  )

  const paints = (plan: Plan): readonly Paint[] => {
    const ours = shown.value.filter(({ here }) => here.bedId === bed.id && here.driftId !== null)
    if (ours.length === 0) return []
    const chosen = ours.map(({ name, here }) => ({
      name,
      plants: plan.circles
        .filter((c) => !c.quiet && c.body.at.driftId === here.driftId)
        .map((c) => ({ x: c.x, y: c.y, radiusM: c.matureR })),
    }))
    return herePaints(chosen, palette.value?.elsewhere ?? '', palette.value?.paper ?? '')
  }
  return { shown, paints }
}

const initialsOf = (name: string) =>
  name
    .split(/\s+/)
    .map((w) => w.charAt(0).toUpperCase())
    .join('')
    .slice(0, 2)
