'use client'
import { useMemo } from 'react'
import { sizeRequest } from '@/core/order/size-request'
import { formatWithUnit, WORK_STEPS } from '@/core/units/format-length'
import type { Length } from '@/core/units/length'
import { requestText } from '@/words/size-request'
import { CopyText } from '../parts/CopyText'
import { Quiet } from '../parts/controls'
import { Disclosure } from '../parts/Disclosure'
import { UnitForm } from '../parts/UnitForm'
import type { WorkedStore } from '../store/worked'

/** Where nothing fits: what a maker is asked to make, and its answer entered by hand, to be judged and ordered like any other unit. */
export default function MadeToSize({ store }: { readonly store: WorkedStore }) {
  const { sheet, work, records } = store
  const { opening, job } = sheet
  const { door, specify, order } = work
  const request = useMemo(
    () =>
      sizeRequest({
        takes: door.takes,
        settles: door.specify.settles,
        specified: specify.value,
        site: order.value.request.site,
        wishes: records.wishes,
        floor: order.value.request.floor,
      }),
    [door, specify, order, records.wishes],
  )
  const cells = useMemo(() => {
    const shown = (length: Length) => formatWithUnit(length, WORK_STEPS[job.unit]).replace('≈ ', '')
    const said = Object.fromEntries((request?.lengths ?? []).map(([name, value]) => [name, shown(value)]))
    return {
      ...said,
      'hinge tops': (request?.hingeTops ?? []).map(shown).join('; '),
      name: `Made to size for ${opening.tag}`,
      stock: 'no',
      ...(request?.lockFunction ? { function: request.lockFunction } : {}),
      ...(request?.hinges ? { hinges: request.hinges } : {}),
      ...(request?.swing ? { swing: request.swing } : {}),
    }
  }, [request, job.unit, opening.tag])
  if (!request) return null
  return (
    <Disclosure title="Ask a maker for one made to size">
      <div style={{ display: 'grid', gap: 12 }}>
        <Quiet>
          Send this to a maker. What it answers is entered below, and is judged and ordered like any other unit.
        </Quiet>
        <CopyText title="The request as text" text={requestText(opening.tag, opening.name, request, job.step)} />
        <UnitForm
          title="Enter what the maker answers"
          kind={request.kind}
          unit={job.unit}
          first={cells}
          onTaken={() => void store.refreshUnits('always')}
        />
      </div>
    </Disclosure>
  )
}
