'use client'
import { useEffect, useRef, useState } from 'react'
import { styled } from 'styled-components'
import { type Hanging, marginSlots } from '@/core/fit/hanging'
import type { MarginState } from '@/core/fit/margin-log'
import { canBeRead } from '@/core/survey/readable'
import { REVEALS, type RevealName } from '@/core/tuning/reveals'
import { formatLength, workStep } from '@/core/units/format-length'
import { parseLength } from '@/core/units/parse-length'
import { issueWords } from '@/words/issues'
import { impossibleWords } from '@/words/readable'
import { revealName } from '@/words/tuning'
import { Quiet } from '../../parts/controls'
import { readingFrom } from '../../sheet/instrument'
import type { StageProps } from '../../sheet/stage-props'
import { useTape } from '../../sheet/use-tape'

const Fields = styled.div`
  display: grid; grid-template-columns: 1fr 1fr; gap: 6px 12px;
  label { display: grid; gap: 2px; font-size: 0.9375rem; }
  input { width: 100%; min-width: 0; height: 44px; padding: 0 8px; font-size: 1.25rem; font-weight: 600; border: 1.5px solid var(--strong-rule); border-radius: 4px; background: var(--sheet); font-variant-numeric: tabular-nums; }
  input[aria-invalid='true'] { border-color: var(--stop); }
  .was { font-size: 0.875rem; color: var(--quiet); }
  .wrong { grid-column: 1 / -1; color: var(--stop); font-size: 0.9375rem; }
`
type Props = {
  readonly store: StageProps['store']
  readonly hanging: Hanging
  readonly states: readonly MarginState[]
  readonly selected: RevealName | null
  readonly onSelect: (name: RevealName) => void
}

/** The margins round the leaf, read with the gauge: each is taken with Enter, or when its field is left. */
export function MarginFields({ store, hanging, states, selected, onSelect }: Props) {
  const { step } = store.sheet.job
  const write = (text: MarginState['read']) => formatLength(text, workStep(step))
  const slots = marginSlots(hanging)
  const names = REVEALS.filter(name => slots[name])
  const fields = useRef<HTMLDivElement>(null)
  useEffect(() => {
    if (selected) fields.current?.querySelector<HTMLInputElement>(`[data-place="${selected}"]`)?.focus()
  }, [selected])
  const [wrong, take] = useTaking(store, hanging)
  return (
    <>
      <Fields ref={fields}>
        {names.map(name => (
          <label key={name}>
            {revealName(name, hanging.meets)}
            <input
              aria-label={`Margin: ${revealName(name, hanging.meets)}`}
              data-place={name}
              onFocus={() => onSelect(name)}
              autoComplete="off"
              maxLength={40}
              aria-invalid={wrong?.[0] === name}
              onBlur={event => take(name, event.currentTarget)}
              onKeyDown={event => {
                if (event.key === 'Enter') take(name, event.currentTarget)
              }}
            />
            <span className="was">
              {stateWords(
                states.find(one => one.name === name),
                write,
              )}
            </span>
          </label>
        ))}
        {wrong && (
          <span className="wrong" role="alert">
            {revealName(wrong[0], hanging.meets)}: {wrong[1]}
          </span>
        )}
      </Fields>
      <Quiet>As few as you have; the sides first.</Quiet>
    </>
  )
}

type Wrong = readonly [name: RevealName, words: string]
type Take = (name: RevealName, field: HTMLInputElement) => void

/** Takes what was typed as a reading of a tuned leaf; what can't be one stays in its field and is said. */
function useTaking(store: Props['store'], hanging: Hanging): readonly [wrong: Wrong | null, take: Take] {
  const [wrong, setWrong] = useState<Wrong | null>(null)
  const { unit } = store.sheet.job
  const { graduation } = useTape(unit)
  const slots = marginSlots(hanging)
  const take = (name: RevealName, field: HTMLInputElement) => {
    const text = field.value.trim()
    if (text === '') return
    const parsed = parseLength(text, { unit })
    if (!parsed.ok) return setWrong([name, issueWords(parsed.issues[0]!)])
    const slot = slots[name]!
    const value = parsed.value.ticks
    if (!canBeRead(slot, value)) return setWrong([name, impossibleWords(slot, text)])
    setWrong(null)
    field.value = ''
    const { reader } = store
    void store.addReading(
      readingFrom({ slot, value, text, graduation, levelLength: null, reader, occasion: 'tuned', from: null }),
    )
  }
  return [wrong, take]
}

function stateWords(state: MarginState | undefined, write: (length: MarginState['read']) => string): string {
  if (!state) return '–'
  if (state.now !== state.read) return `read ${write(state.read)}, now expected ${write(state.now)}`
  return state.expected === null
    ? `read ${write(state.read)}`
    : `read ${write(state.read)}, expected ${write(state.expected)}`
}
