'use client'
import { useState } from 'react'
import { styled } from 'styled-components'
import { v7 as uuidV7 } from 'uuid'
import type { Finding } from '@/core/base/finding'
import { goesIn, type Offer, standOuts } from '@/core/catalogue/judge-unit'
import type { OrderCode } from '@/core/order/check-order'
import { mayRelease } from '@/core/order/check-order'
import { isSameLine } from '@/core/order/same-line'
import { findingWords } from '@/words/findings'
import { money } from '@/words/money'
import { PREPARATION_NAMES } from '@/words/names'
import { Button, ButtonLink, Facts, Panel, Quiet } from '../parts/controls'
import { Figure } from '../parts/Figure'
import { FindingList } from '../parts/FindingList'
import type { StageProps } from './types'

const Offers = styled.ul`
  li { border-top: 1px solid var(--rule); padding: 8px 4px; display: grid; gap: 4px; }
  li[data-chosen='true'] { background: var(--vial-wash); box-shadow: inset 0 0 0 1.5px var(--ink); }
  .head { display: grid; grid-template-columns: 1fr auto; gap: 8px; align-items: baseline; }
  .price { font-size: 22px; font-weight: 600; }
  .best { font-size: 13px; font-weight: 650; }
  .line { font-size: 15px; color: var(--quiet); }
  .work { font-size: 15px; }
`
const BEST = { cheapest: 'cheapest', soonest: 'soonest', 'least-work': 'least work' } as const

export function OrderLadder({ store }: StageProps) {
  const { offers, chosen } = store.result
  const [asked, setShowAll] = useState<boolean | null>(null)
  const possible = offers.filter(goesIn)
  const rest = offers.filter(one => !goesIn(one))
  const showAll = asked ?? possible.length === 0
  const best = new Map(standOuts(offers).map(one => [one.offer.unit.id, one.best]))
  if (offers.length === 0)
    return (
      <Quiet>
        {store.result.hole
          ? 'The catalogue holds no unit of this kind.'
          : 'Units are judged once the opening has a width and a height.'}
      </Quiet>
    )
  return (
    <>
      <h2>Units that go in</h2>
      <p style={{ color: 'var(--quiet)', fontSize: 15 }}>
        {possible.length} of {offers.length}, the cheapest in all first
      </p>
      <Offers>
        {possible.map(offer => (
          <OfferItem
            key={offer.unit.id}
            offer={offer}
            best={best.get(offer.unit.id) ?? []}
            isChosen={offer === chosen}
            store={store}
          />
        ))}
      </Offers>
      {possible.length === 0 && <Quiet>None of the catalogue goes in as it is wanted. Below stands why.</Quiet>}
      <Button $plain onPress={() => setShowAll(!showAll)}>
        {showAll ? 'Hide' : 'Show'} the {rest.length} that don’t
      </Button>
      {showAll && (
        <Offers>
          {rest.map(({ unit, reasons }) => (
            <li key={unit.id}>
              <div className="head">
                <span>
                  {unit.article} {unit.name}
                </span>
              </div>
              {reasons
                .filter(one => one.severity === 'stop')
                .map(one => {
                  const words = findingWords(one, store.sheet.job.step)
                  return (
                    <span className="line" key={one.code}>
                      {words.title}. {words.why}
                    </span>
                  )
                })}
            </li>
          ))}
        </Offers>
      )}
    </>
  )
}

function OfferItem({
  offer,
  best,
  isChosen,
  store,
}: {
  readonly offer: Offer
  readonly best: readonly (keyof typeof BEST)[]
  readonly isChosen: boolean
  readonly store: StageProps['store']
}) {
  const { unit, cents, days, minutes, preparations, reasons } = offer
  const { step } = store.sheet.job
  return (
    <li data-chosen={isChosen} data-article={unit.article}>
      <div className="head">
        <strong>{unit.name}</strong>
        <span className="price">{money(cents.total)}</span>
      </div>
      {best.length > 0 && <span className="best">{best.map(one => BEST[one]).join(', ')}</span>}
      <span className="line">
        {unit.maker} {unit.article} · <Figure value={unit.width} step={step} /> ×{' '}
        <Figure value={unit.height} step={step} unit /> · {days} days · {minutes} min of work
      </span>
      {reasons.map(one => (
        <span className="work" key={one.code}>
          {findingWords(one, step).title}
        </span>
      ))}
      {preparations.map(one => (
        <span className="line" key={one.id + one.place}>
          {PREPARATION_NAMES[one.id]}: <Figure value={one.amount} step={step} unit />, {one.minutes} min,{' '}
          {money(one.materialCents + one.workCents)}
        </span>
      ))}
      <Button
        $plain={isChosen}
        isDisabled={isChosen}
        onPress={() => store.saveWishes({ chosen: { unit: unit.id, reason: '' } })}
      >
        {isChosen ? 'Chosen' : `Choose ${unit.article}`}
      </Button>
    </li>
  )
}

