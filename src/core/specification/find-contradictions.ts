import type { Finding } from '../base/finding'
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

const NEVER_LABELLED: ReadonlySet<string> = new Set(['pvc', 'aluminium'])

/** Wishes and findings that contradict each other, each pair by name. What must be settled before an order is `correct`;
 *  where one of the two simply wins it is `watch`. */
export function findContradictions(
  survey: Survey,
  wishes: Wishes,
  lengths: TradeLengths,
  garageMinutes: number,
  anchors: string | undefined,
): readonly Finding<ContradictionCode>[] {
  const oldLabel = Number(survey.facts.get('fact.label')?.code) || 0
  const wantedLabel = wishes.labelMinutes ?? 0
  const label = Math.max(oldLabel, wantedLabel)
  const { material, settings } = wishes
  const lock = survey.facts.get('fact.lock-function')?.code
  const step = readValue(survey, 'step.outside')
  const wall = survey.facts.get('fact.wall-kind')?.code
  const wanted = lengths['floor-target'].value
  const most = lengths['label-floor-most'].value
  const pair = (
    holds: boolean,
    which: Contradiction,
    severity: Finding['severity'],
    facts: Finding['facts'],
    rule: string,
  ): readonly Finding<ContradictionCode>[] =>
    holds
      ? [
          {
            code: 'wishes-contradict',
            place: 'wish',
            severity,
            facts: { which, ...facts },
            rule,
            cures: [`settle.${which}`],
          },
        ]
      : []
  return [
    ...pair(
      label > 0 && wishes.swing === 'in' && wanted > most,
      'label-clearance',
      'watch',
      { wanted: { length: wanted }, most: { length: most } },
      'label-floor-most',
    ),
    ...pair(
      wishes.labelMinutes !== null && wantedLabel < oldLabel,
      'label-lowered',
      'correct',
      { wanted: wantedLabel, old: oldLabel },
      'fire-label',
    ),
    ...pair(
      label > 0 && material !== null && NEVER_LABELLED.has(material),
      'label-material',
      'correct',
      { material: material ?? '', label },
      'fire-label',
    ),
    ...pair(
      wishes.use === 'garage-to-house' &&
        material !== null &&
        material !== 'steel' &&
        material !== 'timber' &&
        label < garageMinutes,
      'garage-material',
      'correct',
      { material: material ?? '' },
      'garage',
    ),
    ...pair(
      settings.includes('escape') && (lock === 'keyed' || lock === 'storeroom'),
      'escape-lock',
      'correct',
      { lock: lock ?? '' },
      'escape',
    ),
    ...pair(
      settings.includes('accessible') && step !== null && step > lengths['access-step'].value,
      'accessible-step',
      'correct',
      { ...(step === null ? {} : { step: { length: step } }), most: { length: lengths['access-step'].value } },
      'access-step',
    ),
    ...pair(
      (anchors === 'masonry' && wall !== undefined && wall !== 'masonry') ||
        (anchors === 'stud-straps' && wall === 'masonry'),
      'anchors-wall',
      'correct',
      { anchors: anchors ?? '', wall: wall ?? '' },
      'anchors',
    ),
  ]
}
