'use client'
import { Check, CircleDashed, CloudOff, LoaderCircle, SkipForward } from 'lucide-react'
import { memo } from 'react'
import type { Severity } from '@/core/base/finding'
import { isFactSlot } from '@/core/survey/facts'
import { isSigned, isSlot } from '@/core/survey/slots'
import { isAnswered, type Survey } from '@/core/survey/survey'
import type { Question } from '@/core/survey/survey-of'
import { type DisplayStep, readStep, workStep } from '@/core/units/format-length'
import type { Length } from '@/core/units/length'
import { codeWords } from '@/words/codes'
import { directionWords, slotName } from '@/words/walk'
import { Button } from '../parts/controls'
import { Figure } from '../parts/Figure'
import { SeverityMark } from '../parts/SeverityMark'
import type { SheetStore, Storing } from '../store/use-sheet'
import { useStable } from '../store/use-stable'
import { Ladder } from './layout'
import { useSelectedInSight } from './use-selected-in-sight'

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
  const select = useStable(onSelect as (slot: Question) => void)
  const { doubts } = store.glance
  const list = useSelectedInSight(selected)
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
        {slots.map(slot => (
          <Row
            key={slot}
            slot={slot}
            isDone={isAnswered(survey, slot)}
            isSkipped={survey.skipped.has(slot)}
            isSelected={slot === selected}
            storing={storingOf(slot, survey, store)}
            doubt={doubts[slot]}
            swing={swings?.get(slot)}
            code={isFactSlot(slot) ? survey.facts.get(slot)?.code : undefined}
            value={isFactSlot(slot) ? undefined : survey.bySlot.get(slot)?.value}
            step={store.sheet.job.step}
            onSelect={select}
          />
        ))}
      </Ladder>
    </div>
  )
}

type RowProps = {
  readonly slot: Question
  readonly isDone: boolean
  readonly isSkipped: boolean
  readonly isSelected: boolean
  readonly storing: Storing | undefined
  readonly doubt: Severity | undefined
  readonly swing: Length | undefined
  readonly code: string | undefined
  readonly value: Length | undefined
  readonly step: DisplayStep
  readonly onSelect: (slot: Question) => void
}

/** One reading or answer; drawn again only when something of it is different. */
const Row = memo(function Row(row: RowProps) {
  const { slot, isDone, isSelected, storing, swing, step, onSelect } = row
  return (
    <li>
      <button
        type="button"
        aria-current={isSelected}
        onClick={() => onSelect(slot)}
        data-slot={slot}
        data-storing={storing ?? (isDone ? 'stored' : 'open')}
      >
        <RowMark {...row} />
        <span>
          {slotName(slot)}
          {sideOf(row)}
          {swing !== undefined && (
            <span className="swing">
              decides <Figure value={swing} step={workStep(step)} unit either />
            </span>
          )}
        </span>
        <RowValue {...row} />
        {storing === 'sending' ? (
          <LoaderCircle size={16} aria-label="on its way" />
        ) : storing === 'kept' ? (
          <CloudOff size={16} color="var(--watch)" aria-label="kept on this device" />
        ) : (
          <span />
        )}
      </button>
    </li>
  )
})

function RowMark({ doubt, isDone, isSkipped }: RowProps) {
  if (doubt) return <SeverityMark severity={doubt} />
  if (isDone) return <Check size={18} aria-label="read" />
  if (isSkipped) return <SkipForward size={18} color="var(--quiet)" aria-label="skipped" />
  return <CircleDashed size={18} color="var(--quiet)" aria-label="open" />
}

/** Which way a reading with a direction goes. */
const sideOf = ({ slot, value }: RowProps) =>
  isSlot(slot) && isSigned(slot) && value !== undefined && value !== 0 ? (
    <span className="swing">{directionWords(slot)[value < 0 ? 0 : 1]}</span>
  ) : null

function RowValue({ code, value, step }: RowProps) {
  if (code !== undefined) return <span className="answer">{codeWords(code)}</span>
  if (value === undefined) return <span className="open">–</span>
  return (
    <span className="value">
      <Figure value={value} step={readStep(value, step)} />
    </span>
  )
}

/** What became of the row that stands for a question; a skip is a row too. */
function storingOf(slot: Question, survey: Survey, { rows }: SheetStore): Storing | undefined {
  const row = isFactSlot(slot) ? survey.facts.get(slot) : survey.bySlot.get(slot)
  const id = (row ?? survey.skipped.get(slot))?.id
  return id === undefined ? undefined : rows.get(id)
}
