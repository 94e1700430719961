'use client'
import { useState } from 'react'
import { checkCorner } from '@/core/diagnosis/check-corner'
import { finerStep } from '@/core/units/format-length'
import { inches, nearestTick } from '@/core/units/length'
import { parseLength } from '@/core/units/parse-length'
import { issueWords } from '@/words/issues'
import { Facts, Quiet } from '../parts/controls'
import { Figure } from '../parts/Figure'
import { Labelled } from '../parts/Labelled'
import { useDecimal } from '../parts/Money'
import type { WorkedStore } from '../store/worked'

/** Three, four, five: by hand, by what a tape is marked with. */
const USUAL = { in: ['36', '48', '60'], mm: ['900', '1200', '1500'] } as const
const NAMES = ['One leg', 'The other leg', 'From end to end'] as const

/** Whether a corner is square, by marks along its legs and the tape between them. */
export default function CornerPanel({ store }: { readonly store: WorkedStore }) {
  const { unit, step } = store.sheet.job
  const decimal = useDecimal()
  const [typed, setTyped] = useState<readonly string[]>(USUAL[unit])
  const read = typed.map(text => parseLength(text, { unit }))
  const wrong = read.find(one => !one.ok)
  const points = store.work.measure.value.model?.adjusted.points
  const height = points ? nearestTick(Math.max(points.L2.y, points.R2.y)) : inches(80)
  const [a, b, c] = read.map(one => (one.ok ? one.value.ticks : null))
  const corner = a != null && b != null && c != null ? checkCorner(a, b, c, height) : null
  return (
    <>
      {NAMES.map((name, i) => (
        <Labelled key={name} label={name}>
          <input
            value={typed[i]}
            autoComplete="off"
            onChange={event => setTyped(typed.map((text, j) => (j === i ? event.currentTarget.value : text)))}
          />
        </Labelled>
      ))}
      {wrong && !wrong.ok && <Quiet>{issueWords(wrong.issues[0]!)}</Quiet>}
      {corner && !corner.ok && <Quiet>{issueWords(corner.issues[0]!)}</Quiet>}
      {corner?.ok && (
        <Facts>
          <dt>The corner</dt>
          <dd data-corner={corner.value.angleDeg.toFixed(2)}>
            {corner.value.runOut === 0 ? 'square' : `${decimal(corner.value.angleDeg, 2)}°`}
          </dd>
          <dt>Off square over the height</dt>
          <dd>
            <Figure value={corner.value.runOut} step={finerStep(step)} unit />
          </dd>
        </Facts>
      )}
      <Quiet>It says whether the corner is square, nothing about plumb or level.</Quiet>
    </>
  )
}
