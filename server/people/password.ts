import { randomBytes, scrypt, timingSafeEqual, type ScryptOptions } from 'node:crypto'

const COST = { N: 32_768, r: 8, p: 1 } as const
const KEY_BYTES = 32
const SALT_BYTES = 16
const MAX_MEM = 96 * 1024 * 1024

const derive = (password: string, salt: Buffer, cost: ScryptOptions) =>
  new Promise<Buffer>((done, broken) => {
    scrypt(password.normalize('NFC'), salt, KEY_BYTES, { ...cost, maxmem: MAX_MEM }, (error, key) => {
      if (error) broken(error)
      else done(key)
    })
  })

/** A password as it is kept: scrypt with its cost and salt. */
export async function sealPassword(password: string): Promise<string> {
  const salt = randomBytes(SALT_BYTES)
  const key = await derive(password, salt, COST)
  return `scrypt$${COST.N}$${COST.r}$${COST.p}$${salt.toString('base64')}$${key.toString('base64')}`
}

/** Whether a password is the kept one; takes as long when there is none kept, so that names cannot be tried out. */
export async function isPassword(password: string, kept: string | null): Promise<boolean> {
  const [, N, r, p, salt, key] = (kept ?? NOBODY).split('$')
  const known = Buffer.from(key!, 'base64')
  const said = await derive(password, Buffer.from(salt!, 'base64'), { N: Number(N), r: Number(r), p: Number(p) })
  return timingSafeEqual(said, known) && kept !== null
}
const cost = `${COST.N}$${COST.r}$${COST.p}`
const NOBODY = `scrypt$${cost}$${Buffer.alloc(SALT_BYTES).toString('base64')}$${Buffer.alloc(KEY_BYTES).toString('base64')}`
