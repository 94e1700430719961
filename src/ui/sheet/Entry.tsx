'use client'
import { type ReactNode, type RefObject, useCallback, useEffect, useState } from 'react'
import { type DeviceLength, gapOf, lengthOf } from '@/core/survey/device'
import { doubtAbout } from '@/core/survey/doubt'
import { canBeRead } from '@/core/survey/readable'
import type { Occasion, Reading } from '@/core/survey/reading'
import { isLevelReading, isSigned, kindOfSlot, type Slot } from '@/core/survey/slots'
import type { Survey } from '@/core/survey/survey'
import type { Length } from '@/core/units/length'
import { parseLength } from '@/core/units/parse-length'
import { exampleOf } from '@/words/examples'
import { issueWords } from '@/words/issues'
import { doubtWords, impossibleWords } from '@/words/readable'
import { directionWords, slotHow, slotName, slotWhy } from '@/words/walk'
import { LengthField } from '../parts/LengthField'
import { useTelling } from '../parts/typed'
import { Worded } from '../parts/Worded'
import { draftPlace, keepDraft, keptDraft, lastTakenIn } from '../store/drafts'
import type { Storing } from '../store/use-sheet'
import { useStable } from '../store/use-stable'
import { withDirection } from './direction'
import { LEVELS, readingFrom, usualLevel } from './instrument'
import { Manner } from './Manner'
import { NowAsked } from './NowAsked'
import { SkipBar } from './SkipBar'
import type { ReadProps } from './stage-props'
import { useTape } from './use-tape'

type Props = Pick<ReadProps, 'store' | 'devices' | 'direction' | 'onDirection'> & {
  readonly slot: Slot
  /** What stands read so far, and for which occasion it is read now. */
  readonly survey: Survey
  readonly occasion: Occasion
  readonly inputRef: RefObject<HTMLInputElement | null>
  /** Called when a value was taken or skipped: what comes next is the ladder's business. */
  readonly onTaken: (slot: Slot) => void
  /** One further or back on the ladder, without taking anything. */
  readonly onMove: (by: 1 | -1) => void
  /** Other ways to answer, under the field. */
  readonly children?: ReactNode
}

/** What a device sent, while it stands in the field as it came. */
type From = DeviceLength & { readonly instrument: Reading['instrument']; readonly device: string }

/** The reading that is taken now: what it is, how to take it, the field, and what was read here before. */
export function Entry(entry: Props) {
  const { slot, store, direction, onDirection, onTaken, onMove, children } = entry
  const { unit } = store.sheet.job
  const [level, setLevel] = useLevel(slot, unit)
  return (
    <NowAsked name={slotName(slot)}>
      <p className="how">
        <Worded text={slotHow(slot)} />{' '}
        <span className="why">
          <Worded text={slotWhy(slot)} />
        </span>
      </p>
      <Manner
        slot={slot}
        unit={unit}
        level={level}
        onLevel={setLevel}
        direction={direction}
        onDirection={onDirection}
      />
      <Taking {...entry} levelLength={isLevelReading(slot) ? level : null} />
      {children}
      <SkipBar slot={slot} store={store} onSkipped={() => onTaken(slot)} onMove={onMove} />
    </NowAsked>
  )
}

/** The field. A key draws it and the figure on the drawing anew, and nothing else. */
function Taking(entry: Props & { readonly levelLength: Length | null }) {
  const { slot, survey, store, devices, direction, inputRef, onMove, levelLength } = entry
  const { unit, step } = store.sheet.job
  const field = useDraft(slot, draftPlace(store.sheet), survey)
  useOffer(devices, levelLength, field, inputRef)
  const { graduation } = useTape(unit)
  const [last, take] = useTake(entry, field, graduation, levelLength)
  const typed = parseLength(field.draft, { unit, graduation })
  const directed = (value: Length) => withDirection(slot, direction, { value, text: field.draft }).value
  useTelling(slot, typed.ok ? directed(typed.value.ticks) : null)
  const doubt = (value: Length) => {
    const found = doubtAbout(slot, value, survey)
    return found && doubtWords(found, value, step)
  }
  return (
    <LengthField
      label={slotName(slot)}
      unit={unit}
      graduation={graduation}
      signed={isSigned(slot)}
      example={exampleOf(slot, unit)}
      draft={field.draft}
      onDraft={field.type}
      onTake={take}
      onMove={onMove}
      doubt={doubt}
      meaning={value => meaningOf(slot, directed(value))}
      exactness={field.from?.deviation ?? null}
      inputRef={inputRef}
      note={noteUnder(field, last && noteFor(last, store.rows.get(last.id)))}
    />
  )
}

