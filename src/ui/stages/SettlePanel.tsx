'use client'
import { detailChoices } from '@/core/catalogue/unit-values'
import { detailsOf } from '@/core/order/order-line'
import type { Detail } from '@/core/specification/wish-values'
import { memberName } from '@/words/members'
import { Panel } from '../parts/controls'
import { Disclosure } from '../parts/Disclosure'
import { Labelled } from '../parts/Labelled'
import type { StageProps } from '../sheet/stage-props'

type Props = Pick<StageProps, 'store'>

/** What the unit's sheet leaves open, to be settled before it is ordered; and what the door may have and need not. */
export function SettlePanel({ store }: Props) {
  const { chosen, of, facts } = store.work.order.value
  const { details } = store.records.order
  if (!chosen || !of) return null
  const { unit } = chosen
  const isOpen = (name: Detail) => detailChoices(unit.details[name]).length !== 1
  const keepsTrim = facts.trim === 'keep'
  const asked = of.details(unit).filter(name => isOpen(name) && !(name === 'brickmould' && keepsTrim))
  const extras = of.extras.filter(isOpen)
  const unwished = detailsOf(of, unit, { details: {} }, facts)
  const unsaid = (name: Detail) => (unwished[name] === undefined ? 'not settled' : `as found: ${unwished[name]}`)
  if (asked.length + extras.length === 0) return null
  return (
    <Panel>
      {asked.length > 0 && <h2>To settle</h2>}
      {asked.map(name => (
        <DetailField key={name} name={name} store={store} unsaid={unsaid(name)} />
      ))}
      {extras.length > 0 && (
        <Disclosure title={`May have: ${extras.map(name => extraWords(name, details[name])).join(', ')}`} key={unit.id}>
          {extras.map(name => (
            <DetailField key={name} name={name} store={store} unsaid="none" />
          ))}
        </Disclosure>
      )}
    </Panel>
  )
}

const extraWords = (name: Detail, wished: string | undefined): string =>
  `${memberName(`details.${name}`).toLowerCase()}${wished ? ` ${wished}` : ''}`

type FieldProps = Props & { readonly name: Detail; readonly unsaid: string }

/** One detail: of what the sheet offers, or in words where it offers nothing. */
function DetailField({ name, store, unsaid }: FieldProps) {
  const { details } = store.records.order
  const choices = detailChoices(store.work.order.value.chosen?.unit.details[name]).filter(one => one !== unsaid)
  const settle = (value: string) => {
    const { [name]: _, ...others } = details
    store.save('order', { details: value.trim() ? { ...others, [name]: value.trim() } : others })
  }
  return (
    <Labelled label={memberName(`details.${name}`)}>
      {choices.length ? (
        <select value={details[name] ?? ''} onChange={event => settle(event.target.value)}>
          <option value="">{unsaid}</option>
          {choices.map(choice => (
            <option key={choice}>{choice}</option>
          ))}
        </select>
      ) : (
        <input
          defaultValue={details[name] ?? ''}
          maxLength={60}
          placeholder={unsaid}
          onBlur={event => settle(event.target.value)}
        />
      )}
    </Labelled>
  )
}
