import type { LogEntry } from '../log/log'
import type { SettingStep } from './setting-step'
import { hasEnded } from './step-verdict'

/** The steps a door was led through before each kind had a list of its own. */
const FORMER: ReadonlySet<string> = new Set([
  'check-unit',
  'clear-way',
  'bell-wire',
  'save-hardware',
  'casing-nails',
  'old-screws',
  'old-nails',
  'take-out',
  'measure-hole',
  'sill-ready',
  'dry-fit',
  'pad',
  'sill-pan',
  'sill-membrane',
  'sill-beads',
  'tip-in',
  'tack-closed',
  'hinge-plumb',
  'hinge-shims',
  'hinge-screws',
  'strike-shims',
  'first-opening',
  'margins-even',
  'long-screws',
  'strike-adjust',
  'operation-test',
  'threshold-cap',
  'corner-pads',
  'foam',
  'foam-trim',
  'fibre',
  'backer-rod',
  'outside-seal',
])

/** The steps to be held against what was noted: of a door that was set by the former list, only those that list had. What it did not ask
 *  is not asked afterwards. */
export function asLedThen(
  steps: readonly SettingStep[],
  entries: ReadonlyMap<string, LogEntry>,
): readonly SettingStep[] {
  const isFormer = hasEnded(entries.get('operation-test')) && [...entries.keys()].every(id => FORMER.has(id))
  return isFormer ? steps.map(one => (FORMER.has(one.id) ? one : { ...one, when: NEVER })) : steps
}
/** In- and out-swing at once: no door is both. */
const NEVER: SettingStep['when'] = ['in-swing', 'out-swing']
