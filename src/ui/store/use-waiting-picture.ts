'use client'
import { useEffect, useState } from 'react'
import { useOutbox, useSnapshot } from './use-outbox'

/** The address of a photo's picture while it waits on this device; `null` once the store has it. */
export function useWaitingPicture(id: string): string | null {
  const outbox = useOutbox()
  const isWaiting = useSnapshot(outbox).items.some(one => one.id === id)
  const [address, setAddress] = useState<string | null>(null)
  useEffect(() => {
    if (!isWaiting) return
    let made: string | null = null
    let isOver = false
    void outbox.picture(id).then(picture => {
      if (isOver || !picture) return
      made = URL.createObjectURL(picture)
      setAddress(made)
    })
    return () => {
      isOver = true
      setAddress(null)
      if (made) URL.revokeObjectURL(made)
    }
  }, [outbox, id, isWaiting])
  return address
}
