'use client'
import dynamic from 'next/dynamic'
import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useEffect, useMemo, useRef, useState } from 'react'
import { STAGES, type Stage } from '@/core/base/stages'
import { goesIn } from '@/core/catalogue/judge-unit'
import { elevation } from '@/core/drawing/elevation'
import { plan } from '@/core/drawing/plan'
import { withoutOpen } from '@/core/drawing/scene'
import { section } from '@/core/drawing/section'
import { walkMarks } from '@/core/drawing/walk-marks'
import { progressOf } from '@/core/progress'
import type { OpeningSheet } from '@/core/sheet'
import { isAnswered } from '@/core/survey/survey'
import { ladderFor } from '@/core/survey/survey-of'
import { workStep } from '@/core/units/format-length'
import { STAGE_NAMES } from '@/words/names'
import { ClashNote } from '../parts/ClashNote'
import { Button, Quiet } from '../parts/controls'
import { SceneView } from '../parts/SceneView'
import { type Direction, directionOf } from '../sheet/direction'
import { Grid, Heading, Middle, Side, Tabs, Trouble } from '../sheet/layout'
import { nextOpen } from '../sheet/selection'
import type { StageProps } from '../sheet/stage-props'
import { useDevices } from '../sheet/use-devices'
import { keptDraft } from '../store/outbox'
import { useSheet } from '../store/use-sheet'
import { KeyHelp } from './KeyHelp'
import { HAND_FACTS, tappable } from './names'
import { loadPanes, PANES } from './panes'
import { useSheetKeys } from './use-sheet-keys'

const Exaggeration = dynamic(() => import('./Exaggeration'))
const Compare = dynamic(() => import('../stages/Compare'))

/** What a door that is only sealed has no use for. */
const IDLE: ReadonlySet<Stage> = new Set<Stage>(['specify', 'order', 'fit'])

/** The sheet of one opening: one live drawing, seven stages on it. */
export function Sheet({ initial, stage: first }: { readonly initial: OpeningSheet; readonly stage: Stage }) {
  const store = useSheet(initial)
  const devices = useDevices()
  const router = useRouter()
  const [stage, setStage] = useState(first)
  const [selected, setSelected] = useState<string | null>(null)
  const [factor, setFactor] = useState(8)
  const [direction, setDirection] = useState<Direction | null>(null)
  const inputRef = useRef<HTMLInputElement>(null)
  const { sheet, records, work, drawn } = store
  const { door } = work
  const { survey } = work.measure.value
  const { step } = sheet.job
  const progress = progressOf(work, records)
  const ladder = useMemo(() => ladderFor(door.survey, survey.way), [door, survey.way])
  const question = (stage === 'measure' && ladder.find(one => one === selected)) || null
  const names = useMemo(() => tappable(stage, work, question), [stage, work, question])
  const compares = stage === 'order' && work.order.value.offers.some(goesIn)
  const exaggerates = stage === 'diagnose' || stage === 'fit'
  const scenes = useMemo(
    () => ({
      elevation: elevation(drawn, stage, exaggerates ? factor : 1),
      plan: stage === 'measure' ? plan(drawn) : withoutOpen(plan(drawn, stage === 'specify')),
      section: stage === 'measure' ? section(drawn) : withoutOpen(section(drawn)),
    }),
    [drawn, stage, exaggerates, factor],
  )
  // A survey without a reading at the sill has no use for a cut through it.
  const hasSection = stage !== 'measure' || scenes.section.marks.some(mark => mark.kind === 'reading')
  const shown = useMemo(
    () => ({
      elevation: walkMarks(scenes.elevation, question),
      plan: walkMarks(scenes.plan, question),
      section: scenes.section,
    }),
    [scenes, question],
  )
  useEffect(() => {
    const timer = setTimeout(loadPanes, 300)
    return () => clearTimeout(timer)
  }, [])
  // What stood half typed before a reload is gone on with.
  useEffect(() => {
    const draft = keptDraft(`/api/openings/${initial.opening.id}`)
    if (draft) setSelected(draft.question)
  }, [initial.opening.id])
  const show = (next: Stage) => {
    setStage(next)
    setSelected(null)
    window.history.replaceState(null, '', `/openings/${sheet.opening.id}/${next}`)
  }
  const turnTo = (side: Direction | null) => {
    setDirection(side)
    if (side) inputRef.current?.focus({ preventScroll: true })
  }
  const select = (id: string | null) => {
    const side = directionOf(id)
    if (side) return turnTo(side)
    const hand = id === null ? undefined : HAND_FACTS[id]
    if (hand) return store.save('wishes', { [hand[0]]: hand[1] })
    if (id !== selected) setDirection(null)
    setSelected(id)
    if (id && names.has(id) && (stage === 'measure' || stage === 'seal'))
      inputRef.current?.focus({ preventScroll: true })
  }
  const go = (id: string | null) => id && router.push(`/openings/${id}/${stage}`)
  const help = useSheetKeys({
    onStage: show,
    onNextReading: () => {
      const isOpen = question !== null && !isAnswered(survey, question)
      if (!isOpen) {
        show('measure')
        setSelected(nextOpen(ladder, survey, question))
      }
      setTimeout(() => inputRef.current?.focus(), 0)
    },
    onUndo: store.undo,
    onNeighbour: by => go(by < 0 ? sheet.neighbours.before : sheet.neighbours.after),
  })
  const isIdle = (one: Stage) => door.takes.length === 0 && IDLE.has(one)
  const [LadderPane, FindingsPane] = PANES[stage]
  const pane: StageProps = {
    store,
    devices,
    selected,
    onSelect: select,
    onShow: setSelected,
    inputRef,
    direction,
    onDirection: turnTo,
  }
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
              {isIdle(one) ? '–' : progress.done.includes(one) ? '✓' : i + 1}
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
      {store.clashes.map(({ kind, clash }) => (
        <ClashNote key={kind} clash={clash} step={step} onChoose={side => store.choose(kind, side)} />
      ))}
      <Grid>
        <Side className="ladder" role="region" aria-label={STAGE_NAMES[stage]} tabIndex={0}>
          {isIdle(stage) ? (
            <Quiet>The old door stays: nothing is ordered or set here.</Quiet>
          ) : (
            <LadderPane {...pane} />
          )}
        </Side>
        <Middle className="middle">
          {compares ? (
            <Compare store={store} />
          ) : (
            <>
              <div className="elevation">
                <SceneView {...drawing} scene={shown.elevation} title="Elevation, seen from outside" />
              </div>
              <SceneView {...drawing} scene={shown.plan} title="Plan, outside below" textPx={14} />
              {hasSection && (
                <SceneView {...drawing} scene={shown.section} title="Sill section, outside on the left" textPx={14} />
              )}
              <div className="foot">{exaggerates && <Exaggeration factor={factor} onChange={setFactor} />}</div>
            </>
          )}
        </Middle>
        <Side className="findings" role="region" aria-label="Findings" tabIndex={0}>
          {!isIdle(stage) && <FindingsPane {...pane} />}
        </Side>
      </Grid>
    </main>
  )
}
