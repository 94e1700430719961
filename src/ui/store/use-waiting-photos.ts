'use client'
import type { Photo } from '@/core/survey/photo'
import { isStored, type PhotoItem } from '../outbox/item'
import type { OutboxEvent } from '../outbox/parts'
import { photoOf } from '../outbox/photo-of'
import { useOutbox, useOutboxOf, useSnapshot } from './use-outbox'
import { useStable } from './use-stable'

/** The photos of an opening that wait on this device; says when the store took one. */
export function useWaitingPhotos(openingId: string, onStored: () => void): readonly Photo[] {
  const of = `/api/openings/${openingId}`
  const { items } = useSnapshot(useOutbox())
  const heard = useStable((event: OutboxEvent) => {
    if (event.type === 'settled' && event.sent.kind === 'photo' && isStored(event.answer)) onStored()
  })
  useOutboxOf(of, heard)
  return items
    .filter((one): one is PhotoItem => one.of === of && one.kind === 'photo' && one.refused === undefined)
    .map(photoOf)
}
