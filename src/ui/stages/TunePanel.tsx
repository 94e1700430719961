'use client'
import { useMemo } from 'react'
import { hangingOf, type MarginPlan, tuneMargins } from '@/core/fit/tune-margins'
import { FIXED_REVEALS, REVEALS } from '@/core/tuning/reveals'
import { type DisplayStep, formatRead, workStep } from '@/core/units/format-length'
import { magnitude } from '@/core/units/length'
import { moveWords, NOT_TUNED, REVEAL_NAMES } from '@/words/tuning'
import { Button, Facts, Quiet } from '../parts/controls'
import { Figure } from '../parts/Figure'
import type { StageProps } from '../sheet/stage-props'

/** The margins of the hung leaf: what they are, and the least moves that even them out. */
export default function TunePanel({ store, onGo }: Pick<StageProps, 'store' | 'onGo'>) {
  const { work, sheet } = store
  const { survey } = work.seal.value
  const { shims } = work.fit.value
  const placement = work.order.value.chosen?.placement ?? null
  const { lengths } = work.terms
  const { wishes } = store.records
  const { further } = work.specify.value
  const material = work.order.value.chosen?.unit.material ?? null
  const hanging = useMemo(() => hangingOf(further, material, wishes), [further, material, wishes])
  const plan = useMemo(
    () =>
      hanging && shims && placement
        ? tuneMargins({ survey, hanging, points: shims.points, headGap: placement.headGap, lengths })
        : null,
    [survey, hanging, shims, placement, lengths],
  )
  if (!plan) return <Quiet>The leaf’s size, its hinges and where its frame stands are needed for this.</Quiet>
  const read = (
    <Button $plain onPress={() => onGo('seal', 'gap.head.left')}>
      Read the gaps
    </Button>
  )
  if (plan.tuned === null)
    return (
      <>
        <Quiet>{NOT_TUNED[plan.why]}</Quiet>
        {read}
      </>
    )
  return (
    <>
      <Moves plan={plan} step={sheet.job.step} />
      <Margins plan={plan} step={sheet.job.step} />
      <Quiet>After each move open and shut the leaf, and read it again.</Quiet>
      {read}
    </>
  )
}

type Shown = { readonly plan: Extract<MarginPlan, { readonly why: null }>; readonly step: DisplayStep }

/** What to move, in working order. */
function Moves({ plan: { tuned, step: stepLength }, step }: Shown) {
  if (tuned.moves.length === 0)
    return (
      <p data-moves="0">
        <strong>
          {tuned.worstMiss === 0 ? 'Even: nothing to move.' : 'No pack, card or foot makes these margins more even.'}
        </strong>
      </p>
    )
  return (
    <ol
      data-moves={tuned.moves.length}
      style={{ paddingLeft: 22, display: 'grid', gap: 6, fontSize: 18, listStyle: 'decimal' }}
    >
      {tuned.moves.map(one => (
        <li key={one.adjuster}>{moveWords(one, stepLength, workStep(step))}</li>
      ))}
    </ol>
  )
}

/** Each margin as read, and as it is then expected. */
function Margins({ plan: { tuned, margins, target, tolerance }, step }: Shown) {
  const fine = workStep(step)
  const low = tuned.leafLow
  return (
    <>
      <Facts>
        <dt>Wanted</dt>
        <dd>
          {formatRead(target, step)} ± {formatRead(tolerance, step)}
        </dd>
        {REVEALS.filter(name => margins[name] !== undefined && !FIXED_REVEALS.has(name)).flatMap(name => [
          <dt key={name}>{REVEAL_NAMES[name]}</dt>,
          <dd key={`${name}.figure`} data-margin={name} style={{ fontSize: 19 }}>
            <Figure value={margins[name]!} step={fine} />
            {tuned.reveals[name] !== undefined && tuned.reveals[name] !== margins[name] && (
              <>
                {' → '}
                <strong>
                  <Figure value={tuned.reveals[name]} step={fine} />
                </strong>
              </>
            )}
          </dd>,
        ])}
        {tuned.worstMiss > 0 && (
          <>
            <dt>Still out, at most</dt>
            <dd>
              <Figure value={tuned.worstMiss} step={fine} unit />
            </dd>
          </>
        )}
      </Facts>
      {low !== null && Math.abs(low) > tolerance && (
        <Quiet>
          The leaf hangs {low > 0 ? 'low' : 'high'} by {formatRead(magnitude(low), fine)}: no pack moves that.{' '}
          {low > 0 ? 'Raise' : 'Lower'} the hinge leg by as much, where its support and the head leave room.
        </Quiet>
      )}
    </>
  )
}
