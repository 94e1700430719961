'use client'
import { styled } from 'styled-components'
import { AIMS, type MarginPlan } from '@/core/fit/tune-margins'
import { minutesOf } from '@/core/tuning/move-minutes'
import { FIXED_REVEALS, type Move, REVEALS } from '@/core/tuning/reveals'
import { type DisplayStep, formatRead, workStep } from '@/core/units/format-length'
import { type Length, magnitude, times } from '@/core/units/length'
import { MOVE_MINUTES } from '@/trade/moves'
import { AIM_NAMES, CAUSE_WORDS, MEANS_NAMES, moveWords, NOT_TUNED, REVEAL_NAMES } from '@/words/tuning'
import { Button, Choice, Facts, Quiet } from '../parts/controls'
import { Disclosure } from '../parts/Disclosure'
import { Figure } from '../parts/Figure'
import type { StageProps } from '../sheet/stage-props'
import { MarginFields } from './fit/MarginFields'
import { type Tuning, useTuning } from './fit/use-tuning'

type Store = StageProps['store']

/** The margins of the hung leaf: read here, what they speak for, and the least moves that even them out, each noted when it is made. */
export default function TunePanel({ store }: Pick<StageProps, 'store'>) {
  const { hung } = store.work.fit.value
  const tuning = useTuning(store)
  if (!tuning || !hung) return <Quiet>The hinge side, the leaf’s size and its hinges are needed for this.</Quiet>
  const { margins } = hung
  return (
    <>
      {margins.isStale ? (
        <Quiet>Moved since: open and shut the leaf, then read again what you have.</Quiet>
      ) : (
        <Plan store={store} tuning={tuning} />
      )}
      <Disclosure
        key={margins.isStale ? 'stale' : 'read'}
        title="Read the margins"
        isOpenFirst={margins.states.length === 0 || margins.isStale}
      >
        <MarginFields store={store} hinges={hung.hanging.hinges} states={margins.states} />
      </Disclosure>
      {margins.moves.length > 0 && (
        <Quiet data-made={margins.moves.length}>
          Moved so far: {margins.moves.length === 1 ? '1 move' : `${margins.moves.length} moves`}.
        </Quiet>
      )}
    </>
  )
}

function Plan({ store, tuning }: { readonly store: Store; readonly tuning: Tuning }) {
  const { plan, causes } = tuning
  const { step } = store.sheet.job
  if (plan.why === 'not-read') return <Quiet>{NOT_TUNED[plan.why]}</Quiet>
  return (
    <>
      {causes.map(one => (
        <p key={one} data-cause={one}>
          {CAUSE_WORDS[one]}
        </p>
      ))}
      {plan.tuned === null ? (
        <Quiet>{NOT_TUNED[plan.why]}</Quiet>
      ) : (
        <>
          <Moves plan={plan} store={store} />
          <Margins plan={plan} step={step} />
        </>
      )}
      <Disclosure title="Another aim, other means">
        <Means tuning={tuning} step={step} />
      </Disclosure>
    </>
  )
}

type Solved = Extract<MarginPlan, { readonly why: null }>

const List = styled.ol`
  padding-left: 22px; display: grid; gap: 8px; font-size: 18px; list-style: decimal;
  li > div { display: grid; grid-template-columns: minmax(0, 1fr) auto; gap: 10px; align-items: center; }
`

/** What to move, in working order; each is noted as it is made, and can be taken back by noting it the other way round. */
function Moves({ plan: { tuned, step: stepLength }, store }: { readonly plan: Solved; readonly store: Store }) {
  const { step } = store.sheet.job
  if (tuned.moves.length === 0)
    return (
      <p data-moves="0">
        <strong>
          {tuned.worstMiss === 0 ? 'Even: nothing to move.' : 'No pack, card or foot makes these margins more even.'}
        </strong>
      </p>
    )
  const made = ({ adjuster, steps }: Move) => {
    const value = { length: times(stepLength, steps) }
    void store.addLog({ kind: 'move', code: adjuster, result: 'moved', value })
  }
  return (
    <List data-moves={tuned.moves.length}>
      {tuned.moves.map(one => {
        const words = moveWords(one, stepLength, workStep(step))
        return (
          <li key={one.adjuster}>
            <div>
              {words}
              <Button $plain onPress={() => made(one)} aria-label={`Made: ${words}`}>
                Made
              </Button>
            </div>
          </li>
        )
      })}
    </List>
  )
}

/** Each margin as it is, and as it is then expected. */
function Margins({
  plan: { tuned, margins, target, tolerance },
  step,
}: {
  readonly plan: Solved
  readonly step: DisplayStep
}) {
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

/** What it is aimed at and by which means, with what each would take. */
function Means({ tuning, step }: { readonly tuning: Tuning; readonly step: DisplayStep }) {
  const { aim, setAim, means, setMeans, others } = tuning
  return (
    <>
      <Choice label="Aim" value={aim} options={AIMS.map(one => [one, AIM_NAMES[one]])} onChange={setAim} />
      <Choice
        label="By means of"
        value={means}
        options={others.map(([one]) => [one, MEANS_NAMES[one]])}
        onChange={setMeans}
      />
      <Facts>
        {others.flatMap(([one, { tuned }]) => [
          <dt key={one}>{MEANS_NAMES[one]}</dt>,
          <dd key={`${one}.takes`} data-means={one}>
            {tuned === null
              ? 'does not do'
              : `${tuned.moves.length === 1 ? '1 move' : `${tuned.moves.length} moves`}, about ${minutesOf(tuned.moves, MOVE_MINUTES)} min${
                  tuned.worstMiss > 0 ? `, still out by ${formatRead(tuned.worstMiss, workStep(step))}` : ''
                }`}
          </dd>,
        ])}
      </Facts>
    </>
  )
}
