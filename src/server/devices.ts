import { createParser } from 'eventsource-parser'
import { z } from 'zod'
import type { Device, DeviceValue } from '@/core/survey/device'

/** The measuring devices this installation knows: their ids and where each listens on this machine. */
export function knownDevices(): ReadonlyMap<string, string> {
  const entries = (process.env.HARVEK_DEVICES ?? '').split(' ').flatMap(pair => {
    const [id, port] = pair.split('=')
    return id && /^\d{2,5}$/.test(port ?? '') ? [[id, `http://127.0.0.1:${port}`] as const] : []
  })
  return new Map(entries)
}

const deviceSchema = z.strictObject({
  name: z.string().min(1).max(40),
  serial: z.string().min(1).max(20),
  instrument: z.enum(['laser', 'level']),
  exactness: z.string().min(1).max(20),
})
const pairedSchema = z.strictObject({ device: deviceSchema, token: z.string().min(1).max(80) })
const valueSchema = z.strictObject({
  sequence: z.int().min(0),
  value: z.string().min(1).max(20),
  unit: z.string().min(1).max(8),
})

/** Pairs with a device; `null` when it does not answer, or not as a device does. */
export async function pairDevice(
  address: string,
  member: string,
): Promise<{ readonly device: Device; readonly token: string } | null> {
  try {
    const answer = await fetch(`${address}/pair`, {
      method: 'POST',
      body: JSON.stringify({ member }),
      signal: AbortSignal.timeout(3000),
    })
    const paired = pairedSchema.safeParse(await answer.json())
    return answer.ok && paired.success ? paired.data : null
  } catch {
    return null
  }
}

const QUIET_MS = 2500
const AGAIN_MS = 700

/** A device's stream passed on as server-sent events, for as long as somebody listens: `heard`, `reading` with a checked
 *  value, `odd` for what is none, and `lost` when the device is not heard any more. A lost device is looked for again. */
export function relayDevice(address: string, token: string, listening: AbortSignal): ReadableStream<Uint8Array> {
  const encoder = new TextEncoder()
  return new ReadableStream({
    async start(controller) {
      const say = (event: string, data: unknown = {}) => {
        if (!listening.aborted) controller.enqueue(encoder.encode(`event: ${event}\ndata: ${JSON.stringify(data)}\n\n`))
      }
      // What was sent while the device was out of reach is asked for again; what was sent before is not.
      let after: number | null = null
      const hear: Say = (event, data) => {
        if (event === 'reading') after = (data as DeviceValue).sequence
        say(event, data)
      }
      while (!listening.aborted) {
        await listenOnce(address, token, after, listening, hear).catch(() => undefined)
        say('lost')
        await new Promise(resolve => setTimeout(resolve, AGAIN_MS))
      }
      controller.close()
    },
  })
}

type Say = (event: string, data?: unknown) => void

/** Listens until the device hangs up or falls silent. */
async function listenOnce(
  address: string,
  token: string,
  after: number | null,
  listening: AbortSignal,
  say: Say,
): Promise<void> {
  const silent = new AbortController()
  let timer = setTimeout(() => silent.abort(), QUIET_MS)
  const heard = () => {
    clearTimeout(timer)
    timer = setTimeout(() => silent.abort(), QUIET_MS)
  }
  try {
    const signal = AbortSignal.any([silent.signal, listening])
    const query = new URLSearchParams({ token, ...(after === null ? {} : { after: String(after) }) })
    const answer = await fetch(`${address}/stream?${query}`, { signal })
    if (!answer.ok || !answer.body) return
    say('heard')
    const parser = createParser({
      onEvent: event => {
        if (event.event === 'reading') passOn(event.data, say)
      },
    })
    const decoder = new TextDecoder()
    for await (const chunk of answer.body) {
      heard()
      parser.feed(decoder.decode(chunk, { stream: true }))
    }
  } finally {
    clearTimeout(timer)
  }
}

function passOn(data: string, say: Say): void {
  const parsed = valueSchema.safeParse(jsonOrNull(data))
  if (parsed.success) say('reading', parsed.data)
  else say('odd')
}

function jsonOrNull(text: string): unknown {
  try {
    return JSON.parse(text)
  } catch {
    return null
  }
}
