import type { ClaimRemedy, TrackedClaim } from '@/core/exchange/claim'

export const REMEDY_WORDS: Readonly<Record<ClaimRemedy, string>> = {
  replace: 'The supplier replaces it',
  'send-parts': 'The supplier sends what is missing',
  credit: 'The supplier credits it',
  repair: 'The supplier comes to put it right',
  refused: 'The supplier refuses the claim',
}

/** How far a claim has come, and what comes next. */
export function claimWords({ standing, sentAt, trouble, answer }: TrackedClaim): string {
  const tried = trouble ? ` ${trouble}` : ''
  switch (standing) {
    case 'not-sent':
      return 'The supplier does not know of it yet.'
    case 'waiting':
      return `The claim is on its way; it is sent as soon as the supplier can be reached.${tried}`
    case 'sent':
      return `Claim sent ${sentAt?.slice(0, 10)}; the supplier has not answered yet.${tried}`
    case 'answered': {
      const by = answer?.by ? ` by ${answer.by}` : ''
      const said = answer?.message ? `: “${answer.message}”` : ''
      return `${REMEDY_WORDS[answer!.remedy]}${by}${said}. It is settled once the unit was looked at again and accepted.`
    }
    case 'settled':
      return 'The claim is settled: the unit was accepted since.'
  }
}
