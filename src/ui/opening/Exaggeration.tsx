'use client'
import { SliderBar } from '../parts/SliderBar'

type Props = {
  readonly factor: number
  readonly onChange: (factor: number) => void
}

/** How many times larger than they are deviations are drawn. */
export default function Exaggeration({ factor, onChange }: Props) {
  return (
    <SliderBar label="Deviations drawn larger" min={1} max={40} value={factor} onChange={onChange}>
      {factor}×
    </SliderBar>
  )
}
