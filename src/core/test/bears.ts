import type { Work } from '../work'

/** What the work of an opening leads to, part by part: figures, findings, what is ordered, packs, steps, seals and tests. The survey itself
 *  and the drawings are left out, so that two of them differ only where an answer bears on something. */
function outcomeOf({ measure, diagnose, specify, order, fit, seal, handover }: Work): readonly unknown[] {
  const { specification, further, hole } = specify.value
  const { line, offers } = order.value
  const { measured: _, ...ordered } = (line ?? {}) as { measured?: unknown }
  return [
    ...[measure, diagnose, specify, order, fit, seal, handover].map(stage => stage.findings),
    specification,
    further,
    hole,
    ordered,
    ...Object.values(fit.value),
    seal.value.plan,
    handover.value,
    offers.map(({ verdict, cents, preparations, reasons }) => ({ verdict, cents, preparations, reasons })),
  ]
}

/** Whether two works of one opening lead to another outcome; looked for no longer than until a part of it is written otherwise. */
export function leadsElsewhere(one: Work, other: Work): boolean {
  const [parts, others] = [outcomeOf(one), outcomeOf(other)]
  if (parts.length !== others.length) return true
  return parts.some((part, i) => part !== others[i] && JSON.stringify(part) !== JSON.stringify(others[i]))
}
