'use client'
import type { MarginPlan } from '@/core/fit/tune-margins'
import { FIXED_REVEALS, REVEALS } from '@/core/tuning/reveals'
import { ALIKE } from '@/core/tuning/tune-measures'
import { type DisplayStep, formatRead, workStep } from '@/core/units/format-length'
import { type Length, magnitude, minus } from '@/core/units/length'
import { revealName } from '@/words/tuning'
import { Facts, Quiet } from '../../parts/controls'
import { Figure } from '../../parts/Figure'

type Props = {
  readonly plan: Extract<MarginPlan, { readonly why: null }>
  readonly meets: boolean
  readonly step: DisplayStep
}

/** Each margin as it is, and as it is then expected. */
export function MarginFigures({ plan: { tuned, margins, target, tolerance }, meets, step }: Props) {
  const fine = workStep(step)
  const low = tuned.leafLow
  return (
    <>
      <Facts>
        <dt>Wanted</dt>
        <dd>
          {formatRead(target, step)} ± {formatRead(tolerance, fine)}
        </dd>
        {REVEALS.filter(name => margins[name] !== undefined && !FIXED_REVEALS.has(name)).flatMap(name => [
          <dt key={name}>{revealName(name, meets)}</dt>,
          <dd key={`${name}.figure`} data-margin={name} style={{ fontSize: '1.1875rem' }}>
            <Figure value={margins[name]!} step={fine} />
            {tuned.reveals[name] !== undefined && magnitude(minus(tuned.reveals[name], margins[name]!)) >= ALIKE && (
              <>
                {' → '}
                <strong>
                  <Figure value={tuned.reveals[name]} step={fine} />
                </strong>
              </>
            )}
          </dd>,
        ])}
        {tuned.worstMiss >= ALIKE && (
          <>
            <dt>Still out, at most</dt>
            <dd>
              <Figure value={tuned.worstMiss} step={fine} unit />
            </dd>
          </>
        )}
      </Facts>
      {low !== null && magnitude(low) > tolerance && <LeafLow low={low} step={fine} />}
    </>
  )
}

const LeafLow = ({ low, step }: { readonly low: Length; readonly step: DisplayStep }) => (
  <Quiet>
    The leaf hangs {low > 0 ? 'low' : 'high'} by {formatRead(magnitude(low), step)}: no pack moves that.{' '}
    {low > 0 ? 'Raise' : 'Lower'} the hinge leg by as much, where its support and the head leave room.
  </Quiet>
)
