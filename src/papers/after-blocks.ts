import type { After } from '@/core/after-work'
import { HANDED_WITH, type HandedWithId, handedWith } from '@/core/handover/handed-with'
import { signedRecord } from '@/core/order/signed-choice'
import type { FirmShown } from '@/core/sharing/share'
import type { ShownJob } from '@/core/sheet'
import type { OpeningRecords } from '@/core/terms'
import type { Work } from '@/core/work'
import { CAUSE_WORDS, DEADLINE_WORDS, deadlineName, dueWords, SYMPTOM_NAMES } from '@/words/after'
import { findingWords } from '@/words/findings'
import { HANDED_WITH_NAMES } from '@/words/handed-with'
import { dayWords, momentWords } from '@/words/moments'
import type { Block } from './paper'
import { saidAtVisit } from './visit-blocks'

/** Whose door it is, and who stands in for it. */
export function whoBlocks(
  job: ShownJob,
  { log }: Pick<OpeningRecords, 'log'>,
  firm: FirmShown | null,
  after: After | null,
  zone: string,
): readonly Block[] {
  const signed = signedRecord(log)
  const { name, phone, email } = job.customer
  const rows: (readonly [string, string])[] = [
    ...(firm
      ? [['Fitted by', [firm.name, firm.address, firm.phone, firm.email].filter(Boolean).join(', ')] as const]
      : []),
    ...(name ? [['For', [name, phone, email].filter(Boolean).join(', ')] as const] : []),
    ['At', [job.name, job.site].filter(Boolean).join(', ')],
    ...(after?.handedOverOn ? [['Handed over', dayWords(after.handedOverOn)] as const] : []),
    ...(signed ? [['Signed', `${signed.by}, ${momentWords(signed.at, zone)}`] as const] : []),
  ]
  return [{ kind: 'facts', rows }]
}

/** What was found before anything was ordered: why it was looked at, what is not sound, and what of the opening had to be mended. */
export function foundBlocks(job: ShownJob, { wishes }: Pick<OpeningRecords, 'wishes'>, work: Work): readonly Block[] {
  const said = saidAtVisit(wishes)
  const wrong = work.diagnose.findings.filter(one => one.severity !== 'fine')
  const items = wrong.map((one): Block => ({ kind: 'text', text: titleAndWhy(one, job) }))
  if (said.length + items.length === 0) return []
  const heading: readonly Block[] = items.length > 0 ? [{ kind: 'heading', text: 'What was found of the opening' }] : []
  return [...said, ...heading, ...items]
}

function titleAndWhy(one: Work['diagnose']['findings'][number], { step }: ShownJob): string {
  const { title, why } = findingWords(one, step)
  return `${title}. ${why}`
}

/** What the customer does by when, and what is looked at again, by date; before it stands as it runs from then. */
export function dueBlocks(after: After | null, today: string): readonly Block[] {
  if (!after || after.due.length === 0) return []
  const rowsOf = (whose: 'customer' | 'firm') =>
    after.due
      .filter(one => one.whose === whose && one.id !== 'warranty')
      .map(one => [deadlineName(one), dueWords(one, today), DEADLINE_WORDS[one.id][1]] as const)
  const [theirs, ours] = [rowsOf('customer'), rowsOf('firm')]
  const warranty = after.due.find(one => one.id === 'warranty')
  const table = (rows: typeof theirs): Block => ({
    kind: 'table',
    head: ['What', 'When', 'How'],
    widths: [0.28, 0.26, 0.46],
    rows,
  })
  return [
    ...(theirs.length ? [{ kind: 'heading', text: 'What the customer does, by when' } as const, table(theirs)] : []),
    ...(ours.length ? [{ kind: 'heading', text: 'What is looked at again' } as const, table(ours)] : []),
    ...(warranty
      ? [
          {
            kind: 'text',
            text: `The firm stands in for its work until ${dayWords(warranty.due)}; its maker for the unit, as its own sheet says.`,
          } as const,
        ]
      : []),
  ]
}

/** Keys, spare parts and papers that were left. */
export function handedBlocks({ log }: Pick<OpeningRecords, 'log'>): readonly Block[] {
  const noted: Partial<Record<HandedWithId, string>> = handedWith(log)
  const rows = HANDED_WITH.flatMap(id => (noted[id] ? [[HANDED_WITH_NAMES[id][0], noted[id]] as const] : []))
  return rows.length
    ? [
        { kind: 'heading', text: 'Handed over with' },
        { kind: 'facts', rows },
      ]
    : []
}

/** What it was called back for since. */
export function callBlocks(after: After | null): readonly Block[] {
  if (!after || after.calls.length === 0) return []
  return [
    { kind: 'heading', text: 'Call-backs' },
    {
      kind: 'table',
      head: ['When', 'Said', 'Found', 'Done'],
      widths: [0.16, 0.3, 0.24, 0.3],
      rows: after.calls.map(({ openedAt, symptom, said, found, cured }) => [
        openedAt.slice(0, 10),
        [SYMPTOM_NAMES[symptom], said].filter(Boolean).join(': '),
        found ? CAUSE_WORDS[found.what][0] : 'not yet',
        cured ? cured.text || 'done' : 'not yet',
      ]),
    },
  ]
}
