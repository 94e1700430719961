import { leavesOf } from '@/core/base/trace'
import type { Counting } from '@/core/catalogue/firm'
import { said } from '@/core/catalogue/unit'
import { memberOf, UNIT_MEMBER_NAMES, type UnitMember } from '@/core/catalogue/unit-members'
import { frontOf } from '@/core/doors/doors'
import { handPlan } from '@/core/drawing/hand-plan'
import type { Order, OrderLine } from '@/core/order/order'
import type { LineChange } from '@/core/order/revision'
import type { ShownJob } from '@/core/sheet'
import { type DisplayStep, unitOfStep } from '@/core/units/format-length'
import type { Length } from '@/core/units/length'
import { bothUnits } from '@/words/both-units'
import { callSizeWords } from '@/words/call-size'
import { frozenWords } from '@/words/frozen'
import { SIZE_NAMES, WAY_NAMES } from '@/words/kinds'
import { memberName } from '@/words/members'
import { HAND_WORDS } from '@/words/names'
import {
  CLOSER_NAMES,
  FLUSH_NAMES,
  handWords,
  notIncluded,
  PAD_NAMES,
  plainValue,
  SPARE_NAMES,
  TRIM_NAMES,
} from '@/words/order'
import { towardFor } from '@/words/rounding'
import { hingeName } from '@/words/settings'
import { leafName } from '@/words/traces'
import { valueWords } from '@/words/value'
import { ownBlocks } from './order-own'
import { type Block, jobLine, type Paper } from './paper'
import { type Rows, when } from './rows'

export type OrderHead = Pick<Order, 'revision' | 'maker'> & {
  readonly number: string | null
  readonly releasedAt: string | null
  readonly releasedBy: string
}

/** Whom a sheet is for: the maker sees what is made and delivered; the firm also what it costs, why, and how the sizes came about. */
export type Audience = 'maker' | 'firm'

export type OrderSheetExtras = {
  readonly audience: Audience
  /** Who orders, and where that is. */
  readonly firm: { readonly name: string; readonly address: string; readonly counting: Counting }
  /** What this revision changed. */
  readonly changes?: readonly LineChange[]
}

/** The order sheet of one order: per line the hand in words and drawing first, then every size, then codes. */
export function orderSheet(
  job: ShownJob,
  head: OrderHead,
  lines: readonly OrderLine[],
  { audience, firm, changes = [] }: OrderSheetExtras,
): Paper {
  const revision = head.revision > 1 ? `, revision ${head.revision}` : ''
  const own = audience === 'firm' ? ', our own sheet' : ''
  return {
    title: head.number ? `Order ${head.number}${revision}${own}` : 'Order sheet, not released',
    subtitle: audience === 'firm' ? jobLine(job) : job.name,
    footer: 'Left and right are always as seen from outside. Local codes and the label on the door decide.',
    step: job.step,
    blocks: [
      {
        kind: 'facts',
        rows: [
          ['To', head.maker || 'the supplier'],
          ['From', [firm.name, firm.address].filter(Boolean).join(', ')],
          ['Deliver to', job.delivery || job.site || 'to be agreed'],
          [
            'Released',
            head.releasedAt
              ? `${head.releasedAt.slice(0, 10)} by ${head.releasedBy}`
              : 'not released: do not order from this sheet',
          ],
          ...countRows(lines),
        ],
      },
      ...changeBlocks(changes, job.step),
      ...lines.flatMap((line, i) => [
        ...lineBlocks(line, i + 1, job.step),
        ...(audience === 'firm' ? ownBlocks(line, job.step, firm.counting) : []),
      ]),
    ],
  }
}

/** Same units counted together, each opening by its tag. */
export function countRows(lines: readonly OrderLine[]): readonly (readonly [string, string])[] {
  const keyOf = (line: OrderLine) => {
    const { opening: _o, preparations: _p, cents: _c, ...ordered } = line
    return JSON.stringify([
      ordered.unit.id,
      handWords(line),
      ordered.jambExtension,
      ordered.details,
      ordered.agreed,
      ordered.cut,
    ])
  }
  const groups = new Map<string, OrderLine[]>()
  for (const line of lines) groups.set(keyOf(line), [...(groups.get(keyOf(line)) ?? []), line])
  return [...groups.values()].map(group => [
    `${group.length} × ${group[0]!.unit.article}`,
    `${group[0]!.unit.name}: ${group.map(one => one.opening.tag).join(', ')}`,
  ])
}

