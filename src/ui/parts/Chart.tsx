'use client'
import {
  BarController,
  BarElement,
  CategoryScale,
  Chart as ChartJs,
  Legend,
  LinearScale,
  PointElement,
  ScatterController,
  Tooltip,
} from 'chart.js'
import { useEffect, useState } from 'react'
import { Bar, Scatter } from 'react-chartjs-2'
import type { NumberFormat } from '@/core/catalogue/firm'
import { LOCALES } from '@/words/money'
import { useCounting, useDecimal } from './Money'

ChartJs.register(
  BarController,
  BarElement,
  CategoryScale,
  LinearScale,
  Legend,
  PointElement,
  ScatterController,
  Tooltip,
)

ChartJs.defaults.font.family = "'Source Sans 3 Variable', sans-serif"

/** As wide as the page lets it be, whatever the chart was drawn at before: else it would hold a window open that was turned. */
export const FRAME = { position: 'relative', contain: 'size', width: '100%' } as const

export type BarsProps = {
  readonly label: string
  readonly unit: string
  readonly groups: readonly string[]
  readonly series: readonly {
    readonly name: string
    readonly values: readonly number[]
    readonly tone: 'quiet' | 'fine'
  }[]
}

/** Bars side by side, with the same figures as a list for whoever can't see them. */
export default function Bars({ label, unit, groups, series }: BarsProps) {
  const tokens = useTokens()
  const { numbers } = useCounting()
  const decimal = useDecimal()
  return (
    <figure>
      <div style={{ ...FRAME, height: 190 }} aria-hidden="true">
        <Bar
          options={{
            ...plainIn(numbers),
            plugins: { legend: { labels: { color: tokens.ink, boxWidth: 14, font: { size: 14 } } } },
            scales: {
              x: { ticks: { color: tokens.ink, font: { size: 14 } }, grid: { display: false } },
              // A bar is as long as its figure: it begins at nought.
              y: axisOf(tokens, unit, {
                fromZero: true,
                isWhole: series.every(one => one.values.every(Number.isInteger)),
              }),
            },
          }}
          data={{
            labels: [...groups],
            datasets: series.map(one => ({
              label: one.name,
              data: [...one.values],
              backgroundColor: one.tone === 'fine' ? tokens.vial : tokens.rule,
              borderColor: tokens.ink,
              borderWidth: 1,
            })),
          }}
        />
      </div>
      <figcaption className="sr">
        {label}:{' '}
        {groups
          .map(
            (group, i) =>
              `${group}: ${series.map(one => `${one.name} ${decimal(one.values[i] ?? 0, 1)} ${unit}`).join(', ')}`,
          )
          .join('; ')}
      </figcaption>
    </figure>
  )
}

export type CostDaysProps = {
  readonly points: readonly {
    readonly name: string
    readonly days: number
    readonly cost: number
    readonly tone: 'quiet' | 'shown' | 'chosen'
  }[]
  readonly costUnit: string
}

const POINT_PX = { quiet: 4, shown: 7, chosen: 9 } as const

/** What each unit costs in all against the days until it is there, with the same figures as a list. */
export function CostDays({ points, costUnit }: CostDaysProps) {
  const tokens = useTokens()
  const { numbers } = useCounting()
  const decimal = useDecimal()
  const fill = { quiet: tokens.rule, shown: tokens.blue, chosen: tokens.vial }
  return (
    <figure>
      <div style={{ ...FRAME, height: 210 }} aria-hidden="true">
        <Scatter
          options={{
            ...plainIn(numbers),
            plugins: {
              legend: { display: false },
              tooltip: {
                callbacks: { label: ({ dataIndex }) => points[dataIndex]?.name ?? '' },
              },
            },
            scales: {
              x: axisOf(tokens, 'days', { fromZero: true, isWhole: true }),
              y: axisOf(tokens, costUnit, { most: 6 }),
            },
          }}
          data={{
            datasets: [
              {
                data: points.map(one => ({ x: one.days, y: one.cost })),
                pointRadius: points.map(one => POINT_PX[one.tone]),
                pointHoverRadius: points.map(one => POINT_PX[one.tone] + 2),
                pointBackgroundColor: points.map(one => fill[one.tone]),
                pointBorderColor: tokens.ink,
                pointBorderWidth: 1,
              },
            ],
          }}
        />
      </div>
      <figcaption className="sr">
        Cost against days:{' '}
        {points.map(one => `${one.name}: ${decimal(one.cost, 2)} ${costUnit}, ${one.days} days`).join('; ')}
      </figcaption>
    </figure>
  )
}

/** How every chart stands: still, as large as its frame, numbers as the firm writes them. */
export const plainIn = (numbers: NumberFormat) =>
  ({ animation: false, locale: LOCALES[numbers], responsive: true, maintainAspectRatio: false }) as const

/** An axis as every chart has it. */
export const axisOf = (
  tokens: Tokens,
  text: string,
  more: { readonly most?: number; readonly fromZero?: boolean; readonly isWhole?: boolean } = {},
) => ({
  title: { display: true, text, color: tokens.ink },
  beginAtZero: more.fromZero ?? false,
  ticks: {
    color: tokens.ink,
    font: { size: 13 },
    ...(more.most === undefined ? {} : { maxTicksLimit: more.most }),
    ...(more.isWhole ? { precision: 0 } : {}),
  },
  grid: { color: tokens.rule },
})
export type Tokens = typeof PAPER

const PAPER = { ink: '#17242B', rule: '#D3D7D6', vial: '#C9D94F', blue: '#1F4FA3' }

/** The tokens as the page has them now: a canvas can't read custom properties. */
export function useTokens() {
  const [tokens, setTokens] = useState(PAPER)
  useEffect(() => {
    const read = () => {
      const style = getComputedStyle(document.documentElement)
      const of = (name: string) => style.getPropertyValue(name).trim()
      setTokens({ ink: of('--ink'), rule: of('--rule'), vial: of('--vial'), blue: of('--blue') })
    }
    read()
    const watcher = new MutationObserver(read)
    watcher.observe(document.documentElement, { attributes: true, attributeFilter: ['data-light'] })
    return () => watcher.disconnect()
  }, [])
  return tokens
}
