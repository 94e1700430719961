'use client'
import { memo } from 'react'
import { askWord, usePieces } from './words-on'

type Props = {
  readonly text: string
  /** A name of something, not a sentence: its words are no stops for the Tab key on the way from field to field; there the book in the head has them. */
  readonly isLabel?: boolean
}

/** A text whose words of the trade say what they mean when they are tapped. */
export const Worded = memo(function Worded({ text, isLabel = false }: Props) {
  return usePieces(text).map(({ text: piece, id }, i) =>
    id === null ? (
      piece
    ) : (
      <button
        // biome-ignore lint/suspicious/noArrayIndexKey: the pieces of a sentence keep their order
        key={i}
        type="button"
        className="term"
        tabIndex={isLabel ? -1 : undefined}
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
