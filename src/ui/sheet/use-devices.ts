'use client'
import { useCallback, useEffect, useRef, useState } from 'react'
import type { Device, DeviceValue } from '@/core/survey/device'
import { send } from '../store/send'

/** A value that waits to be taken into the open field. */
export type Offer = { readonly device: Device; readonly value: DeviceValue }

export type Link = {
  readonly id: string
  readonly device: Device | null
  readonly state: 'not-paired' | 'pairing' | 'listening' | 'lost'
  /** A sentence, when something is wrong. */
  readonly said: string | null
}

export type DeviceStore = {
  readonly links: readonly Link[]
  readonly offer: Offer | null
  /** The offer was taken, or is not wanted. */
  readonly clear: () => void
  readonly look: () => void
  readonly pair: (id: string) => void
  readonly unpair: (id: string) => void
}

type Known = { readonly id: string }
type Paired = { readonly device: Device; readonly token: string }

/** The measuring devices of this place: which there are, which are paired, and the last value one of them sent.
 *  A value that is sent twice is offered once; a device that is not heard says so. */
export function useDevices(): DeviceStore {
  const [links, setLinks] = useState<readonly Link[]>([])
  const [offer, setOffer] = useState<Offer | null>(null)
  const streams = useRef(new Map<string, EventSource>())
  const heard = useRef(new Map<string, number>())
  const change = useCallback(
    (id: string, next: Partial<Link>) => setLinks(all => all.map(one => (one.id === id ? { ...one, ...next } : one))),
    [],
  )
  useEffect(() => {
    const open = streams.current
    return () => {
      for (const stream of open.values()) stream.close()
    }
  }, [])

  const listen = (id: string, { device, token }: Paired) => {
    const stream = new EventSource(`/api/devices/${id}/stream?token=${encodeURIComponent(token)}`)
    streams.current.set(id, stream)
    const lost = () =>
      change(id, { state: 'lost', said: `${device.name} is lost. Read by hand meanwhile; it comes back by itself.` })
    stream.addEventListener('heard', () => change(id, { state: 'listening', said: null }))
    stream.addEventListener('lost', lost)
    stream.onerror = lost
    stream.addEventListener('odd', () => change(id, { said: `${device.name} sent something that is no reading.` }))
    stream.addEventListener('reading', event => {
      const value: DeviceValue = JSON.parse(event.data)
      if (value.sequence <= (heard.current.get(device.serial) ?? -1)) return
      heard.current.set(device.serial, value.sequence)
      setOffer({ device, value })
    })
  }

  return {
    links,
    offer,
    clear: () => setOffer(null),
    look: async () => {
      const answer = await fetch('/api/devices').catch(() => null)
      const known: readonly Known[] = answer?.ok ? await answer.json() : []
      setLinks(all =>
        known.map(({ id }) => all.find(one => one.id === id) ?? { id, device: null, state: 'not-paired', said: null }),
      )
    },
    pair: async id => {
      change(id, { state: 'pairing', said: null })
      const sent = await send<Paired>('POST', `/api/devices/${id}/pair`, {})
      if (!sent.ok) return change(id, { state: 'not-paired', said: sent.message })
      // It listens when the device is heard, not before: a value sent in between would be lost without a word.
      change(id, { device: sent.value.device })
      listen(id, sent.value)
    },
    unpair: id => {
      streams.current.get(id)?.close()
      streams.current.delete(id)
      change(id, { state: 'not-paired', said: null })
    },
  }
}
