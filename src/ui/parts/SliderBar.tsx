'use client'
import { Label } from 'react-aria-components/Label'
import { Slider, SliderOutput, SliderThumb, SliderTrack } from 'react-aria-components/Slider'
import { styled } from 'styled-components'

const Bar = styled(Slider)`
  display: grid; grid-template-columns: auto 1fr minmax(64px, auto); align-items: center; gap: 14px; padding: 4px 12px; min-height: 52px;
  .track { position: relative; height: 44px; margin: 0 16px; touch-action: none; }
  .track::before { content: ''; position: absolute; left: -16px; right: -16px; top: 20px; height: 4px; background: var(--strong-rule); border-radius: 2px; }
  .thumb { width: 30px; height: 30px; top: 22px; border-radius: 50%; background: var(--vial); border: 2px solid var(--ink); }
  .thumb[data-focus-visible] { outline: 3px solid var(--blue); outline-offset: 2px; }
  output { font-size: 1.25rem; font-weight: 600; }
`

type Props = {
  readonly label: string
  readonly value: number
  readonly min: number
  readonly max: number
  readonly step?: number
  readonly onChange: (value: number) => void
  /** When it is let go. */
  readonly onEnd?: (value: number) => void
  readonly children: React.ReactNode
}

const one = (value: number | number[]): number => (Array.isArray(value) ? value[0]! : value)

/** One value on a bar, by dragging, tapping or the arrow keys; its children say the value. */
export function SliderBar({ label, value, min, max, step = 1, onChange, onEnd, children }: Props) {
  return (
    <Bar
      minValue={min}
      maxValue={max}
      step={step}
      value={value}
      onChange={next => onChange(one(next))}
      {...(onEnd ? { onChangeEnd: (next: number | number[]) => onEnd(one(next)) } : {})}
    >
      <Label>{label}</Label>
      <SliderTrack className="track">
        <SliderThumb className="thumb" />
      </SliderTrack>
      <SliderOutput>{children}</SliderOutput>
    </Bar>
  )
}
