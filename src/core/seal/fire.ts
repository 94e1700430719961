import type { Finding } from '../base/finding'
import type { Source } from '../base/rule'
import type { LogEntry } from '../log/log'
import { standingEntries } from '../log/standing'
import type { EdgeRole } from '../seal-stock/seal'
import type { Survey } from '../survey/survey'
import { type Length, largestOf, smallestOf } from '../units/length'
import type { Edge } from './edge'
import { type GapRule, type GapVerdict, judgeGaps } from './fire-gaps'
import type { SealCode } from './judge-seal'
import { leastOf, mostOf, rowOf } from './read-edges'

/** A set of rules a label's gaps are judged by: for leaves of some materials, what each edge may be; with a smoke seal the bottom may be
 *  less. */
export type FireRules = {
  readonly id: string
  readonly name: string
  readonly source: Source & { readonly edition: string }
  readonly edges: readonly {
    /** Leaves these limits are for; none is every leaf. */
    readonly materials: readonly string[]
    readonly roles: readonly EdgeRole[]
    readonly gap: GapRule
    readonly withSmokeSeal?: GapRule
  }[]
}

/** What of a labelled door is looked at beside its gaps, each dated, signed, and looked at again after a year. */
export const FIRE_ITEMS = [
  'label-leaf',
  'label-frame',
  'self-closing',
  'latches',
  'no-hold-open',
  'hinges',
  'screws',
  'no-holes',
  'leaf-whole',
  'glass',
  'gasket',
] as const
export type FireItem = (typeof FIRE_ITEMS)[number]

export type FireEdge = {
  readonly edge: Edge
  readonly rule: GapRule
  readonly verdict: GapVerdict | null
  readonly worst: Length | null
}
export type FireLook = { readonly item: FireItem; readonly entry: LogEntry | null; readonly isDue: boolean }

/** A labelled door by its rules. */
export type FireJudged = {
  readonly rules: FireRules
  readonly edges: readonly FireEdge[]
  readonly looks: readonly FireLook[]
  /** Every edge read and within, every item looked at within the year and in order. */
  readonly isInOrder: boolean
  /** When the inspection is to be done again, as a date; `null` until it was whole. */
  readonly againOn: string | null
}

export type FireGiven = {
  readonly rules: FireRules | null
  readonly edges: readonly Edge[]
  readonly survey: Survey
  readonly material: string | null
  readonly hasSmokeSeal: boolean
  readonly log: readonly LogEntry[]
  /** The day, `YYYY-MM-DD`. */
  readonly today: string
  readonly within: Length
}

/** How an inspection's item is noted. */
export const fireCode = (item: FireItem): string => `fire.${item}`
const YEAR_MS = 365 * 24 * 3600 * 1000

/** Judges a label's gaps by the worst of each edge's readings and what was looked at; `null` where no rules are chosen. */
export function judgeFire(given: FireGiven): FireJudged | null {
  const { rules, edges, log, today } = given
  if (!rules) return null
  const judged = edges.flatMap(edge => fireEdge(edge, rules, given) ?? [])
  const entries = standingEntries('test', log)
  const looks = FIRE_ITEMS.map((item): FireLook => {
    const entry = entries.get(fireCode(item)) ?? null
    return { item, entry, isDue: entry === null || Date.parse(today) - Date.parse(entry.at) > YEAR_MS }
  })
  const oldest = looks.map(one => one.entry?.at).sort()[0]
  const isWhole = looks.every(one => one.entry !== null)
  return {
    rules,
    edges: judged,
    looks,
    isInOrder:
      judged.length > 0 &&
      judged.every(one => one.verdict === 'within') &&
      looks.every(one => !one.isDue && one.entry?.result === 'passed'),
    againOn: isWhole && oldest ? new Date(Date.parse(oldest) + YEAR_MS).toISOString().slice(0, 10) : null,
  }
}

function fireEdge(
  edge: Edge,
  { edges }: FireRules,
  { material, hasSmokeSeal, survey, within }: FireGiven,
): FireEdge | null {
  const own = edges.filter(
    one =>
      one.roles.includes(edge.role) &&
      (one.materials.length === 0 || material === null || one.materials.includes(material)),
  )
  if (own.length === 0) return null
  const rule = own.map(one => (hasSmokeSeal && one.withSmokeSeal) || one.gap).reduce(strictest)
  const row = rowOf(edge.slots, survey)
  if (!row) return { edge, rule, verdict: null, worst: null }
  const all = row.gaps.flatMap(one => [one.least, one.most])
  const [least, most] = [leastOf(row), mostOf(row)]
  const worst = rule[0] !== null && least < rule[0] ? least : most
  return { edge, rule, verdict: judgeGaps(all, rule, within), worst }
}

/** What both rules allow: until somebody says what the leaf is made of, the rules of every material hold. */
const strictest = ([least, most]: GapRule, [otherLeast, otherMost]: GapRule): GapRule => [
  least === null ? otherLeast : otherLeast === null ? least : largestOf([least, otherLeast]),
  most === null ? otherMost : otherMost === null ? most : smallestOf([most, otherMost]),
]

/** What a label asks is never cured by cutting: the label's agency or the authority is asked. */
export function fireFindings(fire: FireJudged | null): readonly Finding<SealCode>[] {
  if (!fire) return []
  const cures = [
    { code: 'label.ask-agency', amount: null, at: null },
    { code: 'code.ask-locally', amount: null, at: null },
  ] as const
  const edges = fire.edges.flatMap(({ edge, rule, verdict, worst }): readonly Finding<SealCode>[] => {
    if (verdict === 'within') return []
    const limits = {
      ...(rule[0] === null ? {} : { least: { length: rule[0] } }),
      ...(rule[1] === null ? {} : { most: { length: rule[1] } }),
    }
    if (verdict === null)
      return [
        {
          code: 'fire-not-read',
          place: edge.slots[0] ?? `seal.${edge.id}`,
          severity: 'watch',
          facts: { side: edge.id, ...limits },
          rule: 'fire-label',
          cures: [{ code: 'gap.read', amount: null, at: null }],
        },
      ]
    const facts = { side: edge.id, gap: { length: worst! }, ...limits }
    const code = verdict === 'beyond' ? 'fire-gap-beyond' : 'fire-gap-close'
    return [
      {
        code,
        place: `seal.${edge.id}`,
        severity: verdict === 'beyond' ? 'stop' : 'watch',
        facts,
        rule: 'fire-label',
        cures,
      },
    ]
  })
  const failed = fire.looks.filter(one => one.entry?.result === 'failed')
  return [
    ...edges,
    ...failed.map(
      ({ item, entry }): Finding<SealCode> => ({
        code: 'fire-item-failed',
        place: fireCode(item),
        severity: 'stop',
        facts: { what: item, text: entry!.text },
        rule: 'fire-label',
        cures,
      }),
    ),
  ]
}
