'use client'
import { useState } from 'react'
import { styled } from 'styled-components'
import type { TradeLengthId } from '@/core/base/trade-lengths'
import type { Way } from '@/core/survey/ways'
import { formatLength, WORK_STEPS } from '@/core/units/format-length'
import { parseLength } from '@/core/units/parse-length'
import { issueWords } from '@/words/issues'
import { allowanceName } from '@/words/traces'
import type { WorkedStore } from '../store/worked'

const BY_WAY: Readonly<Record<Way, readonly TradeLengthId[]>> = {
  pocket: ['rebate', 'drop-pocket'],
  'pencil-mark': ['drop-mark'],
  'outside-face': ['stop-thickness', 'head-stop-thickness'],
  'trim-off': ['room-width', 'room-height'],
  core: ['core-width', 'core-height'],
  masonry: ['buck', 'room-width', 'room-height'],
  brickmould: [],
  'lock-edge': [],
}

const Line = styled.div`
  display: grid; grid-template-columns: 1fr 96px; align-items: center; gap: 8px;
  input { height: 44px; padding: 0 8px; font-size: 1.125rem; border: 1.5px solid var(--strong-rule); border-radius: 4px; background: var(--sheet); min-width: 0; }
  .origin, .wrong { grid-column: 1 / -1; font-size: 0.8125rem; color: var(--quiet); }
  .wrong { color: var(--stop); font-size: 0.9375rem; }
`

/** The allowances this opening's size stands on, to be replaced by its own figures. An empty field goes back to the trade's. */
export function AllowanceFields({ store }: { readonly store: WorkedStore }) {
  const { way } = store.records.wishes
  const ids = [
    ...new Set([...BY_WAY[way], 'room-width', 'room-height', 'wall-spare', 'floor-target'] as TradeLengthId[]),
  ]
  return (
    <>
      <h2>Allowances here</h2>
      {ids.map(id => (
        <AllowanceField key={id} id={id} store={store} />
      ))}
    </>
  )
}

function AllowanceField({ id, store }: { readonly id: TradeLengthId; readonly store: WorkedStore }) {
  const { unit } = store.sheet.job
  const own = store.records.allowances
  const standing = store.work.terms.lengths[id]
  const exactStep = WORK_STEPS[unit]
  const [draft, setDraft] = useState<string | null>(null)
  const [wrong, setWrong] = useState<string | null>(null)
  const take = () => {
    if (draft === null) return
    const { [id]: _, ...others } = own
    if (draft.trim() === '') {
      store.save('allowances', others, 'whole')
      return setDraft(null)
    }
    const parsed = parseLength(draft, { unit })
    if (!parsed.ok) return setWrong(issueWords(parsed.issues[0]!))
    if (parsed.value.ticks < 0) return setWrong('An allowance is never negative.')
    setWrong(null)
    setDraft(null)
    store.save('allowances', { ...others, [id]: parsed.value.ticks }, 'whole')
  }
  return (
    <Line>
      <label htmlFor={`allowance-${id}`}>{allowanceName(id)}</label>
      <input
        id={`allowance-${id}`}
        autoComplete="off"
        value={draft ?? formatLength(standing.value, exactStep)}
        onChange={event => {
          setDraft(event.target.value)
          setWrong(null)
        }}
        onBlur={take}
        onKeyDown={event => {
          if (event.key === 'Enter') take()
        }}
      />
      {wrong ? (
        <span className="wrong" role="alert">
          {wrong}
        </span>
      ) : (
        own[id] !== undefined && <span className="origin">set for this opening; empty it to go back</span>
      )}
    </Line>
  )
}
