'use client'
import { useMemo, useState } from 'react'
import type { Found } from '@/core/order/judge-receipt'
import { canMeasure, UNIT_READINGS, type UnitReading } from '@/core/order/receipt-values'
import type { Length } from '@/core/units/length'
import { parseLength } from '@/core/units/parse-length'
import { issueWords } from '@/words/issues'
import { keepLooked, keptLooked } from '../store/drafts'

type Answers = Omit<Found, 'readings'>
const NOTHING: Answers = { hinges: null, swing: null, checks: {}, counts: {}, damage: [] }

type Kept = { readonly drafts: { readonly [name: string]: string }; readonly answers: Answers }

/** What was measured, seen and counted of a delivered unit so far: kept in this browser until it is stored, over a reload too. */
export function useLooked(unit: 'in' | 'mm', place: string) {
  const [{ drafts, answers }, setKept] = useState<Kept>(() => {
    const kept = keptLooked<Partial<Kept>>(place)
    return { drafts: kept?.drafts ?? {}, answers: { ...NOTHING, ...kept?.answers } }
  })
  const readings = useMemo(() => readingsOf(drafts, unit), [drafts, unit])
  const found: Found = { readings, ...answers }
  const keep = (change: (before: Kept) => Kept) =>
    setKept(before => {
      const next = change(before)
      keepLooked(place, next)
      return next
    })
  return {
    drafts,
    found,
    onRead: (name: UnitReading, text: string) =>
      keep(before => ({ ...before, drafts: { ...before.drafts, [name]: text } })),
    onAnswer: (change: Partial<Answers>) => keep(before => ({ ...before, answers: { ...before.answers, ...change } })),
  }
}

export type LookedStore = ReturnType<typeof useLooked>

/** Why a length can't be that reading, as a sentence; `null` where it can. */
export const refusedAs = (name: UnitReading, value: Length, typed: string): string | null =>
  canMeasure(name, value) ? null : issueWords({ code: 'length.below-zero', facts: { typed } })

function readingsOf(drafts: { readonly [name: string]: string }, unit: 'in' | 'mm') {
  const readings: { [name in UnitReading]?: Length } = {}
  for (const name of UNIT_READINGS) {
    const parsed = parseLength(drafts[name] ?? '', { unit })
    if (parsed.ok && canMeasure(name, parsed.value.ticks)) readings[name] = parsed.value.ticks
  }
  return readings
}
