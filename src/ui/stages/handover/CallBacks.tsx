'use client'
import { useEffect, useRef, useState } from 'react'
import { styled } from 'styled-components'
import { v4 as uuidV4 } from 'uuid'
import { type CallBack, callCode } from '@/core/after/call-backs'
import type { FiledMargin } from '@/core/after/causes'
import { type RankedCause, rankedCauses, type SymptomId, type SymptomOf, symptomsFor } from '@/core/after/causes'
import type { After } from '@/core/after-work'
import { cure } from '@/core/base/cures'
import type { LogEntry } from '@/core/log/log'
import { canBeRead } from '@/core/survey/readable'
import { formatRead } from '@/core/units/format-length'
import { SYMPTOMS } from '@/trade/after'
import { CAUSE_WORDS, evidenceWords, SYMPTOM_NAMES } from '@/words/after'
import { cureWords } from '@/words/cures'
import { dayWords } from '@/words/moments'
import { impossibleWords } from '@/words/readable'
import { slotName } from '@/words/walk'
import { Button, Quiet } from '../../parts/controls'
import { Disclosure } from '../../parts/Disclosure'
import { PhotoTaker } from '../../parts/PhotoTaker'
import { ReasonLine } from '../../parts/ReasonLine'
import { Locked } from '../../parts/Rights'
import { readFigure } from '../../parts/read-figure'
import { readingFrom } from '../../sheet/instrument'
import type { StageProps } from '../../sheet/stage-props'
import { useTape } from '../../sheet/use-tape'

const Box = styled.div`
  display: grid; gap: 10px; grid-template-columns: minmax(0, 1fr); overflow-wrap: anywhere;
  .call { border: 1.5px solid var(--strong-rule); border-radius: 4px; padding: 10px 12px; display: grid; grid-template-columns: minmax(0, 1fr); gap: 8px; background: var(--sheet); }
  .symptoms { display: flex; flex-wrap: wrap; gap: 6px; }
  ol.causes > li { border-top: 1px solid var(--rule); padding: 8px 0; display: grid; gap: 4px; }
  .speaks { font-size: 0.9375rem; }
  .small { font-size: 0.9375rem; color: var(--quiet); }
  .margins { display: grid; grid-template-columns: 1fr 1fr; gap: 6px 12px; }
  .margins label { display: grid; gap: 2px; font-size: 0.9375rem; }
  .margins input { min-width: 0; width: 100%; height: 44px; padding: 0 8px; font-size: 1.125rem; border: 1.5px solid var(--strong-rule); border-radius: 4px; background: var(--sheet); }
  .wrong { color: var(--stop); font-size: 0.9375rem; }
`
type Store = StageProps['store']
type Props = { readonly store: Store; readonly after: After }
type Note = (code: string, result: LogEntry['result'], text: string) => void

/** Call-backs: what is said, what it most likely is by what the file shows, what it was, what was done. */
export function CallBacks({ store, after }: Props) {
  const open = after.calls.filter(one => one.closedAt === null)
  const over = after.calls.filter(one => one.closedAt !== null)
  const note: Note = (code, result, text) => void store.addLog({ kind: 'call', code, result, value: null, text })
  return (
    <Box>
      <h2>Call-backs</h2>
      {open.length === 0 && <Quiet>None is open.</Quiet>}
      <Locked verb="measure">
        {open.map(one => (
          <OpenCall key={one.key} call={one} store={store} after={after} note={note} />
        ))}
        <NewCall holds={after.file.holds} open={open.map(one => one.symptom)} note={note} />
      </Locked>
      {over.length > 0 && (
        <ul aria-label="Over">
          {over.map(one => (
            <li key={one.key} data-call-over={one.key} className="small">
              {SYMPTOM_NAMES[one.symptom]}, {dayWords(one.openedAt.slice(0, 10))}:{' '}
              {one.found ? CAUSE_WORDS[one.found.what][0].toLowerCase() : 'nothing found'}
              {one.cured?.text ? `; ${one.cured.text}` : ''}
            </li>
          ))}
        </ul>
      )}
    </Box>
  )
}

type NewProps = {
  readonly holds: After['file']['holds']
  /** What is open already: tapped twice it is opened once. */
  readonly open: readonly SymptomId[]
  readonly note: Note
}

function NewCall({ holds, open: stands, note }: NewProps) {
  const [said, setSaid] = useState('')
  const opened = useRef<readonly SymptomId[]>([])
  const key = stands.join(' ')
  // biome-ignore lint/correctness/useExhaustiveDependencies: what stands says it all anew
  useEffect(() => {
    opened.current = stands
  }, [key])
  const open = (id: SymptomId) => {
    if (opened.current.includes(id)) return
    opened.current = [...opened.current, id]
    note(callCode(uuidV4().slice(0, 8), id), 'opened', said.trim())
    setSaid('')
  }
  return (
    <Disclosure title="The customer calls">
      <Box>
        <label>
          What they say
          <input
            style={{ width: '100%', minHeight: 44, padding: '0 8px' }}
            value={said}
            maxLength={500}
            onChange={event => setSaid(event.target.value)}
          />
        </label>
        <div className="symptoms">
          {symptomsFor(SYMPTOMS, holds)
            .filter(one => !stands.includes(one.id))
            .map(one => (
              <Button key={one.id} $plain onPress={() => open(one.id)}>
                {SYMPTOM_NAMES[one.id]}
              </Button>
            ))}
        </div>
      </Box>
    </Disclosure>
  )
}

