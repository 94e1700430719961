'use client'
import type { BoardView, Shown } from './board-view'
import { TaskChip } from './TaskChip'

export type Picking = {
  readonly view: BoardView
  readonly selected: string | null
  readonly onSelect: (id: string) => void
  readonly mayMove: boolean
}

/** Tasks one under the other, one of them picked. */
export const TaskChips = ({ all, view, selected, onSelect, mayMove }: Picking & { readonly all: readonly Shown[] }) =>
  all.map(one => (
    <TaskChip
      key={one.id}
      one={one}
      view={view}
      isSelected={one.id === selected}
      onSelect={() => onSelect(one.id)}
      mayMove={mayMove}
    />
  ))
