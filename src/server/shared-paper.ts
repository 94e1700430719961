import { offerPaper } from '@/papers/offer-paper'
import type { Paper } from '@/papers/paper'
import { signatureBlocks } from '@/papers/signature-blocks'
import type { Opened } from '@/store/shares'
import { paperBlocks } from './shown-blocks'

/** What was shown as a paper, with what was signed of it. */
export function sharedPaper({ shown, signed, expiresAt }: Pick<Opened, 'shown' | 'signed' | 'expiresAt'>): Paper {
  if (shown.kind === 'offer') return offerPaper(shown, signed, expiresAt)
  const { title, subtitle, footer, step, blocks } = shown
  return { title, subtitle, footer, step, blocks: [...paperBlocks(blocks), ...signatureBlocks(shown, signed)] }
}
