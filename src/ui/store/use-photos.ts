'use client'
import { useState } from 'react'
import { v7 as uuidV7 } from 'uuid'
import type { PhotoPlace } from '@/core/survey/photo-place'
import { issueWords } from '@/words/issues'
import { nowHere } from '../outbox/clock'
import { makeSmall } from '../outbox/make-small'
import { useOutbox, useSnapshot } from './use-outbox'

export type PhotoStore = {
  /** How many wait for the store, and whether it is out of reach. */
  readonly waiting: number
  readonly isAway: boolean
  readonly said: string | null
  /** Of a place of its own, or of the one that is usual here. */
  readonly take: (files: readonly File[], of?: PhotoPlace) => Promise<void>
}

type Taking = { readonly openingId: string; readonly place: PhotoPlace | null; readonly by: () => string }

const MOST_BYTES = 20 * 1024 * 1024

/** Takes photos in: made no larger than need be, and kept on this device until the store has them. */
export function usePhotos({ openingId, place, by }: Taking): PhotoStore {
  const outbox = useOutbox()
  const { items, line, unkept } = useSnapshot(outbox)
  const [said, setSaid] = useState<string | null>(null)
  const of = `/api/openings/${openingId}`
  const own = items.filter(one => one.of === of && one.kind === 'photo' && one.refused === undefined)
  const take = async (files: readonly File[], slot: PhotoPlace | null = place) => {
    setSaid(null)
    for (const file of files) {
      if (file.size > MOST_BYTES) {
        setSaid(`${file.name} is larger than 20 MB; nothing was stored.`)
        continue
      }
      const picture = await makeSmall(file)
      if (!picture) {
        setSaid(`${file.name}: ${issueWords({ code: 'photo.no-image', facts: {} })}`)
        continue
      }
      const at = nowHere().toISOString()
      const photo = {
        id: uuidV7(),
        of,
        path: `${of}/photos`,
        what: `Photo ${file.name}`,
        doneAt: at,
        slot,
        by: by(),
        at,
      }
      void outbox.put({ kind: 'photo', ...photo }, picture)
    }
  }
  const lost = own.some(one => unkept.has(one.id))
  return {
    waiting: own.length,
    isAway: line.state !== 'fine',
    said: lost ? 'There is no room for photos on this device: don’t close this page before they are stored.' : said,
    take,
  }
}
