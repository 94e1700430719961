'use client'
import { useState } from 'react'
import { styled } from 'styled-components'
import { DEFAULT_SCHOOLS, resolveSchools } from '@/core/base/schools'
import type { Firm } from '@/core/catalogue/firm'
import { PREPARATIONS, type PreparationId } from '@/core/catalogue/preparation'
import { LACKS } from '@/core/catalogue/unit-values'
import type { Versioned } from '@/core/sheet'
import { HAND_CONVENTIONS } from '@/core/specification/handing'
import { RATES } from '@/trade/rates'
import { HAND_WORDS, PREPARATION_NAMES } from '@/words/names'
import { LACK_NAMES } from '@/words/order'
import { ClashNote } from '../parts/ClashNote'
import { Choice, Quiet } from '../parts/controls'
import { Labelled } from '../parts/Labelled'
import { SchoolList } from '../parts/SchoolList'
import { useEdit } from '../store/use-edit'
import { Page } from './Today'

const Columns = styled.div`
  display: grid; grid-template-columns: 1fr 1fr; gap: 28px; align-items: start;
  section { display: grid; gap: 12px; background: var(--sheet); border-top: 2px solid var(--ink); padding: 14px 18px 18px; }
  .figures { display: grid; grid-template-columns: 1fr 1fr; gap: 10px; }
  table { border-collapse: collapse; width: 100%; }
  th { text-align: left; font-size: 14px; color: var(--quiet); font-weight: 600; padding-right: 6px; }
  td { padding: 2px 6px 2px 0; font-size: 15px; }
  td input { min-height: 44px; width: 72px; padding: 0 6px; font-size: 16px; border: 1.5px solid var(--strong-rule); border-radius: 4px; background: var(--sheet); }
  @media (max-width: 860px) { grid-template-columns: minmax(0, 1fr); section { padding: 12px; overflow-x: auto; } }
`
const ABOUT = [
  ['address', 'Address', 'text', 300],
  ['phone', 'Phone', 'tel', 60],
  ['email', 'E-mail', 'email', 200],
] as const
const PLAIN = [
  ['centsPerHour', 'An hour of work, $'],
  ['freightStock', 'Freight of a stock unit, $'],
  ['freightMade', 'Freight of a unit made to order, $'],
  ['disposal', 'Taking the old one away, $'],
] as const
const PER = [
  ['minutes', 'min', 1],
  ['minutesPerMetre', 'min a metre', 1],
  ['cents', '$', 100],
  ['centsPerMetre', '$ a metre', 100],
] as const

type Props = { readonly firm: Versioned<Firm>; readonly makers: readonly string[] }

/** How the firm is reached, as it stands on its papers; the paper they are printed on, and what a new job begins in. */
function About({ data, save }: { readonly data: Firm; readonly save: (change: Partial<Firm>) => void }) {
  return (
    <section aria-label="On papers">
      <h2>On papers</h2>
      {ABOUT.map(([member, label, type, most]) => (
        <Labelled key={member} label={label}>
          <input
            type={type}
            maxLength={most}
            defaultValue={data.about[member]}
            autoComplete="off"
            onBlur={event => {
              const value = event.currentTarget.value.trim()
              if (!event.currentTarget.checkValidity()) return void event.currentTarget.reportValidity()
              if (value !== data.about[member]) save({ about: { ...data.about, [member]: value } })
            }}
          />
        </Labelled>
      ))}
      <Choice
        label="Printed on"
        value={data.paper}
        options={[
          ['a4', 'A4'],
          ['letter', 'Letter'],
        ]}
        onChange={paper => save({ paper })}
      />
      <Choice
        label="A new job begins in"
        value={data.unit}
        options={[
          ['in', 'Inches'],
          ['mm', 'Millimetres'],
        ]}
        onChange={unit => save({ unit })}
      />
    </section>
  )
}

