'use client'
import { useEffect, useSyncExternalStore } from 'react'
import type { Piece } from '@/words/glossary'

// The glossary is loaded when the page stands and nothing else is to be done: until then a sentence is only read.

type Glossary = typeof import('@/words/glossary')

let glossary: Glossary | null = null
let isAsked = false
const waiting = new Set<() => void>()

function ask(): void {
  if (isAsked) return
  isAsked = true
  const load = () =>
    void import('@/words/glossary').then(
      there => {
        glossary = there
        for (const tell of waiting) tell()
      },
      () => {
        // Without signal it may not be there yet: the next sentence asks again.
        isAsked = false
      },
    )
  setTimeout(load, 600)
}

function listen(tell: () => void): () => void {
  waiting.add(tell)
  return () => waiting.delete(tell)
}

/** A sentence in pieces, its words of the trade by themselves once the glossary is there. */
export function usePieces(text: string): readonly Piece[] {
  useEffect(ask, [])
  const there = useSyncExternalStore(
    listen,
    () => glossary,
    () => null,
  )
  return there === null ? [{ text, id: null }] : there.piecesOf(text)
}

/** What is sent in the page when a word is asked for; its detail is the word's id, or nothing for all of them. */
export const WORD_ASKED = 'harvek-word'

/** Shows what a word means; without one, all that stand on the page. */
export const askWord = (id: string | null): boolean => window.dispatchEvent(new CustomEvent(WORD_ASKED, { detail: id }))
