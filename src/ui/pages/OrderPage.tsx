'use client'
import { useState } from 'react'
import { styled } from 'styled-components'
import { v7 as uuidV7 } from 'uuid'
import { handPlan } from '@/core/drawing/hand-plan'
import { dateAfter } from '@/core/units/date-after'
import type { OrderView } from '@/server/load-order'
import { handWords } from '@/words/order'
import { STANDING_WORDS } from '@/words/standing'
import { AuditPanel } from '../parts/AuditPanel'
import { CopyText } from '../parts/CopyText'
import { Button, ButtonLink, Quiet } from '../parts/controls'
import { Disclosure } from '../parts/Disclosure'
import { Figure } from '../parts/Figure'
import { Labelled } from '../parts/Labelled'
import { Link } from '../parts/Link'
import { Money } from '../parts/Money'
import { Locked, Only } from '../parts/Rights'
import { SeverityMark } from '../parts/SeverityMark'
import { StillScene } from '../parts/StillScene'
import { ReceivePanel } from '../receiving/ReceivePanel'
import { useOrder } from '../store/use-order'
import { AnswerPanel } from './AnswerPanel'
import { Changes } from './OrderChanges'
import { Page } from './Today'

const Standing = styled.section`
  display: grid; grid-template-columns: 28px 1fr auto; gap: 2px 10px; align-items: center; background: var(--sheet); border-top: 2px solid var(--ink); padding: 12px 18px;
  h2 { font-size: 1.375rem; }
  p { grid-column: 2 / -1; }
  .track { grid-column: 2 / -1; color: var(--quiet); font-size: 0.9375rem; }
`
const Line = styled.section`
  background: var(--sheet); border-top: 2px solid var(--ink); padding: 14px 18px 18px; display: grid; grid-template-columns: minmax(0, 1fr) 300px; gap: 12px 24px;
  h2 { grid-column: 1 / -1; font-size: 1.25rem; }
  .hand { font-size: 1.25rem; font-weight: 650; line-height: 1.3; }
  .size { font-size: 1.75rem; font-weight: 650; }
  .plan { height: 210px; display: grid; }
  .wide { grid-column: 1 / -1; }
  .banner { grid-column: 1 / -1; border: 2px solid var(--stop); color: var(--stop); font-weight: 650; padding: 8px 12px; }
  @media (max-width: 43.75em) { grid-template-columns: minmax(0, 1fr); padding: 12px; }
`
const Links = styled.div`display: flex; flex-wrap: wrap; gap: 8px;`
const MESSAGE_NAMES = {
  order: 'Order',
  objection: 'Objection',
  withdrawal: 'Withdrawal',
  claim: 'Claim',
  mail: 'Mail',
} as const

/** One order: where it stands, what the supplier read, and what came. */
export function OrderPage({ initial }: { readonly initial: OrderView }) {
  const { view, said, reload, post, add, stamp } = useOrder(initial)
  const { order, job } = view
  const canWithdraw = !view.supersededBy && view.standing !== 'received' && view.standing !== 'withdrawn'
  return (
    <Page>
      <OrderHead view={view} />
      {said && (
        <p role="alert" style={{ color: 'var(--stop)' }}>
          {said}
        </p>
      )}
      <StandingPanel view={view} onHurry={() => void post('hurry', {})} />
      {view.answers.toReversed().map((answer, i) => (
        <Locked key={answer.id} verb="order">
          <AnswerPanel answer={answer} step={job.step} isLatest={i === 0} post={post} add={add} stamp={stamp} />
        </Locked>
      ))}
      <Changes title="What this revision changed" changes={view.changes} step={job.step} />
      <Changes
        title="Changed in the openings since it was released"
        changes={view.supersededBy ? [] : view.since}
        step={job.step}
      />
      {order.lines.map((line, i) => (
        <Line key={line.opening.id} aria-label={`Line ${i + 1}`}>
          <LineHead view={view} index={i} />
          <Locked verb="receive">
            <ReceivePanel view={view} index={i} add={add} post={post} stamp={stamp} reload={() => void reload()} />
          </Locked>
        </Line>
      ))}
      <Only verb="money">
        <Papers view={view} />
      </Only>
      {canWithdraw && (
        <Only verb="order">
          <Withdraw isHeld={isHeld(view)} onWithdraw={reason => post('withdraw', { id: uuidV7(), reason })} />
        </Only>
      )}
      <Revisions view={view} />
      <AuditPanel of={`order=${order.id}`} step={job.step} />
    </Page>
  )
}

type Viewed = { readonly view: OrderView }

function OrderHead({ view: { order, job, supersededBy } }: Viewed) {
  return (
    <>
      <div style={{ display: 'flex', flexWrap: 'wrap', gap: '4px 18px', alignItems: 'baseline' }}>
        <h1>
          Order {order.number}
          {order.revision > 1 ? `, revision ${order.revision}` : ''}
        </h1>
        <span style={{ color: 'var(--quiet)' }}>
          to {order.maker || 'the supplier'} · <Link href={`/jobs/${job.id}`}>{job.name}</Link> · released{' '}
          {order.releasedAt.slice(0, 10)} by {order.releasedBy}
        </span>
      </div>
      {supersededBy && (
        <p role="status">
          This revision was superseded. <Link href={`/orders/${supersededBy}`}>Go to the one that holds.</Link>
        </p>
      )}
    </>
  )
}

