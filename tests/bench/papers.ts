import { SHEET_KINDS } from '../../core/papers'
import { startServer } from '../support/server'
import { bed1500 } from './bed1500'
import type { Report } from './report'

const ASK = `sheets=${SHEET_KINDS.join(',')}&paper=A3`
const POLL_MS = 20

/** The whole dossier of the demo garden and of one of 5,000 plants, from the built server; and how long others wait meanwhile. */
export async function benchPapers(report: Report) {
  const server = await startServer({ demo: true })
  const small = await dossier(server.url)
  report('papers-demo-garden', small.seconds, 's', 5)
  for (let i = 0; i < 3; i++)
    await fetch(`${server.url}/api/gardens/saltmarsh-row/beds`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ bed: { ...bed1500(), name: `Large ${i + 1}` } }),
    })
  const large = await dossier(server.url)
  report('papers-5000-plants', large.seconds, 's', 20)
  report('papers-health-meanwhile', Math.max(small.worstMs, large.worstMs), 'ms', 250)
  await server.kill()
}

async function dossier(url: string) {
  let done = false
  let worstMs = 0
  const poll = (async () => {
    while (!done) {
      const asked = performance.now()
      await (await fetch(`${url}/api/health`)).text()
      worstMs = Math.max(worstMs, performance.now() - asked)
      await new Promise((next) => setTimeout(next, POLL_MS))
    }
  })()
  const began = performance.now()
  const answer = await fetch(`${url}/api/gardens/saltmarsh-row/papers?${ASK}`)
  const bytes = await answer.arrayBuffer()
  const seconds = (performance.now() - began) / 1000
  done = true
  await poll
  if (!answer.ok) throw new Error(Buffer.from(bytes).toString('utf8'))
  console.log(`(papers of ${(bytes.byteLength / 1e6).toFixed(1)} MB)`)
  return { seconds, worstMs }
}
