'use client'
import { TZDate } from '@date-fns/tz'
import { format } from 'date-fns'
import { styled } from 'styled-components'
import { callBacks } from '@/core/after/call-backs'
import { timelineOf } from '@/core/after/timeline'
import { eventWords } from '@/words/after'
import { momentWords } from '@/words/moments'
import { Disclosure } from '../../parts/Disclosure'
import type { StageProps } from '../../sheet/stage-props'

const Line = styled.ol`
  border-left: 2px solid var(--strong-rule); margin-left: 6px; overflow-wrap: anywhere;
  li { display: grid; gap: 1px; padding: 5px 0 5px 14px; position: relative; }
  li::before { content: ''; position: absolute; left: -6px; top: 12px; width: 9px; height: 9px; border-radius: 50%; background: var(--sheet); border: 2px solid var(--strong-rule); }
  li[data-event='call']::before { border-color: var(--correct); background: var(--correct); }
  li[data-event='tested']::before, li[data-event='signed']::before { border-color: var(--fine); background: var(--fine); }
  .small { font-size: 0.9375rem; color: var(--quiet); }
`

/** Everything that ever happened to this door, the latest first. */
export function LineOfTime({ store }: { readonly store: StageProps['store'] }) {
  const { records, trade } = store
  const { readings, log, orders, receipts, opening } = records
  const dayOf = (at: string) => format(new TZDate(at, trade.zone), 'yyyy-MM-dd')
  const events = timelineOf({ openingId: opening.id, readings, log, orders, receipts }, dayOf)
  const calls = callBacks(log)
  return (
    <Disclosure title={`The door’s line of time (${events.length})`}>
      <Line aria-label="Line of time">
        {events.toReversed().map(one => (
          <li key={`${one.at} ${one.kind} ${JSON.stringify(one)}`} data-event={one.kind}>
            <span>{eventWords(one, calls)}</span>
            <span className="small">
              {momentWords(one.at, trade.zone)}, {one.by}
            </span>
          </li>
        ))}
      </Line>
    </Disclosure>
  )
}