function changeBlocks(changes: readonly LineChange[], step: DisplayStep): readonly Block[] {
  if (changes.length === 0) return []
  const rows = changes.flatMap((one): readonly (readonly string[])[] => {
    if (one.kind === 'added') return [[one.tag, 'new on this order', '', '']]
    if (one.kind === 'removed') return [[one.tag, 'no longer on this order', '', '']]
    return one.differences.map(({ path, first, second }) => [
      one.tag,
      memberName(path),
      valueWords(path, first, step),
      valueWords(path, second, step),
    ])
  })
  return [
    { kind: 'heading', text: 'What this revision changes' },
    { kind: 'table', head: ['Tag', 'What', 'Was', 'Is'], widths: [0.1, 0.36, 0.27, 0.27], rows },
  ]
}

function lineBlocks(line: OrderLine, number: number, step: DisplayStep): readonly Block[] {
  const plan = handPlan(line)
  const front = frontOf(line)
  return [
    { kind: 'heading', text: `Line ${number}: ${line.opening.tag} ${line.opening.name}, quantity ${line.quantity}` },
    ...(handWords(line) === '' ? [] : [{ kind: 'text', text: handWords(line) } as const]),
    ...(plan ? [{ kind: 'drawing', scene: plan, heightMm: 48, caption: 'Plan, outside below' } as const] : []),
    ...(front ? [{ kind: 'drawing', scene: front, heightMm: 62, caption: 'From outside, as ordered' } as const] : []),
    {
      kind: 'facts',
      rows: [...sizeRows(line, step), ...sheetRows(line, step), ...doorRows(line, step), ...otherRows(line, step)],
    },
    { kind: 'text', text: notIncluded(line.unit.lacks) },
    ...wentOnBlocks(line, step),
  ]
}

/** What was to be corrected first and is ordered all the same, with the reason somebody typed. */
function wentOnBlocks({ wentOn }: OrderLine, step: DisplayStep): readonly Block[] {
  if (wentOn.length === 0) return []
  const rows = wentOn.map(({ code, place, facts, reason }) => [frozenWords(code, place, facts, step), reason])
  return [{ kind: 'table', head: ['Ordered all the same', 'Because'], widths: [0.5, 0.5], rows }]
}

function sizeRows(line: OrderLine, step: DisplayStep): Rows {
  const { unit } = line
  const both = (length: Length, member = '') => bothUnits(length, step, towardFor(member))
  const size = ({ width, height }: { readonly width: Length; readonly height: Length }, member = '') =>
    `${both(width, `${member}.width`)} × ${both(height, `${member}.height`)}`
  const [leafWidth, leafHeight] = [said(unit, 'leafWidth'), said(unit, 'leafHeight')]
  return [
    ['Unit', `${unit.maker} ${unit.article}, ${unit.name}`],
    [SIZE_NAMES[unit.kind], size(unit)],
    ...when(leafWidth !== null && leafHeight !== null, 'Call size', () => callSizeWords(leafWidth!, leafHeight!)),
    ...when(leafWidth !== null && leafHeight !== null, 'Leaf', () => size({ width: leafWidth!, height: leafHeight! })),
    ...when(line.derived !== null, line.cut ? 'Trim opening' : 'Derived size', () => size(line.derived!, 'derived')),
    ...when(line.roughOpening !== null, 'Rough opening for it', () => size(line.roughOpening!, 'roughOpening')),
    ...when(line.trimOutside !== null, 'Over the outside trim', () => size(line.trimOutside!)),
    ...when(line.wall !== null, 'Wall', () => both(line.wall!, 'wall')),
    ...when(line.jambExtension !== null, 'Jamb extension', () => both(line.jambExtension!, 'jambExtension')),
    ...when(line.flushFace !== null && line.flushFace !== 'ask', 'Flush with', () => FLUSH_NAMES[line.flushFace!]),
    ...when(
      line.pad > 0,
      line.padOf === 'under-legs' ? 'Packs' : 'Pad under the sill',
      () => `${both(line.pad)}, ${PAD_NAMES[line.padOf ?? 'pvc']}`,
    ),
  ]
}

