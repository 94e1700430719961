'use client'
import { Button } from 'react-aria-components/Button'
import { styled } from 'styled-components'
import { type KeypadParts, partsOf, withParts } from './keypad-text'

const Pad = styled.div`
  display: grid; grid-template-columns: 3fr 4fr; gap: 10px;
  .digits { display: grid; grid-template-columns: repeat(3, 1fr); gap: 5px; }
  .fractions { display: grid; grid-template-columns: repeat(4, 1fr); gap: 5px; }
  .foot { grid-column: 1 / -1; display: grid; grid-template-columns: repeat(4, 1fr); gap: 5px; }
  @media (max-width: 60em) and (max-height: 30em) { [data-docked] & { grid-template-columns: 3fr 4fr 1.5fr; .foot { grid-column: auto; grid-template-columns: 1fr; } } }
`
const Key = styled(Button)`
  min-height: 44px; min-width: 0; padding: 0; border: 1.5px solid var(--strong-rule); border-radius: 4px; background: var(--sheet); font-size: 1.125rem; font-weight: 600; cursor: pointer;
  &[data-pressed] { background: var(--vial); color: #17242B; border-color: var(--ink); }
  &.take { background: var(--blue); color: var(--on-blue); border-color: var(--blue); }
  .frac { font-feature-settings: 'frac' 1; font-variant-numeric: normal; font-size: 1.15em; }
`

const SIXTEENTHS = [
  '0',
  '1/16',
  '1/8',
  '3/16',
  '1/4',
  '5/16',
  '3/8',
  '7/16',
  '1/2',
  '9/16',
  '5/8',
  '11/16',
  '3/4',
  '13/16',
  '7/8',
  '15/16',
]
const TENTHS = ['.0', '.5', '.1', '.2', '.3', '.4', '.6', '.7', '.8', '.9']
const NONE: ReadonlySet<string> = new Set(['0', '.0'])
const DIGITS = ['7', '8', '9', '4', '5', '6', '1', '2', '3']

type Props = {
  readonly unit: 'in' | 'mm'
  readonly signed: boolean
  readonly draft: string
  readonly onDraft: (draft: string) => void
  readonly onTake: () => void
}

/** Whole digits on the left, the tape's sixteenths on the right, strong and light below. For gloves: every key 44 px and more. */
export function Keypad({ unit, signed, draft, onDraft, onTake }: Props) {
  const { sign, whole, strength } = partsOf(draft)
  const build = (next: Partial<KeypadParts>) => onDraft(withParts(draft, next))
  const rights = unit === 'in' ? SIXTEENTHS : TENTHS
  const setRight = (key: string) => build({ fraction: NONE.has(key) ? '' : key })
  return (
    <Pad role="group" aria-label="Keypad">
      <div className="digits">
        {DIGITS.map(digit => (
          <Key key={digit} onPress={() => build({ whole: whole + digit })}>
            {digit}
          </Key>
        ))}
        <Key onPress={() => build({ sign: sign ? '' : '-' })} isDisabled={!signed} aria-label="Change sign">
          ±
        </Key>
        <Key onPress={() => build({ whole: `${whole}0` })}>0</Key>
        <Key onPress={() => onDraft(draft.slice(0, -1).trimEnd())} aria-label="Delete last">
          ⌫
        </Key>
      </div>
      <div className="fractions">
        {rights.map(key => (
          <Key key={key} onPress={() => setRight(key)} aria-label={NONE.has(key) ? 'no fraction' : undefined}>
            <span className={key.includes('/') ? 'frac' : undefined}>{key}</span>
          </Key>
        ))}
      </div>
      <div className="foot">
        <Key onPress={() => build({ strength: strength === '+' ? '' : '+' })}>strong</Key>
        <Key onPress={() => build({ strength: strength === '-' ? '' : '-' })}>light</Key>
        <Key onPress={() => onDraft('')}>clear</Key>
        <Key className="take" onPress={onTake}>
          take
        </Key>
      </div>
    </Pad>
  )
}
