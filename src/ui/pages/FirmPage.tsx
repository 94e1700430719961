'use client'
import { useRouter } from 'next/navigation'
import { styled } from 'styled-components'
import { DEFAULT_SCHOOLS, resolveSchools } from '@/core/base/schools'
import { CURRENCIES, type Firm, NUMBER_FORMATS } from '@/core/catalogue/firm'
import type { Versioned } from '@/core/sheet'
import { HAND_CONVENTIONS } from '@/core/specification/handing'
import { type JobStep, STEPS_OF } from '@/core/units/format-length'
import { CURRENCY_NAMES, currencySign, numberExample } from '@/words/money'
import { HAND_WORDS } from '@/words/names'
import { AuditPanel } from '../parts/AuditPanel'
import { ClashNote } from '../parts/ClashNote'
import { Choice, Quiet } from '../parts/controls'
import { Labelled } from '../parts/Labelled'
import { MoneyIn } from '../parts/Money'
import { NotTaken } from '../parts/NotTaken'
import { SchoolList } from '../parts/SchoolList'
import { useEdit } from '../store/use-edit'
import { FirmCrews } from './FirmCrews'
import { FirmLogo } from './FirmLogo'
import { Amounts, Preparations } from './FirmRates'
import { FirmSeals } from './FirmSeals'
import { FirmVan } from './FirmVan'
import { Page } from './Today'

const Columns = styled.div`
  display: grid; grid-template-columns: 1fr 1fr; gap: 28px; align-items: start;
  section { display: grid; gap: 12px; background: var(--sheet); border-top: 2px solid var(--ink); padding: 14px 18px 18px; }
  .figures { display: grid; grid-template-columns: 1fr 1fr; gap: 10px; }
  table { border-collapse: collapse; width: 100%; }
  th { text-align: left; font-size: 0.875rem; color: var(--quiet); font-weight: 600; padding-right: 6px; }
  td { padding: 2px 6px 2px 0; font-size: 0.9375rem; }
  td input { min-height: 44px; width: 72px; padding: 0 6px; font-size: 1rem; border: 1.5px solid var(--strong-rule); border-radius: 4px; background: var(--sheet); }
  @media (max-width: 53.75em) { grid-template-columns: minmax(0, 1fr); section { padding: 12px; overflow-x: auto; } }
`
const ABOUT = [
  ['address', 'Address', 'text', 300],
  ['phone', 'Phone', 'tel', 60],
  ['email', 'E-mail', 'email', 200],
] as const
type Props = {
  readonly firm: Versioned<Firm>
  readonly makers: readonly string[]
  /** When the logo was set, ISO 8601; `null` without one. */
  readonly logoAt: string | null
  /** Every clock to choose from, as the server knows them. */
  readonly zones: readonly string[]
}

type AboutProps = Pick<Props, 'logoAt'> & {
  readonly data: Firm
  readonly save: (change: Partial<Firm>) => void
}

/** How the firm is reached, as it stands on its papers; the paper they are printed on, and what a new job begins in. */
function About({ data, save, logoAt }: AboutProps) {
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
      <FirmLogo setAt={logoAt} />
      <Choice
        label="Printed on"
        value={data.paper}
        options={[
          ['a4', 'A4'],
          ['letter', 'Letter'],
        ]}
        onChange={paper => save({ paper })}
      />
      <Labelled label="Counts in">
        <select
          value={data.currency}
          onChange={event => save({ currency: CURRENCIES.find(one => one === event.target.value) ?? data.currency })}
        >
          {CURRENCIES.map(one => (
            <option key={one} value={one}>
              {CURRENCY_NAMES[one]}, {currencySign(one)}
            </option>
          ))}
        </select>
      </Labelled>
      <Labelled label="Stands in for its work, months (empty: not said)">
        <input
          type="number"
          min={1}
          max={600}
          defaultValue={data.warrantyMonths ?? ''}
          onBlur={event => {
            const field = event.currentTarget
            if (!field.checkValidity()) return void field.reportValidity()
            const months = field.value === '' ? null : Math.round(Number(field.value))
            if (months !== data.warrantyMonths) save({ warrantyMonths: months })
          }}
        />
      </Labelled>
      <Choice
        label="Writes numbers"
        value={data.numbers}
        options={NUMBER_FORMATS.map(one => [one, numberExample(one)])}
        onChange={numbers => save({ numbers })}
      />
    </section>
  )
}

type NewJobsProps = Omit<AboutProps, 'logoAt'> & { readonly zones: readonly string[] }

/** What a new job begins with. */
function NewJobs({ data, save, zones }: NewJobsProps) {
  return (
    <section aria-label="New jobs">
      <h2>New jobs</h2>
      <Choice
        label="A new job begins in"
        value={data.unit}
        options={[
          ['in', 'Inches'],
          ['mm', 'Millimetres'],
        ]}
        onChange={unit => save({ unit })}
      />
      {UNITS.map(([unit, name]) => (
        <Choice<JobStep>
          key={unit}
          label={`${name} shown to`}
          value={data.steps[unit]}
          options={STEPS_OF[unit].map(step => [step, `${step} ${unit}`])}
          onChange={step => save({ steps: { ...data.steps, [unit]: step } })}
        />
      ))}
      <Labelled label="Clock">
        <select
          value={data.timeZone ?? ''}
          onChange={event => save({ timeZone: event.target.value === '' ? null : event.target.value })}
        >
          <option value="">not said: a job goes by its place, else by UTC</option>
          {zones.map(one => (
            <option key={one} value={one}>
              {one.replaceAll('_', ' ')}
            </option>
          ))}
        </select>
      </Labelled>
    </section>
  )
}

const UNITS = [
  ['in', 'Inches'],
  ['mm', 'Millimetres'],
] as const

const FIRM = '/api/firm'

/** What the firm keeps for itself: its practices, its rates, and how its suppliers name a hand. */
export function FirmPage({ firm, makers, logoAt, zones }: Props) {
  const router = useRouter()
  // What every page counts in may be another now.
  const { data, save, clash, choose } = useEdit<Firm>(firm, { path: FIRM, of: FIRM, what: 'The firm’s own' }, () =>
    router.refresh(),
  )
  return (
    <MoneyIn counting={data}>
      <Page>
        <h1>Firm</h1>
        <NotTaken of={FIRM} />
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
            <About data={data} save={save} logoAt={logoAt} />
            <NewJobs data={data} save={save} zones={zones} />
            <FirmCrews data={data} save={save} />
            <FirmVan data={data} save={save} />
            <FirmSeals data={data} save={save} />
            <Suppliers makers={makers} conventions={data.conventions} onChange={conventions => save({ conventions })} />
            <section aria-label="Rates">
              <h2>Rates</h2>
              <Quiet>An empty field goes back to the figure Harvek ships.</Quiet>
              <Amounts data={data} save={save} />
              <Preparations data={data} save={save} />
            </section>
          </div>
        </Columns>
        <AuditPanel of="" step={data.steps[data.unit]} />
      </Page>
    </MoneyIn>
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
