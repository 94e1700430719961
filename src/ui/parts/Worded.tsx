'use client'
import { type MouseEvent, memo } from 'react'
import { askWord, usePieces } from './words-on'

type Props = {
  readonly text: string
  /** A name of something, not a sentence: its words are no stops for the Tab key on the way from field to field; there the book in the head has them. */
  readonly isLabel?: boolean
}

/** A text whose words of the trade say what they mean when they are tapped. */
export const Worded = memo(function Worded({ text, isLabel = false }: Props) {
  return usePieces(text).map(({ text: piece, id }, i) => {
    if (id === null) return piece
    const ask = (event: MouseEvent) => {
      event.stopPropagation()
      // Within a label: its field is not what was tapped.
      event.preventDefault()
      askWord(id)
    }
    // A button within a label would be what it is the name of, in place of its field.
    return isLabel ? (
      // biome-ignore lint/a11y/noStaticElementInteractions: for whoever points; by keyboard the book has the same
      // biome-ignore lint/a11y/useKeyWithClickEvents: as above
      // biome-ignore lint/suspicious/noArrayIndexKey: the pieces of a text keep their order
      <span key={i} className="term" onClick={ask}>
        {piece}
      </span>
    ) : (
      // biome-ignore lint/suspicious/noArrayIndexKey: as above
      <button key={i} type="button" className="term" onClick={ask}>
        {piece}
      </button>
    )
  })
})
