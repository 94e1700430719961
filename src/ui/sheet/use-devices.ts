'use client'
import { useEffect, useState } from 'react'
import { DeviceHub, type Link, type Offer } from './device-hub'

export type { Link } from './device-hub'

export type DeviceStore = {
  readonly links: readonly Link[]
  readonly offer: Offer | null
  /** The offer was taken, or is not wanted. */
  readonly clear: () => void
  readonly look: () => void
  readonly pair: (id: string) => void
  readonly unpair: (id: string) => void
}

let hub: DeviceHub | null = null
const theHub = (): DeviceHub => {
  hub ??= new DeviceHub()
  return hub
}

/** The measuring devices of this place: which there are, which are paired, and the last value one of them sent.
 *  A value that is sent twice is offered once; a device that is not heard says so. */
export function useDevices(): DeviceStore {
  const [links, setLinks] = useState<readonly Link[]>([])
  const [offer, setOffer] = useState<Offer | null>(null)
  useEffect(() => theHub().watch({ links: setLinks, offer: setOffer }), [])
  return {
    links,
    offer,
    clear: () => setOffer(null),
    look: () => void theHub().look(),
    pair: id => void theHub().pair(id),
    unpair: id => theHub().unpair(id),
  }
}
