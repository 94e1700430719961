import type { Work } from '../work'

/** What the work of an opening leads to, in one text: figures, findings, what is ordered, packs, steps, seals and tests. The survey itself
 *  and the drawings are left out, so that two of them differ only where an answer bears on something. */
export function outcomeOf({ measure, diagnose, specify, order, fit, seal, handover }: Work): string {
  const { specification, further, hole } = specify.value
  const { line, offers } = order.value
  const { measured: _, ...ordered } = (line ?? {}) as { measured?: unknown }
  return JSON.stringify({
    findings: [measure, diagnose, specify, order, fit, seal, handover].map(stage => stage.findings),
    specification,
    further,
    hole,
    ordered,
    offers: offers.map(({ verdict, cents, preparations, reasons }) => ({ verdict, cents, preparations, reasons })),
    fit: { ...fit.value },
    seal: seal.value.plan,
    tests: handover.value,
  })
}
