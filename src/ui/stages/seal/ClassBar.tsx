'use client'
import { styled } from 'styled-components'
import { GAP_CLASS_NAMES, GAP_CLASSES } from '@/core/seal/gap-classes'
import type { Occasion } from '@/core/survey/reading'
import type { Slot } from '@/core/survey/slots'
import { CLASS_NAMES } from '@/words/seals'
import { slotName } from '@/words/walk'
import { readingFrom } from '../../sheet/instrument'
import type { StageProps } from '../../sheet/stage-props'
import { useTape } from '../../sheet/use-tape'

const Bar = styled.div`
  display: flex; flex-wrap: wrap; gap: 6px;
  button { min-height: 44px; padding: 0 10px; border: 1.5px solid var(--strong-rule); border-radius: 4px; background: var(--sheet); font-size: 0.9375rem; }
`
type Props = {
  readonly slot: Slot
  readonly occasion: Occasion
  readonly store: StageProps['store']
  readonly onTaken: () => void
}

/** A gap by what goes into it, where no gauge is at hand: a reading with how far it may be off. */
export function ClassBar({ slot, occasion, store, onTaken }: Props) {
  const { graduation } = useTape(store.sheet.job.unit)
  if (!/^(gap|stop)\./.test(slot)) return null
  return (
    <Bar role="group" aria-label="By eye">
      {GAP_CLASS_NAMES.map(name => {
        const { value, deviation } = GAP_CLASSES[name]
        const take = () => {
          const taken = readingFrom({
            slot,
            value,
            text: CLASS_NAMES[name],
            graduation,
            levelLength: null,
            reader: store.reader,
            occasion,
            from: null,
          })
          void store.addReading({ ...taken, instrument: 'class', deviation })
          onTaken()
        }
        return (
          <button key={name} type="button" onClick={take} aria-label={`${slotName(slot)}: ${CLASS_NAMES[name]}`}>
            {CLASS_NAMES[name]}
          </button>
        )
      })}
    </Bar>
  )
}
