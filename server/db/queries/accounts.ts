import type { Role } from '../../../shared/peopleSchema'
import type { AccountInfo } from '../../../shared/answers'
import type { Queryable } from '../Db'

export interface Account {
  readonly id: string
  readonly login: string
  readonly name: string
  readonly password: string
  readonly owner: boolean
  readonly sessions: number
}
const COLUMNS = 'id, login, name, password, owner, sessions'

export async function hasAccounts(db: Queryable): Promise<boolean> {
  return (await db.query('SELECT 1 FROM account WHERE owner LIMIT 1', [])).length > 0
}

const one = async (db: Queryable, column: 'id' | 'login', value: string): Promise<Account | null> =>
  (await db.query<Account>(`SELECT ${COLUMNS} FROM account WHERE ${column} = $1`, [value]))[0] ?? null
export const findAccount = (db: Queryable, id: string) => one(db, 'id', id)
export const findByLogin = (db: Queryable, login: string) => one(db, 'login', login)

/** Makes an account; false when the login is taken. */
export async function insertAccount(tx: Queryable, account: Omit<Account, 'sessions'>): Promise<boolean> {
  const { id, login, name, password, owner } = account
  const rows = await tx.query(
    `INSERT INTO account (id, login, name, password, owner) VALUES ($1, $2, $3, $4, $5)
     ON CONFLICT (login) DO NOTHING RETURNING id`,
    [id, login, name, password, owner],
  )
  return rows.length > 0
}

/** Sets a new password; all sessions of the account end. */
export async function setPassword(tx: Queryable, id: string, password: string): Promise<void> {
  await tx.query('UPDATE account SET password = $2, sessions = sessions + 1 WHERE id = $1', [id, password])
}

/** Removes an account, unless it is the last owner of the store. */
export async function removeAccount(tx: Queryable, id: string): Promise<boolean> {
  const rows = await tx.query(
    `DELETE FROM account WHERE id = $1 AND (NOT owner OR (SELECT count(*) FROM account WHERE owner) > 1) RETURNING id`,
    [id],
  )
  return rows.length > 0
}

/** What an account may do, by garden. */
export async function rolesOf(db: Queryable, accountId: string): Promise<Record<string, Role>> {
  const rows = await db.query<{ garden_id: string; role: Role }>(
    'SELECT garden_id, role FROM garden_role WHERE account_id = $1',
    [accountId],
  )
  return Object.fromEntries(rows.map((r) => [r.garden_id, r.role]))
}

/** Gives an account a role in a garden; null takes it away. */
export async function setRole(
  tx: Queryable,
  accountId: string,
  gardenId: string,
  role: Role | null,
): Promise<void> {
  if (role === null)
    await tx.query('DELETE FROM garden_role WHERE account_id = $1 AND garden_id = $2', [accountId, gardenId])
  else
    await tx.query(
      `INSERT INTO garden_role (account_id, garden_id, role) VALUES ($1, $2, $3)
       ON CONFLICT (account_id, garden_id) DO UPDATE SET role = excluded.role`,
      [accountId, gardenId, role],
    )
}

export async function listAccounts(db: Queryable): Promise<AccountInfo[]> {
  const rows = await db.query<Account>(`SELECT ${COLUMNS} FROM account ORDER BY made_at, id`, [])
  return Promise.all(
    rows.map(async ({ id, login, name, owner }) => ({ id, login, name, owner, roles: await rolesOf(db, id) })),
  )
}
