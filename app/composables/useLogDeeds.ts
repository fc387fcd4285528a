import { replaceKind } from '~~/core/edit'
import { cellsBefore, type Learned, type LogEntry } from '~~/core/log'

/** What follows from the log by hand: a figure taken over or given back, a plant that turned out another one. */
export function useLogDeeds() {
  const bed = useBedStore()
  const library = useLibraryStore()
  const supply = useSupplyStore()
  const { write, change, remove, plantName, now } = useLog()
  const sendCells = (plantId: string, cells: Readonly<Record<string, string>>) =>
    $fetch(`/api/gardens/${bed.garden!.id}/learned`, { method: 'POST', body: { plantId, cells } })
  /** Takes what was learned over: into the garden's own figures of the plant, or into the spares of its next order. */
  async function accept(l: Learned) {
    if (l.lossShare !== null)
      supply.setLine(l.plant.id, { spareShare: l.lossShare }, `spares of ${l.plant.commonName}`)
    else {
      await sendCells(l.plant.id, l.cells)
      await library.load(bed.garden!.id, true)
    }
    const note = `${l.what}: ${l.here} instead of ${l.library}, from ${l.entries.length} entries`
    await write({
      day: now,
      kind: 'learned',
      plantId: l.plant.id,
      note,
      figures: { ...cellsBefore(l.plant, l.cells) },
    })
  }
  /** Goes back to the library's figures for what an entry took over. */
  async function giveBack(entry: LogEntry) {
    const cells = Object.fromEntries(Object.keys(entry.figures).map((k) => [k, '']))
    if (Object.keys(cells).length > 0) {
      await sendCells(entry.plantId, cells)
      await library.load(bed.garden!.id, true)
    } else supply.setLine(entry.plantId, { spareShare: null }, `spares of ${plantName(entry.plantId)}`)
    await remove(entry)
  }

  /** Replaces a kind in the open bed by another and keeps that in the log: what turned out another plant keeps its history. */
  async function rename(entry: LogEntry, withId: string) {
    const edit = bed.kept && replaceKind(bed.kept, entry.plantId, withId, `it was ${plantName(withId)}`)
    if (!edit) return false
    bed.edit(edit)
    await change(entry, { toPlantId: withId, done: now })
    return true
  }
  return { accept, giveBack, rename }
}
