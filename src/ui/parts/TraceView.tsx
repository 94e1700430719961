'use client'
import { type ReactNode, useState } from 'react'
import { Button } from 'react-aria-components/Button'
import { styled } from 'styled-components'
import type { Trace } from '@/core/base/trace'
import type { HandTrace } from '@/core/specification/handing'
import type { DisplayStep, Toward } from '@/core/units/format-length'
import { HAND_WORDS, handFactWords } from '@/words/names'
import { leafName, OPERATION_WORDS, ruleWords } from '@/words/traces'
import { Figure } from './Figure'
import { Worded } from './Worded'

const Row = styled.div`
  display: grid; grid-template-columns: 1fr auto auto; align-items: baseline; gap: 10px; padding: 4px 0;
  .name { color: var(--quiet); font-size: 0.9375rem; }
  .figure { font-size: 1.375rem; font-weight: 600; }
`
const Why = styled(Button)`
  min-height: 44px; min-width: 44px; border: none; background: none; color: var(--blue); cursor: pointer; font-size: 0.9375rem; text-decoration: underline; text-underline-offset: 3px; padding: 0 2px;
`
const Tree = styled.ul`
  border-left: 2px solid var(--rule); padding-left: 10px; margin: 0 0 8px 4px; font-size: 0.9375rem;
  li { display: grid; grid-template-columns: 1fr auto; gap: 2px 10px; padding: 2px 0; }
  .origin { grid-column: 1 / -1; color: var(--quiet); font-size: 0.8125rem; }
  .nested { grid-column: 1 / -1; }
`

type RowProps = { readonly name: string; readonly figure: ReactNode; readonly children: ReactNode }

/** A name, its figure, and what opens behind "why?". */
function WhyRow({ name, figure, children }: RowProps) {
  const [open, setOpen] = useState(false)
  return (
    <div data-figure={name} style={{ marginBlock: -5 }}>
      <Row>
        <span className="name">
          <Worded text={name} isLabel />
        </span>
        <span className="figure">{figure}</span>
        <Why aria-expanded={open} aria-label={`Why ${name}?`} onPress={() => setOpen(!open)}>
          why?
        </Why>
      </Row>
      {open && children}
    </div>
  )
}

/** A figure that answers "why?": the readings, the allowances and whose they are, the steps between. */
export function TracedFigure({
  name,
  trace,
  step,
  toward,
}: {
  readonly name: string
  readonly trace: Trace
  readonly step: DisplayStep
  /** Which way it is rounded: to the nearest unless said. */
  readonly toward?: Toward
}) {
  return (
    <WhyRow name={name} figure={<Figure value={trace.value} step={step} unit {...(toward ? { toward } : {})} />}>
      <TraceTree traces={[trace]} step={step} />
    </WhyRow>
  )
}

/** A hand's code that answers "why?": how the convention reads it, and the facts it rests on. */
export function TracedHand({ trace }: { readonly trace: HandTrace }) {
  const [name, rule] = HAND_WORDS[trace.convention]
  return (
    <WhyRow name={name} figure={trace.code}>
      <Tree>
        <li>{rule}</li>
        {trace.from.map(fact => (
          <li key={fact.name}>{handFactWords(fact)}</li>
        ))}
      </Tree>
    </WhyRow>
  )
}

function TraceTree({ traces, step }: { readonly traces: readonly Trace[]; readonly step: DisplayStep }) {
  return (
    <Tree>
      {traces.map((one, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: the parts of a trace keep their order
        <li key={i}>
          <span>
            {one.kind === 'step' ? `${ruleWords(one.rule)}: ${OPERATION_WORDS[one.operation]}` : leafName(one)}
          </span>
          <strong>
            <Figure value={one.value} step={step} />
          </strong>
          {one.kind === 'allowance' && <span className="origin">{one.origin}</span>}
          {one.kind === 'unit' && <span className="origin">{one.origin}</span>}
          {one.kind === 'step' && (
            <div className="nested">
              <TraceTree traces={one.from} step={step} />
            </div>
          )}
        </li>
      ))}
    </Tree>
  )
}
