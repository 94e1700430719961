import type { TradeNumbers } from '../base/figure'
import { meetsLimit } from '../base/limit'
import type { TradeLengths } from '../base/trade-lengths'
import type { LogEntry } from '../log/log'
import type { SettingStep } from './setting-step'

/** What a step's figure is judged by. */
export type StepFigures = { readonly lengths: TradeLengths; readonly numbers: TradeNumbers }

/** Whether a step is behind: done, or left out with a reason. */
export const hasEnded = (entry: LogEntry | undefined): boolean => entry?.result === 'done' || entry?.result === 'waived'

/** Whether the figure that was read with a step misses what it is held against; a step that was left out with a reason misses nothing. */
export const missesLimit = ({ reads }: SettingStep, { result, value }: LogEntry, figures: StepFigures): boolean =>
  result === 'done' && value !== null && !!reads?.limit && !meetsLimit(value, reads.limit, figures)
