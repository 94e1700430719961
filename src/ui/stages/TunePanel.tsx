'use client'
import { useMemo, useState } from 'react'
import { styled } from 'styled-components'
import { hangingScene } from '@/core/drawing/hanging-scene'
import type { Hung } from '@/core/fit/fitted'
import { hungLeafOf, marginSlots } from '@/core/fit/hanging'
import { moveCode } from '@/core/fit/margin-log'
import { byHand, type LeafPlan } from '@/core/fit/tune-leaves'
import type { MarginPlan } from '@/core/fit/tune-margins'
import { type Move, REVEALS, type RevealName } from '@/core/tuning/reveals'
import { formatRead, workStep } from '@/core/units/format-length'
import { times } from '@/core/units/length'
import {
  byHandWords,
  CAUSE_WORDS,
  LEAF_NAMES,
  moveWords,
  NOT_TUNED,
  oddWords,
  pressedWords,
  revealName,
} from '@/words/tuning'
import { Button, Quiet } from '../parts/controls'
import { Disclosure } from '../parts/Disclosure'
import { SceneView } from '../parts/SceneView'
import type { StageProps } from '../sheet/stage-props'
import { MarginFields } from './fit/MarginFields'
import { MarginFigures } from './fit/MarginFigures'
import { OtherMeans } from './fit/OtherMeans'
import { type Tuning, useTuning } from './fit/use-tuning'

type Store = StageProps['store']

/** The margins of each hung leaf: read here, what they speak for, and the least moves that even them out, each noted when it is made. */
export default function TunePanel({ store }: Pick<StageProps, 'store'>) {
  const { hung } = store.work.fit.value
  const tuning = useTuning(store)
  if (hung.length === 0) return <Quiet>The hinge side, the leaf’s size and its hinges are needed for this.</Quiet>
  return (
    <>
      {tuning.leaves.failed && (
        <p role="alert">The moves could not be worked out: {tuning.leaves.failed}. Read a margin again to try anew.</p>
      )}
      {hung.map((one, i) => (
        <Leaf key={one.hanging.id} one={one} plan={tuning.leaves.value?.[i] ?? null} tuning={tuning} store={store} />
      ))}
    </>
  )
}

const Box = styled.div`
  display: grid; gap: 10px; min-width: 0;
  & + & { border-top: 1px solid var(--rule); padding-top: 10px; }
  .drawn { height: 340px; min-width: 0; }
`
type LeafProps = { readonly one: Hung; readonly plan: LeafPlan | null; readonly tuning: Tuning; readonly store: Store }

function Leaf({ one: { hanging, margins }, plan, tuning, store }: LeafProps) {
  const [selected, setSelected] = useState<RevealName | null>(null)
  const { isStale, states, moves } = margins
  const which = hanging.meets ? (hanging.isPassive ? 'passive' : 'active') : 'one'
  return (
    <Box data-leaf={which} data-behind={tuning.leaves.isBehind}>
      {hanging.meets && <h3>{LEAF_NAMES[which]}</h3>}
      {isStale ? (
        <Quiet>Moved since: open and shut the leaf, then read again what you have.</Quiet>
      ) : (
        plan && <Plan leaf={plan} store={store} tuning={tuning} />
      )}
      <Drawn
        one={{ hanging, margins }}
        plan={isStale ? null : plan}
        selected={selected}
        onSelect={setSelected}
        store={store}
      />
      <Disclosure
        key={isStale ? 'stale' : 'read'}
        title="Read the margins"
        isOpenFirst={states.length === 0 || isStale || selected !== null}
      >
        <MarginFields store={store} hanging={hanging} states={states} selected={selected} onSelect={setSelected} />
      </Disclosure>
      {moves.length > 0 && (
        <Quiet data-made={moves.length}>Moved so far: {moves.length === 1 ? '1 move' : `${moves.length} moves`}.</Quiet>
      )}
    </Box>
  )
}

