'use client'
import type { Firm, StockItem, VanStock } from '@/core/catalogue/firm'
import { STOCKED } from '@/core/catalogue/material'
import { formatWithUnit, workStep } from '@/core/units/format-length'
import { inches } from '@/core/units/length'
import { MATERIAL_NAMES } from '@/words/take-off'
import { Disclosure } from '../parts/Disclosure'
import { Labelled } from '../parts/Labelled'

type CountProps = {
  readonly label: string
  /** `null` while it was not counted. */
  readonly count: number | null
  /** `null` where the figure was taken out again. */
  readonly onChange: (count: number | null) => void
}

/** How many there are, whole. */
export const Count = ({ label, count, onChange }: CountProps) => (
  <Labelled label={label}>
    <input
      key={count}
      type="number"
      min={0}
      max={10_000}
      step={1}
      defaultValue={count ?? ''}
      onBlur={event => {
        const { value } = event.currentTarget
        const next = value === '' ? null : Number(value)
        if (!event.currentTarget.checkValidity() || (next !== null && !Number.isInteger(next)))
          return void event.currentTarget.reportValidity()
        if (next !== count) onChange(next)
      }}
    />
  </Labelled>
)

/** What comes in sizes, as it is sold. */
const SIZES: { readonly [material in (typeof STOCKED)[number]]?: StockItem['size'][] } = {
  'hinge-screw': [inches(2, 1, 2), inches(3)],
  'point-screw': [inches(2, 1, 2), inches(3)],
}
const KINDS: readonly Pick<StockItem, 'material' | 'size'>[] = STOCKED.flatMap(material =>
  (SIZES[material] ?? [null]).map(size => ({ material, size })),
)

type Props = { readonly data: Firm; readonly van: VanStock; readonly onChange: (van: VanStock) => void }

/** What else the van holds: whole packs and pieces that are alike for every door. What has no figure was not counted. */
export function OtherStock({ data: { unit, steps }, van, onChange }: Props) {
  const others = van.others ?? []
  const same = (a: Pick<StockItem, 'material' | 'size'>) => (b: StockItem) =>
    a.material === b.material && a.size === b.size
  // What was counted in a size that is not usual stays in sight.
  const all = [...KINDS, ...others.filter(one => !KINDS.some(kind => same(kind)(one)))]
  const name = ({ material, size }: Pick<StockItem, 'material' | 'size'>) => {
    const { many } = MATERIAL_NAMES[material]
    const label = `${many.charAt(0).toUpperCase()}${many.slice(1)}`
    return size === null ? label : `${label}, ${formatWithUnit(size, workStep(steps[unit]))}`
  }
  const set = (kind: Pick<StockItem, 'material' | 'size'>, count: number | null) =>
    onChange({
      ...van,
      others: [
        ...others.filter(one => !same(kind)(one)),
        ...(count === null ? [] : [{ material: kind.material, size: kind.size, count }]),
      ],
    })
  return (
    <Disclosure title={`Screws, sealant, foam and what else is used up: ${others.length} counted`}>
      <div className="figures">
        {all.map(kind => (
          <Count
            key={`${kind.material}${kind.size}`}
            label={name(kind)}
            count={others.find(same(kind))?.count ?? null}
            onChange={next => set(kind, next)}
          />
        ))}
      </div>
    </Disclosure>
  )
}