/** The level each kind of reading was last taken with. */
function useLevel(slot: Slot, unit: 'in' | 'mm'): readonly [level: Length, choose: (level: Length) => void] {
  const [levels, setLevels] = useState<Readonly<Record<string, Length>>>({})
  const kind = kindOfSlot(slot)
  const chosen = levels[kind]
  const stands = chosen !== undefined && LEVELS[unit].includes(chosen) ? chosen : usualLevel(slot, unit)
  return [stands, next => setLevels({ ...levels, [kind]: next })]
}

type Draft = ReturnType<typeof useDraft>

/** What stands half typed in the field, where it came from and what is wrong with it; it outlives a reload. */
function useDraft(slot: Slot, base: string, survey: Survey) {
  const [draft, setDraft] = useState('')
  const [from, setFrom] = useState<From | null>(null)
  const [odd, setOdd] = useState<string | null>(null)
  // Another reading starts with an empty field, or with what stood half typed in it before a reload.
  const lastTaken = useStable(lastTakenIn(survey))
  useEffect(() => {
    const kept = keptDraft(base, lastTaken)
    setDraft(kept?.question === slot ? kept.text : '')
    setFrom(null)
    setOdd(null)
  }, [base, slot, lastTaken])
  const fill = useCallback((text: string, source: From) => {
    setDraft(text)
    setFrom(source)
    setOdd(null)
  }, [])
  const type = (next: string) => {
    setDraft(next)
    setFrom(null)
    setOdd(null)
    keepDraft(base, { question: slot, text: next })
  }
  return { draft, from, odd, setOdd, fill, type }
}

/** Puts into the field what a device sent. */
function useOffer(
  { offer, clear }: Props['devices'],
  levelLength: Length | null,
  { fill, setOdd }: Draft,
  inputRef: Props['inputRef'],
): void {
  useEffect(() => {
    if (!offer) return
    clear()
    const { device, value } = offer
    const read = levelLength === null ? lengthOf(device, value) : gapOf(device, value, levelLength)
    if (!read.ok) return setOdd(issueWords(read.issues[0]!))
    inputRef.current?.focus({ preventScroll: true })
    const name = `${device.name} ${device.serial}: ${value.value} ${value.unit}`.slice(0, 80)
    fill(read.value.text, { ...read.value, instrument: device.instrument, device: name })
  }, [offer, clear, levelLength, fill, setOdd, inputRef])
}

type Last = { readonly id: string; readonly slot: Slot; readonly text: string }

/** Takes what was typed as the reading of this place, and says which was taken last. */
function useTake(
  { slot, occasion, store, direction, onDirection, onTaken }: Props,
  { from, type, setOdd }: Draft,
  graduation: Reading['graduation'],
  levelLength: Length | null,
) {
  const [last, setLast] = useState<Last | null>(null)
  const take = (typed: { readonly value: Length; readonly text: string }) => {
    const directed = withDirection(slot, direction, typed)
    if (!canBeRead(slot, directed.value)) return setOdd(`${impossibleWords(slot, typed.text)}.`)
    const reading = readingFrom({ ...directed, occasion, slot, graduation, levelLength, reader: store.reader, from })
    setLast({ id: reading.id, slot, text: reading.text })
    type('')
    onDirection(null)
    void store.addReading(reading)
    onTaken(slot)
  }
  return [last, take] as const
}

/** What stands under the field: what is wrong, what a device sent, else what became of the last reading. */
function noteUnder({ odd, from }: Draft, last: ReturnType<typeof noteFor> | null) {
  if (odd) return { text: odd, tone: 'wrong' } as const
  if (from) return { text: `From the ${from.instrument}; Enter takes it.`, tone: 'plain' } as const
  return last
}

/** Which way a signed value goes, in words; nothing for a size or for straight. */
function meaningOf(slot: Slot, value: Length): string {
  if (!isSigned(slot) || value === 0) return ''
  return directionWords(slot)[value < 0 ? 0 : 1]
}

function noteFor({ slot, text }: { readonly slot: Slot; readonly text: string }, storing: Storing | undefined) {
  const name = slotName(slot)
  if (storing === 'stored') return { text: `${name} “${text}” stored.`, tone: 'plain' } as const
  if (storing === 'kept') return { text: `${name} “${text}” kept on this device.`, tone: 'plain' } as const
  return { text: `${name} “${text}” …`, tone: 'plain' } as const
}
