'use client'
import { styled } from 'styled-components'
import { v7 as uuidV7 } from 'uuid'
import type { AcknowledgedLine } from '@/core/exchange/acknowledgement'
import type { DisplayStep } from '@/core/units/format-length'
import type { ReadAnswer } from '@/server/load-order'
import { memberName } from '@/words/members'
import { NOT_UNDERSTOOD_WORDS } from '@/words/order'
import { Button, Quiet } from '../parts/controls'
import { Disclosure } from '../parts/Disclosure'
import { MemberValue } from '../parts/MemberValue'
import type { OrderStore } from '../store/use-order'

const Box = styled.section`
  background: var(--sheet); border-top: 2px solid var(--ink); padding: 14px 18px; display: grid; gap: 10px;
  h2 { font-size: 1.25rem; }
  table { border-collapse: collapse; width: 100%; }
  th { text-align: left; font-size: 0.9375rem; color: var(--quiet); font-weight: 600; }
  th, td { padding: 8px 10px 8px 0; border-bottom: 1px solid var(--rule); vertical-align: middle; }
  .ours, .theirs { font-size: 1.25rem; font-weight: 650; }
  .theirs { color: var(--stop); }
  .acts { display: flex; gap: 8px; flex-wrap: wrap; }
  [aria-pressed='true'] { background: var(--vial); color: #17242B; border-color: var(--ink); }
  pre { white-space: pre-wrap; overflow-wrap: anywhere; background: var(--paper); padding: 10px; max-height: 200px; overflow: auto; font-size: 0.875rem; }
  @media (max-width: 43.75em) {
    padding: 12px;
    table, tbody, tr, td { display: block; } thead { display: none; } td { border: none; padding: 2px 0; } tr { border-bottom: 1px solid var(--rule); padding: 8px 0; } td[data-label]::before { content: attr(data-label); display: block; font-size: 0.875rem; font-weight: 400; color: var(--quiet); }
  }
`

type Props = {
  readonly answer: ReadAnswer
  readonly step: DisplayStep
  readonly isLatest: boolean
} & Pick<OrderStore, 'post' | 'add' | 'stamp'>

const STATE_TITLES = {
  accepted: 'The supplier read it',
  query: 'The supplier asks',
  refused: 'The supplier refuses',
} as const

/** What a supplier sent back: what it read otherwise first, each to accept or to object to. */
export function AnswerPanel({ answer, step, isLatest, post, add, stamp }: Props) {
  const when = answer.receivedAt.slice(0, 16).replace('T', ' ')
  if (!answer.ok) return <NotUnderstood answer={answer} when={when} />
  const { acknowledgement, decisions, standing } = answer
  const differing = acknowledgement.lines.filter(one => one.differences.length > 0)
  const isDecided = standing === 'objected' || standing === 'accepted'
  const asRead = differing.length ? ' otherwise' : ' as it was sent'
  const decide: Decide = (line, path, verdict) => {
    const made = stamp()
    void add('decisions', made.id, { answerId: answer.id, decisions: [{ ...made, line, path, verdict }] })
  }
  return (
    <Box aria-label="Acknowledgement">
      <h2>
        {STATE_TITLES[acknowledgement.state]}
        {acknowledgement.state === 'accepted' && asRead}, {when}
      </h2>
      {acknowledgement.message && <p>“{acknowledgement.message}”</p>}
      {differing.length > 0 && (
        <Differing
          lines={differing}
          step={step}
          verdictOf={(line, path) => decisions.findLast(one => one.line === line && one.path === path)?.verdict}
          decide={isLatest ? decide : null}
        />
      )}
      {isLatest && standing === 'objected' && (
        <div>
          <Button onPress={() => void post('objection', { id: objectionId(answer.id), answerId: answer.id })}>
            Send the objection
          </Button>
        </div>
      )}
      {isLatest && differing.length > 0 && !isDecided && (
        <Quiet>Nothing is ordered otherwise until each is decided.</Quiet>
      )}
      <Same lines={acknowledgement.lines} />
    </Box>
  )
}

function NotUnderstood({
  answer,
  when,
}: {
  readonly answer: ReadAnswer & { readonly ok: false }
  readonly when: string
}) {
  const facts = Object.values(answer.facts).filter(Boolean)
  return (
    <Box aria-label="Not understood">
      <h2>Not understood, {when}</h2>
      <p>
        {NOT_UNDERSTOOD_WORDS[answer.code]}
        {facts.length > 0 && ` It says: ${facts.join(', ')}.`}
      </p>
      <pre>{answer.text}</pre>
    </Box>
  )
}

type Verdict = 'accepted' | 'objected'
type Decide = (line: number, path: string, verdict: Verdict) => void
type DifferingProps = {
  readonly lines: readonly AcknowledgedLine[]
  readonly step: DisplayStep
  readonly verdictOf: (line: number, path: string) => Verdict | undefined
  /** `null` where only the latest answer can be decided on. */
  readonly decide: Decide | null
}

/** What was read otherwise, row by row. */
function Differing({ lines, step, verdictOf, decide }: DifferingProps) {
  return (
    <table>
      <thead>
        <tr>
          <th>Tag</th>
          <th>What</th>
          <th>We ordered</th>
          <th>They read</th>
          <th>Decide</th>
        </tr>
      </thead>
      <tbody>
        {lines.flatMap(line =>
          line.differences.map(one => (
            <tr key={`${line.line}${one.path}`} data-difference={one.path}>
              <td>{line.tag}</td>
              <td>{memberName(one.path)}</td>
              <td className="ours" data-label="We ordered">
                <MemberValue path={one.path} value={one.first} step={step} />
              </td>
              <td className="theirs" data-label="They read">
                <MemberValue path={one.path} value={one.second} step={step} />
              </td>
              <td>
                <Acts
                  name={`${memberName(one.path)}, ${line.tag}`}
                  verdict={verdictOf(line.line, one.path)}
                  decide={decide && (verdict => decide(line.line, one.path, verdict))}
                />
              </td>
            </tr>
          )),
        )}
      </tbody>
    </table>
  )
}

type ActsProps = {
  readonly name: string
  readonly verdict: Verdict | undefined
  readonly decide: ((verdict: Verdict) => void) | null
}

const Acts = ({ name, verdict, decide }: ActsProps) => (
  <span className="acts">
    <Button
      $plain
      aria-pressed={verdict === 'objected'}
      aria-label={`Object to ${name}`}
      isDisabled={!decide}
      onPress={() => decide?.('objected')}
    >
      Object
    </Button>
    <Button
      $plain
      aria-pressed={verdict === 'accepted'}
      aria-label={`Accept ${name}`}
      isDisabled={!decide}
      onPress={() => decide?.('accepted')}
    >
      Accept
    </Button>
  </span>
)

const kept = new Map<string, string>()
/** One objection for one answer, however often the button is pressed. */
function objectionId(answerId: string): string {
  const id = kept.get(answerId) ?? uuidV7()
  kept.set(answerId, id)
  return id
}

/** What was read as it was sent, below what was not. */
function Same({ lines }: { readonly lines: readonly AcknowledgedLine[] }) {
  const count = lines.reduce((sum, one) => sum + one.same.length, 0)
  if (count === 0) return null
  return (
    <Disclosure title={`Read as sent: ${count} figures and words`}>
      {lines.map(one => (
        <p key={one.line}>
          {one.tag}: {one.same.map(memberName).join(', ')}
        </p>
      ))}
    </Disclosure>
  )
}
