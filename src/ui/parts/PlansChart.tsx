'use client'
import { Scatter } from 'react-chartjs-2'
import { axisOf, FRAME, plainIn, useTokens } from './Chart'
import { useCounting, useDecimal } from './Money'

type Props = {
  readonly points: readonly { readonly cost: number; readonly draft: number }[]
  readonly shown: number
  readonly chosen: number
}

/** Plans by what they cost a year and what they let through, the shown and the chosen one larger. */
export default function PlansChart({ points, shown, chosen }: Props) {
  const tokens = useTokens()
  const { numbers } = useCounting()
  const decimal = useDecimal()
  const size = (i: number) => (i === shown ? 9 : i === chosen ? 7 : 3)
  return (
    <figure>
      <div style={{ ...FRAME, height: 210 }} aria-hidden="true">
        <Scatter
          options={{
            ...plainIn(numbers),
            plugins: { legend: { display: false }, tooltip: { enabled: false } },
            scales: {
              x: axisOf(tokens, 'draft at 4 Pa, m³/h', { most: 6, fromZero: true }),
              y: axisOf(tokens, 'cost a year', { most: 6, fromZero: true }),
            },
          }}
          data={{
            datasets: [
              {
                data: points.map(one => ({ x: one.draft, y: one.cost })),
                pointRadius: points.map((_, i) => size(i)),
                pointBackgroundColor: points.map((_, i) =>
                  i === shown ? tokens.vial : i === chosen ? tokens.blue : tokens.rule,
                ),
                pointBorderColor: tokens.ink,
                pointBorderWidth: 1,
              },
            ],
          }}
        />
      </div>
      <figcaption className="sr">
        {points.length} plans, from {decimal(points[0]?.cost ?? 0, 2)} to {decimal(points.at(-1)?.cost ?? 0, 2)} a year.
      </figcaption>
    </figure>
  )
}