/** What the rows above, the head of the line or its money say already. */
const SAID_ABOVE: readonly UnitMember[] = [
  'article',
  'name',
  'width',
  'height',
  'leafWidth',
  'leafHeight',
  'lacks',
  'priceCents',
  'leadDays',
]

/** Every member of the unit's sheet that is ordered, as the table names it. */
function sheetRows({ unit }: OrderLine, step: DisplayStep): Rows {
  return UNIT_MEMBER_NAMES.filter(name => memberOf(name).ordered && !SAID_ABOVE.includes(name)).flatMap(name => {
    const value = said(unit, name)
    return value === null ? [] : [[memberName(name), inBoth(name, value, step)] as const]
  })
}

function inBoth(name: UnitMember, value: unknown, step: DisplayStep): string {
  const { of } = memberOf(name)
  if (of === 'length') return bothUnits(value as Length, step)
  return of === 'lengths'
    ? (value as readonly Length[]).map(one => bothUnits(one, step)).join('; ')
    : valueWords(name, value, step)
}

/** What is settled about this one door beyond what its sheet says. */
function doorRows({ cut, codes, code, hingeCount, hingeClass, details }: OrderLine, step: DisplayStep): Rows {
  const both = (length: Length) => bothUnits(length, step)
  return [
    ...when(
      cut !== null,
      'Cuts',
      () =>
        `hinge rail ${bothUnits(cut!.rail, step, towardFor('cut.rail'))}, gap at the head ${both(cut!.headGap)}, under the rail ${both(cut!.bottomGap)}${cut!.pack > 0 ? `, pack ${both(cut!.pack)} behind the legs` : ''}`,
    ),
    ...when(
      cut !== null,
      'Closer',
      () => `${CLOSER_NAMES[cut!.closer]}, pin ${both(cut!.closerPin)} behind the inside face`,
    ),
    ...when(hingeCount !== null, 'Hinges', () =>
      [
        `${hingeCount} a leaf`,
        hingeClass && `at least ${hingeName(hingeClass, unitOfStep(step))}`,
        details['hinge-finish'] ?? 'finish by the sheet',
      ]
        .filter(Boolean)
        .join(', '),
    ),
    ...when(
      code !== null,
      'Supplier’s code',
      () =>
        `${code!.hand}, ${HAND_WORDS[code!.convention][0].toLowerCase()}${code!.isKnown ? '' : ' (the supplier’s own convention is not known)'}`,
    ),
    ...when(
      codes !== null,
      'Hand by convention',
      () =>
        `from outside ${codes!.outsideView}; back to the hinges ${codes!.backToHinges}; push side ${codes!.pushSide}; DIN 107 ${codes!.din107}${codes!.conventionsAgree ? '' : ' — conventions disagree, go by the words and the plan'}`,
    ),
  ]
}

/** Figures nobody measured, that the sizes stand on. */
function assumedRows({ traces }: OrderLine): Rows {
  const leaves = traces.flatMap(one => leavesOf(one.trace)).filter(one => one.kind === 'allowance')
  const names = [...new Set(leaves.map(one => leafName(one)))]
  return names.length ? [['Assumed, not measured', names.join('; ')]] : []
}

function otherRows(line: OrderLine, step: DisplayStep): Rows {
  const { unit } = line
  const spares = Object.entries(line.spares).map(
    ([spare, count]) => `${count} ${SPARE_NAMES[spare as keyof typeof SPARE_NAMES]}`,
  )
  return [
    ...Object.entries(line.details).map(
      ([name, value]) => [memberName(`details.${name}`), plainValue(`details.${name}`, value ?? '')] as const,
    ),
    ...line.agreed.map(({ question, answer }) => ['Agreed with the maker', `${question} ${answer}`] as const),
    ...when(line.outsideTrim !== null, 'Outside casing', () => TRIM_NAMES[line.outsideTrim!]),
    ...when(spares.length > 0, 'Spare parts', () => spares.join(', ')),
    ['Measured', `${line.measuredAt.slice(0, 10)} by ${line.measuredBy}, ${WAY_NAMES[line.way].name.toLowerCase()}`],
    ...when(line.tolerance !== null, 'As ordered within', () =>
      bothUnits(line.tolerance!, step, towardFor('tolerance')),
    ),
    ...assumedRows(line),
    ['Lead time', `${unit.leadDays} days`],
  ]
}
