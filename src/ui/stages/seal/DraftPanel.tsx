'use client'
import dynamic from 'next/dynamic'
import { CORNER, cfmOf, cfmPerSqFt, flowByGap } from '@/core/seal/draft'
import type { SealPlan } from '@/core/seal/plan-seals'
import { meanOf } from '@/core/seal/read-edges'
import { type DisplayStep, formatLength, formatRead, workStep } from '@/core/units/format-length'
import { inches, type Length, metresOf, nearestTick } from '@/core/units/length'
import { wholeMoney } from '@/words/money'
import { sideName } from '@/words/names'
import { Facts, Panel, Quiet } from '../../parts/controls'
import { Disclosure } from '../../parts/Disclosure'
import { Money, useCounting, useDecimal } from '../../parts/Money'
import type { StageProps } from '../../sheet/stage-props'
import { HoleDrawn } from './HoleDrawn'

const Lines = dynamic(() => import('../../parts/LinesChart'), {
  ssr: false,
  loading: () => <div style={{ height: 210 }} />,
})
const Bars = dynamic(() => import('../../parts/Chart'), { ssr: false, loading: () => <div style={{ height: 190 }} /> })

/** A yardstick for hinged doors, cfm a square foot at 75 Pa. */
const YARDSTICK = 0.3

/** What blows through before and after, as figures, by edge, as a hole, and as money. */
export function DraftPanel({ plan, store }: Pick<StageProps, 'store'> & { readonly plan: SealPlan }) {
  const decimal = useDecimal()
  const { before, after, edges } = plan
  const bottoms = edges.filter(one => one.edge.role === 'bottom' && one.expected === null)
  const unit = store.work.order.value.chosen?.unit
  const leaf = store.work.seal.value.size
  const frame = unit ?? leaf
  return (
    <Panel>
      <h2>Draft</h2>
      <Bars
        label="Draft at 50 Pa"
        unit="m³/h"
        groups={edges.map(one => sideName(one.edge.id).replace(' side', ''))}
        series={[
          { name: 'before', values: edges.map(one => one.flowBefore[1]), tone: 'quiet' },
          { name: 'after', values: edges.map(one => one.flowAfter[1]), tone: 'fine' },
        ]}
      />
      <Facts>
        {before.kwhYear > 0 && <MoneyFacts plan={plan} />}
        {([4, 50, 75] as const).map((pressure, i) => [
          <dt key={pressure}>At {pressure} Pa, m³/h</dt>,
          <dd key={`${pressure}.flow`} data-flow={pressure}>
            {decimal(before.flowM3h[i]!, 0)} → {decimal(after.flowM3h[i]!, 1)}
          </dd>,
        ])}
        <CostFacts plan={plan} />
        {bottoms.map(one => (
          <BottomFacts key={one.edge.id} plan={one} step={workStep(store.sheet.job.step)} />
        ))}
        <dt>Push on the latch</dt>
        <dd>
          {decimal(plan.latchForceN, 0)} of {plan.latchLimitN} N
        </dd>
      </Facts>
      <ByArea plan={plan} frame={frame} />
      <ByGap plan={plan} step={workStep(store.sheet.job.step)} />
      <HoleDrawn beforeCm2={before.holeCm2} afterCm2={after.holeCm2} />
      {plan.marginal.length > 0 && before.kwhYear > 0 && <Marginal plan={plan} />}
      {edges.some(one => one.edge.role === 'bottom') && !store.records.seal.corners && (
        <Quiet>
          The bottom corners leak last: two holes of {formatRead(CORNER, store.sheet.job.step)} by the leaf’s thickness
          are taken for them until pads are in.
        </Quiet>
      )}
    </Panel>
  )
}

type OfPlan = { readonly plan: SealPlan }

/** What is saved a year, and between what it lies. */
function MoneyFacts({ plan: { before, after, savedCentsYear, savedBetween } }: OfPlan) {
  const decimal = useDecimal()
  return (
    <>
      <dt>Saved a year</dt>
      <dd style={{ fontSize: '1.625rem', fontWeight: 650 }} data-figure="saved">
        ≈ <Whole cents={roundedCents(savedCentsYear)} />
      </dd>
      <dt>By the gauge’s ±</dt>
      <dd>
        <Whole cents={roundedCents(savedBetween[0])} /> to <Whole cents={roundedCents(savedBetween[1])} />
      </dd>
      <dt>Heat a year</dt>
      <dd>
        {decimal(before.kwhYear, 0)} → {decimal(after.kwhYear, 0)} kWh
      </dd>
    </>
  )
}

