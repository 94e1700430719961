import type { SealStepsByKind } from '@/core/seal/seal-steps'
import { atMost, HOUR, OVERNIGHT, step } from './step'

/** How each kind of seal is fitted; the minutes are shares of what the seal takes by its sheet. Source: common trade practice; the maker's
 *  sheet comes first. The last step of each is the record that it is in. */
export const SEALING: SealStepsByKind = {
  'push-in': [step('clean', [], 1, ['knife', 'drop-sheet']), step('push', [], 2, ['knife'])],
  bulb: [
    step('cut', [], 2, ['tape', 'hacksaw', 'knife']),
    step('mark', [], 1, ['pencil', 'knife']),
    step('screw', [], 2, ['driver', 'screwdriver']),
  ],
  foam: [step('stick', [], 4, ['knife'], { caution: 'vapour' }), step('note', [], 1, ['pencil'])],
  bronze: [step('cut', [], 1, ['tape', 'snips', 'gloves']), step('pin', [], 2, ['hammer', 'knife'])],
  brush: [step('cut', [], 1, ['tape', 'hacksaw']), step('screw', [], 2, ['driver', 'screwdriver'])],
  fin: [step('cut', [], 1, ['tape', 'hacksaw']), step('screw', [], 2, ['driver', 'paper-strip'])],
  magnetic: [step('screw', [], 3, ['tape', 'hacksaw', 'driver']), step('try', [], 1, [])],
  drop: [
    step('groove', [], 5, ['router', 'chisel', 'eye-protection'], { irreversible: true }),
    step('cut', [], 1, ['tape', 'hacksaw'], { irreversible: true }),
    step('turn', [], 2, ['screwdriver', 'paper-strip']),
  ],
  'u-shoe': [
    step('drill', [], 1, ['drill', 'eye-protection']),
    step('push', [], 2, ['caulk-gun'], { caution: 'vapour' }),
    step('seam', [], 1, ['caulk-gun'], { wait: HOUR, caution: 'vapour' }),
  ],
  'threshold-cap': [step('lower', [], 1, ['screwdriver']), step('raise', [], 2, ['screwdriver', 'paper-strip'])],
  'bottom-stop': [
    step('halves', [], 3, ['tape', 'hacksaw', 'gauge'], { reads: atMost('contact-even') }),
    step('bulb', [], 1, ['knife']),
    step('weight', [], 1, ['caulk-gun'], { wait: OVERNIGHT, caution: 'vapour' }),
  ],
  corner: [step('pad', [], 1, ['caulk-gun'], { wait: HOUR, caution: 'vapour' })],
  acoustic: [
    step('sealant', [], 1, ['caulk-gun'], { wait: HOUR, caution: 'vapour' }),
    step('screw', [], 2, ['tape', 'hacksaw', 'driver']),
  ],
  intumescent: [step('groove', [], 3, ['knife']), step('look', [], 1, [])],
  smoke: [step('fix', [], 3, ['tape', 'hacksaw', 'driver']), step('try', [], 1, [])],
}