type DrawnProps = {
  readonly one: Hung
  readonly plan: LeafPlan | null
  readonly selected: RevealName | null
  readonly onSelect: (name: RevealName) => void
  readonly store: Store
}

/** The leaf with its margins as they stand, and as they are expected after the moves; one is read by tapping it. */
function Drawn({ one: { hanging, margins }, plan, selected, onSelect, store }: DrawnProps) {
  const { step } = store.sheet.job
  const scene = useMemo(() => {
    const hung = hungLeafOf(hanging)
    if (!hung) return null
    const slots = marginSlots(hanging)
    const read = plan?.margins ?? Object.fromEntries(margins.states.map(state => [state.name, state.now]))
    const names = REVEALS.filter(name => slots[name])
    return hangingScene({ hung, hinges: hanging.hinges, read, expected: plan?.plan.tuned?.reveals ?? {}, names })
  }, [hanging, margins, plan])
  const names = useMemo(
    () => new Map(REVEALS.map(name => [name as string, revealName(name, hanging.meets)])),
    [hanging.meets],
  )
  if (!scene) return null
  return (
    <div className="drawn">
      <SceneView
        scene={scene}
        step={workStep(step)}
        title="The leaf with its margins"
        selected={selected}
        names={names}
        onSelect={id => {
          const name = REVEALS.find(reveal => reveal === id)
          if (name) onSelect(name)
        }}
      />
    </div>
  )
}

function Plan({ leaf, store, tuning }: { readonly leaf: LeafPlan; readonly store: Store; readonly tuning: Tuning }) {
  const { plan, causes, hanging } = leaf
  const { step } = store.sheet.job
  if (plan.why === 'not-read') return <Quiet>{NOT_TUNED[plan.why]}</Quiet>
  if (plan.why === 'odd') return <p role="alert">{oddWords(plan.odd.map(name => revealName(name, hanging.meets)))}</p>
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
          <Moves leaf={leaf} plan={plan} store={store} />
          <MarginFigures plan={plan} meets={hanging.meets} step={step} />
        </>
      )}
      <Disclosure title="Another aim, other means">
        <OtherMeans leaf={leaf} tuning={tuning} step={step} />
      </Disclosure>
    </>
  )
}

const List = styled.ol`
  padding-left: 22px; display: grid; gap: 8px; font-size: 1.125rem; list-style: decimal;
  li > div { display: grid; grid-template-columns: minmax(0, 1fr) auto; gap: 10px; align-items: center; }
`
type Solved = Extract<MarginPlan, { readonly why: null }>

/** What to move, in working order; each is noted as it is made, and can be taken back by noting it the other way round. */
function Moves({ leaf, plan, store }: { readonly leaf: LeafPlan; readonly plan: Solved; readonly store: Store }) {
  const { tuned, step: stepLength } = plan
  const { step } = store.sheet.job
  if (tuned.moves.length === 0)
    return (
      <p data-moves="0">
        <strong>
          {tuned.worstMiss === 0 ? 'Even: nothing to move.' : 'Nothing that is there makes these margins more even.'}
        </strong>
      </p>
    )
  const made = ({ adjuster, steps }: Move) => {
    const value = { length: times(stepLength, steps) }
    void store.addLog({ kind: 'move', code: moveCode(leaf.hanging.id, adjuster, leaf.means), result: 'moved', value })
  }
  const first = byHand(leaf)
  return (
    <>
      {first && (
        <Quiet data-by-hand={first.name}>
          {byHandWords(
            pressedWords(first.move),
            revealName(first.name, leaf.hanging.meets),
            formatRead(first.comesTo, workStep(step)),
          )}
        </Quiet>
      )}
      <List data-moves={tuned.moves.length}>
        {tuned.moves.map(one => {
          const words = moveWords(one, stepLength, workStep(step), leaf.means)
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
    </>
  )
}