/** What the seals cost, and when they have paid for themselves. */
function CostFacts({ plan: { cents, workCents, payBackYears } }: OfPlan) {
  const decimal = useDecimal()
  return (
    <>
      <dt>Seals</dt>
      <dd>
        <Money cents={cents} />
      </dd>
      <dt>Fitting them</dt>
      <dd>
        <Money cents={workCents} />
      </dd>
      {payBackYears !== null && (
        <>
          <dt>Paid back in</dt>
          <dd>{decimal(payBackYears, 1)} years</dd>
        </>
      )}
    </>
  )
}

type Area = { readonly width: Length; readonly height: Length }

/** The same in cubic feet a minute, and by the frame's area against a yardstick. */
function ByArea({ plan: { before, after }, frame }: OfPlan & { readonly frame: Area | null }) {
  const decimal = useDecimal()
  return (
    <Disclosure title="In cfm, and by the frame’s area">
      <Facts>
        {([4, 50, 75] as const).map((pressure, i) => [
          <dt key={pressure}>At {pressure} Pa, cfm</dt>,
          <dd key={`${pressure}.cfm`}>
            {decimal(cfmOf(before.flowM3h[i]!), 0)} → {decimal(cfmOf(after.flowM3h[i]!), 1)}
          </dd>,
        ])}
        {frame && (
          <>
            <dt>A square foot, at 75 Pa</dt>
            <dd data-figure="by-area">
              {decimal(cfmPerSqFt(before.flowM3h[2], frame), 2)} → {decimal(cfmPerSqFt(after.flowM3h[2], frame), 2)} cfm
            </dd>
          </>
        )}
      </Facts>
      <Quiet>A common limit for hinged doors is {decimal(YARDSTICK, 1)} cfm a square foot: a yardstick only.</Quiet>
    </Disclosure>
  )
}

const GAPS = [0, 1, 2, 3, 4, 5, 6].map(count => nearestTick((count * inches(1)) / 32))

/** What a metre of gap lets through, the wider the more than in proportion. */
function ByGap({ plan: { edges }, step }: OfPlan & { readonly step: DisplayStep }) {
  const { thickness } = edges[0]!.edge
  return (
    <Disclosure title="Draft against gap">
      <Lines
        label="A metre of gap at 50 Pa"
        unit="m³/h"
        across="gap"
        groups={GAPS.map(one => formatLength(one, step).replace('≈ ', ''))}
        series={[{ name: 'a metre of gap', values: flowByGap(GAPS, thickness), tone: 'fine' }]}
      />
    </Disclosure>
  )
}

const Marginal = ({ plan }: OfPlan) => (
  <Disclosure title="Where the next money does most">
    <ol style={{ listStyle: 'decimal', paddingLeft: 20 }}>
      {plan.marginal.map(one => (
        <li key={one.edge}>
          {sideName(one.edge)}: <Money cents={one.cents} /> saves ≈ <Whole cents={roundedCents(one.savedCentsYear)} /> a
          year
        </li>
      ))}
    </ol>
  </Disclosure>
)

/** The bottom's wedge: from end to end, on average, and its area. */
function BottomFacts({
  plan: { gap, edge },
  step,
}: {
  readonly plan: SealPlan['edges'][number]
  readonly step: DisplayStep
}) {
  const decimal = useDecimal()
  if (!gap) return null
  const [first, last] = [gap.gaps[0]!.value, gap.gaps.at(-1)!.value]
  const mean = meanOf(gap)
  return (
    <>
      <dt>{sideName(edge.id)}: wedge</dt>
      <dd>
        {formatLength(first, step)} → {formatRead(last, step)}
      </dd>
      <dt>Mean, and area</dt>
      <dd data-figure="bottom-area">
        {formatRead(mean, step)}, {decimal(metresOf(mean) * metresOf(edge.length) * 10_000, 1)} cm²
      </dd>
    </>
  )
}

/** An amount without cents. */
const Whole = ({ cents }: { readonly cents: number }) => <>{wholeMoney(cents, useCounting())}</>

/** No figure to the cent that is not known to the cent: to whole units below a hundred, to tens above. */
const roundedCents = (cents: number): number => {
  const to = Math.abs(cents) < 10_000 ? 100 : 1000
  return Math.round(cents / to) * to
}
