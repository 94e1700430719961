'use client'
import { Keyboard } from 'lucide-react'
import dynamic from 'next/dynamic'
import { type RefObject, useEffect, useId, useState } from 'react'
import { Button } from 'react-aria-components/Button'
import { styled } from 'styled-components'
import type { Issue } from '@/core/outcome'
import { WORK_STEPS } from '@/core/units/format-length'
import { isLength, type Length, ticks } from '@/core/units/length'
import { parseLength } from '@/core/units/parse-length'
import { issueWords } from '@/words/issues'
import { Figure } from './Figure'
import { useKeypad } from './use-keypad'

const Keypad = dynamic(() => import('./Keypad').then(one => one.Keypad), { ssr: false })

const Box = styled.div`
  display: grid; gap: 6px;
  .line { display: grid; grid-template-columns: 1fr 48px; gap: 8px; }
  input {
    min-width: 0; height: 56px; padding: 0 12px; font-size: 1.75rem; font-weight: 600; border: 2px solid var(--ink); border-radius: 4px; background: var(--sheet);
    font-variant-numeric: tabular-nums;
  }
  input[aria-invalid='true'] { border-color: var(--stop); }
  .understood { min-height: 40px; display: flex; align-items: baseline; gap: 10px; font-size: 1.75rem; font-weight: 600; flex-wrap: wrap; }
  .understood .other { font-size: 1rem; font-weight: 400; color: var(--quiet); }
  .said { min-height: 41px; font-size: 0.9375rem; line-height: 1.35; }
  .said[data-tone='wrong'] { color: var(--stop); }
  .choices { display: flex; gap: 6px; flex-wrap: wrap; }
  .choices button { min-height: 44px; padding: 0 14px; border: 1.5px solid var(--blue); color: var(--blue); background: var(--sheet); border-radius: 4px; font-weight: 600; cursor: pointer; }
  .said[data-tone='ask'] { color: var(--watch); font-weight: 600; }
  @media (max-width: 53.75em) {
    [data-docked] & {
      gap: 4px;
      input { height: 48px; }
      .line { grid-template-columns: 1fr 48px; }
      /* One line above the field: what was understood of what is typed, else what became of the last reading. */
      .understood { order: -1; min-height: 30px; font-size: 1.375rem; flex-wrap: nowrap; white-space: nowrap; overflow: hidden; }
      .said { order: -2; min-height: 0; line-height: 20px; }
      .said[data-tone='plain'] { min-height: 30px; line-height: 30px; white-space: nowrap; overflow: hidden; text-overflow: ellipsis; }
      .understood:empty, .understood:not(:empty) ~ .said[data-tone='plain'] { display: none; }
    }
  }
`
const PadButton = styled(Button)`
  display: grid; place-items: center; border: 1.5px solid var(--strong-rule); border-radius: 4px; background: var(--sheet); cursor: pointer;
  &[aria-expanded='true'] { background: var(--vial); color: #17242B; border-color: var(--ink); }
`

export type LengthEntry = { readonly value: Length; readonly text: string; readonly rounded: boolean }

type Props = {
  readonly label: string
  readonly unit: 'in' | 'mm'
  readonly graduation: string
  readonly signed: boolean
  /** What such a reading looks like, shown while nothing is typed. */
  readonly example: string
  /** What was typed; kept by whoever owns the field, so that it outlives a failed storing. */
  readonly draft: string
  readonly onDraft: (draft: string) => void
  readonly onTake: (entry: LengthEntry) => void
  /** A doubt about an odd value, as a question; taking it once more means yes. */
  readonly doubt: (value: Length) => string | null
  /** What a value means beside its size: which way it goes. */
  readonly meaning?: (value: Length) => string
  /** How exact the value is, where an instrument says so. */
  readonly exactness?: Length | null
  /** One further or back, without taking anything. */
  readonly onMove?: (by: 1 | -1) => void
  readonly inputRef: RefObject<HTMLInputElement | null>
  /** What became of the last entry. */
  readonly note: { readonly text: string; readonly tone: 'plain' | 'wrong' } | null
}

/** The one field for lengths: understands what installers type, shows at once what it understood, keeps what was typed. */
export function LengthField(field: Props) {
  const { label, unit, graduation, signed, draft, meaning, exactness = null, inputRef, note } = field
  const id = useId()
  const [padOpen, setPadOpen] = useKeypad()
  const { parsed, refused, question, change, take, accept } = useTaking(field)
  const said = refused ? { text: refused, tone: 'wrong' } : question ? { text: question, tone: 'ask' } : note
  return (
    <Box>
      <label htmlFor={id} className="sr">
        {label}
      </label>
      <div className="line">
        <Typed {...field} id={id} byPad={padOpen} isRefused={refused !== null} onChange={change} onEnter={take} />
        <PadButton
          aria-label="Keypad"
          aria-expanded={padOpen}
          onPress={() => {
            setPadOpen(!padOpen)
            inputRef.current?.focus({ preventScroll: true })
          }}
        >
          <Keyboard size={24} aria-hidden="true" />
        </PadButton>
      </div>
      <div className="understood" id={`${id}-understood`}>
        {parsed?.ok && <Understood {...parsed.value} unit={unit} exactness={exactness} meaning={meaning} />}
        {parsed && !parsed.ok && <Meant unit={unit} lengths={choicesOf(parsed.issues[0]!)} onPick={accept} />}
      </div>
      {padOpen && (
        <Keypad unit={unit} graduation={graduation} signed={signed} draft={draft} onDraft={change} onTake={take} />
      )}
      <p className="said" id={`${id}-said`} role="status" data-tone={said?.tone ?? 'plain'}>
        {said?.text ?? ''}
      </p>
    </Box>
  )
}

