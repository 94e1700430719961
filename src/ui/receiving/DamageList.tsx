'use client'
import { useState } from 'react'
import { styled } from 'styled-components'
import type { Found } from '@/core/order/judge-receipt'
import { DAMAGES, type Damage, MOST_DAMAGE } from '@/core/order/receipt-values'
import { DAMAGE_NAMES } from '@/words/order'
import { Button, Quiet } from '../parts/controls'
import { Labelled } from '../parts/Labelled'

const Box = styled.section`
  display: grid; gap: 8px;
  li { display: flex; align-items: center; gap: 10px; border-top: 1px solid var(--rule); }
  .new { display: grid; grid-template-columns: 140px minmax(0, 1fr) auto; gap: 8px; align-items: end; }
  @media (max-width: 30em) { .new { grid-template-columns: 1fr; } }
`

type Props = { readonly damage: Found['damage']; readonly onChange: (damage: Found['damage']) => void }

/** Dents, cracks and missing parts, each with its place in words. */
export function DamageList({ damage, onChange }: Props) {
  const [what, setWhat] = useState<Damage>('dent')
  const [where, setWhere] = useState('')
  const add = () => {
    onChange([...damage, { what, where: where.trim() }])
    setWhere('')
  }
  const canAdd = where.trim() !== '' && damage.length < MOST_DAMAGE
  return (
    <Box aria-label="Damage seen">
      <Quiet>Small parts are packed inside the packaging: keep all of it until every part is counted.</Quiet>
      <ul>
        {damage.map((one, i) => (
          <li key={`${one.what}${one.where}`} data-damage={one.what}>
            <span>
              {DAMAGE_NAMES[one.what]}: {one.where}
            </span>
            <Button
              $plain
              aria-label={`Take back: ${one.where}`}
              onPress={() => onChange(damage.filter((_, j) => j !== i))}
            >
              Take back
            </Button>
          </li>
        ))}
      </ul>
      <div className="new">
        <Labelled label="Damage seen">
          <select value={what} onChange={event => setWhat(DAMAGES.find(one => one === event.target.value)!)}>
            {DAMAGES.map(one => (
              <option key={one} value={one}>
                {DAMAGE_NAMES[one]}
              </option>
            ))}
          </select>
        </Labelled>
        <Labelled label="Where on it">
          <input
            value={where}
            maxLength={80}
            placeholder="leaf, outside, lower left"
            onChange={event => setWhere(event.target.value)}
            onKeyDown={event => {
              if (event.key === 'Enter' && canAdd) add()
            }}
          />
        </Labelled>
        <Button $plain isDisabled={!canAdd} onPress={add}>
          Note it
        </Button>
      </div>
    </Box>
  )
}
