import type { Problem } from './client'
import { sentenceOf } from './client'

/** What each event of a stream does with its data. */
export type Hearers = Record<string, (data: never) => void>

/**
 * Listens to server-sent events until the stream says "end". A connection that breaks is made again by the browser, which then hears what
 * it missed. Rejects with a sentence for the cook where the server refuses or does not answer, and as a call does when it is aborted.
 */
export function listen(path: string, hearers: Hearers, signal: AbortSignal): Promise<void> {
  return new Promise((resolve, reject) => {
    const source = new EventSource(path)
    const close = (done: () => void) => {
      source.close()
      done()
    }
    const heard = (event: Event) => JSON.parse((event as MessageEvent<string>).data) as never
    for (const [name, hear] of Object.entries(hearers)) source.addEventListener(name, (event) => hear(heard(event)))
    source.addEventListener('refused', (event) => close(() => reject(new Error(sentenceOf(heard(event) as Problem)))))
    source.addEventListener('end', () => close(resolve))
    source.addEventListener('error', () => {
      if (source.readyState === EventSource.CLOSED)
        reject(new Error('The kitchen server does not answer. Try again when it runs.'))
    })
    signal.addEventListener('abort', () => close(() => reject(new DOMException('called off', 'AbortError'))))
  })
}
