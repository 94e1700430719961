import type { Stage } from '@/core/base/stages'

/** One stop of the first walk: the stage it stands on, the part of the sheet it is about, and what there is to know. */
export type WalkStop = {
  readonly stage: Stage
  readonly part: 'drawing' | 'now' | 'left' | 'right'
  readonly title: string
  readonly says: string
}

/** A short walk through one opening, for whoever sees a sheet for the first time. */
export const FIRST_WALK: readonly WalkStop[] = [
  {
    stage: 'measure',
    part: 'drawing',
    title: 'The drawing is the door',
    says: 'It is drawn from what was read, to scale, from outside. What is read now is lit; what is dashed is only assumed. Tap a figure to go to it.',
  },
  {
    stage: 'measure',
    part: 'now',
    title: 'One reading at a time',
    says: 'It says where to hook the tape and where to read. Type what the tape says: 38 3/8, 975 mm, 6\' 10". Enter takes it and the next one comes. What is odd is asked about, nothing is lost.',
  },
  {
    stage: 'measure',
    part: 'right',
    title: 'What the readings say',
    says: 'The worst stands on top: what it is, and what cures it. “why?” says what it was judged by.',
  },
  {
    stage: 'diagnose',
    part: 'left',
    title: 'Is it true?',
    says: 'Lean, bow, crown and fall of this opening, drawn larger than they are, and what to do before a unit goes in.',
  },
  {
    stage: 'specify',
    part: 'left',
    title: 'What it must be',
    says: 'Size, hinge side, swing, jamb, lock. What nobody said yet is asked here, and only what bears on this door.',
  },
  {
    stage: 'order',
    part: 'left',
    title: 'What to order',
    says: 'The units that go in, with all they cost, and why the others don’t. Nothing known to be wrong can be ordered without a reason that is printed.',
  },
  {
    stage: 'fit',
    part: 'left',
    title: 'Setting it',
    says: 'Where each pack goes and how thick it is. “Lead me” shows one step at a time in large letters, with the part of the drawing it is about.',
  },
  {
    stage: 'seal',
    part: 'left',
    title: 'Sealing it',
    says: 'Read the gaps once it hangs. Plans for draft, fire and sound stand beside each other with what they cost and save.',
  },
  {
    stage: 'handover',
    part: 'left',
    title: 'Handing it over',
    says: 'Each test with its limit, then the record the customer signs, and what is due in the years after.',
  },
]
