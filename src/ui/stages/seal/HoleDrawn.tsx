'use client'
import { Quiet } from '../../parts/controls'
import { useDecimal } from '../../parts/Money'

const PX_PER_CM = 12
const sideOf = (cm2: number): number => Math.sqrt(Math.max(0, cm2)) * PX_PER_CM

/** All that leaks as one square hole, before and after, to one scale; a sheet of letter-size paper's short side is the yardstick. */
export function HoleDrawn({ beforeCm2, afterCm2 }: { readonly beforeCm2: number; readonly afterCm2: number }) {
  const decimal = useDecimal()
  const [before, after] = [sideOf(beforeCm2), sideOf(afterCm2)]
  const height = Math.max(before, 20)
  return (
    <figure data-hole>
      <svg width="100%" height={height + 8} aria-hidden="true">
        <rect x={4} y={4 + height - before} width={before} height={before} fill="var(--rule)" stroke="var(--ink)" />
        <rect
          x={4 + before + 24}
          y={4 + height - after}
          width={after}
          height={after}
          fill="var(--vial)"
          stroke="var(--ink)"
        />
      </svg>
      <figcaption>
        <Quiet>
          As one hole: {decimal(beforeCm2, 1)} cm² before, {decimal(afterCm2, 1)} cm² after, drawn to one scale.
        </Quiet>
      </figcaption>
    </figure>
  )
}
