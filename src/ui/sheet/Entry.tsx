'use client'
import { type RefObject, useEffect, useState } from 'react'
import { type DeviceLength, gapOf, lengthOf } from '@/core/survey/device'
import { doubtAbout } from '@/core/survey/doubt'
import { canBeRead } from '@/core/survey/readable'
import type { Occasion, Reading } from '@/core/survey/reading'
import { isLevelReading, isSigned, kindOfSlot, type Slot } from '@/core/survey/slots'
import type { Survey } from '@/core/survey/survey'
import type { Length } from '@/core/units/length'
import { issueWords } from '@/words/issues'
import { doubtWords, impossibleWords } from '@/words/readable'
import { directionWords, slotHow, slotName, slotWhy } from '@/words/walk'
import { LengthField } from '../parts/LengthField'
import { keepDraft, keptDraft } from '../store/outbox'
import type { Storing } from '../store/use-sheet'
import { withDirection } from './direction'
import { type LevelName, levelLengthOf, readingFrom, usualLevel } from './instrument'
import { Now } from './layout'
import { Manner } from './Manner'
import { SkipBar } from './SkipBar'
import type { StageProps } from './stage-props'
import { useTape } from './use-tape'

type Props = Pick<StageProps, 'store' | 'devices' | 'direction' | 'onDirection'> & {
  readonly slot: Slot
  /** What stands read so far, and for which occasion it is read now. */
  readonly survey: Survey
  readonly occasion: Occasion
  readonly inputRef: RefObject<HTMLInputElement | null>
  /** Called when a value was taken or skipped: what comes next is the ladder's business. */
  readonly onTaken: (slot: Slot) => void
  /** One further or back on the ladder, without taking anything. */
  readonly onMove: (by: 1 | -1) => void
}

/** What a device sent, while it stands in the field as it came. */
type From = DeviceLength & { readonly instrument: Reading['instrument']; readonly device: string }

/** The reading that is taken now: what it is, how to take it, the field, and what was read here before. */
export function Entry({
  slot,
  survey,
  occasion,
  store,
  devices,
  direction,
  onDirection,
  inputRef,
  onTaken,
  onMove,
}: Props) {
  const { sheet, rows, reader } = store
  const { unit, step } = sheet.job
  const base = `/api/openings/${sheet.opening.id}`
  const [draft, setDraft] = useState('')
  const [from, setFrom] = useState<From | null>(null)
  const [odd, setOdd] = useState<string | null>(null)
  const [levels, setLevels] = useState<Readonly<Record<string, LevelName>>>({})
  const [last, setLast] = useState<{ readonly id: string; readonly slot: Slot; readonly text: string } | null>(null)
  const { graduation } = useTape(unit)
  const kind = kindOfSlot(slot)
  const levelled = isLevelReading(slot)
  const level = levels[kind] ?? usualLevel(slot)
  // Another reading starts with an empty field, or with what stood half typed in it before a reload.
  useEffect(() => {
    const kept = keptDraft(base)
    setDraft(kept?.question === slot ? kept.text : '')
    setFrom(null)
    setOdd(null)
  }, [base, slot])
  const { offer, clear } = devices
  useEffect(() => {
    if (!offer) return
    clear()
    const read = levelled ? gapOf(offer.device, offer.value, levelLengthOf(level)) : lengthOf(offer.device, offer.value)
    if (!read.ok) return setOdd(issueWords(read.issues[0]!))
    const { instrument, name, serial } = offer.device
    setOdd(null)
    setDraft(read.value.text)
    inputRef.current?.focus({ preventScroll: true })
    setFrom({
      ...read.value,
      instrument,
      device: `${name} ${serial}: ${offer.value.value} ${offer.value.unit}`.slice(0, 80),
    })
  }, [offer, clear, levelled, level, inputRef])
  const type = (next: string) => {
    setDraft(next)
    setFrom(null)
    setOdd(null)
    keepDraft(base, { question: slot, text: next })
  }
  const take = (typed: { readonly value: Length; readonly text: string }) => {
    const directed = withDirection(slot, direction, typed)
    if (!canBeRead(slot, directed.value)) return setOdd(`${impossibleWords(slot, typed.text)}.`)
    const reading = readingFrom({
      ...directed,
      occasion,
      slot,
      graduation,
      levelLength: levelled ? levelLengthOf(level) : null,
      reader,
      from,
    })
    setLast({ id: reading.id, slot, text: reading.text })
    setDraft('')
    setFrom(null)
    keepDraft(base, { question: slot, text: '' })
    onDirection(null)
    void store.addReading(reading)
    onTaken(slot)
  }
  const note = odd
    ? ({ text: odd, tone: 'wrong' } as const)
    : from
      ? ({ text: `From the ${from.instrument}; Enter takes it.`, tone: 'plain' } as const)
      : last && noteFor(last, rows.get(last.id))
  return (
    <Now aria-label="Reading now">
      <h2>{slotName(slot)}</h2>
      <p className="how">
        {slotHow(slot)} <span className="why">{slotWhy(slot)}</span>
      </p>
      <Manner
        slot={slot}
        level={level}
        onLevel={next => setLevels({ ...levels, [kind]: next })}
        direction={direction}
        onDirection={onDirection}
      />
      <LengthField
        label={slotName(slot)}
        unit={unit}
        graduation={graduation}
        signed={isSigned(slot)}
        example={exampleFor(slot, unit)}
        draft={draft}
        onDraft={type}
        onTake={take}
        onMove={onMove}
        doubt={value => {
          const doubt = doubtAbout(slot, value, survey)
          return doubt && doubtWords(doubt, value, step)
        }}
        meaning={value => meaningOf(slot, withDirection(slot, direction, { value, text: draft }).value)}
        exactness={from?.deviation ?? null}
        inputRef={inputRef}
        note={note}
      />
      <SkipBar slot={slot} store={store} onSkipped={() => onTaken(slot)} onMove={onMove} />
    </Now>
  )
}

/** Which way a signed value goes, in words; nothing for a size or for straight. */
function meaningOf(slot: Slot, value: Length): string {
  if (!isSigned(slot) || value === 0) return ''
  return directionWords(slot)[value < 0 ? 0 : 1]
}

function exampleFor(slot: Slot, unit: 'in' | 'mm'): string {
  const kind = kindOfSlot(slot)
  if (isSigned(slot)) return unit === 'in' ? '1/16' : '1.5'
  if (/^(gap|strings|floor|contact|return)$/.test(kind)) return unit === 'in' ? '1/8' : '3'
  if (/^(wall|sill|step|backset|throat|doors|case)$/.test(kind)) return unit === 'in' ? '4 9/16' : '116'
  return unit === 'in' ? '36 3/8' : '924'
}

function noteFor({ slot, text }: { readonly slot: Slot; readonly text: string }, storing: Storing | undefined) {
  const name = slotName(slot)
  if (storing === 'stored') return { text: `${name} “${text}” stored.`, tone: 'plain' } as const
  if (storing === 'not-stored')
    return { text: `${name} “${text}” is not stored. It is kept here; try again.`, tone: 'wrong' } as const
  return { text: `${name} “${text}” …`, tone: 'plain' } as const
}
