'use client'
import { useId, useMemo, useState } from 'react'
import { styled } from 'styled-components'
import { v7 as uuidV7 } from 'uuid'
import { hasPart } from '@/core/base/kinds'
import type { TradeLengths } from '@/core/base/trade-lengths'
import { said } from '@/core/catalogue/unit'
import { type Found, judgeReceipt } from '@/core/order/judge-receipt'
import type { OrderLine } from '@/core/order/order'
import {
  CHECK_ANSWERS,
  CHECKS,
  canMeasure,
  isAccepted,
  PART_COUNTS,
  RECEIPT_STATES,
  type ReceiptState,
  UNIT_READINGS,
  type UnitReading,
} from '@/core/order/receipt-values'
import type { Photo } from '@/core/survey/photo'
import type { Length } from '@/core/units/length'
import { parseLength } from '@/core/units/parse-length'
import type { OrderView } from '@/server/load-order'
import { issueWords } from '@/words/issues'
import { CHECK_NAMES, PART_NAMES, RECEIPT_STATE_NAMES, UNIT_READING_NAMES } from '@/words/order'
import { receiptWords } from '@/words/receipt'
import { Button, ButtonLink, Choice, Quiet } from '../parts/controls'
import { Labelled } from '../parts/Labelled'
import { PhotoGrid, PhotoTaker } from '../parts/PhotoTaker'
import { SeverityMark } from '../parts/SeverityMark'
import type { OrderStore } from '../store/use-order'

const Grid = styled.div`
  display: grid; grid-template-columns: repeat(auto-fill, minmax(168px, 1fr)); gap: 10px; align-items: start;
  .wrong { color: var(--stop); font-size: 14px; }
`
const Found_ = styled.ul`
  li { display: grid; grid-template-columns: 24px 1fr; gap: 4px; padding: 6px 0; border-top: 1px solid var(--rule); }
  .why { grid-column: 2; font-size: 15px; color: var(--quiet); }
`
const NAMES = { left: 'Left', right: 'Right', in: 'In', out: 'Out' } as const

type Props = {
  readonly view: OrderView
  readonly index: number
  readonly add: OrderStore['add']
  /** Looks again, after something was stored beside. */
  readonly reload: () => void
}

/** Where a delivered unit stands, and looking at it before the old door is touched. */
export function ReceivePanel({ view, index, add, reload }: Props) {
  const line = view.order.lines[index]!
  const [isOpen, setOpen] = useState(false)
  const by = () => localStorage.getItem('harvek-reader') ?? view.memberName
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
          </span>
        )}
        {last && last.state !== 'accepted' && (
          <ButtonLink href={`/api/orders/${view.order.id}/claim.pdf?line=${index + 1}`} target="_blank">
            Claim note {line.opening.tag}, PDF
          </ButtonLink>
        )}
        <Button $plain onPress={() => setOpen(!isOpen)} aria-expanded={isOpen}>
          {isOpen ? 'Close' : last ? `Look at ${line.opening.tag} again` : `Receive ${line.opening.tag}`}
        </Button>
      </div>
      {isOpen && (
        <div className="wide">
          <ReceiveForm
            line={line}
            view={view}
            lengths={view.lengths[index]!}
            photos={view.photos[index] ?? []}
            by={by}
            onPhoto={reload}
            onSend={async (found, state, note) => {
              const id = uuidV7()
              const stored = await add('receipts', id, {
                ...found,
                id,
                orderId: view.order.id,
                line: index + 1,
                state,
                note,
                by: by(),
                at: new Date().toISOString(),
              })
              if (stored) setOpen(false)
            }}
          />
        </div>
      )}
    </>
  )
}

type FormProps = {
  readonly line: OrderLine
  readonly view: OrderView
  readonly lengths: TradeLengths
  readonly photos: readonly Photo[]
  readonly by: () => string
  readonly onPhoto: () => void
  readonly onSend: (found: Found, state: ReceiptState, note: string) => Promise<void>
}

/** Which readings a line is looked at by: what its sheet names, legs only of a frame, mortises only where a leaf hangs in it. */
function asked(line: OrderLine): readonly UnitReading[] {
  return UNIT_READINGS.filter(name => {
    if (name === 'jamb') return said(line.unit, 'jamb') !== null
    if (name === 'thickness') return said(line.unit, 'leafThickness') !== null
    if (/^(mortise|plate|leaf\.gap)/.test(name)) return hasPart(line.unit.kind, 'hung')
    if (/^(bow|head)/.test(name)) return hasPart(line.unit.kind, 'framed')
    return hasPart(line.unit.kind, 'locking') ? /^(width|height)/.test(name) : true
  })
}

