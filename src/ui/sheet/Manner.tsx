'use client'
import { styled } from 'styled-components'
import { isLevelReading, isSigned, type Slot } from '@/core/survey/slots'
import { formatWithUnit } from '@/core/units/format-length'
import type { Length } from '@/core/units/length'
import { directionWords, slotName } from '@/words/walk'
import { Choice } from '../parts/controls'
import type { Direction } from './direction'
import { LEVELS } from './instrument'

/** One row, always there, so that the field below it never moves. */
const Row = styled.div`
  display: flex; gap: 6px; min-height: 44px; align-items: center;
  select { min-height: 44px; border: 1.5px solid var(--strong-rule); border-radius: 4px; background: var(--sheet); padding: 0 4px; font-size: 0.9375rem; }
`

type Props = {
  readonly slot: Slot
  readonly unit: 'in' | 'mm'
  readonly level: Length
  readonly onLevel: (level: Length) => void
  readonly direction: Direction | null
  readonly onDirection: (direction: Direction) => void
}

/** How a reading is taken beside its figure: with which level, and to which side it goes. */
export function Manner({ slot, unit, level, onLevel, direction, onDirection }: Props) {
  return (
    <Row className="manner">
      {isLevelReading(slot) && (
        <select
          aria-label={`Level for ${slotName(slot)}`}
          value={level}
          onChange={event => onLevel(LEVELS[unit].find(one => String(one) === event.target.value)!)}
        >
          {LEVELS[unit].map(one => (
            <option key={one} value={one}>
              {formatWithUnit(one, unit === 'in' ? '1/16' : '1')}
            </option>
          ))}
        </select>
      )}
      {isSigned(slot) && (
        <Choice
          label="Which way"
          isLabelHidden
          value={direction}
          options={[
            ['minus', directionWords(slot)[0]],
            ['plus', directionWords(slot)[1]],
          ]}
          onChange={onDirection}
        />
      )}
    </Row>
  )
}
