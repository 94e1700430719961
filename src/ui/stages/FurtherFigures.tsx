'use client'
import type { Further } from '@/core/specification/further'
import type { DisplayStep } from '@/core/units/format-length'
import { HINGE_NAMES } from '@/words/settings'
import { Facts, Panel } from '../parts/controls'
import { Figure } from '../parts/Figure'
import { TracedFigure } from '../parts/TraceView'

/** What a kind of door asks for beside its size: the figures one needs for it, largest first. */
export function FurtherFigures({ further, step }: { readonly further: Further; readonly step: DisplayStep }) {
  const { storm, wrap, panels, siding, lock, mass, hinges, clearWidth } = further
  if (!storm && !wrap && !panels && !siding && !lock && !mass && clearWidth === null) return null
  return (
    <Panel aria-label="Of this kind of door">
      <h2>Of this kind of door</h2>
      {storm && <TracedFigure name="Trim opening, width" trace={storm.width} step={step} />}
      {storm && <TracedFigure name="Trim opening, height" trace={storm.height} step={step} />}
      {wrap && <TracedFigure name="Thickest wall" trace={wrap.wall} step={step} />}
      <Facts>
        {wrap && wrap.verdict !== 'none' && (
          <>
            <dt>Frame, overall</dt>
            <dd data-figure="frame-overall">
              <Figure value={wrap.overall} step={step} unit />
            </dd>
            <dt>Throat</dt>
            <dd data-figure="throat">
              <Figure value={wrap.throat} step={step} unit />
            </dd>
          </>
        )}
        {panels && (
          <>
            <dt>Panels from outside, O moves</dt>
            <dd data-figure="panels">{panels}</dd>
          </>
        )}
        {siding && siding.layers.length > 0 && (
          <>
            <dt>Pad to the siding</dt>
            <dd data-figure="siding">
              {siding.layers.map((layer, i) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: layers of one thickness are alike
                <span key={i}>
                  {i > 0 && ' + '}
                  <Figure value={layer} step={step.includes('/') ? '1/16' : '0.5'} unit />
                </span>
              ))}
            </dd>
          </>
        )}
        {lock && (
          <>
            <dt>Backset</dt>
            <dd data-figure="backset">
              <Figure value={lock.backset} step={step.includes('/') ? '1/16' : '0.5'} unit />
              {lock.case !== null && (
                <>
                  {', case '}
                  <Figure value={lock.case} step="1/8" unit />
                </>
              )}
            </dd>
          </>
        )}
        {clearWidth !== null && (
          <>
            <dt>Clear width at 90°</dt>
            <dd data-figure="clear-width">
              <Figure value={clearWidth} step={step} unit />
            </dd>
          </>
        )}
        {mass && (
          <>
            <dt>Leaf, {mass.isWeighed ? 'weighed' : 'by area'}</dt>
            <dd data-figure="mass">{mass.kg.toFixed(1)} kg</dd>
          </>
        )}
        {hinges && (
          <>
            <dt>Hinges</dt>
            <dd data-figure="hinges">
              {hinges.count} {hinges.hinge ? HINGE_NAMES[hinges.hinge.id] : 'by their maker'}
            </dd>
            <dt>Pull at the top hinge</dt>
            <dd data-figure="pull">
              {hinges.pullN.toFixed(0)} N{hinges.needsLongScrews ? ', long screws' : ''}
            </dd>
          </>
        )}
      </Facts>
    </Panel>
  )
}