/** What the firm keeps for itself: its practices, its rates, and how its suppliers name a hand. */
export function FirmPage({ firm, makers }: Props) {
  const [said, setSaid] = useState<string | null>(null)
  const { data, save, clash, choose } = useEdit<Firm>(firm, '/api/firm', setSaid)
  return (
    <Page>
      <h1>Firm</h1>
      {said && (
        <p role="alert" style={{ color: 'var(--stop)' }}>
          {said}
        </p>
      )}
      {clash && <ClashNote clash={clash} step="1/16" onChoose={choose} />}
      <Columns>
        <section aria-label="Practices">
          <h2>Practices</h2>
          <Quiet>What holds unless a job or an opening chooses otherwise.</Quiet>
          <SchoolList
            own={data.schools}
            standing={resolveSchools(data.schools, {}, {})}
            above={DEFAULT_SCHOOLS}
            step={null}
            onChange={schools => save({ schools })}
          />
        </section>
        <div style={{ display: 'grid', gap: 28 }}>
          <About data={data} save={save} />
          <Suppliers makers={makers} conventions={data.conventions} onChange={conventions => save({ conventions })} />
          <section aria-label="Rates">
            <h2>Rates</h2>
            <Quiet>An empty field goes back to the figure Harvek ships.</Quiet>
            <Amounts data={data} save={save} />
            <Preparations data={data} save={save} />
          </section>
        </div>
      </Columns>
    </Page>
  )
}

type SuppliersProps = {
  readonly makers: readonly string[]
  readonly conventions: Firm['conventions']
  readonly onChange: (conventions: Firm['conventions']) => void
}

const Suppliers = ({ makers, conventions, onChange }: SuppliersProps) => (
  <section aria-label="Suppliers">
    <h2>Suppliers</h2>
    <Quiet>By which convention each reads a hand’s code. Unknown, an out-swing door is warned about.</Quiet>
    {makers.map(maker => (
      <Labelled key={maker} label={maker}>
        <select
          value={conventions[maker] ?? ''}
          onChange={event => {
            const { [maker]: _, ...others } = conventions
            const convention = HAND_CONVENTIONS.find(one => one === event.target.value)
            onChange(convention ? { ...others, [maker]: convention } : others)
          }}
        >
          <option value="">not known</option>
          {HAND_CONVENTIONS.map(one => (
            <option key={one} value={one}>
              {HAND_WORDS[one][0]}
            </option>
          ))}
        </select>
      </Labelled>
    ))}
  </section>
)

type RatesProps = { readonly data: Firm; readonly save: (change: Partial<Firm>) => void }

function Amounts({ data, save }: RatesProps) {
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
          label={`Where missing: ${LACK_NAMES[lack]}, $`}
          cents={rates.lacks?.[lack]}
          shipped={RATES.lacks[lack]}
          onChange={cents => setRates({ lacks: { ...rates.lacks, [lack]: cents } })}
        />
      ))}
      <Amount
        label="Measure twice above, $"
        cents={data.secondLookCents}
        shipped={data.secondLookCents}
        onChange={cents => save({ secondLookCents: cents ?? 100_000 })}
      />
    </div>
  )
}

/** Minutes and money of each preparation. */
function Preparations({ data: { rates }, save }: RatesProps) {
  const set = (own: Firm['rates']['preparations']) =>
    save({ rates: { ...rates, preparations: { ...rates.preparations, ...own } } })
  return (
    <table>
      <thead>
        <tr>
          <th>Preparation</th>
          {PER.map(([id, name]) => (
            <th key={id}>{name}</th>
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

function Amount({ label, cents, shipped, onChange }: AmountProps) {
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
  return (
    <tr>
      <td>{PREPARATION_NAMES[id]}</td>
      {PER.map(([name, unit, per]) => (
        <td key={name}>
          <NumberInput
            label={`${PREPARATION_NAMES[id]}, ${unit}`}
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
  const isWrong = draft !== null && draft.trim() !== '' && !/^\d{1,6}(\.\d{1,2})?$/.test(draft.trim())
  const take = () => {
    if (draft === null || isWrong) return
    onChange(draft.trim() === '' ? undefined : Number(draft))
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
