import type { LogEntry } from '~~/core/model'
import { replaceKind, swapKind, type Edit } from '~~/core/edit'
import { cellsBefore, replaceLost, type Learned, type Loss } from '~~/core/log'
import type { Plant } from '~~/core/plant'

/** What follows from the log by hand: a figure taken over or given back, a plant that turned out another one. */
export function useLogDeeds() {
  const bed = useBedStore()
  const library = useLibraryStore()
  const supply = useSupplyStore()
  const { settled } = useScene()
  const { write, change, remove, plantName, now } = useLog()
  const sendCells = (plantId: string, cells: Readonly<Record<string, string>>) =>
    request(`/api/gardens/${bed.garden!.id}/learned`, { method: 'POST', body: { plantId, cells } })
  /** Takes what was learned over: into the garden's own figures of the plant, or into the spares of its next order. */
  async function accept(l: Learned) {
    const { plant, cells, lossShare } = l
    const had = supply.supply.lines.find((s) => s.plantId === plant.id)?.spareShare ?? null
    if (lossShare !== null) supply.setLine(plant.id, { spareShare: lossShare }, `spares of ${plant.commonName}`)
    else {
      await sendCells(plant.id, cells)
      await library.load(bed.garden!.id, true)
    }
    const note = `${l.what}: ${l.here} instead of ${l.library}, from ${l.entries.length} entries`
    const before = lossShare === null ? { figures: cellsBefore(plant, cells) } : { amount: had }
    await write({ day: now, kind: 'learned', plantId: plant.id, note, ...before })
  }
  /** Goes back to what an entry took over from: the garden's former figure, or the library's. */
  async function giveBack(entry: LogEntry) {
    if (Object.keys(entry.figures).length > 0) {
      await sendCells(entry.plantId, entry.figures)
      await library.load(bed.garden!.id, true)
    } else supply.setLine(entry.plantId, { spareShare: entry.amount }, `spares of ${plantName(entry.plantId)}`)
    await remove(entry)
  }

  /** Makes a loss good with the same kind or another: in the plan where it differs, and in the log by each entry of it. */
  async function makeGood(loss: Loss, by: Plant) {
    const scene = settled.value?.scene
    const edit = by.id !== loss.plant.id && scene ? replaceLost(scene, loss, by, newId) : null
    if (edit) bed.edit(edit)
    for (const e of loss.entries) await change(e, { toPlantId: by.id })
    const { bedId, count, drifts } = loss
    const driftId = drifts[0]?.driftId ?? ''
    const note = 'in the place of what was lost'
    await write({ day: now, kind: 'planted', bedId, driftId, plantId: by.id, amount: count, note })
  }

  /** Replaces a kind by what it turned out to be, in the drift it was said of or all over the bed; the log keeps what it was taken for. */
  async function rename(entry: LogEntry, withId: string) {
    const edit = bed.kept && renaming(entry, withId)
    if (!edit) return false
    bed.edit(edit)
    await change(entry, { toPlantId: withId, done: now })
    return true
  }
  function renaming({ plantId, driftId }: LogEntry, withId: string): Edit | null {
    const name = `it was ${plantName(withId)}`
    if (!driftId) return replaceKind(bed.kept!, plantId, withId, name)
    const edits = swapKind(bed.kept!, plantId, withId, new Set([driftId]))
    return edits.length > 0 ? { kind: 'all', name, edits } : null
  }
  return { accept, giveBack, makeGood, rename }
}
