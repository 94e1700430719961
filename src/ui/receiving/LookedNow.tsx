'use client'
import { useEffect, useRef, useState } from 'react'
import { styled } from 'styled-components'
import type { AskedOfDelivered } from '@/core/order/asked-of-delivered'
import { CHECK_ANSWERS } from '@/core/order/receipt-values'
import type { DisplayStep } from '@/core/units/format-length'
import { type Length, magnitude, minus } from '@/core/units/length'
import { parseLength } from '@/core/units/parse-length'
import { exampleOfDelivered } from '@/words/examples'
import { CHECK_ANSWER_NAMES, deliveredName, lookedHow, offOrdered, SIDE_NAMES } from '@/words/looked'
import { Button } from '../parts/controls'
import { Figure } from '../parts/Figure'
import { LengthField } from '../parts/LengthField'
import { useTelling } from '../parts/typed'
import { useTape } from '../sheet/use-tape'
import { type LookedStore, refusedAs } from './use-looked'

const Now = styled.section`
  display: grid; gap: 8px; align-content: start;
  h3 { font-size: 1.375rem; }
  .ordered { font-size: 1.25rem; font-weight: 600; min-height: 30px; }
  .how { color: var(--quiet); min-height: 42px; font-size: 0.9375rem; }
  .answers { display: grid; grid-template-columns: repeat(auto-fit, minmax(110px, 1fr)); gap: 6px; }
  .answers button[aria-pressed='true'] { background: var(--vial); color: #17242B; border-color: var(--ink); }
  .moves { display: flex; gap: 6px; align-items: center; color: var(--quiet); }
  .count { display: grid; grid-template-columns: 1fr auto; gap: 8px; }
  .count input { min-width: 0; height: 56px; padding: 0 12px; font-size: 1.75rem; font-weight: 600; border: 2px solid var(--ink); border-radius: 4px; background: var(--sheet); }
`

type Props = {
  readonly asked: AskedOfDelivered
  readonly looked: LookedStore
  readonly unit: 'in' | 'mm'
  readonly step: DisplayStep
  /** Beyond this off what was ordered a figure is asked about. */
  readonly tolerance: Length
  readonly onTaken: () => void
  readonly onMove: (by: 1 | -1) => void
}

/** The one thing that is looked at now, with what it is by the order. */
export function LookedNow(now: Props) {
  const { asked, onMove, step } = now
  const ordered = 'ordered' in asked ? asked.ordered : null
  return (
    <Now aria-label="Looked at now">
      <h3>{deliveredName(asked.place)}</h3>
      <p className="ordered">
        {ordered !== null && (
          <>
            ordered{' '}
            {asked.kind === 'length' ? (
              <Figure value={ordered as Length} step={step} unit />
            ) : (
              (SIDE_NAMES[ordered] ?? ordered)
            )}
          </>
        )}
      </p>
      <p className="how">{lookedHow(asked.place)}</p>
      {asked.kind === 'length' ? (
        <LengthAsked key={asked.place} {...now} asked={asked} />
      ) : asked.kind === 'count' ? (
        <CountAsked key={asked.place} {...now} asked={asked} />
      ) : (
        <AnswerAsked {...now} asked={asked} />
      )}
      <div className="moves">
        <Button $plain onPress={() => onMove(-1)} aria-label="Looked at before">
          ‹
        </Button>
        <Button $plain onPress={() => onMove(1)} aria-label="Looked at next">
          Next ›
        </Button>
      </div>
    </Now>
  )
}

type Of<K extends AskedOfDelivered['kind']> = Omit<Props, 'asked'> & {
  readonly asked: Extract<AskedOfDelivered, { readonly kind: K }>
}

const SIGNED = /^(bow|head)/

function LengthAsked({ asked: { place, ordered }, looked, unit, step, tolerance, onTaken, onMove }: Of<'length'>) {
  const [draft, setDraft] = useState(looked.drafts[place] ?? '')
  const [odd, setOdd] = useState<string | null>(null)
  const input = useRef<HTMLInputElement>(null)
  const { graduation } = useTape(unit)
  const typed = parseLength(draft, { unit, graduation })
  useTelling(place, typed.ok ? typed.value.ticks : null)
  useEffect(() => {
    if (matchMedia('(pointer: fine)').matches) input.current?.focus({ preventScroll: true })
  }, [])
  return (
    <LengthField
      label={deliveredName(place)}
      unit={unit}
      graduation={graduation}
      signed={SIGNED.test(place)}
      example={exampleOfDelivered(place, unit)}
      draft={draft}
      onDraft={next => {
        setDraft(next)
        setOdd(null)
      }}
      onTake={({ value, text }) => {
        const refused = refusedAs(place, value, text)
        if (refused) return setOdd(refused)
        looked.onRead(place, text)
        onTaken()
      }}
      onMove={onMove}
      doubt={value =>
        ordered !== null && magnitude(minus(value, ordered)) > tolerance * 4
          ? offOrdered(minus(value, ordered), step)
          : null
      }
      inputRef={input}
      note={odd === null ? null : { text: odd, tone: 'wrong' }}
    />
  )
}

function AnswerAsked({ asked, looked, onTaken }: Of<'hinges' | 'swing' | 'check'>) {
  const { found, onAnswer } = looked
  const answers: readonly (readonly [code: string, name: string])[] =
    asked.kind === 'check'
      ? CHECK_ANSWERS.map(one => [one, CHECK_ANSWER_NAMES[one]])
      : (asked.kind === 'hinges' ? ['left', 'right'] : ['in', 'out']).map(one => [one, SIDE_NAMES[one]!])
  const standing = asked.kind === 'check' ? found.checks[asked.place] : found[asked.kind]
  const answer = (code: string) => {
    if (asked.kind === 'check')
      onAnswer({ checks: { ...found.checks, [asked.place]: CHECK_ANSWERS.find(one => one === code)! } })
    else onAnswer({ [asked.kind]: code })
    onTaken()
  }
  return (
    // biome-ignore lint/a11y/useSemanticElements: a group of buttons, no form
    <div className="answers" role="group" aria-label={deliveredName(asked.place)}>
      {answers.map(([code, name]) => (
        <Button key={code} $plain aria-pressed={code === standing} onPress={() => answer(code)}>
          {name}
        </Button>
      ))}
    </div>
  )
}

function CountAsked({ asked: { place, ordered }, looked, onTaken }: Of<'count'>) {
  const { found, onAnswer } = looked
  const [typed, setTyped] = useState(String(found.counts[place] ?? ''))
  const take = (count: number) => {
    onAnswer({ counts: { ...found.counts, [place]: count } })
    onTaken()
  }
  const isCount = /^\d{1,3}$/.test(typed)
  return (
    <form
      className="count"
      onSubmit={event => {
        event.preventDefault()
        if (isCount) take(Number(typed))
      }}
    >
      <input
        aria-label={`Counted: ${deliveredName(place)}`}
        inputMode="numeric"
        autoComplete="off"
        placeholder={String(ordered)}
        value={typed}
        onChange={event => setTyped(event.target.value)}
      />
      <Button type="submit" isDisabled={!isCount}>
        Take
      </Button>
    </form>
  )
}
