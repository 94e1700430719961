'use client'
import dynamic from 'next/dynamic'
import { Fragment } from 'react'
import { jambCosts } from '@/core/catalogue/fill-and-jamb'
import { handingTraces } from '@/core/specification/handing'
import { magnitude } from '@/core/units/length'
import { handWords } from '@/words/order'
import { towardFor } from '@/words/rounding'
import { Facts, Panel, Quiet } from '../parts/controls'
import { Disclosure } from '../parts/Disclosure'
import { Figure } from '../parts/Figure'
import { Money } from '../parts/Money'
import { TracedFigure, TracedHand } from '../parts/TraceView'
import type { StageProps } from '../sheet/stage-props'
import { FurtherFigures } from './FurtherFigures'
import { StageFindings } from './StageFindings'

const SizeChainPanel = dynamic(() => import('./SizeChainPanel'), { ssr: false })

export function SpecifyFindings(stage: StageProps) {
  const { store } = stage
  const { door, specify } = store.work
  const { step } = store.sheet.job
  const { unit, jamb, floor, pad } = specify.value.specification
  return (
    <>
      {door.specify.derivesUnit && (
        <Panel>
          <h2>To order</h2>
          {unit ? (
            <>
              <TracedFigure name="Unit width" trace={unit.width} step={step} toward={towardFor('derived.width')} />
              <TracedFigure name="Unit height" trace={unit.height} step={step} toward={towardFor('derived.height')} />
              <TracedFigure
                name="Rough opening width"
                trace={unit.roughWidth}
                step={step}
                toward={towardFor('roughOpening.width')}
              />
              <TracedFigure
                name="Rough opening height"
                trace={unit.roughHeight}
                step={step}
                toward={towardFor('roughOpening.height')}
              />
            </>
          ) : (
            <Quiet>The size follows from one width and one height.</Quiet>
          )}
          {jamb && <TracedFigure name="Jamb wanted" trace={jamb.wanted} step={step} toward={towardFor('wall')} />}
          {jamb && <JambOptions store={store} />}
          {floor && <TracedFigure name="Clearance under the leaf" trace={floor.withPad} step={step} toward="down" />}
          {pad && pad.value > 0 && (
            <TracedFigure name={floor ? 'Pad under the sill' : 'Packs under the legs'} trace={pad} step={step} />
          )}
        </Panel>
      )}
      {door.specify.derivesUnit && (
        <Panel>
          <Disclosure title="From one size to all">
            <SizeChainPanel store={store} />
          </Disclosure>
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

/** Every way to make the jamb, the one to take first said, each with what it costs on site. */
function JambOptions({ store }: Pick<StageProps, 'store'>) {
  const { specify, order } = store.work
  const { jamb, unit } = specify.value.specification
  const { step } = store.sheet.job
  if (!jamb) return null
  const costs = jambCosts(jamb.options, unit, order.value.request)
  return (
    <Facts>
      {jamb.options.map((option, i) => (
        <Fragment key={`${option.kind} ${option.jamb}`}>
          <dt style={{ fontWeight: i === jamb.pick ? 650 : 400 }}>
            <Figure value={option.jamb} step={step} unit /> {JAMB_WORDS[option.kind]}
            {option.kind === 'extension' && (
              <>
                {' '}
                of <Figure value={option.difference} step={step} unit />
              </>
            )}
            {option.kind === 'standard' && option.difference !== 0 && (
              <>
                , <Figure value={magnitude(option.difference)} step={step} unit />{' '}
                {option.difference > 0 ? 'proud' : 'shy'}
              </>
            )}
          </dt>
          <dd data-jamb={option.kind}>{costs[i] ? <Money cents={costs[i]} /> : ''}</dd>
        </Fragment>
      ))}
    </Facts>
  )
}

const JAMB_WORDS = {
  standard: 'jamb',
  extension: 'jamb with an extension',
  solid: 'jamb made to width',
} as const
