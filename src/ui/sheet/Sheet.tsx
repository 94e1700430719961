'use client'
import dynamic from 'next/dynamic'
import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { type ComponentType, useMemo, useRef, useState } from 'react'
import { elevation } from '@/core/drawing/elevation'
import { plan } from '@/core/drawing/plan'
import { section } from '@/core/drawing/section'
import { STAGES, type Stage } from '@/core/drawing/stage'
import { progressOf } from '@/core/progress'
import { type OpeningSheet, recordsOf } from '@/core/sheet'
import { ladderFor } from '@/core/survey/slots'
import { workStep } from '@/core/units/format-length'
import { STAGE_NAMES } from '@/words/names'
import { Button } from '../parts/controls'
import { SceneView } from '../parts/SceneView'
import { DiagnoseFindings, DiagnoseLadder } from '../stages/Diagnose'
import { FitFindings, FitLadder } from '../stages/Fit'
import { HandoverFindings, HandoverLadder } from '../stages/Handover'
import { MeasureFindings, MeasureLadder } from '../stages/Measure'
import { OrderFindings, OrderLadder } from '../stages/Order'
import { SealFindings, SealLadder } from '../stages/Seal'
import { SpecifyFindings, SpecifyLadder } from '../stages/Specify'
import type { StageProps } from '../stages/types'
import { KeyHelp } from './KeyHelp'
import { Grid, Heading, Middle, Side, Tabs, Trouble } from './layout'
import { tappable } from './names'
import { nextOpen } from './selection'
import { useSheet } from './use-sheet'
import { useSheetKeys } from './use-sheet-keys'

const Exaggeration = dynamic(() => import('./Exaggeration'))

const PANES: Readonly<
  Record<Stage, readonly [ladder: ComponentType<StageProps>, findings: ComponentType<StageProps>]>
> = {
  measure: [MeasureLadder, MeasureFindings],
  diagnose: [DiagnoseLadder, DiagnoseFindings],
  specify: [SpecifyLadder, SpecifyFindings],
  order: [OrderLadder, OrderFindings],
  fit: [FitLadder, FitFindings],
  seal: [SealLadder, SealFindings],
  handover: [HandoverLadder, HandoverFindings],
}

/** The sheet of one opening: one live drawing, seven stages on it. */
export function Sheet({ initial, stage: first }: { readonly initial: OpeningSheet; readonly stage: Stage }) {
  const store = useSheet(initial)
  const router = useRouter()
  const [stage, setStage] = useState(first)
  const [selected, setSelected] = useState<string | null>(null)
  const [factor, setFactor] = useState(8)
  const inputRef = useRef<HTMLInputElement>(null)
  const { sheet, result } = store
  const { step } = sheet.job
  const way = sheet.wishes.data.way
  const progress = progressOf(result, recordsOf(sheet))
  const names = useMemo(() => tappable(stage, way), [stage, way])
  const exaggerates = stage === 'diagnose' || stage === 'fit'
  const scenes = useMemo(
    () => ({
      elevation: elevation(result, stage, exaggerates ? factor : 1),
      plan: plan(result),
      section: section(result),
    }),
    [result, stage, exaggerates, factor],
  )
  const show = (next: Stage) => {
    setStage(next)
    setSelected(null)
    window.history.replaceState(null, '', `/openings/${sheet.opening.id}/${next}`)
  }
  const select = (id: string | null) => {
    setSelected(id)
    if (id && names.has(id) && (stage === 'measure' || stage === 'seal'))
      inputRef.current?.focus({ preventScroll: true })
  }
  const go = (id: string | null) => id && router.push(`/openings/${id}/${stage}`)
  const help = useSheetKeys({
    onStage: show,
    onNextReading: () => {
      show('measure')
      setSelected(nextOpen(ladderFor(way), result.survey.bySlot, null))
      setTimeout(() => inputRef.current?.focus(), 0)
    },
    onNeighbour: by => go(by < 0 ? sheet.neighbours.before : sheet.neighbours.after),
  })
  const [LadderPane, FindingsPane] = PANES[stage]
  const pane: StageProps = { store, selected, onSelect: select, inputRef }
  const drawing = { step: stage === 'fit' ? workStep(step) : step, selected, names, onSelect: select }
  return (
    <main>
      <Heading>
        <Link href={`/jobs/${sheet.job.id}`} className="job">
          {sheet.job.name}
        </Link>
        <h1>
          {sheet.opening.tag} {sheet.opening.name}
        </h1>
        <span className="spacer" />
        {sheet.neighbours.before && (
          <Link className="step" aria-label="Previous opening" href={`/openings/${sheet.neighbours.before}/${stage}`}>
            ‹
          </Link>
        )}
        {sheet.neighbours.after && (
          <Link className="step" aria-label="Next opening" href={`/openings/${sheet.neighbours.after}/${stage}`}>
            ›
          </Link>
        )}
        <KeyHelp {...help} />
      </Heading>
      <Tabs aria-label="Stages">
        {STAGES.map((one, i) => (
          <button
            key={one}
            type="button"
            aria-current={one === stage ? 'step' : undefined}
            aria-label={STAGE_NAMES[one]}
            data-done={progress.done.includes(one) || undefined}
            onClick={() => show(one)}
          >
            <span className="number" aria-hidden="true">
              {progress.done.includes(one) ? '✓' : i + 1}
            </span>
            <span className="name">{STAGE_NAMES[one]}</span>
          </button>
        ))}
      </Tabs>
      {store.trouble && (
        <Trouble role="alert">
          {store.trouble}
          <Button onPress={store.retry}>Try again</Button>
        </Trouble>
      )}
      <Grid>
        <Side className="ladder" role="region" aria-label={STAGE_NAMES[stage]} tabIndex={0}>
          <LadderPane {...pane} />
        </Side>
        <Middle>
          <div className="elevation">
            <SceneView {...drawing} scene={scenes.elevation} title="Elevation, seen from outside" />
          </div>
          <SceneView {...drawing} scene={scenes.plan} title="Plan, outside below" textPx={14} />
          <SceneView {...drawing} scene={scenes.section} title="Sill section, outside on the left" textPx={14} />
          <div className="foot">{exaggerates && <Exaggeration factor={factor} onChange={setFactor} />}</div>
        </Middle>
        <Side className="findings" role="region" aria-label="Findings" tabIndex={0}>
          <FindingsPane {...pane} />
        </Side>
      </Grid>
    </main>
  )
}
