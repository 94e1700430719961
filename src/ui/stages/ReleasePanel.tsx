'use client'
import { useEffect, useState } from 'react'
import { styled } from 'styled-components'
import { v7 as uuidV7 } from 'uuid'
import type { Finding } from '@/core/base/finding'
import { mayRelease, type OrderCode } from '@/core/order/check-order'
import type { Order, OrderLine } from '@/core/order/order'
import { standingOrders } from '@/core/order/revision'
import { changesOf } from '@/core/order/same-line'
import type { ReadyLine } from '@/server/ready-lines'
import { memberName } from '@/words/members'
import { handWords, notIncluded } from '@/words/order'
import { Button, ButtonLink, Facts, Quiet } from '../parts/controls'
import { Figure } from '../parts/Figure'
import { Link } from '../parts/Link'
import { Locked, Only } from '../parts/Rights'
import { Tick } from '../parts/Tick'
import { send } from '../store/send'
import type { WorkedStore } from '../store/worked'

const Together = styled.fieldset`
  border: none; padding: 0; margin: 0; display: grid;
  legend { font-size: 0.9375rem; color: var(--quiet); padding: 0; }
`
type Props = { readonly store: WorkedStore; readonly order: readonly Finding<OrderCode>[] }

/** Releases once, alone or with other openings of the job. What was released is frozen: a change makes the next revision. */
export function ReleasePanel({ store, order }: Props) {
  const { line } = store.work.order.value
  const { opening } = store.sheet
  const holds = (line: OrderLine) => line.opening.id === opening.id
  const orders = standingOrders(store.sheet.orders).filter(one => one.lines.some(holds))
  const [busy, setBusy] = useState(false)
  const [together, setTogether] = useState<readonly string[]>([])
  const last = orders.at(-1)
  const released = last?.lines.find(one => holds(one))
  const changes = released && line ? changesOf(released, line) : []
  const beside = useBeside(store, last === undefined)
  const canRelease = line !== null && mayRelease(order) && !busy
  const release = async () => {
    setBusy(true)
    const others = last ? last.lines.map(one => one.opening.id) : together
    await store.release({
      id: uuidV7(),
      openings: [opening.id, ...others.filter(one => one !== opening.id)],
      supersedes: last?.id ?? null,
    })
    setBusy(false)
  }
  const isSame = released !== undefined && line !== null && changes.length === 0
  const isClosed = store.work.fit.value.delivery === 'accepted'
  return (
    <>
      {orders.map(one => (
        <Released key={one.id} order={one} />
      ))}
      {isClosed && <p>Delivered and accepted: this order is closed.</p>}
      {isSame && !isClosed && <p>Released as it stands.</p>}
      {!isClosed && changes.length > 0 && (
        <Quiet>
          Changed since: {[...new Set(changes.map(one => memberName(one.path)))].join(', ')}. What was released stays as
          it is; a change goes out as the next revision.
        </Quiet>
      )}
      {!last && beside.length > 0 && <BesideChoice beside={beside} together={together} onChange={setTogether} />}
      {line && !isSame && !isClosed && (
        <Only verb="money">
          <ButtonLink href={`/api/openings/${opening.id}/order.pdf`} target="_blank">
            Order sheet, not released
          </ButtonLink>
        </Only>
      )}
      {line && !isSame && !isClosed && <LastLook line={line} store={store} />}
      {!isSame && !isClosed && (
        <Locked verb="order">
          <Button isDisabled={!canRelease} onPress={release}>
            {last ? `Release revision ${last.revision + 1}` : 'Release the order'}
          </Button>
        </Locked>
      )}
    </>
  )
}

const Released = ({ order: { id, number, revision, releasedAt, releasedBy } }: { readonly order: Order }) => (
  <p>
    Order <Link href={`/orders/${id}`}>{number}</Link>
    {revision > 1 ? `, revision ${revision},` : ''} released {releasedAt.slice(0, 10)} by {releasedBy}:{' '}
    <a href={`/api/orders/${id}/sheet.pdf`} target="_blank" rel="noreferrer">
      order sheet {number}
    </a>
  </p>
)

type BesideProps = {
  readonly beside: readonly ReadyLine[]
  readonly together: readonly string[]
  readonly onChange: (together: readonly string[]) => void
}

/** Which other openings go onto the same order. */
const BesideChoice = ({ beside, together, onChange }: BesideProps) => (
  <Together>
    <legend>On the same order, from the same maker</legend>
    {beside.map(one => (
      <Tick
        key={one.id}
        isOn={together.includes(one.id)}
        onChange={isOn => onChange(isOn ? [...together, one.id] : together.filter(id => id !== one.id))}
      >
        {one.tag} {one.name}: {one.article}
      </Tick>
    ))}
  </Together>
)

/** What goes to whom, before it can't be taken back. */
function LastLook({ line, store }: { readonly line: OrderLine; readonly store: WorkedStore }) {
  const { job } = store.sheet
  const { unit } = line
  return (
    <Facts aria-label="A last look">
      <dt>To</dt>
      <dd>{unit.maker}</dd>
      <dt>
        {unit.article} {unit.name}
      </dt>
      <dd>
        <Figure value={unit.width} step={job.step} /> × <Figure value={unit.height} step={job.step} unit />
      </dd>
      <dt>{handWords(line)}</dt>
      <dd />
      <dt>Delivered to</dt>
      <dd>{job.delivery || job.site || 'to be agreed'}</dd>
      <dt>{notIncluded(unit.lacks)}</dt>
      <dd />
    </Facts>
  )
}

/** Other openings of the job whose order is complete, is of the same maker, and was not released. */
function useBeside({ sheet, work }: WorkedStore, isNew: boolean): readonly ReadyLine[] {
  const [ready, setReady] = useState<readonly ReadyLine[]>([])
  const maker = work.order.value.chosen?.unit.maker
  useEffect(() => {
    if (!isNew || !maker) return
    let isHere = true
    send<{ ready: readonly ReadyLine[] }>('GET', `/api/jobs/${sheet.job.id}/ready`).then(answer => {
      if (isHere && answer.ok) setReady(answer.value.ready)
    })
    return () => {
      isHere = false
    }
  }, [isNew, maker, sheet.job.id])
  return ready.filter(one => one.id !== sheet.opening.id && one.maker === maker && !one.isReleased)
}
