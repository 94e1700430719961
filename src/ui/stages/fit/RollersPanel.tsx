'use client'
import { useState } from 'react'
import { rollerLift } from '@/core/tuning/small-sums'
import { formatRead, workStep } from '@/core/units/format-length'
import { inches, type Length, magnitude, minus, nearestTick } from '@/core/units/length'
import { parseLength } from '@/core/units/parse-length'
import { issueWords } from '@/words/issues'
import { Quiet } from '../../parts/controls'
import { Labelled } from '../../parts/Labelled'
import type { StageProps } from '../../sheet/stage-props'

type Parsed = { readonly value: Length } | { readonly wrong: string } | null
const ROLLERS_IN = inches(4)

/** Which roller is raised, and by how much, so that the panel stands parallel to its lock leg. */
export default function RollersPanel({ store }: Pick<StageProps, 'store'>) {
  const { job } = store.sheet
  const chosen = store.work.order.value.chosen
  const [top, setTop] = useState('')
  const [bottom, setBottom] = useState('')
  const [spacing, setSpacing] = useState('')
  if (!chosen) return <Quiet>Choose a unit: its panel’s height decides.</Quiet>
  const { width, height } = chosen.unit
  const usual = minus(nearestTick(width / 2), nearestTick(2 * ROLLERS_IN))
  const parse = (text: string): Parsed => {
    if (text.trim() === '') return null
    const parsed = parseLength(text, { unit: job.unit })
    if (!parsed.ok) return { wrong: issueWords(parsed.issues[0]!) }
    return parsed.value.ticks < 0 ? { wrong: 'A gap or a distance is never negative.' } : { value: parsed.value.ticks }
  }
  const read = [parse(top), parse(bottom), parse(spacing)]
  const wrong = read.find(one => one && 'wrong' in one)
  const [gapTop, gapBottom, apart] = read.map(one => (one && 'value' in one ? one.value : null))
  const fine = workStep(job.step)
  const lift = gapTop != null && gapBottom != null ? rollerLift(gapTop, gapBottom, height, apart ?? usual) : null
  return (
    <>
      <Quiet>Shut the panel to a finger’s breadth; read the gap between its edge and the lock leg.</Quiet>
      <Labelled label="Gap at the top">
        <input value={top} maxLength={40} autoComplete="off" onChange={event => setTop(event.target.value)} />
      </Labelled>
      <Labelled label="Gap at the bottom">
        <input value={bottom} maxLength={40} autoComplete="off" onChange={event => setBottom(event.target.value)} />
      </Labelled>
      <Labelled label={`Between its rollers (else ${formatRead(usual, job.step)})`}>
        <input value={spacing} maxLength={40} autoComplete="off" onChange={event => setSpacing(event.target.value)} />
      </Labelled>
      {wrong && 'wrong' in wrong && (
        <p role="alert" style={{ color: 'var(--stop)' }}>
          {wrong.wrong}
        </p>
      )}
      {lift !== null && !wrong && (
        <p data-rollers="true" style={{ fontSize: '1.25rem', fontWeight: 600 }}>
          {lift === 0
            ? 'Parallel: nothing to turn.'
            : `${lift > 0 ? 'Raise' : 'Lower'} the roller farther from the lock leg by ${formatRead(magnitude(lift), fine)}.`}
        </p>
      )}
    </>
  )
}
