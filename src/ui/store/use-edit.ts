'use client'
import { useEffect, useState } from 'react'
import type { Versioned } from '@/core/sheet'
import { type Clash, type EditAddress, type EditBox, editBox } from './edit-box'
import { useOutbox } from './use-outbox'

/** One edited record of a page: as it stands, how to change it, and what somebody else changed otherwise. */
export type Edit<T> = {
  readonly data: T
  readonly save: EditBox<T>['save']
  readonly clash: Clash<T> | null
  readonly choose: EditBox<T>['choose']
}

export function useEdit<T extends object>(first: Versioned<T>, address: EditAddress, onStored?: () => void): Edit<T> {
  const outbox = useOutbox()
  const [{ data }, show] = useState(first)
  const [clash, setClash] = useState<Clash<T> | null>(null)
  const [box] = useState(() =>
    editBox<T>(first, address, outbox, { show, clash: setClash, ...(onStored ? { stored: onStored } : {}) }),
  )
  useEffect(() => box.listen(), [box])
  // The page may be loaded anew meanwhile.
  // biome-ignore lint/correctness/useExhaustiveDependencies: a later revision is another record
  useEffect(() => box.theirs(first), [box, first.revision])
  return { data, save: box.save, clash, choose: box.choose }
}
