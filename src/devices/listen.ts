import { createParser } from 'eventsource-parser'
import type { DeviceValue } from '@/core/survey/device'

// Listening to a measuring device: the same from the page on the device it is near to, and from the server that passes it on.

/** What is heard of a device: that it is there; a value; something that is no value; that it is not heard any more. */
export type Heard =
  | { readonly event: 'heard' | 'odd' | 'lost' }
  | { readonly event: 'reading'; readonly value: DeviceValue }

const QUIET_MS = 2500
const AGAIN_MS = 700

/** Listens to a device until `listening` is given up. A lost device is looked for again; what it sent while it was out of reach is asked for, by the
 *  last value that was heard. */
export async function listenTo(
  address: string,
  token: string,
  listening: AbortSignal,
  say: (heard: Heard) => void,
): Promise<void> {
  let after: number | null = null
  const hear = (heard: Heard) => {
    if (heard.event === 'reading') after = heard.value.sequence
    if (!listening.aborted) say(heard)
  }
  while (!listening.aborted) {
    const isRefused = await listenOnce(address, token, after, listening, hear).catch(() => false)
    hear({ event: 'lost' })
    // One that does not know whom it was paired with never will.
    if (isRefused) return
    await new Promise(resolve => setTimeout(resolve, AGAIN_MS))
  }
}

/** Listens until the device hangs up or falls silent; whether it does not know this token. */
async function listenOnce(
  address: string,
  token: string,
  after: number | null,
  listening: AbortSignal,
  hear: (heard: Heard) => void,
): Promise<boolean> {
  const silent = new AbortController()
  let timer = setTimeout(() => silent.abort(), QUIET_MS)
  const heard = () => {
    clearTimeout(timer)
    timer = setTimeout(() => silent.abort(), QUIET_MS)
  }
  try {
    const signal = AbortSignal.any([silent.signal, listening])
    const query = new URLSearchParams({ token, ...(after === null ? {} : { after: String(after) }) })
    const answer = await fetch(`${address}/stream?${query}`, { signal, cache: 'no-store' })
    if (!answer.ok || !answer.body) return answer.status === 401 || answer.status === 403
    hear({ event: 'heard' })
    const parser = createParser({
      onEvent: ({ event, data }) => {
        if (event === 'reading') hear(valueIn(data))
      },
    })
    const decoder = new TextDecoder()
    const reader = answer.body.getReader()
    for (let part = await reader.read(); !part.done; part = await reader.read()) {
      heard()
      parser.feed(decoder.decode(part.value, { stream: true }))
    }
    return false
  } finally {
    clearTimeout(timer)
  }
}

const isText = (value: unknown, most: number): value is string =>
  typeof value === 'string' && value.length > 0 && value.length <= most

/** A value as a device sent it; `odd` where it is none. */
export function valueIn(data: string): Heard {
  try {
    const { sequence, value, unit } = JSON.parse(data) as Readonly<Record<string, unknown>>
    const isWhole = Number.isSafeInteger(sequence) && (sequence as number) >= 0
    return isWhole && isText(value, 20) && isText(unit, 8)
      ? { event: 'reading', value: { sequence: sequence as number, value, unit } }
      : { event: 'odd' }
  } catch {
    return { event: 'odd' }
  }
}
