'use client'
import { memo } from 'react'
import { Button } from 'react-aria-components/Button'
import { styled } from 'styled-components'
import { useStable } from '../store/use-stable'
import { type KeypadParts, partsOf, withParts } from './keypad-text'

const Pad = styled.div`
  display: grid; grid-template-columns: 3fr 4fr; gap: 10px;
  .digits { display: grid; grid-template-columns: repeat(3, 1fr); gap: 5px; }
  .fractions { display: grid; grid-template-columns: repeat(4, 1fr); gap: 5px; }
  .foot { grid-column: 1 / -1; display: grid; grid-template-columns: repeat(4, 1fr); gap: 5px; }
  &:has(.few) { grid-template-columns: 3fr 1fr; .few { grid-template-columns: 1fr; } }
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
/** What can be seen on a tape whose finest mark is a whole millimetre. */
const HALVES = ['.0', '.5']
const NONE: ReadonlySet<string> = new Set(['0', '.0'])
const DIGITS = ['7', '8', '9', '4', '5', '6', '1', '2', '3']

type Props = {
  readonly unit: 'in' | 'mm'
  /** The finest mark of the tape one reads with. */
  readonly graduation: string
  readonly signed: boolean
  readonly draft: string
  readonly onDraft: (draft: string) => void
  readonly onTake: () => void
}

/** Whole digits on the left, the tape's sixteenths on the right, strong and light below. For gloves: every key 44 px and more. */
export function Keypad({ unit, graduation, signed, draft, onDraft, onTake }: Props) {
  const press = useStable((kind: Kind, key: string) => {
    if (kind === 'take') onTake()
    else onDraft(pressed(draft, kind, key))
  })
  const rights = unit === 'in' ? SIXTEENTHS : graduation === '1' ? HALVES : TENTHS
  return (
    <Pad role="group" aria-label="Keypad">
      <div className="digits">
        {DIGITS.map(digit => (
          <OneKey key={digit} kind="digit" name={digit} onPress={press} />
        ))}
        <OneKey kind="sign" name="±" said="Change sign" isDisabled={!signed} onPress={press} />
        <OneKey kind="digit" name="0" onPress={press} />
        <OneKey kind="delete" name="⌫" said="Delete last" onPress={press} />
      </div>
      <div className={rights === HALVES ? 'fractions few' : 'fractions'}>
        {rights.map(key => (
          <OneKey
            key={key}
            kind="fraction"
            name={key}
            said={NONE.has(key) ? 'no fraction' : undefined}
            onPress={press}
          />
        ))}
      </div>
      <div className="foot">
        <OneKey kind="strong" name="strong" onPress={press} />
        <OneKey kind="light" name="light" onPress={press} />
        <OneKey kind="clear" name="clear" onPress={press} />
        <OneKey kind="take" name="take" onPress={press} />
      </div>
    </Pad>
  )
}

type Kind = 'digit' | 'sign' | 'delete' | 'fraction' | 'strong' | 'light' | 'clear' | 'take'

/** What stands in the field after a key. */
function pressed(draft: string, kind: Exclude<Kind, 'take'>, key: string): string {
  const { sign, whole, strength } = partsOf(draft)
  const build = (next: Partial<KeypadParts>) => withParts(draft, next)
  switch (kind) {
    case 'digit':
      return build({ whole: whole + key })
    case 'sign':
      return build({ sign: sign ? '' : '-' })
    case 'delete':
      return draft.slice(0, -1).trimEnd()
    case 'fraction':
      return build({ fraction: NONE.has(key) ? '' : key })
    case 'strong':
      return build({ strength: strength === '+' ? '' : '+' })
    case 'light':
      return build({ strength: strength === '-' ? '' : '-' })
    case 'clear':
      return ''
  }
}

type KeyProps = {
  readonly kind: Kind
  readonly name: string
  readonly said?: string | undefined
  readonly isDisabled?: boolean
  readonly onPress: (kind: Kind, name: string) => void
}

/** One key; none is drawn anew when another is pressed. */
const OneKey = memo(function OneKey({ kind, name, said, isDisabled = false, onPress }: KeyProps) {
  return (
    <Key
      className={kind === 'take' ? 'take' : undefined}
      isDisabled={isDisabled}
      aria-label={said}
      onPress={() => onPress(kind, name)}
    >
      {name.includes('/') ? <span className="frac">{name}</span> : name}
    </Key>
  )
})