function Papers({ view: { order } }: Viewed) {
  return (
    <>
      <Links>
        <ButtonLink href={`/api/orders/${order.id}/sheet.pdf`} target="_blank">
          Order sheet, PDF
        </ButtonLink>
        <ButtonLink href={`/api/orders/${order.id}/own.pdf`} target="_blank">
          Our own sheet, PDF
        </ButtonLink>
        <ButtonLink href={`/api/orders/${order.id}/lines.csv`}>Lines, CSV</ButtonLink>
        <ButtonLink href={`/api/orders/${order.id}/order.json`}>Order, JSON</ButtonLink>
        <ButtonLink href={`/openings/${order.lines[0]!.opening.id}/order`}>Change it: next revision</ButtonLink>
      </Links>
      <CopyText
        title="The order as text, for a letter"
        text={async () => {
          const answer = await fetch(`/api/orders/${order.id}/order.txt`).catch(() => null)
          return answer?.ok ? answer.text() : null
        }}
      />
    </>
  )
}

function Revisions({ view: { order, revisions } }: Viewed) {
  if (revisions.length < 2) return null
  return (
    <p>
      Revisions:{' '}
      {revisions.map((one, i) => (
        <span key={one.id}>
          {i > 0 && ', '}
          {one.id === order.id ? (
            <strong>{one.revision}</strong>
          ) : (
            <Link href={`/orders/${one.id}`}>{one.revision}</Link>
          )}{' '}
          of {one.releasedAt.slice(0, 10)}
        </span>
      ))}
    </p>
  )
}

/** Takes the whole order back, with the reason. */
/** Whether an order still waits here for its first minute: then nobody was told of it. */
const isHeld = ({ outgoing }: OrderView): boolean =>
  outgoing.some(one => one.kind === 'order' && one.state === 'waiting' && one.attempts === 0 && one.dueAt > Date.now())

type WithdrawProps = {
  readonly isHeld: boolean
  readonly onWithdraw: (reason: string) => Promise<boolean>
}

function Withdraw({ isHeld, onWithdraw }: WithdrawProps) {
  const [reason, setReason] = useState('')
  return (
    <Disclosure title={isHeld ? 'Call it back' : 'Withdraw this order'}>
      <div style={{ display: 'grid', gap: 10, maxWidth: 560 }}>
        <Labelled label="Why it is withdrawn">
          <input value={reason} maxLength={500} onChange={event => setReason(event.target.value)} />
        </Labelled>
        <div>
          <Button $plain isDisabled={!reason.trim()} onPress={() => void onWithdraw(reason.trim())}>
            {isHeld ? 'Call it back: nobody was told yet' : 'Withdraw it and tell the supplier'}
          </Button>
        </div>
      </div>
    </Disclosure>
  )
}

function StandingPanel({ view, onHurry }: { readonly view: OrderView; readonly onHurry: () => void }) {
  const [name, severity, next] = STANDING_WORDS[view.standing]
  const last = view.outgoing.at(-1)
  const isOpen = last !== undefined && last.state !== 'answered'
  return (
    <Standing aria-label="Where it stands" data-standing={view.standing}>
      <SeverityMark severity={severity} />
      <h2>
        <span role="status">{name}</span>
      </h2>
      {isOpen && (
        <Only verb="order">
          <Button $plain onPress={onHurry}>
            Try now
          </Button>
        </Only>
      )}
      <p>{view.order.withdrawn ? `${next} Why: ${view.order.withdrawn.reason}.` : next}</p>
      {last && (
        <p className="track">
          {MESSAGE_NAMES[last.kind]}{' '}
          {last.sentAt
            ? `sent ${last.sentAt.slice(0, 16).replace('T', ' ')}`
            : isHeld(view)
              ? 'goes out within a minute; until then it can be called back below'
              : 'not sent yet'}
          {last.attempts > 0 && last.state !== 'answered'
            ? `; ${last.attempts} ${last.attempts === 1 ? 'try' : 'tries'}, the next one follows by itself`
            : ''}
          {last.trouble ? `. ${last.trouble}` : ''}
        </p>
      )}
    </Standing>
  )
}

function LineHead({ view, index }: { readonly view: OrderView; readonly index: number }) {
  const line = view.order.lines[index]!
  const { step } = view.job
  const { unit } = line
  const plan = handPlan(line)
  return (
    <>
      <h2>
        {line.opening.tag} {line.opening.name}
      </h2>
      <div style={{ display: 'grid', gap: 6, alignContent: 'start' }}>
        {handWords(line) && <p className="hand">{handWords(line)}</p>}
        <p className="size">
          <Figure value={unit.width} step={step} /> × <Figure value={unit.height} step={step} unit />
        </p>
        <p>
          {unit.maker} {unit.article}, {unit.name}
        </p>
        <Quiet>
          <Money cents={line.cents.unit} />, {unit.leadDays} days{expectedOn(view, unit.leadDays)}
          {line.code ? ` · hand by code ${line.code.hand}${line.code.isKnown ? '' : ', convention not known'}` : ''}
        </Quiet>
      </div>
      {plan ? (
        <div className="plan">
          <StillScene scene={plan} step={step} title={`Plan of ${line.opening.tag}, outside below`} />
        </div>
      ) : (
        <span />
      )}
    </>
  )
}

/** On which day it is to come, counted from its release. */
function expectedOn({ order }: OrderView, days: number): string {
  const day = dateAfter(order.releasedAt.slice(0, 10), 0, days)
  return day.ok ? `: expected ${day.value}` : ''
}
