'use client'
import { styled } from 'styled-components'
import {
  CONDITION_PLACES,
  CONDITIONS,
  FIXINGS,
  OBSTACLES,
  REASONS,
  STAYS,
  STRUCTURES,
} from '@/core/specification/visit'
import { SETTINGS } from '@/core/specification/wish-values'
import type { Wishes } from '@/core/specification/wishes'
import { withFigures } from '@/words/figures'
import { SETTING_WORDS } from '@/words/settings'
import {
  CONDITION_NAMES,
  CONDITION_PLACE_NAMES,
  FIXING_NAMES,
  OBSTACLE_NAMES,
  REASON_NAMES,
  STAYS_NAMES,
  STRUCTURE_NAMES,
} from '@/words/visit'
import { Choice } from '../parts/controls'
import { Labelled } from '../parts/Labelled'
import { Tick } from '../parts/Tick'
import type { WorkedStore } from '../store/worked'
import { RepairPanel } from './RepairPanel'

const Several = styled.fieldset`
  border: none; padding: 0; margin: 0; display: grid; grid-template-columns: repeat(auto-fill, minmax(132px, 1fr));
  legend { font-size: 0.9375rem; color: var(--quiet); padding: 0; }
`

const Places = styled.fieldset`
  border: none; padding: 0; margin: 0; display: grid; grid-template-columns: repeat(auto-fill, minmax(132px, 1fr)); gap: 8px;
  legend { font-size: 0.9375rem; color: var(--quiet); padding: 0 0 4px; }
`

/** What is asked once, when an opening is first looked at: short, and each answer carried on. */
export default function VisitPanel({ store }: { readonly store: WorkedStore }) {
  const { visit, settings } = store.records.wishes
  const save = (change: Partial<Wishes['visit']>) => store.save('wishes', { visit: { ...visit, ...change } })
  return (
    <>
      <Pick
        legend="Why"
        all={REASONS}
        nameOf={one => REASON_NAMES[one]}
        picked={visit.reasons}
        onPick={reasons => save({ reasons })}
      />
      <Pick
        legend="Where it stands"
        all={SETTINGS}
        nameOf={one => withFigures(SETTING_WORDS[one][2], store.say)}
        picked={settings}
        onPick={next => store.save('wishes', { settings: next })}
      />
      <Pick
        legend="What stays"
        all={STAYS}
        nameOf={one => STAYS_NAMES[one]}
        picked={visit.stays ?? []}
        onPick={stays => save({ stays })}
      />
      <Pick
        legend="What is in the way"
        all={OBSTACLES}
        nameOf={one => OBSTACLE_NAMES[one]}
        picked={visit.obstacles}
        onPick={obstacles => save({ obstacles })}
      />
      <Unsound visit={visit} onChange={condition => save({ condition })} />
      <Choice
        label="The old frame is held by"
        value={visit.fixings ?? 'unseen'}
        options={[['unseen', 'Not looked at'], ...FIXINGS.map(one => [one, FIXING_NAMES[one]] as const)]}
        onChange={fixings => save({ fixings: fixings === 'unseen' ? null : fixings })}
      />
      <Choice
        label="The hole in the wall becomes"
        value={visit.structure}
        options={STRUCTURES.map(one => [one, STRUCTURE_NAMES[one]])}
        onChange={structure => save({ structure })}
      />
      <RepairPanel store={store} />
    </>
  )
}

type UnsoundProps = {
  readonly visit: Wishes['visit']
  readonly onChange: (condition: Wishes['visit']['condition']) => void
}

/** What is not sound, place by place; a place that is not named is sound. */
const Unsound = ({ visit: { condition }, onChange }: UnsoundProps) => (
  <Places>
    <legend>What is not sound</legend>
    {CONDITION_PLACES.map(place => (
      <Labelled key={place} label={CONDITION_PLACE_NAMES[place]}>
        <select
          value={condition[place] ?? ''}
          onChange={event => {
            const state = CONDITIONS.find(one => one === event.target.value)
            const { [place]: _, ...others } = condition
            onChange(state ? { ...others, [place]: state } : others)
          }}
        >
          <option value="">nothing seen</option>
          {CONDITIONS.map(one => (
            <option key={one} value={one}>
              {CONDITION_NAMES[one]}
            </option>
          ))}
        </select>
      </Labelled>
    ))}
  </Places>
)

type PickProps<T extends string> = {
  readonly legend: string
  readonly all: readonly T[]
  readonly nameOf: (one: T) => string
  readonly picked: readonly T[]
  readonly onPick: (picked: T[]) => void
}

function Pick<T extends string>({ legend, all, nameOf, picked, onPick }: PickProps<T>) {
  return (
    <Several>
      <legend>{legend}</legend>
      {all.map(one => (
        <Tick
          key={one}
          isOn={picked.includes(one)}
          onChange={isOn => onPick(isOn ? [...picked, one] : picked.filter(it => it !== one))}
        >
          {nameOf(one)}
        </Tick>
      ))}
    </Several>
  )
}
