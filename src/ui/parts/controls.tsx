'use client'
import { memo, useId } from 'react'
import { Button as AriaButton } from 'react-aria-components/Button'
import { styled } from 'styled-components'
import { useStable } from '../store/use-stable'
import { alikeBut } from './alike'
import { Worded } from './Worded'

/** The one thing to do: solid. Everything else: plain. */
export const Button = styled(AriaButton)<{ $plain?: boolean }>`
  min-height: var(--touch); min-width: var(--touch); padding: 0 16px; border-radius: 4px; cursor: pointer; font-weight: 600; font-size: 1rem;
  border: 1.5px solid var(--blue); background: ${p => (p.$plain ? 'transparent' : 'var(--blue)')}; color: ${p => (p.$plain ? 'var(--blue)' : 'var(--on-blue)')};
  &[data-hovered] { box-shadow: 0 0 0 2px var(--blue-wash); }
  &[data-pressed] { transform: translateY(1px); }
  &[data-disabled] { border-color: var(--rule); background: transparent; color: var(--quiet); cursor: not-allowed; }
`

export const ButtonLink = styled.a`
  display: inline-flex; align-items: center; min-height: var(--touch); padding: 0 14px; border-radius: 4px; border: 1.5px solid var(--blue);
  color: var(--blue); font-weight: 600; text-decoration: none; background: var(--sheet);
  &:hover { background: var(--blue-wash); }
`

const Group = styled.div`
  display: grid; gap: 4px;
  .label { font-size: 0.9375rem; color: var(--quiet); }
  .options { display: flex; flex-wrap: wrap; gap: 6px; }
`
const Option = styled.label`
  display: inline-flex; align-items: center; justify-content: center; min-height: var(--touch); min-width: var(--touch); padding: 0 12px; border: 1.5px solid var(--strong-rule); border-radius: 4px; background: var(--sheet); cursor: pointer; font-size: 0.9375rem;
  position: relative;
  input { position: absolute; inset: 0; width: 100%; height: 100%; margin: 0; opacity: 0; cursor: inherit; }
  &:has(input:checked) { background: var(--vial); border-color: var(--ink); color: #17242B; font-weight: 650; box-shadow: inset 0 0 0 1px var(--ink); }
  &:has(input:focus-visible) { outline: 3px solid var(--blue); outline-offset: 2px; }
  &:has(input:disabled) { cursor: not-allowed; color: var(--quiet); }
`

type ChoiceProps<T extends string> = {
  readonly label: string
  readonly value: T | null
  readonly options: readonly (readonly [value: T, name: string])[]
  readonly onChange: (value: T) => void
  /** For a question that its answers ask by themselves; it is still said to whoever can't see them. */
  readonly isLabelHidden?: boolean
}

/** A question with few answers, all in sight. It is drawn anew only when it is another, or answered otherwise. */
export function Choice<T extends string>({ onChange, options, ...rest }: ChoiceProps<T>) {
  const take = useStable((next: string) => onChange(options.find(([one]) => one === next)![0]))
  return <Answers {...rest} options={options} onChange={take} />
}

// The browser's own radio buttons: React Aria's group is 6 kB and, drawn at each reading, most of what a reading costs.
const Answers = memo(function Answers({ label, value, options, onChange, isLabelHidden = false }: ChoiceProps<string>) {
  const id = useId()
  return (
    <Group role="radiogroup" aria-label={label}>
      {!isLabelHidden && (
        <span className="label">
          <Worded text={label} isLabel />
        </span>
      )}
      <div className="options">
        {options.map(([one, name]) => (
          <Option key={one}>
            <input type="radio" name={id} value={one} checked={one === value} onChange={() => onChange(one)} />
            {name}
          </Option>
        ))}
      </div>
    </Group>
  )
}, alikeBut('options'))

export const Panel = styled.section`
  display: grid; grid-template-columns: minmax(0, 1fr); gap: 10px; align-content: start;
  & + & { border-top: 1px solid var(--rule); padding-top: 14px; margin-top: 14px; }
`
/** Names on the left, figures on the right. */
export const Facts = styled.dl`display: grid; grid-template-columns: 1fr auto; gap: 3px 12px; align-items: baseline;`

export const Quiet = styled.p`color: var(--quiet); font-size: 0.9375rem;`
