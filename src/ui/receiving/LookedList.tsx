'use client'
import { Check, CircleDashed } from 'lucide-react'
import { type AskedOfDelivered, answerIn } from '@/core/order/asked-of-delivered'
import type { Found } from '@/core/order/judge-receipt'
import type { DisplayStep } from '@/core/units/format-length'
import { CHECK_ANSWER_NAMES, deliveredName, SIDE_NAMES } from '@/words/looked'
import { Figure } from '../parts/Figure'
import { Ladder } from '../sheet/layout'
import { useSelectedInSight } from '../sheet/use-selected-in-sight'

type Props = {
  readonly walk: readonly AskedOfDelivered[]
  readonly found: Found
  readonly step: DisplayStep
  readonly selected: string
  readonly onSelect: (place: string) => void
}

/** Everything a delivered unit is looked at by, done and open. */
export function LookedList({ walk, found, step, selected, onSelect }: Props) {
  const list = useSelectedInSight(selected)
  return (
    <Ladder ref={list} aria-label="What it is looked at by">
      {walk.map(asked => {
        const answer = answerIn(found, asked)
        return (
          <li key={asked.place}>
            <button
              type="button"
              aria-current={asked.place === selected}
              data-place={asked.place}
              onClick={() => onSelect(asked.place)}
            >
              {answer === null ? (
                <CircleDashed size={18} color="var(--quiet)" aria-label="open" />
              ) : (
                <Check size={18} aria-label="looked at" />
              )}
              <span>{deliveredName(asked.place)}</span>
              <span className={answer === null ? 'open' : 'value'}>
                <Answered asked={asked} answer={answer} step={step} />
              </span>
              <span />
            </button>
          </li>
        )
      })}
    </Ladder>
  )
}

type AnsweredProps = {
  readonly asked: AskedOfDelivered
  readonly answer: ReturnType<typeof answerIn>
  readonly step: DisplayStep
}

function Answered({ asked, answer, step }: AnsweredProps) {
  if (answer === null) return '–'
  if (typeof answer === 'object') return <Figure value={answer.length} step={step} />
  if (asked.kind === 'check') return CHECK_ANSWER_NAMES[answer as keyof typeof CHECK_ANSWER_NAMES]
  return SIDE_NAMES[answer] ?? answer
}
