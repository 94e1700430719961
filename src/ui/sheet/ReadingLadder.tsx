'use client'
import { Check, CircleDashed, CloudOff, LoaderCircle } from 'lucide-react'
import { useEffect, useRef } from 'react'
import type { Slot } from '@/core/survey/slots'
import { slotName } from '@/words/names'
import { Figure } from '../parts/Figure'
import { SeverityMark } from '../parts/SeverityMark'
import { Ladder } from './layout'
import type { SheetStore } from './use-sheet'

type Props = {
  readonly slots: readonly Slot[]
  readonly store: SheetStore
  readonly selected: string | null
  readonly onSelect: (slot: Slot) => void
}

/** The readings in walking order, done and open, with what is doubtful among them. */
export function ReadingLadder({ slots, store, selected, onSelect }: Props) {
  const { result, rows, sheet } = store
  const doubts = new Map(
    result.findings.measure.filter(one => one.severity !== 'fine').map(one => [one.place, one.severity]),
  )
  const list = useRef<HTMLOListElement>(null)
  // biome-ignore lint/correctness/useExhaustiveDependencies: another selection is another row in the list
  useEffect(() => {
    const row = list.current?.querySelector<HTMLElement>('[aria-current="true"]')
    const pane = list.current?.closest<HTMLElement>('.scroll')
    if (row && pane && pane.scrollHeight > pane.clientHeight) pane.scrollTop += rowOffset(row, pane)
  }, [selected])
  const done = slots.filter(slot => result.survey.bySlot.has(slot)).length
  return (
    <div className="scroll">
      <p className="count" style={{ fontSize: 15, color: 'var(--quiet)', padding: '4px 0' }}>
        {done} of {slots.length} read
      </p>
      <Ladder ref={list} aria-label="Readings in walking order">
        {slots.map(slot => {
          const reading = result.survey.bySlot.get(slot)
          const storing = reading && rows.get(reading.id)
          const doubt = doubts.get(slot)
          return (
            <li key={slot}>
              <button
                type="button"
                aria-current={slot === selected}
                onClick={() => onSelect(slot)}
                data-slot={slot}
                data-storing={storing ?? (reading ? 'stored' : 'open')}
              >
                {doubt ? (
                  <SeverityMark severity={doubt} />
                ) : reading ? (
                  <Check size={18} aria-label="read" />
                ) : (
                  <CircleDashed size={18} color="var(--quiet)" aria-label="open" />
                )}
                <span>{slotName(slot)}</span>
                <span className={reading ? 'value' : 'open'}>
                  {reading ? <Figure value={reading.value} step={sheet.job.step} /> : '–'}
                </span>
                {storing === 'storing' ? (
                  <LoaderCircle size={16} aria-label="storing" />
                ) : storing === 'not-stored' ? (
                  <CloudOff size={16} color="var(--stop)" aria-label="not stored" />
                ) : (
                  <span />
                )}
              </button>
            </li>
          )
        })}
      </Ladder>
    </div>
  )
}

/** How far a pane must scroll for a row to stand in it whole; the page itself never moves. */
function rowOffset(row: HTMLElement, pane: HTMLElement): number {
  const [inner, outer] = [row.getBoundingClientRect(), pane.getBoundingClientRect()]
  if (inner.top < outer.top) return inner.top - outer.top
  return Math.max(0, inner.bottom - outer.bottom)
}
