'use client'
import { useEffect, useState } from 'react'
import { ask } from '../outbox/line'
import { useOutbox } from '../store/use-outbox'

const PAUSES_MS = [2000, 2000, 4000, 8000, 15_000] as const
const PATIENCE_MS = 4000
/** So often the server is heard before a page that did not come is asked for again. */
const LOOKS = 2

/** A page that is shown from what lies here stands without signal until the server is heard.
 *  @returns whether it is heard again after it was not, or has been for a while: the page itself may have been what went wrong */
export function useSignal(): boolean {
  const outbox = useOutbox()
  const [isBack, setBack] = useState(false)
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout>
    let round = 0
    let isOver = false
    let wasAway = false
    outbox.heardOf(false)
    const look = async () => {
      const { status } = await ask('/api/health', { cache: 'no-store' }, PATIENCE_MS)
      if (isOver) return
      const isThere = status === 200
      outbox.heardOf(isThere)
      wasAway ||= !isThere
      setBack(isThere && (wasAway || round >= LOOKS))
      timer = setTimeout(() => void look(), PAUSES_MS[Math.min(round++, PAUSES_MS.length - 1)])
    }
    void look()
    return () => {
      isOver = true
      clearTimeout(timer)
    }
  }, [outbox])
  return isBack
}
