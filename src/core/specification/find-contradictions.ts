import { cure } from '../base/cures'
import type { Finding, RuleId } from '../base/finding'
import type { TradeLengths } from '../base/trade-lengths'
import { readValue, type Survey } from '../survey/survey'
import type { Wishes } from './wishes'

export type ContradictionCode = 'wishes-contradict'

/** Which two wishes can't both be met. */
export const CONTRADICTIONS = [
  'label-clearance',
  'label-lowered',
  'label-material',
  'garage-material',
  'escape-lock',
  'accessible-step',
  'anchors-wall',
] as const
export type Contradiction = (typeof CONTRADICTIONS)[number]

/** Of these a leaf between garage and house needs no label. */
const SOLID: ReadonlySet<string> = new Set(['steel', 'timber'])
const NEVER_LABELLED: ReadonlySet<string> = new Set(['pvc', 'aluminium'])

/** A pair of wishes that can't both be met: how grave, by what facts and rule. */
type Pair = Pick<Finding, 'severity' | 'facts' | 'rule'>
type Given = {
  readonly survey: Survey
  readonly wishes: Wishes
  readonly lengths: TradeLengths
  readonly garageMinutes: number
  readonly anchors: string | undefined
  /** The minutes of the old label and of the new one: the higher holds. */
  readonly label: { readonly old: number; readonly wanted: number }
}

/** Each pair by its name: `null` where both can be met. What must be settled before an order is `correct`; where one of the two simply
 *  wins it is `watch`. */
const PAIRS: Readonly<Record<Contradiction, (given: Given) => Pair | null>> = {
  'label-clearance': ({ label, wishes, lengths }) => {
    const [wanted, most] = [lengths['floor-target'].value, lengths['label-floor-most'].value]
    if (labelOf(label) === 0 || wishes.swing !== 'in' || wanted <= most) return null
    const facts = { wanted: { length: wanted }, most: { length: most } }
    return { severity: 'watch', facts, rule: 'label-floor-most' }
  },
  'label-lowered': ({ label, wishes }) =>
    wishes.labelMinutes !== null && label.wanted < label.old ? correct(label, 'fire-label') : null,
  'label-material': ({ label, wishes: { material } }) =>
    labelOf(label) > 0 && material !== null && NEVER_LABELLED.has(material)
      ? correct({ material, label: labelOf(label) }, 'fire-label')
      : null,
  'garage-material': ({ label, wishes: { use, material }, garageMinutes }) =>
    use === 'garage-to-house' && material !== null && !SOLID.has(material) && labelOf(label) < garageMinutes
      ? correct({ material }, 'garage')
      : null,
  'escape-lock': ({ survey, wishes }) => {
    const lock = survey.facts.get('fact.lock-function')?.code
    const holds = wishes.settings.includes('escape') && (lock === 'keyed' || lock === 'storeroom')
    return holds ? correct({ lock }, 'escape') : null
  },
  'accessible-step': ({ survey, wishes, lengths }) => {
    const [step, most] = [readValue(survey, 'step.outside'), lengths['access-step'].value]
    if (!wishes.settings.includes('accessible') || step === null || step <= most) return null
    return correct({ step: { length: step }, most: { length: most } }, 'access-step')
  },
  'anchors-wall': ({ survey, anchors }) => {
    const wall = survey.facts.get('fact.wall-kind')?.code
    if (!anchors || !wall) return null
    const holds = anchors === 'masonry' ? wall !== 'masonry' : anchors === 'stud-straps' && wall === 'masonry'
    return holds ? correct({ anchors, wall }, 'anchors') : null
  },
}

const labelOf = ({ old, wanted }: Given['label']): number => Math.max(old, wanted)
const correct = (facts: Finding['facts'], rule: RuleId): Pair => ({ severity: 'correct', facts, rule })

/** Wishes and findings that contradict each other, each pair by name. */
export function findContradictions(
  survey: Survey,
  wishes: Wishes,
  lengths: TradeLengths,
  garageMinutes: number,
  anchors: string | undefined,
): readonly Finding<ContradictionCode>[] {
  const label = { old: Number(survey.facts.get('fact.label')?.code) || 0, wanted: wishes.labelMinutes ?? 0 }
  const given = { survey, wishes, lengths, garageMinutes, anchors, label }
  return CONTRADICTIONS.flatMap(which => {
    const pair = PAIRS[which](given)
    if (!pair) return []
    const { severity, facts, rule } = pair
    return [
      {
        code: 'wishes-contradict',
        place: 'wish',
        severity,
        facts: { which, ...facts },
        rule,
        cures: [cure(`settle.${which}`)],
      },
    ]
  })
}
