import type { Answer, AnswerName } from '~~/shared/answers'

/** A file on its way: how much of it has gone, 0 to 1; at 1 the server reads it. */
export interface Sending {
  readonly name: string
  readonly share: number
}

/** Sends files with progress, and stops on request: the server then leaves off reading. What it answers is read by its schema. */
export function useSending() {
  const sending = ref<Sending | null>(null)
  let request: XMLHttpRequest | null = null

  const send = async <N extends AnswerName>(
    answer: N,
    url: string,
    body: Blob | string,
    type: string,
    name: string,
  ): Promise<Answer<N>> => readAs(answer, await post(url, body, type, name))

  function post(url: string, body: Blob | string, type: string, name: string): Promise<unknown> {
    request?.abort()
    const mine = new XMLHttpRequest()
    request = mine
    sending.value = { name, share: 0 }
    return new Promise<unknown>((done, broken) => {
      mine.open('POST', url)
      mine.setRequestHeader('content-type', type)
      mine.responseType = 'json'
      mine.upload.onprogress = (e) => {
        sending.value = { name, share: e.total > 0 ? e.loaded / e.total : 1 }
      }
      mine.onload = () => {
        if (mine.status < 400) done(mine.response)
        else
          broken(Object.assign(new Error('refused'), { data: mine.response as unknown, statusCode: mine.status }))
      }
      mine.onerror = () => broken(new Error('unreachable'))
      mine.onabort = () => broken(Object.assign(new Error('stopped'), { data: { message: STOPPED } }))
      mine.send(body)
    }).finally(() => {
      if (request === mine) sending.value = null
    })
  }
  const stop = () => request?.abort()
  onBeforeUnmount(stop)
  return { sending, send, stop }
}

const STOPPED = 'Stopped: nothing was taken in.'
