import { join } from 'node:path'
import { listBackups, makeBackup, thinBackups } from '../backup/backups'
import { dataFolderPath } from '../db/dataFolder'
import type { Db } from '../db/Db'
import { emptyTrash } from '../db/queries/trash'

/** Where backups lie: `AMBER_BACKUP_DIR`, or beside the data. */
export const backupFolder = () => process.env.AMBER_BACKUP_DIR || join(dataFolderPath(), 'backups')

/** After the day's first change, ms: the changes that follow it at once are in the backup too. */
const SOON_MS = Number(process.env.AMBER_BACKUP_AFTER_MS) || 60_000

/** Makes the day's backup after its first change, and takes what is too old out of trash and backups. */
export class Keeping {
  private day = ''
  private timer: NodeJS.Timeout | undefined

  constructor(
    private readonly db: Db,
    private readonly version: number,
  ) {}

  /** Call it after each change. */
  readonly changed = () => {
    const day = today()
    if (day === this.day) return
    this.day = day
    clearTimeout(this.timer)
    this.timer = setTimeout(() => void this.run(day), SOON_MS)
    this.timer.unref()
  }

  stop() {
    clearTimeout(this.timer)
  }

  private async run(day: string) {
    try {
      const folder = backupFolder()
      if (!listBackups(folder).some((b) => b.file === `amber-terrace-${day}.backup`))
        await makeBackup(this.db, folder, { version: this.version, at: new Date() })
      await thinBackups(this.db, folder, day)
      await this.db.transaction(emptyTrash)
      this.day = day
    } catch (error) {
      console.error('The backup of the day could not be made:', error)
      this.day = ''
    }
  }
}
