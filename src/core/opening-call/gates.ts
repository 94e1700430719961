import type { Finding } from '../base/finding'
import type { FindingCode } from '../work-parts'

/** Situations in which work stops, or goes on only with a reason: each is one or more findings. */
export const GATES = [
  'u-shoe-wood',
  'u-shoe-metal',
  'drop-seal-thin',
  'pan-and-bead',
  'foam-before-test',
  'header-screw',
  'structure-first',
  'label-lower',
  'hinge-fixed',
  'welded-wrap',
  'treated-sill',
  'irreversible-early',
  'clip-early',
  'layer-early',
  'return-air',
  'plumb-smaller',
  'heights-apart',
] as const
export type Gate = (typeof GATES)[number]

type Facts = Finding['facts']

const STEP_GATES: Readonly<Record<string, Gate>> = {
  foam: 'foam-before-test',
  'first-opening': 'clip-early',
  'side-flashing': 'layer-early',
  'head-flashing': 'layer-early',
  'outside-seal': 'layer-early',
  'head-screws': 'header-screw',
  'meeting-screw': 'header-screw',
  'mullion-screws': 'header-screw',
}
const ofStep = ({ step }: Facts): Gate => STEP_GATES[String(step)] ?? 'irreversible-early'

/** Which gate a finding is, by its code and what it says. */
const OF: { readonly [code in FindingCode]?: Gate | ((facts: Facts) => Gate | null) } = {
  'plumb-smaller': 'plumb-smaller',
  'ways-disagree': 'heights-apart',
  'leaf-differs': ({ member }) =>
    member === 'hinges' ? 'hinge-fixed' : member === 'labelMinutes' ? 'label-lower' : null,
  'welded-for-finished-wall': 'welded-wrap',
  'no-welded-frame': 'welded-wrap',
  'label-too-low': 'label-lower',
  'wishes-contradict': ({ which }) => (which === 'label-lowered' ? 'label-lower' : null),
  'order-treated-board': 'treated-sill',
  'pan-and-beads': 'pan-and-bead',
  'header-by-sheet': 'header-screw',
  'step-out-of-order': ofStep,
  'step-under-irreversible': ofStep,
  'bottom-stays-open': 'return-air',
  'bottom-takes-air': 'return-air',
  'airflow-needed': 'return-air',
  'airflow-appliance': 'return-air',
  'structure-first': 'structure-first',
  'too-wide': 'structure-first',
  'too-high': 'structure-first',
  'never-here': ({ kind }) => (kind === 'u-shoe' ? 'u-shoe-wood' : null),
  'asked-here': ({ kind }) => (kind === 'u-shoe' ? 'u-shoe-metal' : null),
  'asked-in-rain': ({ kind }) => (kind === 'u-shoe' ? 'u-shoe-metal' : null),
  'keeps-no-air': 'return-air',
  'leaf-too-thin': ({ kind }) => (kind === 'drop' ? 'drop-seal-thin' : null),
}

export function gateOf({ code, facts }: Pick<Finding<FindingCode>, 'code' | 'facts'>): Gate | null {
  const gate = OF[code]
  return typeof gate === 'function' ? gate(facts) : (gate ?? null)
}
