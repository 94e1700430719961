import type { StepList } from '@/core/fit/fit-of'
import type { SettingStep } from '@/core/fit/setting-step'
import { INTERIOR, PAIR, PREHUNG, SIDELIGHTS, STEEL_FRAME, STEEL_LEAF } from './steps/hinged'
import { LOCK_SET, SEAL_ONLY, SEAL_PAIR, SEAL_SLIDER, STORM } from './steps/others'
import { SLIDER } from './steps/sliding'

/** The steps of every kind of door, in working order. Source: common trade practice; a maker's sheet overrides it. */
export const STEPS: Readonly<Record<StepList, readonly SettingStep[]>> = {
  'prehung-outside': PREHUNG,
  'two-leaves': PAIR,
  'between-lights': SIDELIGHTS,
  sliding: SLIDER,
  'on-trim': STORM,
  'into-frame': STEEL_LEAF,
  'round-wall': STEEL_FRAME,
  'inside-wall': INTERIOR,
  'into-leaf': LOCK_SET,
  'made-to-work': SEAL_ONLY,
  'leaves-made-to-work': SEAL_PAIR,
  'panel-made-to-work': SEAL_SLIDER,
}
