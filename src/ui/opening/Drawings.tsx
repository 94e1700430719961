'use client'
import dynamic from 'next/dynamic'
import { useEffect, useMemo, useState } from 'react'
import { elevation } from '@/core/drawing/elevation'
import { plan } from '@/core/drawing/plan'
import { type Scene, withoutOpen } from '@/core/drawing/scene'
import { section } from '@/core/drawing/section'
import { walkMarks } from '@/core/drawing/walk-marks'
import { partAt } from '@/core/drawing/zoom'
import { workStep } from '@/core/units/format-length'
import { useOneDrawing } from '../parts/fold'
import { SceneView } from '../parts/SceneView'
import { useKeypad } from '../parts/use-keypad'
import type { WorkedStore } from '../store/worked'
import { tappable } from './names'
import { PullBar } from './PullBar'
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
  const views = useMemo(() => viewsOf(scenes), [scenes])
  const [view, show] = useView(scenes, selected)
  const isOne = useOneDrawing()
  const isShown = (one: View) => !isOne || one === view
  const [isByKeypad] = useKeypad()
  // Beside the keypad there is room for the part that is read, not for the whole door.
  const isPart = isOne && isByKeypad && question !== null
  const drawing = { step, selected, names, onSelect: select }
  return (
    <>
      {isShown('elevation') && (
        <div className="elevation">
          <SceneView
            {...drawing}
            step={stage === 'fit' ? workStep(step) : step}
            scene={
              isPart ? { ...shown.elevation, ...partAt(scenes.elevation, 'whole', [question], null) } : shown.elevation
            }
            title="Elevation, seen from outside"
          />
        </div>
      )}
      {isShown('plan') && <SceneView {...drawing} scene={shown.plan} title="Plan, outside below" textPx={14} />}
      {scenes.hasSection && isShown('section') && (
        <SceneView
          {...drawing}
          scene={scenes.section}
          title={scenes.section.name === 'foot' ? 'Foot of a leg' : 'Sill section, outside on the left'}
          textPx={14}
        />
      )}
      <div className="foot">{exaggerates && <Exaggeration factor={factor} onChange={setFactor} />}</div>
      <PullBar views={isOne ? views : []} shown={view} onShow={show} />
    </>
  )
}

type View = 'elevation' | 'plan' | 'section'
type Scenes = { readonly elevation: Scene; readonly plan: Scene; readonly section: Scene; readonly hasSection: boolean }

const viewsOf = ({ section, hasSection }: Scenes): readonly (readonly [View, string])[] => [
  ['elevation', 'Elevation'],
  ['plan', 'Plan'],
  ...(hasSection ? [['section', section.name === 'foot' ? 'Foot' : 'Sill'] as const] : []),
]

const shows = ({ marks }: Scene, id: string): boolean => marks.some(mark => mark.id === id)

/** Which drawing is shown where there is room for one: the one that shows what is selected, until another is asked for. */
function useView(scenes: Scenes, selected: string | null): readonly [View, (view: View) => void] {
  const [asked, setAsked] = useState<View | null>(null)
  // biome-ignore lint/correctness/useExhaustiveDependencies: what is selected anew is shown, whatever was asked for before
  useEffect(() => setAsked(null), [selected])
  const found = (): View => {
    if (selected === null || shows(scenes.elevation, selected)) return 'elevation'
    if (shows(scenes.plan, selected)) return 'plan'
    return scenes.hasSection && shows(scenes.section, selected) ? 'section' : 'elevation'
  }
  const isThere = asked !== null && (asked !== 'section' || scenes.hasSection)
  return [isThere ? asked : found(), setAsked]
}