function ReceiveForm({ line, view, lengths, photos, by, onPhoto, onSend }: FormProps) {
  const { unit, step } = view.job
  const [drafts, setDrafts] = useState<{ readonly [name: string]: string }>({})
  const [hinges, setHinges] = useState<Found['hinges']>(null)
  const [swing, setSwing] = useState<Found['swing']>(null)
  const [checks, setChecks] = useState<Found['checks']>({})
  const [counts, setCounts] = useState<Found['counts']>({})
  const [note, setNote] = useState('')
  const [state, setState] = useState<ReceiptState | null>(null)
  const { readings, wrong } = useMemo(() => readingsOf(drafts, unit), [drafts, unit])
  const found: Found = { readings, hinges, swing, checks, counts }
  const judged = judgeReceipt(line, found, lengths)
  const decided = state ?? judged.state
  const asks = PART_COUNTS.filter(part => part === 'keys' || (line.spares[part] ?? 0) > 0)
  return (
    <div style={{ display: 'grid', gap: 16 }}>
      <Grid>
        {asked(line).map(name => (
          <ReadingField
            key={name}
            name={name}
            value={drafts[name] ?? ''}
            wrong={wrong.get(name) ?? null}
            onChange={value => setDrafts({ ...drafts, [name]: value })}
          />
        ))}
      </Grid>
      <Grid>
        {line.hinges && (
          <Choice
            label="Hinges, seen from outside"
            value={hinges}
            options={(['left', 'right'] as const).map(one => [one, NAMES[one]])}
            onChange={setHinges}
          />
        )}
        {line.swing && (
          <Choice
            label="It swings"
            value={swing}
            options={(['in', 'out'] as const).map(one => [one, NAMES[one]])}
            onChange={setSwing}
          />
        )}
        {CHECKS.map(check => (
          <Labelled key={check} label={CHECK_NAMES[check]}>
            <select
              value={checks[check] ?? ''}
              onChange={event => {
                const answer = CHECK_ANSWERS.find(one => one === event.target.value)
                const { [check]: _, ...others } = checks
                setChecks(answer ? { ...others, [check]: answer } : others)
              }}
            >
              <option value="">not looked at</option>
              <option value="right">right</option>
              <option value="wrong">wrong</option>
              <option value="none">it has none</option>
            </select>
          </Labelled>
        ))}
        {asks.map(part => (
          <Labelled key={part} label={`Counted: ${PART_NAMES[part]}`}>
            <input
              inputMode="numeric"
              value={counts[part] ?? ''}
              onChange={event => {
                const { [part]: _, ...others } = counts
                const typed = event.target.value
                setCounts(/^\d{1,3}$/.test(typed) ? { ...others, [part]: Number(typed) } : others)
              }}
            />
          </Labelled>
        ))}
      </Grid>
      <Found_ aria-label="What was found">
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
      </Found_>
      <div>
        <Quiet>Photos of what is wrong go with the claim note.</Quiet>
        <PhotoGrid photos={photos} captionOf={one => one.takenAt.slice(0, 10)} />
        <PhotoTaker openingId={line.opening.id} place="delivery" by={by} onTaken={onPhoto} />
      </div>
      <Choice
        label="What becomes of it"
        value={decided}
        options={RECEIPT_STATES.map(one => [one, RECEIPT_STATE_NAMES[one]])}
        onChange={setState}
      />
      <Labelled label={needsNote(decided, judged.state) ? 'Why (needed)' : 'Note'}>
        <textarea value={note} maxLength={500} onChange={event => setNote(event.target.value)} />
      </Labelled>
      {needsNote(decided, judged.state) && !note.trim() && (
        <Quiet>What was found says “{RECEIPT_STATE_NAMES[judged.state]}”. Say why it is taken otherwise.</Quiet>
      )}
      <div>
        <Button
          isDisabled={wrong.size > 0 || (needsNote(decided, judged.state) && !note.trim())}
          onPress={() => void onSend(found, decided, note.trim())}
        >
          {RECEIPT_STATE_NAMES[decided]}: store it
        </Button>
      </div>
    </div>
  )
}

type FieldProps = {
  readonly name: UnitReading
  readonly value: string
  readonly wrong: string | null
  readonly onChange: (value: string) => void
}

/** One reading of the unit, and under it why it can't be taken. */
function ReadingField({ name, value, wrong, onChange }: FieldProps) {
  const id = useId()
  return (
    <div>
      <Labelled label={UNIT_READING_NAMES[name]}>
        <input
          value={value}
          autoComplete="off"
          inputMode="text"
          aria-invalid={wrong !== null}
          aria-describedby={wrong === null ? undefined : id}
          onChange={event => onChange(event.target.value)}
        />
      </Labelled>
      {wrong !== null && (
        <span className="wrong" id={id}>
          {wrong}
        </span>
      )}
    </div>
  )
}

/** To take a unit that what was found speaks against wants a reason. */
const needsNote = (decided: ReceiptState, proposed: ReceiptState): boolean =>
  RECEIPT_STATES.indexOf(decided) < RECEIPT_STATES.indexOf(proposed)

function readingsOf(drafts: { readonly [name: string]: string }, unit: 'in' | 'mm') {
  const readings: { [name in UnitReading]?: Length } = {}
  const wrong = new Map<string, string>()
  for (const name of UNIT_READINGS) {
    const typed = drafts[name]?.trim()
    if (!typed) continue
    const parsed = parseLength(typed, { unit })
    if (parsed.ok && canMeasure(name, parsed.value.ticks)) readings[name] = parsed.value.ticks
    else if (parsed.ok) wrong.set(name, issueWords({ code: 'length.below-zero', facts: { typed } }))
    else wrong.set(name, issueWords(parsed.issues[0]!))
  }
  return { readings, wrong }
}
