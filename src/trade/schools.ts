import type { SchoolLengths } from '@/core/base/school-lengths'
import { inches, times, ZERO } from '@/core/units/length'
import { LENGTHS } from './lengths'

/** The lengths that a practice sets in place of the usual ones. Source: what tradespeople who work so use. */
export const SCHOOL_LENGTHS: SchoolLengths = {
  'head-allowance': { 'one-and-a-half': { 'head-stop-thickness': inches(1, 1, 2) } },
  'height-start': { 'underside-of-sill': { 'drop-pocket': ZERO, 'drop-mark': ZERO } },
  'rough-opening': {
    'three-quarters': { 'room-width': inches(0, 3, 4) },
    // Between block and unit, bucks and all; an opening measured block to block has its bucks counted by themselves.
    masonry: { 'room-width': inches(1, 1, 2), 'room-loose': inches(2) },
  },
  // The frame against its bucks, no more than the least gap at each side.
  bucks: { tight: { 'room-width': times(LENGTHS['gap-least'].value, 2) } },
  extension: { 'solid-only': { 'jamb-extension': ZERO } },
  'throat-too-big': { reject: { 'wrap-packs': LENGTHS['wrap-fits'].value } },
}
