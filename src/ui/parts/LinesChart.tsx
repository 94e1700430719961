'use client'
import { Chart as ChartJs, LineController, LineElement } from 'chart.js'
import { Line } from 'react-chartjs-2'
import { axisOf, FRAME, plainIn, useTokens } from './Chart'
import { useCounting, useDecimal } from './Money'

ChartJs.register(LineController, LineElement)

type Props = {
  readonly label: string
  readonly unit: string
  readonly across: string
  readonly groups: readonly string[]
  readonly series: readonly {
    readonly name: string
    readonly values: readonly number[]
    readonly tone: 'quiet' | 'fine' | 'stop'
  }[]
}

/** Lines over named places, with the same figures as a list for whoever can't see them. */
export default function LinesChart({ label, unit, across, groups, series }: Props) {
  const tokens = useTokens()
  const { numbers } = useCounting()
  const decimal = useDecimal()
  const colour = { quiet: tokens.ink, fine: tokens.vial, stop: tokens.blue }
  const dash = { quiet: [], fine: [], stop: [5, 4] }
  return (
    <figure>
      <div style={{ ...FRAME, height: 210 }} aria-hidden="true">
        <Line
          options={{
            ...plainIn(numbers),
            plugins: {
              legend: { display: series.length > 1, labels: { color: tokens.ink, boxWidth: 20, font: { size: 14 } } },
            },
            scales: {
              x: axisOf(tokens, across),
              y: axisOf(tokens, unit),
            },
          }}
          data={{
            labels: [...groups],
            datasets: series.map(one => ({
              label: one.name,
              data: [...one.values],
              borderColor: one.tone === 'fine' ? tokens.ink : colour[one.tone],
              backgroundColor: colour[one.tone],
              borderDash: dash[one.tone],
              borderWidth: one.tone === 'fine' ? 2.5 : 1.5,
              pointRadius: one.tone === 'fine' ? 4 : 2,
            })),
          }}
        />
      </div>
      <figcaption className="sr">
        {label}:{' '}
        {series
          .map(
            one =>
              `${one.name}: ${one.values.map((value, i) => `${groups[i]} ${decimal(value, 0)}`).join(', ')} ${unit}`,
          )
          .join('; ')}
      </figcaption>
    </figure>
  )
}
