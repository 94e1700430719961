import { useEffect } from 'react'
import { useStable } from './use-stable'

/** Looks again and again while the page is in sight; a look that was in vain makes the next one wait, the longer the more often. `look` says whether it was
 *  answered. */
export function useLooking(
  key: string,
  { everyMs, mostMs }: { readonly everyMs: number; readonly mostMs: number },
  look: (signal: AbortSignal) => Promise<boolean>,
): void {
  const stable = useStable(look)
  // biome-ignore lint/correctness/useExhaustiveDependencies: another key is looked at anew
  useEffect(() => {
    const looks = new AbortController()
    let vain = 0
    let timer: ReturnType<typeof setTimeout>
    const next = () => {
      timer = setTimeout(() => void again(), Math.min(everyMs * 2 ** vain, mostMs))
    }
    const again = async () => {
      if (document.visibilityState === 'visible') vain = (await stable(looks.signal)) ? 0 : vain + 1
      if (!looks.signal.aborted) next()
    }
    next()
    return () => {
      clearTimeout(timer)
      looks.abort()
    }
  }, [key, everyMs, mostMs, stable])
}
