'use client'
import { BookOpen } from 'lucide-react'
import dynamic from 'next/dynamic'
import { useEffect, useState } from 'react'
import { WORD_ASKED } from '../parts/words-on'

const WordDialog = dynamic(() => import('./WordDialog'), { ssr: false })

/** The way to the glossary, and where a word is shown that was tapped anywhere on a page. */
export function Words() {
  const [asked, setAsked] = useState<{ readonly id: string | null } | null>(null)
  useEffect(() => {
    const show = (event: Event) => setAsked({ id: (event as CustomEvent<string | null>).detail })
    window.addEventListener(WORD_ASKED, show)
    return () => window.removeEventListener(WORD_ASKED, show)
  }, [])
  return (
    <>
      <button type="button" className="words" aria-label="Words of the trade" onClick={() => setAsked({ id: null })}>
        <BookOpen size={20} aria-hidden />
      </button>
      {asked && <WordDialog first={asked.id} onClose={() => setAsked(null)} />}
    </>
  )
}
