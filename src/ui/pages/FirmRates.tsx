'use client'
import { useState } from 'react'
import type { Firm } from '@/core/catalogue/firm'
import { PREPARATIONS, type PreparationId } from '@/core/catalogue/preparation'
import { LACKS } from '@/core/catalogue/unit-values'
import { RATES } from '@/trade/rates'
import { PREPARATION_NAMES } from '@/words/names'
import { LACK_NAMES } from '@/words/order'
import { Labelled } from '../parts/Labelled'
import { useCurrencySign } from '../parts/Money'

const PLAIN = [
  ['centsPerHour', 'An hour of work'],
  ['freightStock', 'Freight of a stock unit'],
  ['freightMade', 'Freight of a unit made to order'],
  ['disposal', 'Taking the old one away'],
] as const
const PER = [
  ['minutes', 'min', 1],
  ['minutesPerMetre', 'min a metre', 1],
  ['cents', '', 100],
  ['centsPerMetre', ' a metre', 100],
] as const

type RatesProps = { readonly data: Firm; readonly save: (change: Partial<Firm>) => void }

/** What the firm counts for an hour, freight and what a unit comes without. */
export function Amounts({ data, save }: RatesProps) {
  const { rates } = data
  const setRates = (change: Partial<Firm['rates']>) => save({ rates: { ...rates, ...change } })
  return (
    <div className="figures">
      {PLAIN.map(([id, name]) => (
        <Amount
          key={id}
          label={name}
          cents={rates[id]}
          shipped={RATES[id]}
          onChange={cents => setRates({ [id]: cents })}
        />
      ))}
      {LACKS.map(lack => (
        <Amount
          key={lack}
          label={`Where missing: ${LACK_NAMES[lack]}`}
          cents={rates.lacks?.[lack]}
          shipped={RATES.lacks[lack]}
          onChange={cents => setRates({ lacks: { ...rates.lacks, [lack]: cents } })}
        />
      ))}
      <Amount
        label="Measure twice above"
        cents={data.secondLookCents}
        shipped={data.secondLookCents}
        onChange={cents => save({ secondLookCents: cents ?? 100_000 })}
      />
    </div>
  )
}

/** Minutes and money of each preparation. */
export function Preparations({ data: { rates }, save }: RatesProps) {
  const sign = useCurrencySign()
  const set = (own: Firm['rates']['preparations']) =>
    save({ rates: { ...rates, preparations: { ...rates.preparations, ...own } } })
  return (
    <table>
      <thead>
        <tr>
          <th>Preparation</th>
          {PER.map(([id, name]) => (
            <th key={id}>{id.startsWith('cents') ? `${sign}${name}` : name}</th>
          ))}
        </tr>
      </thead>
      <tbody>
        {PREPARATIONS.map(id => (
          <PreparationRow key={id} id={id} own={rates.preparations?.[id]} onChange={own => set({ [id]: own })} />
        ))}
      </tbody>
    </table>
  )
}

type AmountProps = {
  readonly label: string
  readonly cents: number | undefined
  readonly shipped: number
  readonly onChange: (cents: number | undefined) => void
}

function Amount({ label: name, cents, shipped, onChange }: AmountProps) {
  const label = `${name}, ${useCurrencySign()}`
  return (
    <Labelled label={label}>
      <NumberInput
        label={label}
        value={cents === undefined ? undefined : cents / 100}
        shipped={shipped / 100}
        onChange={value => onChange(value === undefined ? undefined : Math.round(value * 100))}
      />
    </Labelled>
  )
}

type Rate = NonNullable<NonNullable<Firm['rates']['preparations']>[PreparationId]>
type RowProps = {
  readonly id: PreparationId
  readonly own: Rate | undefined
  readonly onChange: (own: Rate | undefined) => void
}

function PreparationRow({ id, own, onChange }: RowProps) {
  const { source: _, ...shipped } = RATES.preparations[id]
  const standing: Rate = own ?? shipped
  const sign = useCurrencySign()
  return (
    <tr>
      <td>{PREPARATION_NAMES[id]}</td>
      {PER.map(([name, unit, per]) => (
        <td key={name}>
          <NumberInput
            label={`${PREPARATION_NAMES[id]}, ${name.startsWith('cents') ? sign : ''}${unit}`}
            value={own && own[name] / per}
            shipped={shipped[name] / per}
            onChange={value => {
              const next = { ...standing, [name]: value === undefined ? shipped[name] : Math.round(value * per) }
              const isShipped = PER.every(([one]) => next[one] === shipped[one])
              onChange(isShipped ? undefined : next)
            }}
          />
        </td>
      ))}
    </tr>
  )
}

type NumberProps = {
  readonly label: string
  readonly value: number | undefined
  readonly shipped: number
  readonly onChange: (value: number | undefined) => void
}

/** A figure of the firm's own; empty shows the shipped one in grey and means it. What is no figure stays and is marked. */
function NumberInput({ label, value, shipped, onChange }: NumberProps) {
  const [draft, setDraft] = useState<string | null>(null)
  const isWrong = draft !== null && draft.trim() !== '' && !/^\d{1,6}([.,]\d{1,2})?$/.test(draft.trim())
  const take = () => {
    if (draft === null || isWrong) return
    onChange(draft.trim() === '' ? undefined : Number(draft.replace(',', '.')))
    setDraft(null)
  }
  return (
    <input
      aria-label={label}
      aria-invalid={isWrong || undefined}
      inputMode="decimal"
      placeholder={String(shipped)}
      value={draft ?? (value === undefined ? '' : String(value))}
      onChange={event => setDraft(event.target.value)}
      onBlur={take}
      onKeyDown={event => {
        if (event.key === 'Enter') take()
      }}
    />
  )
}
