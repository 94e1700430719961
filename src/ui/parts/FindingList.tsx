'use client'
import { memo, useId, useState } from 'react'
import { styled } from 'styled-components'
import { type Cure, stageOf } from '@/core/base/cures'
import type { Figure, FigureRef } from '@/core/base/figure'
import type { Finding } from '@/core/base/finding'
import type { Stage } from '@/core/base/stages'
import type { DisplayStep } from '@/core/units/format-length'
import type { FindingCode } from '@/core/work'
import { findingWords } from '@/words/findings'
import { ruleReason } from '@/words/rules'
import { useStable } from '../store/use-stable'
import { alikeBut } from './alike'
import { SeverityMark } from './SeverityMark'
import { Worded } from './Worded'

const Item = styled.li<{ $lit: boolean }>`
  display: grid; grid-template-columns: 24px 1fr auto; gap: 2px 4px; align-items: start; padding: 9px 8px; border-top: 1px solid var(--rule); cursor: pointer;
  &:first-child { border-top: none; }
  ${p => p.$lit && 'background: var(--vial-wash); box-shadow: inset 0 0 0 1.5px var(--ink);'}
  strong { font-weight: 650; line-height: 1.3; }
  .why { order: 1; grid-column: 2 / -1; font-size: 0.9375rem; color: var(--quiet); }
  .rule { order: 2; grid-column: 2 / -1; font-size: 0.875rem; border-left: 2px solid var(--rule); padding-left: 8px; margin: 2px 0 4px; }
  .cure { order: 3; grid-column: 2 / -1; font-size: 0.9375rem; }
  button.ask { border: none; background: none; min-height: 44px; min-width: 44px; margin: -10px 0; padding: 0 2px; color: var(--blue); cursor: pointer; font-size: 0.9375rem; text-decoration: underline; text-underline-offset: 3px; }
  .cure::before { content: '→ '; color: var(--quiet); }
  button.cure { border: none; background: none; padding: 8px 0; min-height: 44px; text-align: left; color: var(--blue); cursor: pointer; text-decoration: underline; text-underline-offset: 3px; }
`

type Props = {
  readonly findings: readonly Finding<FindingCode>[]
  readonly step: DisplayStep
  /** The trade's figures as they hold here: what a finding was judged by answers “why?”. */
  readonly figure: (id: FigureRef) => Figure
  readonly selected: string | null
  readonly onSelect: (place: string) => void
  readonly empty: string
  /** Goes to where a cure is done, and to the place it is done at. Without it cures are only said. */
  readonly onGo?: (stage: Stage, place: string) => void
  /** The stage the list stands on: what is done there is in sight, but for a reading, which is asked for by going to it. */
  readonly here?: Stage
}

/** Judgements, the worst on top: mark, figure, limit, why, and the cure. */
export function FindingList({ findings, step, figure, selected, onSelect, empty, onGo, here }: Props) {
  const select = useStable(onSelect)
  const go = useStable((stage: Stage, place: string) => onGo?.(stage, place))
  if (findings.length === 0) return <p style={{ color: 'var(--quiet)' }}>{empty}</p>
  return (
    <ul>
      {findings.map(one => (
        <FindingItem
          key={`${one.code}/${one.place}/${JSON.stringify(one.facts)}`}
          {...{ one, step, figure, here }}
          isLit={one.place === selected}
          onSelect={select}
          onGo={onGo && go}
        />
      ))}
    </ul>
  )
}

type ItemProps = Pick<Props, 'step' | 'figure' | 'here' | 'onSelect'> & {
  readonly one: Finding<FindingCode>
  readonly isLit: boolean
  readonly onGo: Props['onGo'] | undefined
}

const FindingItem = memo(function FindingItem({ one, step, figure, isLit, onSelect, onGo, here }: ItemProps) {
  const id = useId()
  const { title, why, cures } = findingWords(one, step)
  return (
    <Item $lit={isLit} onClick={() => onSelect(one.place)} data-severity={one.severity}>
      <SeverityMark severity={one.severity} />
      <strong id={id}>
        <Worded text={title} isLabel />
      </strong>
      <Rule of={id} text={ruleReason(one.rule, figure, step)} />
      <p className="why">
        <Worded text={why} />
      </p>
      {one.cures.slice(0, 2).map((cure, i) => (
        <CureLine
          key={cure.code}
          text={cures[i]!}
          stage={leadOf(cure, here)}
          onGo={onGo && (stage => onGo(stage, placeIn(one)))}
        />
      ))}
    </Item>
  )
}, alikeBut('one'))

/** What it was judged by, for who asks; `of` is the id of what it is about. */
function Rule({ of, text }: { readonly of: string; readonly text: string }) {
  const [open, setOpen] = useState(false)
  return (
    <>
      <button
        type="button"
        className="ask"
        aria-expanded={open}
        aria-describedby={of}
        onClick={event => {
          event.stopPropagation()
          setOpen(!open)
        }}
      >
        why?
      </button>
      {open && <p className="rule">{text}</p>}
    </>
  )
}

type CureProps = {
  readonly text: string
  readonly stage: Stage | null
  readonly onGo?: ((stage: Stage) => void) | undefined
}

/** What cures it; a way there where it is done in the work itself. */
function CureLine({ text, stage, onGo }: CureProps) {
  if (!stage || !onGo) return <p className="cure">{text}</p>
  return (
    <button
      type="button"
      className="cure"
      onClick={event => {
        event.stopPropagation()
        onGo(stage)
      }}
    >
      {text}
    </button>
  )
}

/** Where a finding's cure is done: at the reading that decides, where one does, else at its own place. */
const placeIn = ({ place, facts }: Finding): string => String(facts.deciding || place).split(' ')[0]!

/** Where a cure leads from here; `null` where it is done in what is in sight already, or outside this program. */
function leadOf(cure: Cure, here: Stage | undefined): Stage | null {
  const stage = stageOf(cure)
  return stage === here && stage !== 'measure' && stage !== 'seal' ? null : stage
}
