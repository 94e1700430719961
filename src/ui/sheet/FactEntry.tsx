'use client'
import { useEffect, useRef, useState } from 'react'
import { styled } from 'styled-components'
import { choicesOf, type FactSlot, isAnswerTo } from '@/core/survey/facts'
import { codeWords } from '@/words/codes'
import { slotHow, slotName, slotWhy } from '@/words/walk'
import { Button } from '../parts/controls'
import { Worded } from '../parts/Worded'
import type { SheetStore } from '../store/use-sheet'
import { NowAsked } from './NowAsked'
import { SkipBar } from './SkipBar'

const Answers = styled.div`
  .answers { display: grid; grid-template-columns: repeat(auto-fit, minmax(120px, 1fr)); gap: 6px; }
  .answers button[aria-pressed='true'] { background: var(--vial); color: #17242B; border-color: var(--ink); }
  form { display: grid; grid-template-columns: 1fr auto; gap: 8px; }
  input { min-width: 0; height: 56px; padding: 0 12px; font-size: 1.75rem; font-weight: 600; border: 2px solid var(--ink); border-radius: 4px; background: var(--sheet); }
  .wrong { color: var(--stop); font-size: 0.9375rem; }
`

type Props = {
  readonly slot: FactSlot
  readonly store: SheetStore
  /** Whether the first answer takes the focus: after a reading was taken by keyboard. */
  readonly takesFocus: boolean
  readonly onTaken: (slot: FactSlot) => void
  readonly onMove: (by: 1 | -1) => void
}

/** A question that is no length: a few answers, all in sight, or a weight. */
export function FactEntry({ slot, store, takesFocus, onTaken, onMove }: Props) {
  const answers = useRef<HTMLDivElement>(null)
  const choices = choicesOf(slot)
  const standing = store.survey.facts.get(slot)?.code
  // biome-ignore lint/correctness/useExhaustiveDependencies: each question anew
  useEffect(() => {
    if (takesFocus) answers.current?.querySelector<HTMLElement>('button, input')?.focus({ preventScroll: true })
  }, [slot])
  const answer = (code: string) => {
    void store.addAnswer({ slot, kind: 'fact', code, note: '' })
    onTaken(slot)
  }
  return (
    <NowAsked name={slotName(slot)}>
      <p className="how">
        <Worded text={slotHow(slot)} />{' '}
        <span className="why">
          <Worded text={slotWhy(slot)} />
        </span>
      </p>
      <Answers ref={answers}>
        {choices.length ? (
          // biome-ignore lint/a11y/useSemanticElements: a group of buttons, no form
          <div className="answers" role="group" aria-label={slotName(slot)}>
            {choices.map(code => (
              <Button key={code} $plain aria-pressed={code === standing} onPress={() => answer(code)}>
                {codeWords(code)}
              </Button>
            ))}
          </div>
        ) : (
          <Weight key={slot} slot={slot} standing={standing} onAnswer={answer} />
        )}
      </Answers>
      <SkipBar slot={slot} store={store} onSkipped={() => onTaken(slot)} onMove={onMove} />
    </NowAsked>
  )
}

function Weight({
  slot,
  standing,
  onAnswer,
}: {
  readonly slot: FactSlot
  readonly standing: string | undefined
  readonly onAnswer: (code: string) => void
}) {
  const [draft, setDraft] = useState(standing ?? '')
  const [wrong, setWrong] = useState(false)
  return (
    <form
      onSubmit={event => {
        event.preventDefault()
        if (isAnswerTo(slot, draft.trim())) onAnswer(draft.trim())
        else setWrong(true)
      }}
    >
      <input
        aria-label={slotName(slot)}
        inputMode="decimal"
        autoComplete="off"
        value={draft}
        placeholder="24.5"
        aria-invalid={wrong}
        onChange={event => {
          setDraft(event.target.value)
          setWrong(false)
        }}
      />
      <Button type="submit">Take</Button>
      {wrong && (
        <p className="wrong" role="alert">
          “{draft}” is no weight. Type kilograms from 0.1 to 500 with at most one decimal, such as 24.5.
        </p>
      )}
    </form>
  )
}
