'use client'
import { GripVertical, Lock, Moon, TriangleAlert, Truck } from 'lucide-react'
import { useRef } from 'react'
import { type AriaButtonProps, useButton, useDrag } from 'react-aria'
import { styled } from 'styled-components'
import { latestOpening } from '@/core/plan/spots'
import { dayOf, minuteOf } from '@/core/plan/wall'
import { dayShort } from '@/words/moments'
import { clockWords, lastsWords } from '@/words/plan'
import type { BoardView, Shown } from './board-view'

export const TASK_TYPE = 'application/x-harvek-task'

const Chip = styled.div`
  display: grid; grid-template-columns: minmax(0, 1fr) 44px; border: 1.5px solid var(--strong-rule); border-left-width: 5px; border-radius: 4px; background: var(--sheet); font-size: 0.9375rem; line-height: 1.25; min-width: 0;
  &[data-kind='work'] { border-left-color: var(--blue); } &[data-kind='survey'] { border-left-color: var(--quiet); } &[data-kind='handover'] { border-left-color: var(--fine); }
  &[data-broken] { border-color: var(--stop); }
  &[data-picked] { background: var(--vial-wash); box-shadow: 0 0 0 1.5px var(--ink); }
  &[data-dragged] { opacity: 0.5; }
  button { border: none; background: none; cursor: pointer; text-align: left; padding: 5px 2px 5px 7px; min-height: 44px; min-width: 0; }
  .grip { cursor: grab; padding: 0; display: grid; place-items: center; color: var(--strong-rule); touch-action: none; }
  .name { font-weight: 650; overflow-wrap: anywhere; display: flex; gap: 5px; align-items: center; }
  .job, .time { color: var(--quiet); font-size: 0.875rem; display: block; }
  .dark { display: inline-flex; align-items: center; gap: 3px; }
  .job { overflow-wrap: anywhere; }
  @media print { grid-template-columns: minmax(0, 1fr); font-size: 8pt; .job, .time { font-size: 7.5pt; } button { padding: 3px; } .grip { display: none; } }
`
type Props = {
  readonly one: Shown
  readonly view: BoardView
  readonly isSelected: boolean
  readonly onSelect: () => void
  readonly mayMove: boolean
}

/** A task: tapped it is looked at; it is dragged by hand, or by its grip with keys: Enter picks it up, Tab goes from day to day, Enter puts it down. */
export function TaskChip({ one, view, isSelected, onSelect, mayMove }: Props) {
  const { dragProps, dragButtonProps, isDragging } = useDrag({
    getItems: () => [{ [TASK_TYPE]: one.id, 'text/plain': one.name }],
    getAllowedDropOperations: () => ['move'],
    hasDragButton: true,
    isDisabled: !mayMove,
  })
  const { at, task, work, breaks } = one
  const crew = at && view.board.crews.find(it => it.id === at.crew)
  const latest = at && crew ? latestOpening(task, crew, dayOf(at.start), view.board.closedFactor) : null
  return (
    <Chip
      {...dragProps}
      data-kind={work.kind}
      data-broken={breaks.length > 0 || undefined}
      data-dragged={isDragging || undefined}
      data-picked={isSelected || undefined}
      data-task={one.id}
    >
      <button type="button" aria-pressed={isSelected} onClick={onSelect}>
        <span className="name">
          {one.name}
          {breaks.length > 0 && <TriangleAlert size={16} color="var(--stop)" aria-label="breaks something" />}
          {at?.isFixed && <Lock size={15} aria-label="fixed" />}
        </span>
        <span className="time">
          {at && `${clockWords(minuteOf(at.start))} · `}
          {lastsWords(work.minutes)}
          {work.people > 1 && ` · ${work.people} people`}
        </span>
        {latest !== null && (
          <span className="time dark">
            <Moon size={13} aria-hidden /> begun by {clockWords(Math.max(0, latest))}
          </span>
        )}
        {task.arrives !== null && (
          <span className="time dark">
            <Truck size={13} aria-hidden /> unit by {dayShort(one.opening.comesOn!)}
          </span>
        )}
        <span className="job">{one.job.name}</span>
      </button>
      {mayMove && <Grip name={one.name} props={dragButtonProps} />}
    </Chip>
  )
}

function Grip({ name, props }: { readonly name: string; readonly props: AriaButtonProps }) {
  const ref = useRef<HTMLButtonElement>(null)
  const { buttonProps } = useButton({ ...props, 'aria-label': `Move ${name}` }, ref)
  return (
    <button {...buttonProps} ref={ref} className="grip">
      <GripVertical size={18} aria-hidden />
    </button>
  )
}
