'use client'
import { styled } from 'styled-components'
import { vanLoad } from '@/core/plan/van-load'
import { recordsOf } from '@/core/sheet'
import { stopOf } from '@/core/taking'
import { barsWords, itemCount, itemName, takingWords } from '@/words/take-off'
import { Quiet } from '../../parts/controls'
import type { StageProps } from '../../sheet/stage-props'

const Takes = styled.ul`
  li { border-top: 1px solid var(--rule); padding: 6px 0; }
  .how { color: var(--quiet); font-size: 0.9375rem; }
  strong { font-size: 1.125rem; }
`

/** What the steps that are not done use up, each with its formula. */
export default function WhatItTakes({ store: { work, sheet, trade } }: Pick<StageProps, 'store'>) {
  const { step } = sheet.job
  const stop = stopOf(work, recordsOf(sheet), trade)
  const { items, cuts } = vanLoad([stop], null, [], work.terms.lengths, trade.firm.offCuts)
  if (items.length + cuts.length === 0) return <Quiet>Nothing is used up beside the unit and what comes with it.</Quiet>
  return (
    <Takes aria-label="What it takes">
      {items.map(one => (
        <li key={one.key}>
          <strong>{itemCount(one, step)}</strong> {itemName(one, step)}
          {one.parts.flatMap(part =>
            part.takings.map((taking, i) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: the takings of a door keep their order
              <p key={i} className="how">
                {takingWords(taking, step)}
              </p>
            )),
          )}
        </li>
      ))}
      {cuts.map(one => (
        <li key={one.seal.id}>
          {one.seal.name} <span className="how">{barsWords(one)}, by the cut list</span>
        </li>
      ))}
    </Takes>
  )
}
