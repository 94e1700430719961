'use client'
import { useCallback, useEffect, useRef, useState } from 'react'
import { v7 as uuidV7 } from 'uuid'
import type { Photo } from '@/core/survey/photo'
import type { PhotoPlace } from '@/core/survey/photo-place'
import { type KeptPhoto, keepPhoto, keptPhotos, letPhotoGo } from './kept-photos'
import { isForGood, type Sent, sendPicture } from './send'
import { useStable } from './use-stable'

export type PhotoStore = {
  /** How many are on the way or wait. */
  readonly waiting: number
  readonly said: string | null
  /** Of a place of its own, or of the one that is usual here. */
  readonly take: (files: readonly File[], of?: PhotoPlace) => Promise<void>
  readonly again: () => void
}

type Taking = {
  readonly openingId: string
  readonly place: PhotoPlace | null
  readonly by: () => string
  readonly onTaken: (photo: Photo) => void
}

const MOST_BYTES = 20 * 1024 * 1024

const sendPhoto = ({ id, opening, place, by, at, picture }: KeptPhoto): Promise<Sent<{ photo: Photo }>> =>
  sendPicture(`/api/openings/${opening}/photos?${new URLSearchParams({ id, slot: place ?? '', by, at })}`, picture)

/** Takes photos in: each kept in this browser until the store has it, and sent again under its own id after a reload. */
export function usePhotos({ openingId, place, by, onTaken }: Taking): PhotoStore {
  const [waiting, setWaiting] = useState(0)
  const [said, setSaid] = useState<string | null>(null)
  const show = useStable(onTaken)
  const post = useCallback(
    async (photo: KeptPhoto) => {
      setWaiting(count => count + 1)
      const sent = await sendPhoto(photo)
      const isOver = sent.ok || isForGood(sent)
      if (isOver) {
        await letPhotoGo(photo.id)
        setWaiting(count => count - 1)
      }
      // What was said of one photo stays while others are sent.
      if (sent.ok) show(sent.value.photo)
      else setSaid(`${photo.name}: ${sent.message}${isOver ? '' : ' It is kept here.'}`)
    },
    [show],
  )
  const again = useCallback(async () => {
    setWaiting(0)
    setSaid(null)
    for (const photo of await keptPhotos(openingId)) await post(photo)
  }, [openingId, post])
  const isDone = useRef(false)
  useEffect(() => {
    if (isDone.current) return
    isDone.current = true
    void again()
  }, [again])
  const take = async (files: readonly File[], of: PhotoPlace | null = place) => {
    setSaid(null)
    for (const file of files) {
      if (file.size > MOST_BYTES) {
        setSaid(`${file.name} is larger than 20 MB; nothing was stored.`)
        continue
      }
      const at = new Date().toISOString()
      const photo = { id: uuidV7(), opening: openingId, place: of, by: by(), at, name: file.name, picture: file }
      await keepPhoto(photo)
      await post(photo)
    }
  }
  return { waiting, said, take, again: () => void again() }
}
