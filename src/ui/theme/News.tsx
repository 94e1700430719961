'use client'
import { Bell } from 'lucide-react'
import dynamic from 'next/dynamic'
import { useEffect, useState } from 'react'
import { styled } from 'styled-components'
import type { News as Happened } from '@/server/search-openings'
import { nowHere } from '../outbox/clock'
import { isHeld } from '../outbox/item'
import { useOutbox, useSnapshot } from '../store/use-outbox'

// With what it takes to write a moment: loaded when somebody looks.
const NewsList = dynamic(() => import('./NewsList'), { ssr: false })

const Place = styled.span`
  position: relative;
  button { display: inline-flex; align-items: center; gap: 4px; min-width: 44px; min-height: 44px; justify-content: center; border: 1px solid transparent; background: none; border-radius: 4px; cursor: pointer; font-weight: 700; color: var(--ink); }
  button[data-new='true'] { border-color: var(--strong-rule); background: var(--vial-wash); }
  .list { position: absolute; right: 0; top: 48px; z-index: 30; width: min(340px, calc(100vw - 20px)); background: var(--sheet); border: 1.5px solid var(--ink); box-shadow: 0 6px 18px rgb(0 0 0 / 0.18); padding: 6px 14px 10px; display: grid; gap: 2px; }
  .list a { display: grid; padding: 8px 0; border-bottom: 1px solid var(--rule); color: inherit; text-decoration: none; }
  .list a:hover strong { text-decoration: underline; }
  .at { color: var(--quiet); font-size: 0.875rem; }
  @media (max-width: 43.75em) { .list { position: fixed; inset: 50px 10px auto; width: auto; } }
`
const EVERY_MS = 60_000
const SOON_MS = 2500

/** What happened since one last looked, asked for now and then while the page is in sight. */
function useNews(key: string) {
  const [news, setNews] = useState<readonly Happened[]>([])
  useEffect(() => {
    const look = async () => {
      if (document.visibilityState !== 'visible') return
      const since = localStorage.getItem(key) ?? ''
      const answer = await fetch(`/api/news?since=${encodeURIComponent(since)}`).catch(() => null)
      if (answer?.ok) setNews(await answer.json())
    }
    const soon = setTimeout(() => void look(), SOON_MS)
    const timer = setInterval(() => void look(), EVERY_MS)
    return () => {
      clearTimeout(soon)
      clearInterval(timer)
    }
  }, [key])
  return [news, setNews] as const
}

/** What happened since this member last looked: a supplier answered, a wait is over, something was changed by two. */
export function News({ member }: { readonly member: string }) {
  const key = `harvek-news-${member}`
  const [news, setNews] = useNews(key)
  const [isOpen, setOpen] = useState(false)
  const clashes = useSnapshot(useOutbox()).items.filter(isHeld)
  const count = news.length + clashes.length
  const toggle = () => {
    if (isOpen) setNews([])
    else localStorage.setItem(key, nowHere().toISOString())
    setOpen(!isOpen)
  }
  return (
    <Place>
      <button
        type="button"
        aria-expanded={isOpen}
        aria-label={count === 0 ? 'News: nothing new' : `News: ${count} new`}
        data-new={count > 0}
        onClick={toggle}
      >
        <Bell size={20} aria-hidden />
        {count > 0 && count}
      </button>
      {isOpen && <NewsList news={news} clashes={clashes} />}
    </Place>
  )
}
