import { styled } from 'styled-components'
import type { SmallDoor } from '@/core/drawing/small-door'
import { DRAWN, isFilled, lookOf } from './drawing-look'

/** At the scale all doors of a row share: 2.1 pixels an inch. */
const PX_PER_SIXTEENTH = 2.1 / 16

const Small = styled.svg`
  path { vector-effect: non-scaling-stroke; }
  ${DRAWN}
`

/** A door small, standing on the ground. */
export function SmallDoorView({ door: { width, height, strokes } }: { readonly door: SmallDoor }) {
  return (
    <Small
      width={(width * PX_PER_SIXTEENTH).toFixed(0)}
      height={(height * PX_PER_SIXTEENTH).toFixed(0)}
      viewBox={`0 0 ${width} ${height}`}
      aria-hidden="true"
    >
      {strokes.map(({ role, certainty, closed, d }, i) => (
        <path
          // biome-ignore lint/suspicious/noArrayIndexKey: what is drawn once keeps its order
          key={i}
          d={d}
          className={lookOf(role, certainty, isFilled(certainty, closed))}
        />
      ))}
    </Small>
  )
}
