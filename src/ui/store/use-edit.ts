'use client'
import { useEffect, useState } from 'react'
import type { Versioned } from '@/core/sheet'
import { type Clash, type EditBox, editBox } from './edit-box'

/** One edited record of a page: as it stands, how to change it, and what somebody else changed otherwise. */
export type Edit<T> = {
  readonly data: T
  readonly save: EditBox<T>['save']
  readonly clash: Clash<T> | null
  readonly choose: EditBox<T>['choose']
}

export function useEdit<T extends object>(
  first: Versioned<T>,
  path: string,
  tell: (message: string | null) => void,
  onStored?: () => void,
): Edit<T> {
  const [{ data }, show] = useState(first)
  const [clash, setClash] = useState<Clash<T> | null>(null)
  const [box] = useState(() =>
    editBox<T>(first, path, { show, tell, clash: setClash, ...(onStored ? { stored: onStored } : {}) }),
  )
  useEffect(() => box.resume(), [box])
  return { data, save: box.save, clash, choose: box.choose }
}
