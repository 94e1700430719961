'use client'
import { useEffect, useState } from 'react'
import { styled } from 'styled-components'
import { breakEven } from '@/core/catalogue/break-even'
import { goesIn, standOuts } from '@/core/catalogue/judge-unit'
import type { Offer } from '@/core/catalogue/offer'
import { type WayOut, waysOut } from '@/core/catalogue/ways-out'
import { signedChoice } from '@/core/order/signed-choice'
import { breakEvenWords } from '@/words/break-even'
import { findingWords } from '@/words/findings'
import { dayShort } from '@/words/moments'
import { PREPARATION_NAMES } from '@/words/names'
import { Button, Quiet } from '../parts/controls'
import { Figure } from '../parts/Figure'
import { Money } from '../parts/Money'
import { Tick } from '../parts/Tick'
import { SharePanel } from '../sharing/SharePanel'
import type { StageProps } from '../sheet/stage-props'
import { choiceOf, comparedOffers, MOST_COMPARED } from './comparing'
import MadeToSize from './MadeToSize'

const Offers = styled.ul`
  li { border-top: 1px solid var(--rule); padding: 8px 4px; display: grid; gap: 4px; }
  li[data-chosen='true'] { background: var(--vial-wash); box-shadow: inset 0 0 0 1.5px var(--ink); }
  .head { display: grid; grid-template-columns: 1fr auto; gap: 8px; align-items: baseline; }
  .price { font-size: 1.375rem; font-weight: 600; }
  .best { font-size: 0.8125rem; font-weight: 650; }
  .line { font-size: 0.9375rem; color: var(--quiet); }
  .work { font-size: 0.9375rem; }
  .acts { display: flex; gap: 8px; }
  .acts label { font-size: 0.9375rem; }
`
const BEST = { cheapest: 'cheapest', soonest: 'soonest', 'least-work': 'least work' } as const

export function OrderLadder({ store }: StageProps) {
  const { offers, chosen } = store.work.order.value
  const { catalogue } = store.sheet
  const [asked, setShowAll] = useState<boolean | null>(null)
  const { refreshUnits } = store
  // biome-ignore lint/correctness/useExhaustiveDependencies: asked for once, when the stage is opened
  useEffect(() => void refreshUnits(), [])
  const possible = offers.filter(goesIn)
  const rest = offers.filter(one => !goesIn(one))
  const showAll = asked ?? possible.length === 0
  const best = new Map(standOuts(offers).map(one => [one.offer.unit.id, one.best]))
  const beside = comparedOffers(offers, store.comparing, chosen)
  const isPart = catalogue.count > store.sheet.units.length
  if (offers.length === 0) return <NothingJudged store={store} />
  return (
    <>
      <SignedFor store={store} beside={beside} />
      <h2>Units that go in</h2>
      <p style={{ color: 'var(--quiet)', fontSize: '0.9375rem' }}>
        {isPart
          ? `${catalogue.possible} of ${catalogue.count}; the ${possible.length} cheapest in all are shown`
          : `${possible.length} of ${offers.length}, the cheapest in all first`}
      </p>
      <Offers>
        {possible.map(offer => (
          <OfferItem
            key={offer.unit.id}
            offer={offer}
            best={best.get(offer.unit.id) ?? []}
            isChosen={offer === chosen}
            beside={beside}
            store={store}
          />
        ))}
      </Offers>
      <StockOrMade store={store} />
      <WaysOut store={store} />
      <ForCustomer store={store} beside={beside} />
      {possible.length === 0 && <Quiet>None of the catalogue goes in as it is wanted. Below stands why.</Quiet>}
      <MadeToSize store={store} />
      {rest.length > 0 && (
        <Button $plain onPress={() => setShowAll(!showAll)}>
          {showAll ? 'Hide' : 'Show'} {isPart ? 'some of' : 'the'} {rest.length} that don’t
        </Button>
      )}
      {showAll && (
        <Offers>
          {rest.map(one => (
            <Refused key={one.unit.id} offer={one} store={store} />
          ))}
        </Offers>
      )}
    </>
  )
}

type BesideProps = Pick<StageProps, 'store'> & { readonly beside: ReturnType<typeof comparedOffers> }

/** What the customer signed for, and how it is taken. */
function SignedFor({ store, beside }: BesideProps) {
  const { offers, chosen } = store.work.order.value
  const signed = signedChoice(store.records.log)
  if (!signed) return null
  const meant = offers.find(one => one.unit.id === signed.unit)
  const take = () => {
    if (!meant) return
    const { details } = store.records.order
    const colour = signed.colour === '' ? {} : { 'colour-outside': signed.colour }
    store.save('order', { ...choiceOf(meant, beside), details: { ...details, ...colour } })
  }
  return (
    <section style={{ display: 'grid', gap: 8, margin: '4px 0 12px' }} aria-label="What was signed">
      <p data-signed={signed.unit}>
        <strong>
          {signed.by} signed for {[signed.name, signed.colour].filter(Boolean).join(', ')}
        </strong>
        , {dayShort(signed.at.slice(0, 10))}
        {signed.reason && `: “${signed.reason}”`}
      </p>
      {meant && meant !== chosen && <Button onPress={take}>Take what was signed</Button>}
    </section>
  )
}

