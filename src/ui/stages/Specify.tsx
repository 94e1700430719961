'use client'
import { styled } from 'styled-components'
import { handingTraces } from '@/core/specification/handing'
import { CONSTRUCTIONS } from '@/core/specification/weigh-leaf'
import { SETTINGS } from '@/core/specification/wish-values'
import { handWords } from '@/words/order'
import { CONSTRUCTION_NAMES, SETTING_WORDS } from '@/words/settings'
import { Choice, Panel, Quiet } from '../parts/controls'
import { TracedFigure, TracedHand } from '../parts/TraceView'
import { AllowanceFields } from '../sheet/AllowanceFields'
import type { StageProps } from '../sheet/stage-props'
import { FurtherFigures } from './FurtherFigures'
import { SchoolPanel } from './SchoolPanel'
import { StageFindings } from './StageFindings'

const Wanted = styled(Panel)`
  .settings { border: none; padding: 0; margin: 0; display: grid; }
  .settings legend { font-size: 15px; color: var(--quiet); padding: 0; }
  .settings label { display: flex; gap: 10px; align-items: center; min-height: 44px; }
  .settings input { width: 22px; height: 22px; }
`

export function SpecifyLadder({ store }: StageProps) {
  const data = store.records.wishes
  const { door } = store.work
  const asks = new Set<string>(door.specify.settles)
  const save = (change: Partial<typeof data>) => store.save('wishes', change)
  return (
    <>
      <Wanted>
        <h2>What is wanted</h2>
        {asks.has('hinges') && (
          <Choice
            label="Hinges, seen from outside"
            value={data.hinges}
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
            value={data.swing}
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
            value={data.bore}
            options={[
              ['none', 'None'],
              ['single', 'Single'],
              ['double', 'Double'],
            ]}
            onChange={bore => save({ bore })}
          />
        )}
        <Choice
          label="Use"
          value={data.use}
          options={[
            ['house-entry', 'House entry'],
            ['garage-to-house', 'Garage to house'],
            ['outbuilding', 'Outbuilding'],
          ]}
          onChange={use => save({ use })}
        />
        <Choice
          label="Material"
          value={data.material ?? 'any'}
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
          value={data.construction ?? 'unknown'}
          options={[['unknown', 'Not known'], ...CONSTRUCTIONS.map(one => [one, CONSTRUCTION_NAMES[one]] as const)]}
          onChange={construction => save({ construction: construction === 'unknown' ? null : construction })}
        />
        <fieldset className="settings">
          <legend>Where it stands</legend>
          {SETTINGS.map(setting => (
            <label key={setting}>
              <input
                type="checkbox"
                checked={data.settings.includes(setting)}
                onChange={event =>
                  save({
                    ...(setting === 'fire-label' && !event.target.checked ? { labelMinutes: null } : {}),
                    settings: SETTINGS.filter(one =>
                      one === setting ? event.target.checked : data.settings.includes(one),
                    ),
                  })
                }
              />
              {SETTING_WORDS[setting][2]}
            </label>
          ))}
        </fieldset>
        {data.settings.includes('fire-label') && (
          <Choice
            label="Minutes on its label"
            value={data.labelMinutes === null ? null : String(data.labelMinutes)}
            options={['20', '30', '45', '60', '90', '180'].map(one => [one, one] as const)}
            onChange={minutes => save({ labelMinutes: Number(minutes) })}
          />
        )}
        <Choice
          label="Subfloor"
          value={data.subfloor}
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

export function SpecifyFindings(stage: StageProps) {
  const { store } = stage
  const { door, specify } = store.work
  const { step } = store.sheet.job
  const { unit, jamb, floor } = specify.value.specification
  const picked = jamb?.options[jamb.pick]
  return (
    <>
      {door.specify.derivesUnit && (
        <Panel>
          <h2>To order</h2>
          {unit ? (
            <>
              <TracedFigure name="Unit width" trace={unit.width} step={step} />
              <TracedFigure name="Unit height" trace={unit.height} step={step} />
              <TracedFigure name="Rough opening width" trace={unit.roughWidth} step={step} />
              <TracedFigure name="Rough opening height" trace={unit.roughHeight} step={step} />
            </>
          ) : (
            <Quiet>The size follows from one width and one height.</Quiet>
          )}
          {jamb && <TracedFigure name="Jamb wanted" trace={jamb.wanted} step={step} />}
          {picked && <Quiet>{JAMB_WORDS[picked.kind]}</Quiet>}
          {floor && <TracedFigure name="Clearance under the leaf" trace={floor.withPad} step={step} />}
          {floor && floor.pad.value > 0 && <TracedFigure name="Pad under the sill" trace={floor.pad} step={step} />}
        </Panel>
      )}
      <FurtherFigures further={specify.value.further} step={step} />
      <Panel>
        <h2>Hand</h2>
        <HandFacts store={store} />
      </Panel>
      <StageFindings {...stage} findings={specify.findings} />
    </>
  )
}

/** The hand in words, and for a hinged leaf by every convention; of a pair and a slider the facts they have instead. */
function HandFacts({ store }: Pick<StageProps, 'store'>) {
  const { door, measure, specify } = store.work
  const { hinges, swing } = store.records.wishes
  const { panels } = specify.value.further
  if (door.survey.facts.includes('fact.moving-panel'))
    return panels ? (
      <strong>{handWords({ hinges: null, swing: null, panels })}</strong>
    ) : (
      <Quiet>Measure asks which panel moves, seen from outside.</Quiet>
    )
  if (door.survey.facts.includes('fact.active-leaf')) {
    const active = measure.value.survey.facts.get('fact.active-leaf')?.code
    return active === 'left' || active === 'right' ? (
      <strong>{handWords({ hinges: null, swing, activeLeaf: active })}</strong>
    ) : (
      <Quiet>Measure asks which leaf is active, seen from outside; tap the plan for which way they go.</Quiet>
    )
  }
  if (!hinges || !swing) return <Quiet>Settle the hinges and the swing; both are seen from outside.</Quiet>
  return (
    <>
      <strong>{handWords({ hinges, swing })}</strong>
      {handingTraces(hinges, swing).map(trace => (
        <TracedHand key={trace.convention} trace={trace} />
      ))}
    </>
  )
}

const JAMB_WORDS = {
  standard: 'A standard jamb reaches.',
  extension: 'A standard jamb with an extension reaches.',
  solid: 'No standard jamb reaches: a solid one, made to width.',
} as const
