import type { OfferedChoice, ShareKind, ShareLine, SigningIssue } from '@/core/sharing/share'
import { type DisplayStep, formatWithUnit } from '@/core/units/format-length'
import { dayShort } from './moments'
import { PREPARATION_NAMES } from './names'

/** What whoever asks by a link that opens nothing is told: no more than that. */
export const LINK_OVER = 'This link opens nothing, or no longer. Ask the firm that sent it for another.'

export const SIGNING_ISSUES: Readonly<Record<SigningIssue, string>> = {
  name: 'Type your name, two letters at the least; nothing was signed.',
  choice: 'Choose one of those that are offered; nothing was signed.',
  colour: 'Choose one of its colours; nothing was signed.',
  reason: 'Say why; nothing was signed.',
  signature: 'Sign in the field, or say that your typed name stands for it; nothing was signed.',
}

export const SHARE_NAMES: Readonly<Record<ShareKind, string>> = { offer: 'Offer', record: 'Record' }

/** How a link stands, in a line. */
export function shareWords({ signed, endedAt, endedBy, expiresAt, choices }: ShareLine, now: string): string {
  if (signed) {
    const what = choices.find(([id]) => id === signed.choice)?.[1]
    const chosen = signed.choice === 'repair' ? 'keeping the old door' : (what ?? '')
    return [
      `signed by ${signed.name}, ${dayShort(signed.at.slice(0, 10))}`,
      chosen && `for ${[chosen, signed.colour].filter(Boolean).join(', ')}`,
      signed.reason && `“${signed.reason}”`,
      endedAt && 'its link is ended',
    ]
      .filter(Boolean)
      .join('; ')
  }
  if (endedAt) return `ended by ${endedBy}, ${dayShort(endedAt.slice(0, 10))}`
  return expiresAt <= now
    ? `over since ${dayShort(expiresAt.slice(0, 10))}`
    : `open until ${dayShort(expiresAt.slice(0, 10))}`
}

/** How it looks, as far as its sheet says it. */
export const lookRows = ({
  style,
  glass,
  colours,
  metal,
}: Pick<OfferedChoice, 'style' | 'glass' | 'colours' | 'metal'>): readonly (readonly [string, string])[] =>
  (
    [
      ['Style', style],
      ['Glass', glass],
      [colours.length > 1 ? 'Colours' : 'Colour', colours.join(', ')],
      ['Hinges and lock', metal],
    ] as const
  ).filter(([, value]) => value !== '')

export const workWords = ({ work }: Pick<OfferedChoice, 'work'>, step: DisplayStep): string =>
  work.length === 0
    ? 'none besides setting it'
    : work
        .map(({ id, amount }) =>
          [PREPARATION_NAMES[id], amount > 0 ? formatWithUnit(amount, step) : ''].filter(Boolean).join(', '),
        )
        .join('; ')
