'use client'
import { useEffect, useState } from 'react'
import { CURRENCIES } from '@/core/catalogue/firm'
import { CURRENCY_NAMES } from '@/words/money'
import { Field, Form, Said } from '../pages/form'
import { Page } from '../pages/Today'
import { Button, Choice } from '../parts/controls'
import { EmailLine, Line, NewPassword } from './fields'
import { goTo, useAsking } from './use-asking'

const UNITS = [
  ['in', 'Inches'],
  ['mm', 'Millimetres'],
] as const
const PAPERS = [
  ['a4', 'A4'],
  ['letter', 'Letter'],
] as const

/** The first run: the firm, what it counts in, and its owner. */
export function Start({ zones }: { readonly zones: readonly string[] }) {
  const [unit, setUnit] = useState<'in' | 'mm'>('in')
  const [paper, setPaper] = useState<'a4' | 'letter'>('letter')
  const [zone, setZone] = useState('')
  // As the device has it, until somebody says otherwise.
  useEffect(() => setZone(Intl.DateTimeFormat().resolvedOptions().timeZone), [])
  // A device may call its clock by another name.
  const known = zone === '' || zones.includes(zone) ? zones : [zone, ...zones]
  const { ask, said, isBusy } = useAsking(
    '/api/start',
    ({ firm, currency, name, email, password, withDemo }) => ({
      ...{ firm, currency, name, email, password },
      ...{ unit, paper, timeZone: zone || null, withDemo: withDemo === 'on' },
    }),
    () => goTo('/'),
  )
  const chooseUnit = (next: 'in' | 'mm') => {
    setUnit(next)
    setPaper(next === 'in' ? 'letter' : 'a4')
  }
  return (
    <Page>
      <h1>Start Harvek for your firm</h1>
      <p>Asked once. Everything here can be changed later under Firm.</p>
      <Form onSubmit={ask}>
        <Line label="Firm" name="firm" maxLength={120} autoComplete="organization" />
        <Choice label="Lengths in" value={unit} options={UNITS} onChange={chooseUnit} />
        <Choice label="Papers in" value={paper} options={PAPERS} onChange={setPaper} />
        <Field>
          Money in
          <select name="currency" defaultValue="USD">
            {CURRENCIES.map(one => (
              <option key={one} value={one}>
                {CURRENCY_NAMES[one]}
              </option>
            ))}
          </select>
        </Field>
        <Field>
          Clock
          <select aria-label="Clock" value={zone} onChange={event => setZone(event.target.value)}>
            <option value="">not said</option>
            {known.map(one => (
              <option key={one} value={one}>
                {one.replaceAll('_', ' ')}
              </option>
            ))}
          </select>
        </Field>
        <h2>You, its owner</h2>
        <Line label="Name" name="name" maxLength={80} autoComplete="name" />
        <EmailLine />
        <NewPassword />
        <label style={{ display: 'flex', gap: 10, alignItems: 'center', minHeight: 44 }}>
          <input type="checkbox" name="withDemo" style={{ width: 22, height: 22 }} />
          With the demo’s firm beside it, to try things in
        </label>
        {said && <Said role="alert">{said}</Said>}
        <div>
          <Button type="submit" isDisabled={isBusy}>
            {isBusy ? 'Starting …' : 'Start'}
          </Button>
        </div>
      </Form>
    </Page>
  )
}
