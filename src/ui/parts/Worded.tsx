'use client'
import { memo } from 'react'
import { askWord, usePieces } from './words-on'

/** A sentence whose words of the trade say what they mean when they are tapped. */
export const Worded = memo(function Worded({ text }: { readonly text: string }) {
  return usePieces(text).map(({ text: piece, id }, i) =>
    id === null ? (
      piece
    ) : (
      <button
        // biome-ignore lint/suspicious/noArrayIndexKey: the pieces of a sentence keep their order
        key={i}
        type="button"
        className="term"
        onClick={event => {
          event.stopPropagation()
          askWord(id)
        }}
      >
        {piece}
      </button>
    ),
  )
})
