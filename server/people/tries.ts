import { RateLimiterMemory } from 'rate-limiter-flexible'

/** Five wrong passwords for one login, or twenty from one address, shut it for a quarter of an hour. */
const SHUT_S = 15 * 60
const byLogin = new RateLimiterMemory({ points: 5, duration: SHUT_S, blockDuration: SHUT_S })
const byAddress = new RateLimiterMemory({ points: 20, duration: SHUT_S, blockDuration: SHUT_S })
/** What one address may ask in a second, with some to spare for a page that opens. */
const asked = new RateLimiterMemory({ points: 600, duration: 10 })

/** Seconds until a login may be tried again from an address; 0 when it may be now. */
export async function shutFor(login: string, address: string): Promise<number> {
  const [a, b] = await Promise.all([byLogin.get(login), byAddress.get(address)])
  const shut = [
    [a, 5],
    [b, 20],
  ] as const
  return Math.max(
    0,
    ...shut.map(([r, most]) => (r && r.consumedPoints >= most ? Math.ceil(r.msBeforeNext / 1000) : 0)),
  )
}

export async function wrongTry(login: string, address: string): Promise<void> {
  await Promise.all([byLogin, byAddress].map((l, i) => l.consume(i === 0 ? login : address).catch(() => null)))
}
export const rightTry = (login: string) => byLogin.delete(login)

/** Whether an address asks too much. */
export const asksTooMuch = (address: string): Promise<boolean> =>
  asked.consume(address).then(
    () => false,
    () => true,
  )
