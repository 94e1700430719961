'use client'
import dynamic from 'next/dynamic'
import { useMemo, useState } from 'react'
import { elevation } from '@/core/drawing/elevation'
import { plan } from '@/core/drawing/plan'
import { withoutOpen } from '@/core/drawing/scene'
import { section } from '@/core/drawing/section'
import { walkMarks } from '@/core/drawing/walk-marks'
import { workStep } from '@/core/units/format-length'
import { SceneView } from '../parts/SceneView'
import type { WorkedStore } from '../store/worked'
import { tappable } from './names'
import type { Selection } from './use-selection'

const Exaggeration = dynamic(() => import('./Exaggeration'))

type Props = {
  readonly store: WorkedStore
  readonly on: Selection
}

/** The cut through the sill; a kind of which nothing is read there, as inside the house, has no use for it. */
function sectionOf(drawn: WorkedStore['drawn'], isMeasured: boolean) {
  const whole = section(drawn)
  const hasSection = whole.marks.some(mark => mark.kind === 'reading')
  return { hasSection, section: isMeasured ? whole : withoutOpen(whole) }
}

/** The door from outside, from above, and cut through its sill, as the stage wants to see it. */
export function Drawings({ store, on }: Props) {
  const { drawn, sheet, work } = store
  const { stage, question, selected, select } = on
  // How many times deviations are drawn larger.
  const [factor, setFactor] = useState(8)
  const names = useMemo(() => tappable(stage, work, question), [stage, work, question])
  const { step } = sheet.job
  const exaggerates = (stage === 'diagnose' || stage === 'fit') && drawn.model !== null
  const scenes = useMemo(
    () => ({
      elevation: elevation(drawn, stage, exaggerates ? factor : 1),
      plan: stage === 'measure' ? plan(drawn) : withoutOpen(plan(drawn, stage === 'specify')),
      ...sectionOf(drawn, stage === 'measure'),
    }),
    [drawn, stage, exaggerates, factor],
  )
  const shown = useMemo(
    () => ({ elevation: walkMarks(scenes.elevation, question), plan: walkMarks(scenes.plan, question) }),
    [scenes, question],
  )
  const drawing = { step, selected, names, onSelect: select }
  return (
    <>
      <div className="elevation">
        <SceneView
          {...drawing}
          step={stage === 'fit' ? workStep(step) : step}
          scene={shown.elevation}
          title="Elevation, seen from outside"
        />
      </div>
      <SceneView {...drawing} scene={shown.plan} title="Plan, outside below" textPx={14} />
      {scenes.hasSection && (
        <SceneView
          {...drawing}
          scene={scenes.section}
          title={scenes.section.name === 'foot' ? 'Foot of a leg' : 'Sill section, outside on the left'}
          textPx={14}
        />
      )}
      <div className="foot">{exaggerates && <Exaggeration factor={factor} onChange={setFactor} />}</div>
    </>
  )
}
