import type { Device, DeviceValue } from '@/core/survey/device'
import type { Heard } from '@/devices/listen'
import { send } from '../store/send'

// The measuring devices of this browser: paired once for all its tabs, and listened to by one of them, which tells the others.

export type Link = {
  readonly id: string
  readonly device: Device | null
  readonly state: 'not-paired' | 'pairing' | 'listening' | 'lost'
  /** A sentence, when something is wrong. */
  readonly said: string | null
}

/** A value that waits to be taken into the open field. */
export type Offer = { readonly device: Device; readonly value: DeviceValue }

/** Where a device is reached: by this machine itself, with its token; or by the server, which keeps it. */
type Way = { readonly kind: 'direct'; readonly at: string; readonly token: string } | { readonly kind: 'relay' }
type Paired = { readonly id: string; readonly device: Device; readonly way: Way }

type Told =
  | { readonly type: 'paired'; readonly all: readonly Paired[] }
  | { readonly type: 'heard'; readonly id: string; readonly heard: Heard }
  | { readonly type: 'who' }

const CHANNEL = 'harvek-devices'
const DIRECT_MS = 1200

/** How a device stands after what was heard of it. */
const AFTER: Readonly<Record<'heard' | 'odd' | 'lost', (name: string) => Partial<Link>>> = {
  heard: () => ({ state: 'listening', said: null }),
  odd: name => ({ said: `${name} sent something that is no reading.` }),
  lost: name => ({ state: 'lost', said: `${name} is lost. Read by hand meanwhile; it comes back by itself.` }),
}

type Listener = { readonly links: (links: readonly Link[]) => void; readonly offer: (offer: Offer) => void }

export class DeviceHub {
  private links: readonly Link[] = []
  private paired: readonly Paired[] = []
  private known: readonly { readonly id: string; readonly at?: string }[] = []
  private readonly heard = new Map<string, number>()
  private readonly listeners = new Set<Listener>()
  private readonly channel = new BroadcastChannel(CHANNEL)
  private streams = new AbortController()
  private isListening = false
  private isWaiting = false

  constructor() {
    this.channel.onmessage = ({ data }: MessageEvent<Told>) => this.told(data)
    this.channel.postMessage({ type: 'who' } satisfies Told)
  }

  readonly watch = (listener: Listener): (() => void) => {
    this.listeners.add(listener)
    listener.links(this.links)
    return () => void this.listeners.delete(listener)
  }

  readonly look = async (): Promise<void> => {
    const answer = await fetch('/api/devices').catch(() => null)
    if (answer?.ok) this.known = await answer.json()
    this.show(
      this.known.map(
        ({ id }) => this.links.find(one => one.id === id) ?? { id, device: null, state: 'not-paired', said: null },
      ),
    )
  }

  readonly pair = async (id: string): Promise<void> => {
    this.change(id, { state: 'pairing', said: null })
    const found = (await this.pairHere(id)) ?? (await this.pairByServer(id))
    if (typeof found === 'string') return this.change(id, { state: 'not-paired', said: found })
    // It listens when the device is heard, not before: a value sent in between would be lost without a word.
    this.change(id, { device: found.device })
    this.setPaired([...this.paired.filter(one => one.id !== id), found])
  }

  readonly unpair = (id: string): void => {
    this.change(id, { state: 'not-paired', said: null })
    this.setPaired(this.paired.filter(one => one.id !== id))
  }

  /** The device on this very machine; `null` where none answers. */
  private async pairHere(id: string): Promise<Paired | null> {
    const at = this.known.find(one => one.id === id)?.at
    if (!at) return null
    try {
      const body = JSON.stringify({ member: 'page' })
      const answer = await fetch(`${at}/pair`, { method: 'POST', body, signal: AbortSignal.timeout(DIRECT_MS) })
      const { device, token } = (await answer.json()) as { device?: Device; token?: string }
      return device && token ? { id, device, way: { kind: 'direct', at, token } } : null
    } catch {
      return null
    }
  }

