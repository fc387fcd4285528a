/**
 * Where nobody reads what the server says any more (a closed terminal, a log that ended), it goes on without saying it. Otherwise the
 * failed line is an error, which is said, which fails: the process does nothing else from then on.
 */
export default defineNitroPlugin(() => {
  for (const stream of [process.stdout, process.stderr]) stream.on('error', () => undefined)
})
