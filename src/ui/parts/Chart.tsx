'use client'
import { BarController, BarElement, CategoryScale, Chart as ChartJs, Legend, LinearScale, Tooltip } from 'chart.js'
import { useEffect, useState } from 'react'
import { Bar } from 'react-chartjs-2'

ChartJs.register(BarController, BarElement, CategoryScale, LinearScale, Legend, Tooltip)

ChartJs.defaults.font.family = "'Source Sans 3 Variable', sans-serif"

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
  return (
    <figure>
      <div style={{ height: 190 }} aria-hidden="true">
        <Bar
          options={{
            animation: false,
            responsive: true,
            maintainAspectRatio: false,
            plugins: { legend: { labels: { color: tokens.ink, boxWidth: 14, font: { size: 14 } } } },
            scales: {
              x: { ticks: { color: tokens.ink, font: { size: 14 } }, grid: { display: false } },
              y: {
                title: { display: true, text: unit, color: tokens.ink },
                ticks: { color: tokens.ink, font: { size: 13 } },
                grid: { color: tokens.rule },
              },
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
              `${group}: ${series.map(one => `${one.name} ${one.values[i]?.toFixed(1)} ${unit}`).join(', ')}`,
          )
          .join('; ')}
      </figcaption>
    </figure>
  )
}

const PAPER = { ink: '#17242B', rule: '#D3D7D6', vial: '#C9D94F' }

/** The tokens as the page has them now: a canvas can't read custom properties. */
function useTokens() {
  const [tokens, setTokens] = useState(PAPER)
  useEffect(() => {
    const read = () => {
      const style = getComputedStyle(document.documentElement)
      const of = (name: string) => style.getPropertyValue(name).trim()
      setTokens({ ink: of('--ink'), rule: of('--rule'), vial: of('--vial') })
    }
    read()
    const watcher = new MutationObserver(read)
    watcher.observe(document.documentElement, { attributes: true, attributeFilter: ['data-light'] })
    return () => watcher.disconnect()
  }, [])
  return tokens
}
