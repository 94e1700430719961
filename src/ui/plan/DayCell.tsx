'use client'
import { type ReactNode, useRef } from 'react'
import { useDrop } from 'react-aria'
import { styled } from 'styled-components'
import { TASK_TYPE } from './TaskChip'

const Cell = styled.div`
  display: grid; gap: 6px; align-content: start; padding: 6px; min-height: 64px; border-left: 1px solid var(--rule); border-top: 1px solid var(--rule); background: var(--sheet); min-width: 0;
  &[data-off] { background: var(--paper); }
  &[data-over] { background: var(--blue-wash); box-shadow: inset 0 0 0 2px var(--blue); }
  &:focus-visible { outline-offset: -2px; }
`
type Props = {
  readonly label: string
  readonly isOff: boolean
  readonly onDropTask: (id: string) => void
  readonly children: ReactNode
}

/** A crew's day, or the list of what is on no day: tasks are dropped here. */
export function DayCell({ label, isOff, onDropTask, children }: Props) {
  const ref = useRef<HTMLDivElement>(null)
  const { dropProps, isDropTarget } = useDrop({
    ref,
    getDropOperation: types => (types.has(TASK_TYPE) ? 'move' : 'cancel'),
    onDrop: async event => {
      for (const item of event.items)
        if (item.kind === 'text' && item.types.has(TASK_TYPE)) onDropTask(await item.getText(TASK_TYPE))
    },
  })
  return (
    <Cell
      {...dropProps}
      ref={ref}
      role="group"
      aria-label={label}
      data-off={isOff || undefined}
      data-over={isDropTarget || undefined}
    >
      {children}
    </Cell>
  )
}
