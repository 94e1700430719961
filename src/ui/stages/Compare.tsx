'use client'
import { format, parseISO } from 'date-fns'
import { useEffect, useMemo, useState } from 'react'
import { styled } from 'styled-components'
import { over } from '@/core/catalogue/judge-unit'
import type { Offer } from '@/core/catalogue/offer'
import { drawnOf } from '@/core/draw'
import { elevation } from '@/core/drawing/elevation'
import { earliestDay } from '@/core/offer-shown'
import { PREPARATION_NAMES } from '@/words/names'
import { Button } from '../parts/controls'
import { Figure } from '../parts/Figure'
import { Money, useMoney } from '../parts/Money'
import { StillScene } from '../parts/StillScene'
import type { WorkedStore } from '../store/worked'
import { type Compared, choiceOf, comparedOffers } from './comparing'

const Columns = styled.div<{ $count: number }>`
  grid-column: 1 / -1; grid-row: 1 / -1; min-height: 0; display: grid; gap: 8px;
  grid-template-columns: repeat(${p => p.$count}, minmax(0, 1fr)); grid-template-rows: minmax(150px, 1fr) auto; row-gap: 0;
  article { display: grid; grid-row: 1 / 3; grid-template-rows: subgrid; min-height: 0; background: var(--sheet); border: 1px solid var(--rule); }
  article[data-chosen='true'] { box-shadow: inset 0 0 0 2px var(--ink); background: var(--vial-wash); }
  .drawn { min-height: 0; display: grid; }
  .said { padding: 8px 10px 10px; display: grid; gap: 4px; align-content: start; }
  .best { min-height: 20px; font-size: 0.875rem; font-weight: 650; }
  h3 { font-size: 1rem; line-height: 1.2; }
  .total { font-size: 1.75rem; font-weight: 650; line-height: 1.1; }
  .over { font-size: 0.875rem; color: var(--quiet); min-height: 38px; }
  dl { display: grid; grid-template-columns: auto 1fr; gap: 0 8px; font-size: 0.9375rem; }
  .work { font-size: 0.875rem; color: var(--quiet); }
  @media (max-width: 53.75em) { overflow-y: auto; grid-template-rows: minmax(64px, 1fr) auto; .drawn { min-height: 0; } .work, .over, .best, .article { display: none; } .total { font-size: 1.25rem; } h3 { font-size: 0.875rem; } dl { font-size: 0.8125rem; grid-template-columns: 1fr; } dl dt { display: none; } dl dd { text-align: left; } }
`
const BEST = { cheapest: 'Cheapest', soonest: 'Soonest', 'least-work': 'Least work' } as const

/** Two or three units side by side, each drawn in the opening, with what it costs over the cheapest in money, days and work. */
export default function Compare({ store }: { readonly store: WorkedStore }) {
  const { offers, chosen } = store.work.order.value
  const compared = comparedOffers(offers, store.comparing, chosen)
  const cheapest = compared.reduce<Offer | null>(
    (best, { offer }) => (best && best.cents.total <= offer.cents.total ? best : offer),
    null,
  )
  const today = useToday()
  return (
    <Columns $count={Math.max(1, compared.length)} aria-label="Side by side" role="region">
      {compared.map(one => (
        <Candidate
          key={one.offer.unit.id}
          one={one}
          cheapest={cheapest!}
          isChosen={one.offer === chosen}
          today={today}
          store={store}
          beside={compared}
        />
      ))}
    </Columns>
  )
}

/** Today, once the page runs: the server's day need not be the reader's. */
function useToday(): Date | null {
  const [today, setToday] = useState<Date | null>(null)
  useEffect(() => setToday(new Date()), [])
  return today
}

type CandidateProps = {
  readonly one: Compared
  readonly cheapest: Offer
  readonly isChosen: boolean
  readonly today: Date | null
  readonly store: WorkedStore
  readonly beside: readonly Compared[]
}

function Candidate({ one: { offer, best }, cheapest, isChosen, today, store, beside }: CandidateProps) {
  const { unit, cents, days, minutes, preparations } = offer
  const money = useMoney()
  const { step } = store.sheet.job
  const { work, records } = store
  const scene = useMemo(() => elevation(drawnOf(work, records.wishes, offer), 'order'), [work, records.wishes, offer])
  return (
    <article data-chosen={isChosen} data-compared={unit.article}>
      <div className="drawn">
        <StillScene scene={scene} step={step} title={`${unit.article} in the opening`} />
      </div>
      <div className="said">
        <span className="best">{best.map(name => BEST[name]).join(', ')}</span>
        <h3>
          {unit.article} {unit.name}
        </h3>
        <span className="total">
          <Money cents={cents.total} />
        </span>
        <span className="over">{beside.length > 1 && overWords(offer, cheapest, money)}</span>
        <dl>
          <dt>Earliest</dt>
          <dd>
            {days} days{today ? `, ${format(parseISO(earliestDay(format(today, 'yyyy-MM-dd'), days)), 'd MMM')}` : ''}
          </dd>
          <dt>Work on site</dt>
          <dd>{minutes} min</dd>
        </dl>
        <ul className="work">
          {preparations.map(work => (
            <li key={work.id + work.place}>
              {PREPARATION_NAMES[work.id]}, <Figure value={work.amount} step={step} unit />
            </li>
          ))}
        </ul>
        <Button
          $plain={isChosen}
          isDisabled={isChosen}
          aria-label={isChosen ? 'Chosen' : `Choose ${unit.article}`}
          onPress={() => store.save('order', choiceOf(offer, beside))}
        >
          {isChosen ? (
            'Chosen'
          ) : (
            <span>
              Choose<span className="article"> {unit.article}</span>
            </span>
          )}
        </Button>
      </div>
    </article>
  )
}

const signed = (n: number, words: string): string => `${n > 0 ? '+' : '−'}${words}`

/** What an offer costs over the cheapest beside it. */
function overWords(offer: Offer, cheapest: Offer, money: (cents: number) => string): string {
  if (offer === cheapest) return 'The others are compared with this one.'
  const { cents, days, minutes } = over(offer, cheapest)
  return [
    cents && signed(cents, money(Math.abs(cents))),
    days && signed(days, `${Math.abs(days)} days`),
    minutes && signed(minutes, `${Math.abs(minutes)} min`),
  ]
    .filter(Boolean)
    .join(', ')
}
