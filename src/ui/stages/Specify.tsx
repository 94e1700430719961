'use client'
import { handingTraces } from '@/core/specification/handing'
import { FAMILY_RULES } from '@/core/survey/families'
import { Choice, Panel, Quiet } from '../parts/controls'
import { TracedFigure, TracedHand } from '../parts/TraceView'
import { AllowanceFields } from '../sheet/AllowanceFields'
import { StageFindings } from './StageFindings'
import type { StageProps } from './types'

export function SpecifyLadder({ store }: StageProps) {
  const { data } = store.sheet.wishes
  const asks = new Set<string>(FAMILY_RULES[store.sheet.opening.family].settles)
  const save = store.saveWishes
  return (
    <>
      <Panel>
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
          ]}
          onChange={material => save({ material: material === 'any' ? null : material })}
        />
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
      </Panel>
      <Panel>
        <AllowanceFields store={store} />
      </Panel>
    </>
  )
}

export function SpecifyFindings(stage: StageProps) {
  const { store } = stage
  const { specification, findings } = store.result
  const { step } = store.sheet.job
  const { unit, jamb, floor } = specification
  const { hinges, swing } = store.result.wishes
  const picked = jamb?.options[jamb.pick]
  return (
    <>
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
      <Panel>
        <h2>Hand</h2>
        {hinges && swing ? (
          handingTraces(hinges, swing).map(trace => <TracedHand key={trace.convention} trace={trace} />)
        ) : (
          <Quiet>Settle the hinges and the swing; both are seen from outside.</Quiet>
        )}
      </Panel>
      <StageFindings {...stage} findings={findings.specify} />
    </>
  )
}

const JAMB_WORDS = {
  standard: 'A standard jamb reaches.',
  extension: 'A standard jamb with an extension reaches.',
  solid: 'No standard jamb reaches: a solid one, made to width.',
} as const
