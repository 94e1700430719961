'use client'
import { useMemo } from 'react'
import { styled } from 'styled-components'
import type { Deadline } from '@/core/after/deadlines'
import type { After } from '@/core/after-work'
import { afterOf } from '@/core/after-work'
import { afterTrade } from '@/trade/after'
import { DEADLINE_WORDS, deadlineName, dueWords, WHOSE_WORDS } from '@/words/after'
import { dayWords } from '@/words/moments'
import { Button, Quiet } from '../../parts/controls'
import { Locked } from '../../parts/Rights'
import type { StageProps } from '../../sheet/stage-props'
import { CallBacks } from './CallBacks'

type Store = StageProps['store']

/** What comes after the hand-over, as the sheet says it today. */
export function useAfter({ work, records, trade, sheet, now }: Store): After {
  const today = now.slice(0, 10)
  return useMemo(
    () => afterOf(work, records, afterTrade(trade, sheet.job.place), today),
    [work, records, trade, sheet.job.place, today],
  )
}

const List = styled.ul`
  li { border-top: 1px solid var(--rule); padding: 9px 2px; display: grid; gap: 4px; }
  li[data-late='true'] strong { color: var(--correct); }
  .small { font-size: 0.9375rem; color: var(--quiet); }
`

/** The years after: call-backs, and what is due by when. */
export function AfterPanel({ store }: { readonly store: Store }) {
  const after = useAfter(store)
  const today = store.now.slice(0, 10)
  return (
    <>
      <CallBacks store={store} after={after} />
      <h2>Due</h2>
      <Quiet>
        {after.handedOverOn
          ? `Handed over ${dayWords(after.handedOverOn)}.`
          : after.stoodOn
            ? `Stands since ${dayWords(after.stoodOn)}; what runs from the hand-over comes with it.`
            : 'Nothing is due before it stands.'}
      </Quiet>
      <Locked verb="measure">
        <List aria-label="Due">
          {after.due.map(one => (
            <DueItem key={one.key} one={one} today={today} store={store} />
          ))}
        </List>
      </Locked>
    </>
  )
}

type DueProps = { readonly one: Deadline; readonly today: string; readonly store: Store }

function DueItem({ one, today, store }: DueProps) {
  const name = deadlineName(one)
  const isLate = !one.isOver && one.due < today && one.id !== 'warranty'
  return (
    <li data-due={one.key} data-late={isLate}>
      <strong>{name}</strong>
      <span>
        {dueWords(one, today)} · {WHOSE_WORDS[one.whose]}
      </span>
      <span className="small">{DEADLINE_WORDS[one.id][1]}</span>
      {one.id !== 'warranty' && !one.isOver && (
        <Button
          $plain
          aria-label={`Done: ${name}`}
          onPress={() => void store.addLog({ kind: 'upkeep', code: one.key, result: 'done', value: null, text: '' })}
        >
          Done
        </Button>
      )}
    </li>
  )
}
