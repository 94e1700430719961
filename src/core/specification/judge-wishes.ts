import { cure } from '../base/cures'
import type { Finding } from '../base/finding'
import type { TradeLengths } from '../base/trade-lengths'
import { readingLeaf, type Survey } from '../survey/survey'
import type { HandingCodes } from './handing'
import type { SpecifyOf } from './specify-of'
import type { Wishes } from './wishes'

/** What can be said of the wishes. */
export type WishCode = 'hand-conventions' | 'not-settled' | 'step-outside' | 'garage-door'

/** What of the hand is not settled, and whether a code would be read otherwise by somebody else. */
export function judgeHand(
  handing: HandingCodes | null,
  wishes: Wishes,
  settles: SpecifyOf['settles'],
): readonly Finding<WishCode>[] {
  const open = settles.filter(name => wishes[name] === null)
  const unsettled = open.map(
    (name): Finding<WishCode> => ({
      code: 'not-settled',
      place: `wish.${name}`,
      severity: 'watch',
      facts: { wish: name },
      rule: 'completeness',
      cures: [cure('wish.settle')],
    }),
  )
  if (!handing || handing.conventionsAgree) return unsettled
  const facts = { outsideView: handing.outsideView, backToHinges: handing.backToHinges, din107: handing.din107 }
  return [
    ...unsettled,
    {
      code: 'hand-conventions',
      place: 'wish.swing',
      severity: 'watch',
      facts,
      rule: 'handing',
      cures: [cure('hand.show-drawing')],
    },
  ]
}

/** A step outside that is higher than the swing allows. */
export function judgeStep(survey: Survey, wishes: Wishes, lengths: TradeLengths): readonly Finding<WishCode>[] {
  const stepDown = readingLeaf(survey, 'step.outside')
  if (!stepDown || !wishes.swing) return []
  const limit = lengths[wishes.swing === 'in' ? 'step-in-swing' : 'step-out-swing']
  const over = stepDown.value > limit.value
  const facts = { step: { length: stepDown.value }, limit: { length: limit.value }, swing: wishes.swing }
  return over
    ? [
        {
          code: 'step-outside',
          place: 'step.outside',
          severity: 'watch',
          facts,
          rule: limit.id,
          cures: [cure('code.ask-locally')],
        },
      ]
    : []
}

/** What the use of the door brings with it. */
export function judgeUse(wishes: Wishes, lengths: TradeLengths, minutes: number): readonly Finding<WishCode>[] {
  if (wishes.use !== 'garage-to-house') return []
  return [
    {
      code: 'garage-door',
      place: 'wish.use',
      severity: 'watch',
      facts: { solid: { length: lengths['solid-least'].value }, minutes },
      rule: 'garage',
      cures: [cure('code.ask-locally')],
    },
  ]
}
