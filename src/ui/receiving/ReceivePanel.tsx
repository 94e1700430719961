'use client'
import { useState } from 'react'
import { styled } from 'styled-components'
import type { OwnLengths } from '@/core/base/trade-lengths'
import { type Found, judgeReceipt, type ReceivingOpening } from '@/core/order/judge-receipt'
import type { OrderLine } from '@/core/order/order'
import { isAccepted, RECEIPT_STATES, type ReceiptState } from '@/core/order/receipt-values'
import type { Photo } from '@/core/survey/photo'
import { isOfDelivery } from '@/core/survey/photo-place'
import type { OrderView } from '@/server/load-order'
import { lengthsWith } from '@/trade/lengths'
import { claimWords } from '@/words/claims'
import { RECEIPT_STATE_NAMES } from '@/words/order'
import { receiptWords } from '@/words/receipt'
import { Button, ButtonLink, Choice, Quiet } from '../parts/controls'
import { KeptMark } from '../parts/KeptMark'
import { Labelled } from '../parts/Labelled'
import { PhotoGrid, PhotoTaker } from '../parts/PhotoTaker'
import { SeverityMark } from '../parts/SeverityMark'
import { keepLooked } from '../store/drafts'
import type { OrderStore } from '../store/use-order'
import { useReader } from '../store/use-reader'
import { useWaitingPhotos } from '../store/use-waiting-photos'
import { Looked } from './Looked'
import { useLooked } from './use-looked'

const FoundList = styled.ul`
  li { display: grid; grid-template-columns: 24px 1fr; gap: 4px; padding: 6px 0; border-top: 1px solid var(--rule); }
  .why { grid-column: 2; font-size: 0.9375rem; color: var(--quiet); }
`

type Props = {
  readonly view: OrderView
  readonly index: number
  readonly add: OrderStore['add']
  readonly post: OrderStore['post']
  readonly stamp: OrderStore['stamp']
  /** Looks again, after something was stored beside. */
  readonly reload: () => void
}

/** Where a delivered unit stands, and looking at it before the old door is touched. */
export function ReceivePanel({ view, index, add, post, stamp, reload }: Props) {
  const line = view.order.lines[index]!
  const [isOpen, setOpen] = useState(false)
  const last = view.receipts.findLast(one => one.line === index + 1)
  return (
    <>
      {view.standing !== 'withdrawn' && !(last && isAccepted(last.state)) && (
        <p className="banner" role="status">
          Do not remove the old door until this unit is accepted.
        </p>
      )}
      <div className="wide" style={{ display: 'flex', flexWrap: 'wrap', gap: 10, alignItems: 'center' }}>
        {last && (
          <span data-receipt={last.state}>
            <strong>{RECEIPT_STATE_NAMES[last.state]}</strong> {last.at.slice(0, 10)} by {last.by}
            {last.note ? `: ${last.note}` : ''}
            <KeptMark id={last.id} />
          </span>
        )}
        {last && last.state !== 'accepted' && (
          <ButtonLink href={`/api/orders/${view.order.id}/claim.pdf?line=${index + 1}`} target="_blank">
            Claim note {line.opening.tag}, PDF
          </ButtonLink>
        )}
        <ClaimLine view={view} line={index + 1} post={post} />
        <Button $plain onPress={() => setOpen(!isOpen)} aria-expanded={isOpen}>
          {isOpen ? 'Close' : last ? `Look at ${line.opening.tag} again` : `Receive ${line.opening.tag}`}
        </Button>
      </div>
      {isOpen && (
        <div className="wide">
          <ReceiveForm
            line={line}
            view={view}
            own={view.ownLengths[index]!}
            opening={view.openings[index] ?? null}
            place={`${view.memberName}/${view.order.id}/${index + 1}`}
            photos={view.photos[index] ?? []}
            by={() => stamp().by}
            onPhoto={reload}
            onSend={async (found, state, note) => {
              const made = stamp()
              const added = await add('receipts', made.id, {
                ...found,
                ...made,
                orderId: view.order.id,
                line: index + 1,
                state,
                note,
              })
              if (added === 'refused') return
              keepLooked(`${view.memberName}/${view.order.id}/${index + 1}`, null)
              setOpen(false)
            }}
          />
        </div>
      )}
    </>
  )
}

type ClaimProps = Pick<Props, 'view' | 'post'> & { readonly line: number }

