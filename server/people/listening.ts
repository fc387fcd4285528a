const LOOPBACK = /^(127(\.\d{1,3}){3}|localhost|::1|\[::1\])$/i

/** The address the server listens on; without one it is this machine alone. */
export const listeningHost = (env: NodeJS.ProcessEnv = process.env) => env.NITRO_HOST || env.HOST || '127.0.0.1'

/** Whether only this machine reaches the server: then nobody signs in. */
export const isLocal = (host = listeningHost()) => LOOPBACK.test(host)

/** Whether a request names this machine, as a request to a loopback server must: another name is another site's trick. */
export const isLocalName = (host: string) => LOOPBACK.test(host.replace(/:\d+$/, ''))
