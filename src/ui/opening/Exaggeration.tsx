'use client'
import { Label } from 'react-aria-components/Label'
import { Slider, SliderOutput, SliderThumb, SliderTrack } from 'react-aria-components/Slider'
import { styled } from 'styled-components'

const Bar = styled(Slider)`
  display: grid; grid-template-columns: auto 1fr 64px; align-items: center; gap: 14px; padding: 4px 12px; min-height: 52px;
  .track { position: relative; height: 44px; width: 100%; }
  .track::before { content: ''; position: absolute; left: 0; right: 0; top: 20px; height: 4px; background: var(--strong-rule); border-radius: 2px; }
  .thumb { width: 30px; height: 30px; top: 22px; border-radius: 50%; background: var(--vial); border: 2px solid var(--ink); }
  .thumb[data-focus-visible] { outline: 3px solid var(--blue); outline-offset: 2px; }
  output { font-size: 20px; font-weight: 600; }
`

/** How many times larger than they are deviations are drawn. */
export default function Exaggeration({
  factor,
  onChange,
}: {
  readonly factor: number
  readonly onChange: (factor: number) => void
}) {
  return (
    <Bar
      minValue={1}
      maxValue={40}
      value={factor}
      onChange={next => onChange(Array.isArray(next) ? (next[0] ?? 1) : next)}
    >
      <Label>Deviations drawn larger</Label>
      <SliderTrack className="track">
        <SliderThumb className="thumb" />
      </SliderTrack>
      <SliderOutput>{({ state }) => `${state.getThumbValueLabel(0)}×`}</SliderOutput>
    </Bar>
  )
}
