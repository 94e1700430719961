'use client'
import { styled } from 'styled-components'
import { type FireJudged, fireCode } from '@/core/seal/fire'
import { formatRead } from '@/core/units/format-length'
import { sideName } from '@/words/names'
import { FIRE_WORDS, limitsWords } from '@/words/seals'
import { Button, Facts, Panel, Quiet } from '../../parts/controls'
import { ReasonLine } from '../../parts/ReasonLine'
import type { StageProps } from '../../sheet/stage-props'

const Look = styled.div`
  border-top: 1px solid var(--rule); padding: 8px 0; display: grid; gap: 6px; font-size: 0.9375rem;
  .stands[data-result='failed'] { color: var(--stop); }
`

/** A labelled door by its rules: each edge by its worst reading, and an inspection that is dated, signed and done again after a year. */
export function FirePanel({ store, fire }: Pick<StageProps, 'store'> & { readonly fire: FireJudged }) {
  const { step } = store.sheet.job
  const { rules, edges, looks, isInOrder, againOn } = fire
  return (
    <Panel>
      <h2>Label</h2>
      <p data-fire={isInOrder}>
        <strong>{isInOrder ? 'In order by these rules.' : 'Not in order yet.'}</strong>
        {againOn && ` To be looked at again on ${againOn}.`}
      </p>
      <Facts>
        {edges.flatMap(({ edge, rule, verdict, worst }) => [
          <dt key={edge.id}>{sideName(edge.id)}</dt>,
          <dd key={`${edge.id}.verdict`} data-verdict={verdict ?? 'unread'}>
            {worst === null ? 'not read' : `${formatRead(worst, step)}: ${verdict}`}.{' '}
            {limitsWords(
              rule[0] === null ? '' : formatRead(rule[0], step),
              rule[1] === null ? '' : formatRead(rule[1], step),
            )}
          </dd>,
        ])}
      </Facts>
      {looks.map(({ item, entry, isDue }) => {
        const note = (result: 'passed' | 'failed', text = '') =>
          void store.addLog({ kind: 'test', code: fireCode(item), result, text })
        return (
          <Look key={item} data-look={item}>
            <span>{FIRE_WORDS[item]}</span>
            {entry && (
              <span className="stands" data-result={entry.result}>
                {entry.result === 'passed' ? '✓' : '×'} {entry.by}, {entry.at.slice(0, 10)}
                {isDue && ', due again'} {entry.text}
              </span>
            )}
            <span style={{ display: 'flex', gap: 8, flexWrap: 'wrap' }}>
              <Button $plain onPress={() => note('passed')} aria-label={`In order: ${FIRE_WORDS[item]}`}>
                In order
              </Button>
              <ReasonLine
                label="What is not in order"
                act={`Not in order: ${FIRE_WORDS[item]}`}
                onAct={text => note('failed', text)}
              >
                Not in order
              </ReasonLine>
            </span>
          </Look>
        )
      })}
      <Quiet>
        {rules.source.text}, edition {rules.source.edition}. Nothing is ever cut to cure it: the label’s agency and the
        authority decide.
      </Quiet>
    </Panel>
  )
}