type OpenProps = Props & { readonly call: CallBack; readonly note: Note }

function OpenCall({ call, store, after, note }: OpenProps) {
  const { key, symptom, said, openedAt, openedBy, found, cured } = call
  const of: SymptomOf | undefined = SYMPTOMS.find(one => one.id === symptom)
  const causes = of ? rankedCauses(of, after.file) : []
  return (
    <div className="call" data-call={symptom}>
      <h3>{SYMPTOM_NAMES[symptom]}</h3>
      <span className="small">
        {said && `“${said}” · `}
        {dayWords(openedAt.slice(0, 10))}, {openedBy}
      </span>
      {after.file.margins.length > 0 && !found && <MarginsNow margins={after.file.margins} store={store} />}
      {found ? (
        <p>
          Found: <strong>{CAUSE_WORDS[found.what][0]}</strong>
          {found.text && `, ${found.text}`}
        </p>
      ) : (
        <>
          <Quiet>Likeliest first, by what the file shows:</Quiet>
          <ol className="causes">
            {causes.map((one, i) => (
              <CauseItem
                key={one.id}
                one={one}
                at={i + 1}
                store={store}
                onFound={() => note(callCode(key, one.id), 'found', '')}
              />
            ))}
          </ol>
        </>
      )}
      {found && !cured && (
        <>
          <Quiet>
            {cureWords(cure(causes.find(one => one.id === found.what)?.cure ?? 'test.again'), store.sheet.job.step)}
          </Quiet>
          <ReasonLine label="What was done" act="Cured" onAct={text => note(callCode(key, 'cure'), 'cured', text)}>
            Cured
          </ReasonLine>
        </>
      )}
      {cured && (
        <>
          <p>
            Cured: {cured.text}{' '}
            <span className="small">
              {cured.by}, {dayWords(cured.at.slice(0, 10))}
            </span>
          </p>
          <Button onPress={() => note(callCode(key), 'closed', '')}>It is over</Button>
        </>
      )}
      <PhotoTaker openingId={store.sheet.opening.id} place="test.call-back" by={() => store.reader} />
    </div>
  )
}

type CauseProps = {
  readonly one: RankedCause
  readonly at: number
  readonly store: Store
  readonly onFound: () => void
}

function CauseItem({ one, at, store, onFound }: CauseProps) {
  const [name, check] = CAUSE_WORDS[one.id]
  const { step } = store.sheet.job
  return (
    <li data-cause={one.id}>
      <strong>
        {at}. {name}
      </strong>
      {one.evidence.map(it => (
        <span key={JSON.stringify(it)} className="speaks">
          ▸ {evidenceWords(it, step)}
        </span>
      ))}
      <span className="small">{check}</span>
      <Button $plain onPress={onFound} aria-label={`It is this: ${name}`}>
        It is this
      </Button>
    </li>
  )
}

/** The margins again, read at the call-back: an occasion of its own beside what stood at hand-over. */
function MarginsNow({ margins, store }: { readonly margins: readonly FiledMargin[]; readonly store: Store }) {
  const [wrong, setWrong] = useState<string | null>(null)
  const { unit, step } = store.sheet.job
  const { graduation } = useTape(unit)
  const take = ({ place }: FiledMargin, field: HTMLInputElement) => {
    const text = field.value.trim()
    if (text === '') return setWrong(null)
    const read = readFigure(text, 'length', unit)
    if ('wrong' in read) return setWrong(read.wrong)
    if (!('length' in read.value)) return
    const slot = place as Parameters<typeof canBeRead>[0]
    if (!canBeRead(slot, read.value.length)) return setWrong(impossibleWords(slot, text))
    setWrong(null)
    field.value = ''
    const { reader } = store
    void store.addReading(
      readingFrom({
        slot,
        value: read.value.length,
        text,
        graduation,
        levelLength: null,
        reader,
        occasion: 'call-back',
        from: null,
      }),
    )
  }
  return (
    <Disclosure title="Read the margins again">
      <div className="margins">
        {margins.map(one => (
          <label key={one.place}>
            {slotName(one.place as Parameters<typeof slotName>[0])}
            <input
              autoComplete="off"
              maxLength={40}
              onBlur={event => take(one, event.currentTarget)}
              onKeyDown={event => {
                if (event.key === 'Enter') take(one, event.currentTarget)
              }}
            />
            <span className="small">
              {one.atHandover === null ? 'not read at hand-over' : `${formatRead(one.atHandover, step)} at hand-over`}
              {one.now === null ? '' : `, ${formatRead(one.now, step)} now`}
            </span>
          </label>
        ))}
      </div>
      {wrong && (
        <p className="wrong" role="alert">
          {wrong}
        </p>
      )}
    </Disclosure>
  )
}
