import type { OfferedChoice, OfferShown, Signed } from '@/core/sharing/share'
import type { DisplayStep } from '@/core/units/format-length'
import { bothUnits } from '@/words/both-units'
import { dayWords } from '@/words/moments'
import { money } from '@/words/money'
import { repairWords } from '@/words/repairs'
import { lookRows, workWords } from '@/words/sharing'
import type { Block, Paper } from './paper'
import { signatureBlocks } from './signature-blocks'

/** What a customer may choose among, each drawn in their own opening; and what was chosen. */
export function offerPaper(shown: OfferShown, signed: Signed | null, expiresAt: string): Paper {
  const { opening, firm, customer, note, choices, repair, step, counting } = shown
  const write = (cents: number) => money(cents, counting)
  return {
    title: `Offer: ${opening.tag} ${opening.name}`,
    subtitle: shown.job,
    footer: 'Prices in all: unit, freight, what it lacks, the work it asks for, disposal. Drawn from outside.',
    step,
    blocks: [
      {
        kind: 'facts',
        rows: [
          ['From', [firm.name, firm.address, firm.phone, firm.email].filter(Boolean).join(', ')],
          ...(customer ? [['For', customer] as const] : []),
          ['Holds until', dayWords(expiresAt.slice(0, 10))],
        ],
      },
      ...(note ? [{ kind: 'text', text: note } as const] : []),
      ...choices.flatMap((one, i) => choiceBlocks(one, i, step, write)),
      ...(repair
        ? [
            { kind: 'heading', text: 'Or keep the old door' } as const,
            {
              kind: 'facts',
              rows: [
                ['About', write(repair.cents)],
                ['Work', repair.items.map(repairWords).join('; ')],
              ],
            } as const,
          ]
        : []),
      ...signatureBlocks(shown, signed),
    ],
  }
}

const choiceBlocks = (
  one: OfferedChoice,
  i: number,
  step: DisplayStep,
  write: (cents: number) => string,
): readonly Block[] => [
  { kind: 'heading', text: `${i + 1}. ${one.article} ${one.name}` },
  { kind: 'drawing', scene: one.scene, heightMm: 80, caption: `${one.article} in the opening, from outside` },
  {
    kind: 'facts',
    rows: [
      ['In all', write(one.cents)],
      ['Earliest', `${dayWords(one.earliest)}, ${one.days} days after it is ordered`],
      ['Size', `${bothUnits(one.width, step)} × ${bothUnits(one.height, step)}`],
      ...lookRows(one),
      ['Work on the opening', workWords(one, step)],
    ],
  },
]