  private async pairByServer(id: string): Promise<Paired | string> {
    const sent = await send<{ device: Device }>('POST', `/api/devices/${id}/pair`, {})
    return sent.ok ? { id, device: sent.value.device, way: { kind: 'relay' } } : sent.message
  }

  private setPaired(all: readonly Paired[]): void {
    this.paired = all
    this.channel.postMessage({ type: 'paired', all } satisfies Told)
    if (this.isListening) this.listenAll()
    else this.waitToListen()
  }

  private told(told: Told): void {
    if (told.type === 'who') {
      if (this.paired.length) this.channel.postMessage({ type: 'paired', all: this.paired } satisfies Told)
    } else if (told.type === 'heard') this.hear(told.id, told.heard)
    else {
      this.paired = told.all
      this.showPaired()
      if (this.isListening) this.listenAll()
      else this.waitToListen()
    }
  }

  /** Another tab paired or let go. */
  private showPaired(): void {
    const ids = new Set([...this.links.map(one => one.id), ...this.paired.map(one => one.id)])
    this.show(
      [...ids].map(id => {
        const there = this.links.find(one => one.id === id)
        const own = this.paired.find(one => one.id === id)
        if (!own) return { id, device: there?.device ?? null, state: 'not-paired', said: null }
        return there?.device ? there : { id, device: own.device, state: 'pairing', said: null }
      }),
    )
  }

  /** One tab listens; when it is gone, the next one does. */
  private waitToListen(): void {
    if (this.isWaiting || this.paired.length === 0) return
    this.isWaiting = true
    const listen = () => {
      this.isListening = true
      this.listenAll()
      return new Promise<never>(() => undefined)
    }
    if (navigator.locks) void navigator.locks.request(CHANNEL, listen)
    else void listen()
  }

  private listenAll(): void {
    this.streams.abort()
    this.streams = new AbortController()
    const { signal } = this.streams
    const relayed: string[] = []
    for (const { id, way } of this.paired) {
      if (way.kind === 'relay') relayed.push(id)
      else
        void import('@/devices/listen').then(({ listenTo }) =>
          listenTo(way.at, way.token, signal, heard => this.tell(id, heard)),
        )
    }
    if (relayed.length) this.listenByServer(relayed, signal)
  }

  private listenByServer(ids: readonly string[], signal: AbortSignal): void {
    const stream = new EventSource(`/api/devices/stream?ids=${ids.join(',')}`)
    signal.addEventListener('abort', () => stream.close(), { once: true })
    for (const event of ['heard', 'odd', 'lost', 'reading'] as const)
      stream.addEventListener(event, message => {
        const { id, ...more } = JSON.parse(message.data)
        this.tell(id, { event, ...more })
      })
    // The server was started anew meanwhile.
    stream.addEventListener('unpaired', message => void this.pair(JSON.parse(message.data).id))
    stream.onerror = () => {
      for (const id of ids) this.tell(id, { event: 'lost' })
    }
  }

  private tell(id: string, heard: Heard): void {
    this.channel.postMessage({ type: 'heard', id, heard } satisfies Told)
    this.hear(id, heard)
  }

  private hear(id: string, heard: Heard): void {
    const device = this.paired.find(one => one.id === id)?.device
    if (!device) return
    if (heard.event === 'reading') this.take(id, device, heard.value)
    else this.change(id, { device, ...AFTER[heard.event](device.name) })
  }

  private take(id: string, device: Device, value: DeviceValue): void {
    if (this.links.find(one => one.id === id)?.state !== 'listening') this.change(id, { device, ...AFTER.heard('') })
    if (value.sequence <= (this.heard.get(device.serial) ?? -1)) return
    this.heard.set(device.serial, value.sequence)
    // Only what is looked at takes a value.
    if (document.visibilityState === 'visible') for (const one of this.listeners) one.offer({ device, value })
  }

  private change(id: string, next: Partial<Link>): void {
    this.show(this.links.map(one => (one.id === id ? { ...one, ...next } : one)))
  }

  private show(links: readonly Link[]): void {
    this.links = links
    for (const one of this.listeners) one.links(links)
  }
}
