'use client'
import { useState } from 'react'
import { screwHole } from '@/core/fit/screw-hole'
import { formatWithUnit, workStep } from '@/core/units/format-length'
import { parseLength } from '@/core/units/parse-length'
import { issueWords } from '@/words/issues'
import { Facts, Quiet } from '../parts/controls'
import { Figure } from '../parts/Figure'
import { Labelled } from '../parts/Labelled'
import type { WorkedStore } from '../store/worked'

/** As one meets them on site: gypsum board, and the holes of a usual hinge. */
const USUAL = { in: { board: '1/2', holes: '3/4; 1 3/4; 3' }, mm: { board: '12.5', holes: '19; 44; 76' } } as const

/** Which hole of a hinge leaf finds the stud behind the board: one that misses it holds nothing. */
export default function HingeHoles({ store }: { readonly store: WorkedStore }) {
  const { unit, step } = store.sheet.job
  const { lengths } = store.work.terms
  const fine = workStep(step)
  const [board, setBoard] = useState<string>(USUAL[unit].board)
  const [typed, setTyped] = useState<string>(USUAL[unit].holes)
  const [thick, ...holes] = [board, ...typed.split(';').filter(one => one.trim())].map(text =>
    parseLength(text, { unit }),
  )
  const unread = [thick!, ...holes].find(one => !one.ok)
  const isNegative = [thick!, ...holes].some(one => one.ok && one.value.ticks < 0)
  const wrong =
    unread && !unread.ok
      ? issueWords(unread.issues[0]!)
      : isNegative
        ? 'A distance from the wall’s face is never negative.'
        : holes.length === 0
          ? 'Type how far each hole is from the wall’s inner face.'
          : null
  const read = holes.flatMap(one => (one.ok ? [one.value.ticks] : []))
  const stud = { stud: lengths['stud-depth'].value, margin: lengths['screw-margin'].value }
  const pick = thick!.ok && !wrong ? screwHole(read, { drywall: thick!.value.ticks, ...stud }) : null
  return (
    <>
      <Labelled label="Board on the wall">
        <input value={board} autoComplete="off" onChange={event => setBoard(event.currentTarget.value)} />
      </Labelled>
      <Labelled label="Holes from the wall’s inner face, parted by ;">
        <input value={typed} autoComplete="off" onChange={event => setTyped(event.currentTarget.value)} />
      </Labelled>
      {wrong ? (
        <Quiet role="alert">{wrong}</Quiet>
      ) : (
        <Facts>
          <dt>The long screw goes</dt>
          <dd data-hole={pick ?? 'none'} style={{ fontSize: '1.375rem', fontWeight: 600 }}>
            {pick === null ? (
              'into none'
            ) : (
              <>
                into hole {pick + 1}, <Figure value={read[pick]!} step={fine} unit />
              </>
            )}
          </dd>
        </Facts>
      )}
      <Quiet>
        A stud of {formatWithUnit(stud.stud, step)} stands behind the board; {formatWithUnit(stud.margin, step)} stays
        to either face of it.{pick === null && !wrong && ' None of these holes finds it: drill one that does.'}
      </Quiet>
    </>
  )
}