/** What is claimed on a line, how far it has come, and the way to send it. */
function ClaimLine({ view, line, post }: ClaimProps) {
  const claim = view.claims.find(one => one.line === line)
  const [isBusy, setBusy] = useState(false)
  if (!claim) return null
  const send = async () => {
    setBusy(true)
    await post('claim', { line })
    setBusy(false)
  }
  return (
    <>
      <p data-claim={claim.standing} role="status">
        {claimWords(claim)}
      </p>
      {claim.standing === 'not-sent' && (
        <Button isDisabled={isBusy} onPress={send}>
          Send the claim to {view.order.maker || 'the supplier'}
        </Button>
      )}
    </>
  )
}

type FormProps = {
  readonly line: OrderLine
  readonly view: OrderView
  /** The lengths its opening is judged by that are not as shipped. */
  readonly own: OwnLengths
  readonly opening: ReceivingOpening | null
  /** Where what was looked at so far is kept. */
  readonly place: string
  readonly photos: readonly Photo[]
  readonly by: () => string
  readonly onPhoto: () => void
  readonly onSend: (found: Found, state: ReceiptState, note: string) => Promise<void>
}

function ReceiveForm({ line, view, own, opening, place, photos, by, onPhoto, onSend }: FormProps) {
  const { unit, step } = view.job
  const looked = useLooked(unit, place)
  const lengths = lengthsWith(own)
  const judged = judgeReceipt(line, looked.found, lengths, opening)
  const waiting = useWaitingPhotos(line.opening.id, onPhoto).filter(isOfDelivery)
  const [reader, setReader] = useReader(view.memberName)
  return (
    <div style={{ display: 'grid', gap: 16 }}>
      <Labelled label="Looked at by">
        <select value={reader} onChange={event => setReader(event.target.value)}>
          {view.members.map(name => (
            <option key={name}>{name}</option>
          ))}
        </select>
      </Labelled>
      <Looked
        line={line}
        unit={unit}
        step={step}
        tolerance={line.tolerance ?? lengths['receipt-accepts'].value}
        looked={looked}
      />
      <FoundList aria-label="What was found">
        {judged.findings.map(one => {
          const { title, why } = receiptWords(one, step)
          return (
            <li key={`${one.code}${one.place}`} data-found={one.code}>
              <SeverityMark severity={one.severity} />
              <strong>{title}</strong>
              <span className="why">{why}</span>
            </li>
          )
        })}
      </FoundList>
      <div>
        <Quiet>Photos of what is wrong go with the claim note.</Quiet>
        <PhotoGrid photos={[...photos, ...waiting]} captionOf={one => one.takenAt.slice(0, 10)} />
        <PhotoTaker openingId={line.opening.id} place="delivery" by={by} />
      </div>
      <Decide proposed={judged.state} onSend={(state, note) => onSend(looked.found, state, note)} />
    </div>
  )
}

type DecideProps = {
  /** What the findings come to. */
  readonly proposed: ReceiptState
  readonly onSend: (state: ReceiptState, note: string) => Promise<void>
}

/** What becomes of the unit: as what was found says, or otherwise with a reason. */
function Decide({ proposed, onSend }: DecideProps) {
  const [note, setNote] = useState('')
  const [state, setState] = useState<ReceiptState | null>(null)
  const decided = state ?? proposed
  const wants = needsNote(decided, proposed)
  return (
    <>
      <Choice
        label="What becomes of it"
        value={decided}
        options={RECEIPT_STATES.map(one => [one, RECEIPT_STATE_NAMES[one]])}
        onChange={setState}
      />
      <Labelled label={wants ? 'Why (needed)' : 'Note'}>
        <textarea value={note} maxLength={500} onChange={event => setNote(event.target.value)} />
      </Labelled>
      {wants && !note.trim() && (
        <Quiet>What was found says “{RECEIPT_STATE_NAMES[proposed]}”. Say why it is taken otherwise.</Quiet>
      )}
      <div>
        <Button isDisabled={wants && !note.trim()} onPress={() => void onSend(decided, note.trim())}>
          {RECEIPT_STATE_NAMES[decided]}: store it
        </Button>
      </div>
    </>
  )
}

/** To take a unit that what was found speaks against wants a reason. */
const needsNote = (decided: ReceiptState, proposed: ReceiptState): boolean =>
  RECEIPT_STATES.indexOf(decided) < RECEIPT_STATES.indexOf(proposed)
