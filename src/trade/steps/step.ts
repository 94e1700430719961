import type { FigureRef } from '@/core/base/figure'
import type { Limit, ReadUnit } from '@/core/base/limit'
import type { SettingStep, StepReading, StepTool } from '@/core/fit/setting-step'

/** A step with what it takes; what is not named is the usual: one person, nothing read, nothing waited for, put right on the spot. */
export const step = (
  id: string,
  needs: readonly string[],
  minutes: number,
  tools: readonly StepTool[],
  more: Partial<SettingStep> = {},
): SettingStep => ({
  id,
  needs,
  minutes,
  tools,
  when: [],
  by: null,
  place: 'whole',
  shows: null,
  crew: 1,
  reads: null,
  irreversible: false,
  wait: null,
  caution: null,
  wantsUnit: false,
  cure: null,
  ...more,
})

function reading(unit: ReadUnit, figure: FigureRef, holds: Limit['holds']): StepReading {
  return { unit, limit: { figure, holds }, isNeeded: false }
}

/** A length that is read, to be at most a figure of the trade. */
export const atMost = (figure: FigureRef): StepReading => reading('length', figure, 'at-most')
export const atLeast = (figure: FigureRef): StepReading => reading('length', figure, 'at-least')
/** The same for a gate: without the figure it is not passed. */
export const needed = (reads: StepReading): StepReading => ({ ...reads, isNeeded: true })
export const push: StepReading = reading('newton', 'latch-force', 'at-most')
export const seconds: StepReading = reading('second', 'closer-seconds', 'at-least')
/** How cold it is: foam and adhesives take longer below ten degrees. */
export const celsius: StepReading = { unit: 'celsius', limit: null, isNeeded: false }
/** Hard the next working morning. */
export const OVERNIGHT = { hours: 1, untilMorning: true, longerInCold: true } as const
export const HOUR = { hours: 1, untilMorning: false, longerInCold: true } as const
