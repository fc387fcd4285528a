import type { Db } from './Db'

/** A numbered migration: `0001_name.sql` and its text. */
export interface Migration {
  readonly number: number
  readonly name: string
  readonly sql: string
}

const LOCK = 4310001

/** Migrations in order from file names and texts; a name that does not begin with its number is an error of ours. */
export function toMigrations(files: ReadonlyMap<string, string>): Migration[] {
  return [...files]
    .map(([name, sql]) => {
      const match = /^(\d{4})_[a-z0-9_]+\.sql$/.exec(name)
      if (!match) throw new Error(`Migration “${name}” must be named like 0001_what_it_does.sql`)
      return { number: Number(match[1]), name, sql }
    })
    .sort((a, b) => a.number - b.number)
}

/** Brings the database to the newest version in one transaction; refuses one that is newer than the program. Returns what was applied. */
export async function migrate(db: Db, migrations: readonly Migration[]): Promise<string[]> {
  const newest = migrations[migrations.length - 1]?.number ?? 0
  return db.transaction(async (tx) => {
    // Before anything else: two servers that start at once must not both make the tables.
    await tx.query('SELECT pg_advisory_xact_lock($1)', [LOCK])
    await tx.query(
      'CREATE TABLE IF NOT EXISTS schema_version (number integer PRIMARY KEY, name text NOT NULL, ' +
        'applied_at timestamptz NOT NULL DEFAULT now())',
    )
    const rows = await tx.query<{ number: number }>('SELECT number FROM schema_version')
    const there = rows.reduce((most, row) => Math.max(most, row.number), 0)
    if (there > newest) {
      throw new Error(
        `The data was written by a newer Amber Terrace (version ${there} of the tables; this program knows ` +
          `${newest}). Start the newer program, or name another folder in AMBER_DATA_DIR.`,
      )
    }
    const applied: string[] = []
    for (const migration of migrations.filter((m) => m.number > there)) {
      await tx.query(migration.sql)
      await tx.query('INSERT INTO schema_version (number, name) VALUES ($1, $2)', [
        migration.number,
        migration.name,
      ])
      applied.push(migration.name)
    }
    return applied
  })
}
