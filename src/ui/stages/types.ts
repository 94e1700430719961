import type { RefObject } from 'react'
import type { SheetStore } from '../sheet/use-sheet'

/** What every stage gets: the store, what is selected, and how to select something else. */
export type StageProps = {
  readonly store: SheetStore
  readonly selected: string | null
  readonly onSelect: (id: string | null) => void
  readonly inputRef: RefObject<HTMLInputElement | null>
}
