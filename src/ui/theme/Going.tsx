'use client'
import { usePathname, useSearchParams } from 'next/navigation'
import { Suspense, useEffect, useState } from 'react'
import { styled } from 'styled-components'

const Line = styled.div`
  position: fixed; inset: 0 0 auto; height: 4px; z-index: 40; background: var(--blue-wash); overflow: hidden;
  &::after { content: ''; position: absolute; inset: 0 60% 0 0; background: var(--blue); animation: going 1.1s linear infinite; }
  @keyframes going { from { transform: translateX(-100%); } to { transform: translateX(260%); } }
`
/** What takes less is not worth a sign. */
const LONG_MS = 300

/** Says that another page is on its way, once that takes a while. */
export const Going = () => (
  <Suspense>
    <Sign />
  </Suspense>
)

function Sign() {
  const at = `${usePathname()}?${useSearchParams()}`
  const [left, setLeft] = useState<string | null>(null)
  const [isLong, setLong] = useState(false)
  useEffect(() => {
    const going = (event: MouseEvent) => {
      const link = (event.target as Element | null)?.closest?.('a')
      const isOwn = link?.origin === location.origin && !link.target && !link.pathname.startsWith('/api/')
      if (!isOwn || event.defaultPrevented === false || event.ctrlKey || event.metaKey) return
      if (link.pathname !== location.pathname || link.search !== location.search) setLeft(at)
    }
    window.addEventListener('click', going)
    return () => window.removeEventListener('click', going)
  }, [at])
  const isGoing = left === at
  useEffect(() => {
    setLong(false)
    if (!isGoing) return
    const timer = setTimeout(() => setLong(true), LONG_MS)
    return () => clearTimeout(timer)
  }, [isGoing])
  return isLong && isGoing ? <Line role="status" aria-label="The page is on its way" /> : null
}