/** What is typed as a length, and its way to being taken: refused with a sentence, asked about when it is odd, taken at once otherwise. */
function useTaking({ label, unit, graduation, signed, draft, onDraft, onTake, doubt }: Props) {
  const [asked, setAsked] = useState<{ readonly draft: string; readonly question: string } | null>(null)
  const [refused, setRefused] = useState<string | null>(null)
  // biome-ignore lint/correctness/useExhaustiveDependencies: another reading starts without the last one's doubts
  useEffect(() => {
    setAsked(null)
    setRefused(null)
  }, [label])
  const parsed = draft.trim() === '' ? null : parseLength(draft, { unit, graduation })
  const change = (next: string) => {
    onDraft(next)
    setRefused(null)
    setAsked(null)
  }
  const accept = (length: Length, rounded = false) => {
    setRefused(null)
    if (!signed && length < 0)
      return setRefused(`“${draft}” is negative, but a size has no direction. Type it without the minus.`)
    const question = asked?.draft === draft ? null : doubt(length)
    if (question) return setAsked({ draft, question })
    setAsked(null)
    onTake({ value: length, text: draft.trim(), rounded })
  }
  const take = () => {
    const outcome = parseLength(draft, { unit, graduation })
    if (!outcome.ok) return setRefused(issueWords(outcome.issues[0]!))
    accept(outcome.value.ticks, outcome.value.rounded)
  }
  return { parsed, refused, question: asked?.question ?? null, change, take, accept }
}

type TypedProps = Pick<Props, 'draft' | 'example' | 'onMove' | 'inputRef'> & {
  readonly id: string
  /** The keypad is open: no keyboard comes up over it. */
  readonly byPad: boolean
  readonly isRefused: boolean
  readonly onChange: (draft: string) => void
  readonly onEnter: () => void
}

function Typed({ id, draft, example, byPad, isRefused, onChange, onEnter, onMove, inputRef }: TypedProps) {
  return (
    <input
      id={id}
      ref={inputRef}
      value={draft}
      inputMode={byPad ? 'none' : 'text'}
      autoComplete="off"
      autoCapitalize="off"
      spellCheck={false}
      enterKeyHint="next"
      placeholder={example}
      aria-invalid={isRefused}
      aria-describedby={`${id}-said ${id}-understood`}
      onChange={event => onChange(event.target.value)}
      onKeyDown={event => {
        if (event.key === 'Enter') {
          event.preventDefault()
          onEnter()
        } else if (onMove && (event.key === 'ArrowDown' || event.key === 'ArrowUp')) {
          event.preventDefault()
          onMove(event.key === 'ArrowDown' ? 1 : -1)
        }
      }}
    />
  )
}

type UnderstoodProps = Pick<Props, 'unit' | 'meaning'> & {
  readonly ticks: Length
  readonly rounded: boolean
  readonly exactness: Length | null
}

/** What was understood, large; beside it the other unit, how exact it is and which way it goes. */
const Understood = ({ ticks: value, rounded, unit, exactness, meaning }: UnderstoodProps) => (
  <>
    <span>
      <Figure value={value} step={WORK_STEPS[unit]} unit stacked />
    </span>
    <span className="other">
      <Figure value={value} step={unit === 'in' ? '0.1' : '1/16'} unit />
      {rounded ? ', rounded' : ''}
      {exactness !== null && (
        <>
          {' '}
          <Figure value={exactness} step={WORK_STEPS[unit]} unit either />
        </>
      )}
      {meaning?.(value) && `, ${meaning(value)}`}
    </span>
  </>
)

type MeantProps = {
  readonly unit: Props['unit']
  readonly lengths: readonly Length[]
  readonly onPick: (length: Length) => void
}

/** Which of two lengths is meant, where what was typed can be either. */
const Meant = ({ unit, lengths, onPick }: MeantProps) =>
  lengths.length > 0 && (
    // biome-ignore lint/a11y/useSemanticElements: a group of buttons, no form
    <span className="choices" role="group" aria-label="Which is meant">
      {lengths.map(one => (
        <button key={one} type="button" onClick={() => onPick(one)}>
          <Figure value={one} step={WORK_STEPS[unit]} unit />
        </button>
      ))}
    </span>
  )

/** The lengths an ambiguous text can mean; none for any other issue. */
const choicesOf = ({ code, facts }: Issue): readonly Length[] =>
  code === 'length.ambiguous' ? String(facts.choices).split(' ').map(Number).filter(isLength).map(ticks) : []
