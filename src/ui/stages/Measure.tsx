'use client'
import { useEffect, useState } from 'react'
import { isFactSlot } from '@/core/survey/facts'
import { isAnswered } from '@/core/survey/survey'
import { ladderFor, type Question } from '@/core/survey/survey-of'
import type { Length } from '@/core/units/length'
import { Entry } from '../sheet/Entry'
import { FactEntry } from '../sheet/FactEntry'
import { ReadingLadder } from '../sheet/ReadingLadder'
import { neighbourOf, nextOpen } from '../sheet/selection'
import type { ReadProps } from '../sheet/stage-props'

type Order = 'walk' | 'decides'

export function MeasureLadder(stage: ReadProps) {
  const { store, selected, onSelect, onShow } = stage
  const { survey } = store
  const { asked } = store.glance
  const [order, setOrder] = useState<Order>('walk')
  const [byKeyboard, setByKeyboard] = useState(false)
  const walk = ladderFor(asked, survey.way)
  const swings = useSwings(store, order === 'decides')
  const first = [...swings.keys()].filter(one => walk.includes(one))
  const slots = order === 'decides' ? [...first, ...walk.filter(one => !swings.has(one))] : walk
  const slot = slots.find(one => one === selected) ?? firstToTake(slots, stage)
  // What is to be read first is shown on the drawing from the start.
  useEffect(() => {
    if (selected === null) onShow(slot)
  }, [selected, slot, onShow])
  const go = (to: Question | null) => {
    setByKeyboard(true)
    onSelect(to)
  }
  const common = {
    store,
    onTaken: (taken: Question) => go(nextOpen(slots, survey, taken) ?? taken),
    onMove: (by: 1 | -1) => go(neighbourOf(slots, slot, by)),
  }
  return (
    <>
      {isFactSlot(slot) ? (
        <FactEntry {...common} slot={slot} takesFocus={byKeyboard} />
      ) : (
        <Entry {...stage} {...common} slot={slot} survey={survey} occasion="survey" />
      )}
      <ReadingLadder
        slots={slots}
        survey={survey}
        store={store}
        selected={slot}
        onSelect={onSelect}
        swings={order === 'decides' ? swings : undefined}
        order={{ byWhatDecides: order === 'decides', turn: decides => setOrder(decides ? 'decides' : 'walk') }}
      />
    </>
  )
}

/** What to take first: the reading that disagrees with the rest, else the next open one, else one that was skipped. */
function firstToTake(slots: readonly Question[], { store }: ReadProps): Question {
  const { survey, glance } = store
  return (
    slots.find(one => one === glance.suspect) ??
    nextOpen(slots, survey, null) ??
    slots.find(one => !isAnswered(survey, one)) ??
    slots[0]!
  )
}

const NO_SWINGS: ReadonlyMap<Question, Length> = new Map()

/** By how much each open reading could still change the verdict, while that is asked: only then is it worked out. */
function useSwings(store: ReadProps['store'], isAsked: boolean): ReadonlyMap<Question, Length> {
  const [work, setWork] = useState<typeof import('../store/worked') | null>(null)
  useEffect(() => {
    if (isAsked) void import('../store/worked').then(setWork)
  }, [isAsked])
  return isAsked && work ? work.swingsOn(store) : NO_SWINGS
}
