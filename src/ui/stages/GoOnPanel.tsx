'use client'
import type { Finding } from '@/core/base/finding'
import { type OrderCode, waiverOf } from '@/core/order/check-order'
import type { FindingCode } from '@/core/work'
import { findingWords } from '@/words/findings'
import { Button, Quiet } from '../parts/controls'
import { ReasonLine } from '../parts/ReasonLine'
import { SeverityMark } from '../parts/SeverityMark'
import type { WorkedStore } from '../store/worked'

type Props = { readonly store: WorkedStore; readonly order: readonly Finding<OrderCode>[] }

const keyOf = ({ facts, place }: Finding) => waiverOf({ code: String(facts.of), place })

/** What is to be corrected first goes out only with a typed reason, which stands on the order. */
export function GoOnPanel({ store, order }: Props) {
  const { waived } = store.records.order
  const { step } = store.sheet.job
  const open = order.filter(one => one.code === 'order-correct-first')
  const gone = order.filter(one => one.code === 'order-went-on')
  const titleOf = (one: Finding<FindingCode>) => findingWords(one, step).title
  const { [gone[0] ? keyOf(gone[0]) : '']: _, ...others } = waived
  return (
    <>
      {open.length > 0 && <Quiet>Either corrected first, or ordered all the same with the reason printed:</Quiet>}
      {open.map(one => (
        <div key={keyOf(one)} style={{ display: 'grid', gap: 4 }}>
          <span style={{ display: 'flex', gap: 6 }}>
            <SeverityMark severity="correct" />
            <strong>{titleOf(one)}</strong>
          </span>
          <Quiet>{findingWords(one, step).why}</Quiet>
          <ReasonLine
            label="Ordered all the same, because"
            act={`Go on: ${titleOf(one)}`}
            onAct={reason => store.save('order', { waived: { ...waived, [keyOf(one)]: reason } })}
          >
            Go on
          </ReasonLine>
        </div>
      ))}
      {gone.length > 0 && (
        <div>
          <Button $plain onPress={() => store.save('order', { waived: others })}>
            Take back: {titleOf(gone[0]!)}
          </Button>
        </div>
      )}
    </>
  )
}