/** The way to let the customer choose. */
const ForCustomer = ({ store: { sheet }, beside }: BesideProps) => (
  <SharePanel
    openingId={sheet.opening.id}
    kind="offer"
    units={beside.map(one => one.offer.unit.id)}
    customerEmail={sheet.job.customer.email}
    missing={beside.length === 0 ? 'Nothing goes in yet: there is nothing to choose among.' : null}
  />
)

const NothingJudged = ({ store }: Pick<StageProps, 'store'>) => (
  <>
    <Quiet>
      {store.sheet.catalogue.count > 0
        ? 'Units are judged once the opening has what they are judged by: Measure says what is open.'
        : 'The catalogue holds no unit of this kind. Take a maker’s list in under Catalogue, or ask a maker.'}
    </Quiet>
    <MadeToSize store={store} />
  </>
)

/** What a stock unit may cost in work before one made to order is cheaper. */
function StockOrMade({ store }: Pick<StageProps, 'store'>) {
  const even = breakEven(store.work.order.value.offers, store.trade.rates.centsPerHour)
  return even && <Quiet data-break-even={even.minutes}>{breakEvenWords(even)}</Quiet>
}

/** A unit that does not go in, and why not. */
const Refused = ({ offer: { unit, reasons }, store }: Pick<StageProps, 'store'> & { readonly offer: Offer }) => (
  <li data-refused={unit.article}>
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
          <span className="line" key={`${one.code}${words.title}`}>
            {words.title}. {words.why}
          </span>
        )
      })}
  </li>
)

const WAY_WORDS: Readonly<Record<WayOut['kind'], string>> = {
  'shorter-leaf': 'A shorter leaf, by',
  'cut-down': 'The leaf cut down by',
  'lower-floor': 'The floor’s edge lowered by',
}

/** Where the floor's packing makes the unit too high: what can be done instead, each with what it costs in all. */
function WaysOut({ store }: Pick<StageProps, 'store'>) {
  const { offers, request } = store.work.order.value
  const ways = waysOut(offers, request)
  const { step } = store.sheet.job
  if (ways.length === 0) return null
  return (
    <section style={{ margin: '16px 0' }}>
      <h2>Too high on its packing</h2>
      <Offers aria-label="Ways out">
        {ways.map(({ kind, offer, amount, minutes, totalCents }) => (
          <li key={kind} data-way={kind}>
            <div className="head">
              <span>
                {WAY_WORDS[kind]} <Figure value={amount} step={step} unit />
              </span>
              <span className="price">
                <Money cents={totalCents} />
              </span>
            </div>
            <span className="line">
              {offer.unit.article} {offer.unit.name} · {minutes} min of work
            </span>
          </li>
        ))}
      </Offers>
      {ways[0]?.kind !== 'shorter-leaf' && <Quiet>No shorter leaf in the catalogue is made as it is wanted.</Quiet>}
    </section>
  )
}

type ItemProps = {
  readonly offer: Offer
  readonly best: readonly (keyof typeof BEST)[]
  readonly isChosen: boolean
  readonly beside: ReturnType<typeof comparedOffers>
  readonly store: StageProps['store']
}

function OfferItem({ offer, best, isChosen, beside, store }: ItemProps) {
  const { unit, cents, days, minutes, preparations, reasons } = offer
  const { step } = store.sheet.job
  const shown = beside.map(one => one.offer.unit.id)
  const isCompared = shown.includes(unit.id)
  const compare = (isWanted: boolean) =>
    store.setComparing(
      isWanted ? [...shown.slice(-(MOST_COMPARED - 1)), unit.id] : shown.filter(one => one !== unit.id),
    )
  return (
    <li data-chosen={isChosen} data-article={unit.article}>
      <div className="head">
        <strong>{unit.name}</strong>
        <span className="price">
          <Money cents={cents.total} />
        </span>
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
          <Money cents={one.materialCents + one.workCents} />
        </span>
      ))}
      <div className="acts">
        <Tick isOn={isCompared} isDisabled={isChosen} onChange={compare}>
          Side by side
        </Tick>
        {isCompared ? null : (
          <Button $plain={isChosen} isDisabled={isChosen} onPress={() => store.save('order', choiceOf(offer, beside))}>
            {isChosen ? 'Chosen' : `Choose ${unit.article}`}
          </Button>
        )}
      </div>
    </li>
  )
}

export { OrderFindings } from './OrderFindings'
