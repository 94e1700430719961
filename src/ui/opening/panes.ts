'use client'
import dynamic from 'next/dynamic'
import type { ComponentType } from 'react'
import type { Stage } from '@/core/base/stages'
import type { StageProps } from '../sheet/stage-props'
import { MeasureLadder } from '../stages/Measure'
import { MeasureFindings } from '../stages/MeasureFindings'

const LATER = {
  diagnose: () => import('../stages/Diagnose'),
  specify: () => import('../stages/Specify'),
  order: () => import('../stages/Order'),
  fit: () => import('../stages/Fit'),
  seal: () => import('../stages/Seal'),
  handover: () => import('../stages/Handover'),
}

type Pair = readonly [ladder: ComponentType<StageProps>, findings: ComponentType<StageProps>]

/** What stands left and right of the drawing on each stage. Measuring comes at once; the others are loaded behind it. */
export const PANES: Readonly<Record<Stage, Pair>> = {
  measure: [MeasureLadder, MeasureFindings],
  diagnose: [
    dynamic(() => LATER.diagnose().then(one => one.DiagnoseLadder)),
    dynamic(() => LATER.diagnose().then(one => one.DiagnoseFindings)),
  ],
  specify: [
    dynamic(() => LATER.specify().then(one => one.SpecifyLadder)),
    dynamic(() => LATER.specify().then(one => one.SpecifyFindings)),
  ],
  order: [
    dynamic(() => LATER.order().then(one => one.OrderLadder)),
    dynamic(() => LATER.order().then(one => one.OrderFindings)),
  ],
  fit: [dynamic(() => LATER.fit().then(one => one.FitLadder)), dynamic(() => LATER.fit().then(one => one.FitFindings))],
  seal: [
    dynamic(() => LATER.seal().then(one => one.SealLadder)),
    dynamic(() => LATER.seal().then(one => one.SealFindings)),
  ],
  handover: [
    dynamic(() => LATER.handover().then(one => one.HandoverLadder)),
    dynamic(() => LATER.handover().then(one => one.HandoverFindings)),
  ],
}

/** Loads every stage, so that none is waited for when it is opened. */
export const loadPanes = (): void => {
  for (const load of Object.values(LATER)) void load().catch(() => undefined)
}
