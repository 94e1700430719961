import { z } from 'zod'
import type { Device } from '@/core/survey/device'
import { knownDevices } from '@/devices/known'
import { listenTo } from '@/devices/listen'

const deviceSchema = z.strictObject({
  name: z.string().min(1).max(40),
  serial: z.string().min(1).max(20),
  instrument: z.enum(['laser', 'level']),
  exactness: z.string().min(1).max(20),
})
const pairedSchema = z.strictObject({ device: deviceSchema, token: z.string().min(1).max(80) })
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

/** Whom a device was paired with here, by member and device: the token never leaves the server. Gone with it; then the page pairs anew. */
const kept = globalThis as { harvekPaired?: Map<string, string> }
const paired = (): Map<string, string> => {
  kept.harvekPaired ??= new Map()
  return kept.harvekPaired
}
const keyOf = (member: string, device: string): string => `${member}/${device}`
const MOST_PAIRED = 2000

export function rememberToken(member: string, device: string, token: string): void {
  const all = paired()
  all.set(keyOf(member, device), token)
  if (all.size > MOST_PAIRED) all.delete(all.keys().next().value as string)
}

/** The streams of several devices as one of server-sent events, each with the device's id, for as long as somebody listens. */
export function relayDevices(
  member: string,
  ids: readonly string[],
  listening: AbortSignal,
): ReadableStream<Uint8Array> {
  const encoder = new TextEncoder()
  const known = knownDevices()
  return new ReadableStream({
    async start(controller) {
      const say = (event: string, data: unknown) => {
        if (!listening.aborted) controller.enqueue(encoder.encode(`event: ${event}\ndata: ${JSON.stringify(data)}\n\n`))
      }
      await Promise.all(
        ids.map(id => {
          const [address, token] = [known.get(id), paired().get(keyOf(member, id))]
          if (!address || !token) return say('unpaired', { id })
          return listenTo(address, token, listening, ({ event, ...more }) => say(event, { id, ...more }))
        }),
      )
      await new Promise<void>(resolve => {
        if (listening.aborted) resolve()
        else listening.addEventListener('abort', () => resolve(), { once: true })
      })
      controller.close()
    },
  })
}
