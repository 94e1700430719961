'use client'
import { Check, CircleDashed, CloudOff, LoaderCircle, SkipForward } from 'lucide-react'
import { useEffect, useRef } from 'react'
import type { Severity } from '@/core/base/finding'
import { isFactSlot } from '@/core/survey/facts'
import { isAnswered, type Survey } from '@/core/survey/survey'
import type { Question } from '@/core/survey/survey-of'
import { type DisplayStep, readStep, workStep } from '@/core/units/format-length'
import type { Length } from '@/core/units/length'
import { codeWords } from '@/words/codes'
import { slotName } from '@/words/walk'
import { Button } from '../parts/controls'
import { Figure } from '../parts/Figure'
import { SeverityMark } from '../parts/SeverityMark'
import type { SheetStore, Storing } from '../store/use-sheet'
import { Ladder } from './layout'

type Props<Q extends Question> = {
  readonly slots: readonly Q[]
  /** What stands read. */
  readonly survey: Survey
  readonly store: SheetStore
  readonly selected: string | null
  readonly onSelect: (slot: Q) => void
  /** By how much a reading could still change the verdict, where the ladder is ordered by that. */
  readonly swings?: ReadonlyMap<Question, Length>
  /** How the ladder is ordered, where that can be chosen. */
  readonly order?: { readonly byWhatDecides: boolean; readonly turn: (byWhatDecides: boolean) => void }
}

/** The readings in walking order, done and open, with what is doubtful among them. */
export function ReadingLadder<Q extends Question>({
  slots,
  survey,
  store,
  selected,
  onSelect,
  swings,
  order,
}: Props<Q>) {
  const doubts = doubtsOf(store.work.measure.findings)
  const list = useRef<HTMLOListElement>(null)
  // biome-ignore lint/correctness/useExhaustiveDependencies: another selection is another row in the list
  useEffect(() => {
    const row = list.current?.querySelector<HTMLElement>('[aria-current="true"]')
    const pane = list.current?.closest<HTMLElement>('.scroll')
    if (row && pane && pane.scrollHeight > pane.clientHeight) pane.scrollTop += rowOffset(row, pane)
  }, [selected])
  const done = slots.filter(slot => isAnswered(survey, slot)).length
  return (
    <div className="scroll">
      <div className="count">
        <span>
          {done} of {slots.length} read
        </span>
        {order && (
          <Button $plain aria-pressed={order.byWhatDecides} onPress={() => order.turn(!order.byWhatDecides)}>
            {order.byWhatDecides ? 'What decides first' : 'As one walks'}
          </Button>
        )}
      </div>
      <Ladder ref={list} aria-label={swings ? 'Readings by what they decide' : 'Readings in walking order'}>
        {slots.map(slot => {
          const isDone = isAnswered(survey, slot)
          const storing = storingOf(slot, survey, store)
          const doubt = doubts.get(slot)
          return (
            <li key={slot}>
              <button
                type="button"
                aria-current={slot === selected}
                onClick={() => onSelect(slot)}
                data-slot={slot}
                data-storing={storing ?? (isDone ? 'stored' : 'open')}
              >
                {doubt ? (
                  <SeverityMark severity={doubt} />
                ) : isDone ? (
                  <Check size={18} aria-label="read" />
                ) : survey.skipped.has(slot) ? (
                  <SkipForward size={18} color="var(--quiet)" aria-label="skipped" />
                ) : (
                  <CircleDashed size={18} color="var(--quiet)" aria-label="open" />
                )}
                <span>
                  {slotName(slot)}
                  {swings?.get(slot) !== undefined && (
                    <span className="swing">
                      decides <Figure value={swings.get(slot)!} step={workStep(store.sheet.job.step)} unit either />
                    </span>
                  )}
                </span>
                <LadderValue slot={slot} survey={survey} step={store.sheet.job.step} />
                {storing === 'storing' ? (
                  <LoaderCircle size={16} aria-label="storing" />
                ) : storing === 'not-stored' ? (
                  <CloudOff size={16} color="var(--stop)" aria-label="not stored" />
                ) : (
                  <span />
                )}
              </button>
            </li>
          )
        })}
      </Ladder>
    </div>
  )
}

type ValueProps = { readonly slot: Question; readonly survey: Survey; readonly step: DisplayStep }

function LadderValue({ slot, survey, step }: ValueProps) {
  if (isFactSlot(slot)) {
    const fact = survey.facts.get(slot)
    return fact ? <span className="answer">{codeWords(fact.code)}</span> : <span className="open">–</span>
  }
  const reading = survey.bySlot.get(slot)
  if (!reading) return <span className="open">–</span>
  return (
    <span className="value">
      <Figure value={reading.value} step={readStep(reading.value, step)} />
    </span>
  )
}

/** The mark of each reading that a finding is about; one finding may be about several. */
function doubtsOf(findings: SheetStore['work']['measure']['findings']): ReadonlyMap<string, Severity> {
  const marks = new Map<string, Severity>()
  for (const { severity, place, facts } of [...findings].reverse()) {
    if (severity === 'fine') continue
    for (const one of [place, ...String(facts.slot ?? '').split(' ')]) marks.set(one, severity)
  }
  return marks
}

/** What became of the row that stands for a question; a skip is a row too. */
function storingOf(slot: Question, survey: Survey, { rows }: SheetStore): Storing | undefined {
  const row = isFactSlot(slot) ? survey.facts.get(slot) : survey.bySlot.get(slot)
  const id = (row ?? survey.skipped.get(slot))?.id
  return id === undefined ? undefined : rows.get(id)
}

/** How far a pane must scroll for a row to stand in it whole; the page itself never moves. */
function rowOffset(row: HTMLElement, pane: HTMLElement): number {
  const [inner, outer] = [row.getBoundingClientRect(), pane.getBoundingClientRect()]
  if (inner.top < outer.top) return inner.top - outer.top
  return Math.max(0, inner.bottom - outer.bottom)
}
