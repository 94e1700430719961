'use client'
import { useState } from 'react'
import type { PlannedStep, StepState } from '@/core/fit/setting-step'
import type { LogEntry } from '@/core/log/log'
import type { LogResult } from '@/core/log/log-values'
import type { LedStep } from '@/core/seal/seal-steps'
import { reasonKey } from '@/core/seal/seal-wants'
import { readFigure } from '../../parts/read-figure'
import type { StageProps } from '../../sheet/stage-props'

type Store = StageProps['store']

/** States in which a step can be gone on with. */
const OPEN: ReadonlySet<StepState> = new Set<StepState>(['ready', 'doing', 'failed', 'look-again'])
export const isOpen = ({ state }: PlannedStep): boolean => OPEN.has(state)

/** The step that is next: what was begun or went wrong before what could be begun; `null` where all are done or wait. */
export const nextStep = <S extends PlannedStep>(steps: readonly S[]): S | null =>
  steps.find(one => one.state === 'doing' || one.state === 'failed' || one.state === 'look-again') ??
  steps.find(one => one.state === 'ready') ??
  null

export type StepNote = (result: LogResult, text?: string, value?: LogEntry['value']) => void

/** Notes what became of a step. The last step of a seal is the record that it is in: which piece, on which edge. */
export const noteStep =
  (store: Store, { id, seal }: Pick<LedStep, 'id' | 'seal'>): StepNote =>
  (result, text = '', value = null) => {
    if (!seal || seal.nth < seal.of || result === 'started')
      return void store.addLog({ kind: 'step', code: id, result, text, value })
    const code = reasonKey(seal.edge, seal.id)
    const [length] = seal.lengths
    const piece = length === undefined ? null : { length }
    return void store.addLog({ kind: 'seal', code, result: result === 'done' ? 'fitted' : result, text, value: piece })
  }

export type StepDone = {
  readonly draft: string
  readonly setDraft: (draft: string) => void
  /** What is wrong with what was typed. */
  readonly wrong: string | null
  /** Whether it is asked once more, since it can't be undone. */
  readonly isSure: boolean
  readonly done: () => void
}

/** Doing a step: its figure is read from what was typed, and what can't be undone is asked once more. */
export function useStepDone(store: Store, step: LedStep, onDone: () => void = () => undefined): StepDone {
  const [draft, setDraft] = useState('')
  const [wrong, setWrong] = useState<string | null>(null)
  const [asked, setAsked] = useState<string | null>(null)
  const isSure = asked === step.id
  const take = (value: LogEntry['value']) => {
    if (step.irreversible && !isSure) return setAsked(step.id)
    noteStep(store, step)('done', '', value)
    setDraft('')
    setWrong(null)
    setAsked(null)
    onDone()
  }
  const done = () => {
    const { reads } = step
    if (!reads || draft.trim() === '')
      return reads?.isNeeded ? setWrong('Read it first: this is what lets the work go on.') : take(null)
    const read = readFigure(draft, reads.unit, store.sheet.job.unit)
    if ('wrong' in read) return setWrong(read.wrong)
    take(read.value)
  }
  return {
    draft,
    setDraft: next => {
      setDraft(next)
      setWrong(null)
    },
    wrong,
    isSure,
    done,
  }
}
