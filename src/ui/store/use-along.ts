'use client'
import { useEffect, useState } from 'react'
import { hasWorker } from '../outbox/has-worker'
import { type Taken, takeAlong } from '../outbox/take-along'
import { useWho } from './who'

export type AlongStore = {
  /** Whether this browser can show anything without signal. */
  readonly isAble: boolean
  readonly isBusy: boolean
  /** How many files of how many; `null` while nothing is fetched. */
  readonly so: readonly [number, number] | null
  readonly taken: Taken | null
  readonly said: string | null
  readonly take: () => Promise<void>
}

const keyOf = (member: string, jobs: string): string => `harvek-along-${member}-${jobs}`

function keptTaken(key: string): Taken | null {
  try {
    return JSON.parse(localStorage.getItem(key) ?? 'null')
  } catch {
    return null
  }
}

/** Takes a job along, or the next seven days, and says what lies here and how much room it takes. */
export function useAlong(jobs: readonly [string] | 'week'): AlongStore {
  const who = useWho()
  const member = who?.visitor.id ?? ''
  const key = keyOf(member, jobs === 'week' ? jobs : jobs[0])
  const [isAble, setAble] = useState(false)
  const [so, setSo] = useState<readonly [number, number] | null>(null)
  const [isBusy, setBusy] = useState(false)
  const [taken, setTaken] = useState<Taken | null>(null)
  const [said, setSaid] = useState<string | null>(null)
  useEffect(() => {
    setAble('serviceWorker' in navigator && 'caches' in window)
    setTaken(keptTaken(key))
  }, [key])
  const take = async () => {
    setBusy(true)
    setSaid(null)
    const found = await takeAlong(member, jobs, (done, all) => setSo([done, all]))
    setBusy(false)
    setSo(null)
    if (typeof found === 'string') return setSaid(found)
    setTaken(found)
    localStorage.setItem(key, JSON.stringify(found))
  }
  return { isAble, isBusy, so, taken, said, take }
}

/** The next seven days are taken along by themselves, once an hour and once the page is there. */
const EVERY_MS = 3_600_000
const LATER_MS = 4000

export function useWeekAlong(): void {
  const who = useWho()
  const member = who?.visitor.id
  useEffect(() => {
    if (!member) return
    const timer = setTimeout(async () => {
      // Without the worker nothing of it could be shown.
      if (!navigator.onLine || !(await hasWorker())) return
      const key = keyOf(member, 'week')
      const last = keptTaken(key)?.at
      if (last && Date.now() - Date.parse(last) < EVERY_MS) return
      void takeAlong(member, 'week').then(taken => {
        if (typeof taken !== 'string') localStorage.setItem(key, JSON.stringify(taken))
      })
    }, LATER_MS)
    return () => clearTimeout(timer)
  }, [member])
}
