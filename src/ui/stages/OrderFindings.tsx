'use client'
import dynamic from 'next/dynamic'
import type { Finding } from '@/core/base/finding'
import { goesIn } from '@/core/catalogue/judge-unit'
import type { OrderCode } from '@/core/order/check-order'
import { Facts, Panel, Quiet } from '../parts/controls'
import { FindingList } from '../parts/FindingList'
import { Labelled } from '../parts/Labelled'
import { Link } from '../parts/Link'
import { Money, useCurrencySign, useMoney } from '../parts/Money'
import type { StageProps } from '../sheet/stage-props'
import { AskPanel } from './AskPanel'
import { comparedOffers } from './comparing'
import { GoOnPanel } from './GoOnPanel'
import { ReleasePanel } from './ReleasePanel'
import { SettlePanel } from './SettlePanel'

const CostDays = dynamic(() => import('../parts/Chart').then(one => one.CostDays))

export function OrderFindings({ store, selected, onSelect, onGo, stage }: StageProps) {
  const { value, findings } = store.work.order
  const { chosen } = value
  const { job } = store.sheet
  const order = findings.filter((one): one is Finding<OrderCode> => one.code.startsWith('order-'))
  return (
    <>
      <ChosenPanel store={store} />
      {chosen && <SettlePanel store={store} />}
      <Panel>
        <h2>Before it goes out</h2>
        <FindingList
          findings={order.filter(one => one.code !== 'order-correct-first')}
          step={job.step}
          figure={store.figure}
          selected={selected}
          onSelect={onSelect}
          onGo={onGo}
          here={stage}
          empty={order.length ? 'Nothing is missing.' : 'Complete: nothing is missing, nothing contradicts.'}
        />
        <GoOnPanel store={store} order={order} />
        <ReleasePanel store={store} order={order} />
      </Panel>
      <AskPanel store={store} />
      <CostChart store={store} />
    </>
  )
}

const PARTS = {
  unit: 'Unit',
  freight: 'Freight',
  hardware: 'What it comes without',
  material: 'Material on site',
  work: 'Work on site',
  disposal: 'Disposal',
} as const

type Stored = Pick<StageProps, 'store'>

function ChosenPanel({ store }: Stored) {
  const money = useMoney()
  const { chosen } = store.work.order.value
  const choices = store.records.order
  if (!chosen)
    return (
      <Panel>
        <h2>No unit chosen</h2>
        <Quiet>Show the customer what stands side by side, and choose one.</Quiet>
      </Panel>
    )
  const beside = choices.compared.filter(one => one.article !== chosen.unit.article)
  return (
    <Panel>
      <h2>{chosen.unit.article} chosen</h2>
      <Facts>
        {(['unit', 'freight', 'hardware', 'material', 'work', 'disposal'] as const).map(part => (
          <Part key={part} name={part} cents={chosen.cents[part]} />
        ))}
        <dt>
          <strong>Total</strong>
        </dt>
        <dd style={{ fontSize: '1.5rem', fontWeight: 650 }}>
          <Money cents={chosen.cents.total} />
        </dd>
      </Facts>
      {beside.length > 0 && (
        <Quiet>
          Beside it stood{' '}
          {beside.map(one => `${one.article} at ${money(one.totalCents)} in ${one.days} days`).join(', and ')}.
        </Quiet>
      )}
      <Labelled label="Why the customer chose it">
        <input
          key={chosen.unit.id}
          defaultValue={choices.chosen?.reason ?? ''}
          maxLength={500}
          onBlur={event => store.save('order', { chosen: { unit: chosen.unit.id, reason: event.target.value } })}
        />
      </Labelled>
    </Panel>
  )
}

function Part({ name, cents }: { readonly name: keyof typeof PARTS; readonly cents: number }) {
  return (
    <>
      <dt>{PARTS[name]}</dt>
      <dd style={{ textAlign: 'right' }}>
        <Money cents={cents} />
      </dd>
    </>
  )
}

/** What every unit that goes in costs against its days, those side by side marked. */
function CostChart({ store }: Stored) {
  const money = useMoney()
  const sign = useCurrencySign()
  const { offers, chosen } = store.work.order.value
  const possible = offers.filter(goesIn)
  if (possible.length < 2) return null
  const shown = new Set(comparedOffers(offers, store.comparing, chosen).map(one => one.offer))
  return (
    <Panel>
      <h2>Cost against days</h2>
      <CostDays
        costUnit={sign}
        points={possible.map(offer => ({
          name: `${offer.unit.article}: ${money(offer.cents.total)}, ${offer.days} days`,
          days: offer.days,
          cost: offer.cents.total / 100,
          tone: offer === chosen ? 'chosen' : shown.has(offer) ? 'shown' : 'quiet',
        }))}
      />
      <Link className="tall" href="/catalogue">
        The whole catalogue
      </Link>
    </Panel>
  )
}
