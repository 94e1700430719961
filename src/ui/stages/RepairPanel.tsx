'use client'
import { styled } from 'styled-components'
import { goesIn } from '@/core/catalogue/judge-unit'
import { planRepair } from '@/core/specification/repair'
import { REPAIRS } from '@/trade/repairs'
import { repairWords } from '@/words/repairs'
import { Quiet } from '../parts/controls'
import { Money, useMoney } from '../parts/Money'
import type { WorkedStore } from '../store/worked'

const Columns = styled.section`
  display: grid; grid-template-columns: 1fr 1fr; gap: 6px 14px;
  h3 { font-size: 1rem; }
  .total { font-size: 1.375rem; font-weight: 650; }
  li { font-size: 0.9375rem; padding: 2px 0; }
`

/** Two columns: what it takes to keep the old door, against a new one. */
export function RepairPanel({ store }: { readonly store: WorkedStore }) {
  const { records, trade, work } = store
  const money = useMoney()
  const repair = planRepair(records.wishes.visit, REPAIRS, trade.rates.centsPerHour)
  if (!repair) return null
  const cheapest = work.order.value.offers.filter(goesIn).sort((a, b) => a.cents.total - b.cents.total)[0]
  const isOnlyLooks = repair.repairs.every(one => one.isCosmetic)
  return (
    <>
      <Columns aria-label="Repair or replace">
        <h3>Repair</h3>
        <h3>Replace</h3>
        <span className="total">
          about <Money cents={repair.cents} />
        </span>
        <span className="total">{cheapest ? `from ${money(cheapest.cents.total)}` : 'no unit fits yet'}</span>
        <ul>
          {repair.repairs.map(one => (
            <li key={one.id}>{repairWords(one)}</li>
          ))}
        </ul>
        <span>
          {cheapest && `${cheapest.unit.article} ${cheapest.unit.name}, with ${cheapest.minutes} min of preparing`}
        </span>
      </Columns>
      <Quiet>
        {isOnlyLooks
          ? 'All of it is only looks: nothing that was seen asks for a new door.'
          : 'The repair is a first figure by what was seen; it is judged on site.'}
      </Quiet>
    </>
  )
}
