import type { CSSProperties } from 'react'
import { hasComma } from '@/core/catalogue/firm'
import { type DisplayStep, lengthParts, shownStep, type Toward } from '@/core/units/format-length'
import type { Length } from '@/core/units/length'
import { useCounting } from './Money'

const FRACTION: CSSProperties = { fontFeatureSettings: '"frac" 1', fontVariantNumeric: 'normal' }
const STACK: CSSProperties = {
  display: 'inline-flex',
  flexDirection: 'column',
  alignItems: 'center',
  verticalAlign: '-0.28em',
  fontSize: '0.62em',
  lineHeight: 1.02,
  paddingLeft: '0.2em',
}
const OVER: CSSProperties = { borderBottom: '0.08em solid currentColor', padding: '0 0.08em 0.02em' }

type Props = {
  readonly value: Length
  readonly step: DisplayStep
  readonly unit?: boolean
  readonly stacked?: boolean
  /** By how much a figure may be off: ± before it, and no ≈, for it is rounded by nature. */
  readonly either?: boolean
  /** Which way it is rounded: to the nearest unless said. */
  readonly toward?: Toward
}

/** A length with a real fraction. Stacked where it must be read at arm's length. */
export function Figure({ value, step, unit = false, stacked = false, either = false, toward = 'nearest' }: Props) {
  const { negative, whole, numerator, denominator, exact } = lengthParts(
    value,
    shownStep(step, hasComma(useCounting().numbers)),
    toward,
  )
  const hideWhole = whole === '0' && numerator > 0
  return (
    <span style={{ whiteSpace: 'nowrap' }}>
      {either ? '±' : exact ? '' : '≈ '}
      {negative ? '−' : ''}
      {hideWhole ? '' : whole}
      {numerator > 0 && <Fraction {...{ numerator, denominator, stacked, hideWhole }} />}
      {unit && ` ${step.includes('/') ? 'in' : 'mm'}`}
    </span>
  )
}

function Fraction({
  numerator,
  denominator,
  stacked,
  hideWhole,
}: {
  numerator: number
  denominator: number
  stacked: boolean
  hideWhole: boolean
}) {
  const spoken = `${hideWhole ? '' : ' '}${numerator}/${denominator}`
  if (!stacked) return <span style={FRACTION}>{spoken}</span>
  return (
    <>
      <span className="sr">{spoken}</span>
      <span style={STACK} aria-hidden="true">
        <span style={OVER}>{numerator}</span>
        <span>{denominator}</span>
      </span>
    </>
  )
}
