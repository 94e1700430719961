'use client'
import { styled } from 'styled-components'
import { CONSTRUCTIONS } from '@/core/specification/weigh-leaf'
import { SETTINGS, type Setting } from '@/core/specification/wish-values'
import type { Wishes } from '@/core/specification/wishes'
import { withFigures } from '@/words/figures'
import { constructionName, SETTING_WORDS } from '@/words/settings'
import { Choice, Panel } from '../parts/controls'
import { Tick } from '../parts/Tick'
import { AllowanceFields } from '../sheet/AllowanceFields'
import type { StageProps } from '../sheet/stage-props'
import { DensityField } from './DensityField'
import { SchoolPanel } from './SchoolPanel'

const Wanted = styled(Panel)`
  .settings { border: none; padding: 0; margin: 0; display: grid; }
  .settings legend { font-size: 0.9375rem; color: var(--quiet); padding: 0; }
`

export function SpecifyLadder({ store }: StageProps) {
  const save: Save = change => store.save('wishes', change)
  const wished = { wishes: store.records.wishes, save }
  return (
    <>
      <Wanted>
        <h2>What is wanted</h2>
        <HandWishes {...wished} asks={new Set<string>(store.work.door.specify.settles)} />
        <LeafWishes {...wished} unit={store.sheet.job.unit} />
        <SettingWishes {...wished} say={store.say} />
        <Choice
          label="Subfloor"
          value={wished.wishes.subfloor}
          options={[
            ['sound', 'Sound'],
            ['rotten', 'Rotten'],
            ['not-seen', 'Not seen'],
          ]}
          onChange={subfloor => save({ subfloor })}
        />
      </Wanted>
      <SchoolPanel store={store} />
      <Panel>
        <AllowanceFields store={store} />
      </Panel>
    </>
  )
}

type Save = (change: Partial<Wishes>) => void
type Wished = { readonly wishes: Wishes; readonly save: Save }

/** What of the hand and the bore this kind of door has to have settled. */
const HandWishes = ({ wishes, save, asks }: Wished & { readonly asks: ReadonlySet<string> }) => (
  <>
    {asks.has('hinges') && (
      <Choice
        label="Hinges, seen from outside"
        value={wishes.hinges}
        options={[
          ['left', 'Left'],
          ['right', 'Right'],
        ]}
        onChange={hinges => save({ hinges })}
      />
    )}
    {asks.has('swing') && (
      <Choice
        label="Swings"
        value={wishes.swing}
        options={[
          ['in', 'In'],
          ['out', 'Out'],
        ]}
        onChange={swing => save({ swing })}
      />
    )}
    {asks.has('bore') && (
      <Choice
        label="Bore"
        value={wishes.bore}
        options={[
          ['none', 'None'],
          ['single', 'Single'],
          ['double', 'Double'],
        ]}
        onChange={bore => save({ bore })}
      />
    )}
  </>
)

const LeafWishes = ({ wishes, save, unit }: Wished & { readonly unit: 'in' | 'mm' }) => (
  <>
    <Choice
      label="Use"
      value={wishes.use}
      options={[
        ['house-entry', 'House entry'],
        ['garage-to-house', 'Garage to house'],
        ['outbuilding', 'Outbuilding'],
      ]}
      onChange={use => save({ use })}
    />
    <Choice
      label="Material"
      value={wishes.material ?? 'any'}
      options={[
        ['any', 'Any'],
        ['timber', 'Timber'],
        ['steel', 'Steel'],
        ['fibreglass', 'Fibreglass'],
        ['aluminium', 'Aluminium'],
        ['pvc', 'PVC'],
      ]}
      onChange={material => save({ material: material === 'any' ? null : material })}
    />
    <Choice
      label="Leaf built as, for its weight"
      value={wishes.construction ?? 'unknown'}
      options={[['unknown', 'Not known'], ...CONSTRUCTIONS.map(one => [one, constructionName(one, unit)] as const)]}
      onChange={construction => save({ construction: construction === 'unknown' ? null : construction })}
    />
    <DensityField value={wishes.densityKgM3} onChange={densityKgM3 => save({ densityKgM3 })} />
  </>
)

/** Where the door stands, as far as codes ask something of it. */
function SettingWishes({ wishes, save, say }: Wished & Pick<StageProps['store'], 'say'>) {
  const { settings, labelMinutes } = wishes
  const set = (setting: Setting, holds: boolean) =>
    save({
      ...(setting === 'fire-label' && !holds ? { labelMinutes: null } : {}),
      settings: SETTINGS.filter(one => (one === setting ? holds : settings.includes(one))),
    })
  return (
    <>
      <fieldset className="settings">
        <legend>Where it stands</legend>
        {SETTINGS.map(setting => (
          <Tick key={setting} isOn={settings.includes(setting)} onChange={isOn => set(setting, isOn)}>
            {withFigures(SETTING_WORDS[setting][2], say)}
          </Tick>
        ))}
      </fieldset>
      {settings.includes('fire-label') && (
        <Choice
          label="Minutes on its label"
          value={labelMinutes === null ? null : String(labelMinutes)}
          options={['20', '30', '45', '60', '90', '180'].map(one => [one, one] as const)}
          onChange={minutes => save({ labelMinutes: Number(minutes) })}
        />
      )}
    </>
  )
}

export { SpecifyFindings } from './SpecifyFindings'