export function OrderFindings({ store, selected, onSelect }: StageProps) {
  const { chosen, findings, line } = store.result
  const { orders, job, wishes } = store.sheet
  const order = findings.order.filter((one): one is Finding<OrderCode> => one.code.startsWith('order-'))
  return (
    <>
      <Panel>
        <h2>{chosen ? `${chosen.unit.article} chosen` : 'No unit chosen'}</h2>
        {chosen && (
          <>
            <Facts>
              {(['unit', 'freight', 'material', 'work', 'disposal'] as const).map(part => (
                <Part key={part} name={part} cents={chosen.cents[part]} />
              ))}
              <dt>
                <strong>Total</strong>
              </dt>
              <dd style={{ fontSize: 24, fontWeight: 650 }}>{money(chosen.cents.total)}</dd>
            </Facts>
            <label style={{ display: 'grid', gap: 4, fontSize: 15, color: 'var(--quiet)' }}>
              Why the customer chose it
              <input
                key={chosen.unit.id}
                defaultValue={wishes.data.chosen?.reason ?? ''}
                maxLength={500}
                onBlur={event => store.saveWishes({ chosen: { unit: chosen.unit.id, reason: event.target.value } })}
                style={{
                  height: 44,
                  padding: '0 8px',
                  border: '1.5px solid var(--strong-rule)',
                  borderRadius: 4,
                  background: 'var(--sheet)',
                  color: 'var(--ink)',
                }}
              />
            </label>
          </>
        )}
      </Panel>
      <Panel>
        <h2>Before it goes out</h2>
        <FindingList
          findings={order}
          step={job.step}
          selected={selected}
          onSelect={onSelect}
          empty="Complete: nothing is missing, nothing contradicts."
        />
        <ReleaseButton store={store} canRelease={line !== null && mayRelease(order)} />
        {orders.map(one => (
          <p key={one.id}>
            Order <strong>{one.number}</strong> released {one.releasedAt.slice(0, 10)} by {one.releasedBy}:{' '}
            <a href={`/api/orders/${one.id}/sheet.pdf`} target="_blank" rel="noreferrer">
              order sheet {one.number}
            </a>
          </p>
        ))}
      </Panel>
    </>
  )
}

const PARTS = {
  unit: 'Unit',
  freight: 'Freight',
  material: 'Material on site',
  work: 'Work on site',
  disposal: 'Disposal',
} as const

function Part({ name, cents }: { readonly name: keyof typeof PARTS; readonly cents: number }) {
  return (
    <>
      <dt>{PARTS[name]}</dt>
      <dd style={{ textAlign: 'right' }}>{money(cents)}</dd>
    </>
  )
}

/** Releases once; an order that was released is only offered again when the line has changed since. */
function ReleaseButton({ store, canRelease }: { readonly store: StageProps['store']; readonly canRelease: boolean }) {
  const [busy, setBusy] = useState(false)
  const released = store.sheet.orders.at(-1)?.lines.find(one => one.opening.id === store.sheet.opening.id)
  const same = released !== undefined && store.result.line !== null && isSameLine(released, store.result.line)
  if (same) return <p>Released as it stands.</p>
  const release = async () => {
    setBusy(true)
    await store.release(uuidV7())
    setBusy(false)
  }
  return (
    <>
      {released && <Quiet>Something has changed since the last order.</Quiet>}
      {store.result.line && (
        <ButtonLink href={`/api/openings/${store.sheet.opening.id}/order.pdf`} target="_blank">
          Order sheet, not released
        </ButtonLink>
      )}
      <Button isDisabled={!canRelease || busy} $plain={released !== undefined} onPress={release}>
        {released ? 'Release a new order' : 'Release the order'}
      </Button>
    </>
  )
}
