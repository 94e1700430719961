'use client'
import { Fragment, type ReactNode } from 'react'
import type { Further } from '@/core/specification/further'
import { type DisplayStep, unitOfStep } from '@/core/units/format-length'
import type { Length } from '@/core/units/length'
import { hingeName } from '@/words/settings'
import { Facts, Panel } from '../parts/controls'
import { Figure } from '../parts/Figure'
import { Decimal } from '../parts/Money'
import { TracedFigure } from '../parts/TraceView'
import { Worded } from '../parts/Worded'

type Row = readonly [id: string, name: string, value: ReactNode]
type Rows = (further: Further, step: DisplayStep) => readonly Row[]

/** What a kind of door asks for beside its size: the figures one needs for it, largest first. */
export function FurtherFigures({ further, step }: { readonly further: Further; readonly step: DisplayStep }) {
  const { storm, wrap } = further
  const rows = [handleRows, frameRows, panelRows, sidingRows, lockRows, clearRows, massRows, hingeRows].flatMap(of =>
    of(further, step),
  )
  if (!storm && !wrap && rows.length === 0) return null
  return (
    <Panel aria-label="Of this kind of door">
      <h2>Of this kind of door</h2>
      {storm && <TracedFigure name="Trim opening, width" trace={storm.width} step={step} />}
      {storm && <TracedFigure name="Trim opening, height" trace={storm.height} step={step} />}
      {wrap && <TracedFigure name="Thickest wall" trace={wrap.wall} step={step} />}
      <Facts>
        {rows.map(([id, name, value]) => (
          <Fragment key={id}>
            <dt>
              <Worded text={name} isLabel />
            </dt>
            <dd data-figure={id}>{value}</dd>
          </Fragment>
        ))}
      </Facts>
    </Panel>
  )
}

const figure = (value: Length, step: DisplayStep): ReactNode => <Figure value={value} step={step} unit />
/** Stock and locks are named to the sixteenth or the half millimetre, whatever the job shows. */
const stockStep = (step: DisplayStep): DisplayStep => (step.includes('/') ? '1/16' : '0.5')

const handleRows: Rows = ({ storm }, step) =>
  storm
    ? [
        [
          'handle-free',
          'Its handle may stand at',
          storm.free.length === 0
            ? 'no height'
            : storm.free.map(({ from, to }, i) => (
                <span key={from}>
                  {i > 0 && ', '}
                  {figure(from, step)}
                  {to > from && <> to {figure(to, step)}</>}
                </span>
              )),
        ],
      ]
    : []

const frameRows: Rows = ({ wrap }, step) =>
  wrap && wrap.verdict !== 'none'
    ? [
        ['frame-overall', 'Frame, overall', figure(wrap.overall, step)],
        ['throat', 'Throat', figure(wrap.throat, step)],
      ]
    : []

const panelRows: Rows = ({ panels }) => (panels ? [['panels', 'Panels from outside, O moves', panels]] : [])

const sidingRows: Rows = ({ siding }, step) =>
  siding && siding.layers.length > 0
    ? [
        [
          'siding',
          'Pad to the siding',
          siding.layers.map((layer, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: layers of one thickness are alike
            <span key={i}>
              {i > 0 && ' + '}
              {figure(layer, stockStep(step))}
            </span>
          )),
        ],
      ]
    : []

const lockRows: Rows = ({ lock }, step) =>
  lock
    ? [
        [
          'backset',
          'Backset',
          <Fragment key="backset">
            {figure(lock.backset, stockStep(step))}
            {lock.case !== null && <>, case {figure(lock.case, stockStep(step))}</>}
          </Fragment>,
        ],
      ]
    : []

const clearRows: Rows = ({ clearWidth }, step) =>
  clearWidth === null
    ? []
    : [['clear-width', 'Clear width at 90°', <Figure key="clear" value={clearWidth} step={step} toward="down" unit />]]

const massRows: Rows = ({ mass }) =>
  mass
    ? [
        [
          'mass',
          `Leaf, ${mass.isWeighed ? 'weighed' : 'by area'}`,
          <span key="mass">
            <Decimal value={mass.kg} places={1} /> kg
          </span>,
        ],
      ]
    : []

const hingeRows: Rows = ({ hinges, hingePlaces }, step) => [
  ...(hingePlaces
    ? [
        [
          'hinge-tops',
          hingePlaces.isAssumed ? 'Hinges from the leaf’s top, usual' : 'Hinges from the leaf’s top',
          hingePlaces.tops.map((top, i) => (
            <span key={top}>
              {i > 0 && ' · '}
              <Figure value={top} step={step} />
            </span>
          )),
        ] as const,
      ]
    : []),
  ...(hinges
    ? ([
        [
          'hinges',
          'Hinges',
          `${hinges.count} ${hinges.hinge ? hingeName(hinges.hinge.id, unitOfStep(step)) : 'by their maker'}`,
        ],
        [
          'pull',
          'Pull at the top hinge',
          `${hinges.pullN.toFixed(0)} N${hinges.needsLongScrews ? ', long screws' : ''}`,
        ],
      ] as const)
    : []),
]
