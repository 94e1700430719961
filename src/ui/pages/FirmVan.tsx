'use client'
import { useState } from 'react'
import type { Firm, VanStock } from '@/core/catalogue/firm'
import { sealsToChoose } from '@/core/seal-stock/own-seal'
import { formatWithUnit, workStep } from '@/core/units/format-length'
import type { Length } from '@/core/units/length'
import { parseLength } from '@/core/units/parse-length'
import { FLAT_PACKERS } from '@/trade/jambs'
import { SEALS } from '@/trade/seals'
import { issueWords } from '@/words/issues'
import { momentHere } from '@/words/moments'
import { nowHere } from '../outbox/clock'
import { Button, Quiet } from '../parts/controls'
import { Labelled } from '../parts/Labelled'
import { Count, OtherStock } from './OtherStock'

type Props = { readonly data: Firm; readonly save: (change: Partial<Firm>) => void }

const UNCOUNTED: VanStock = { flats: FLAT_PACKERS.map(thickness => ({ thickness, count: 0 })), wedgePairs: 0 }

/** What the van holds to pack with. Until it is counted, what is commonly stocked is taken to be there. */
export function FirmVan({ data, save }: Props) {
  const { van } = data
  return (
    <section aria-label="In the van">
      <h2>In the van</h2>
      {van ? (
        <>
          <Quiet>
            Packs are planned from what is there, and what is short is said on the van list.{' '}
            {van.countedAt
              ? `Counted ${momentHere(van.countedAt)}; what was used since is taken off by what is noted of the work.`
              : 'Not said when it was counted: what is used is not taken off.'}
          </Quiet>
          <Counts data={data} van={van} onChange={next => save({ van: next })} />
          <OtherStock data={data} van={van} onChange={next => save({ van: next })} />
          <Button $plain onPress={() => save({ van: { ...van, countedAt: nowHere().toISOString() } })}>
            All of it was counted just now
          </Button>
          <Button $plain onPress={() => save({ van: null })}>
            Don’t count it
          </Button>
        </>
      ) : (
        <>
          <Quiet>Not counted: what is commonly stocked is taken to be there.</Quiet>
          <Button $plain onPress={() => save({ van: { ...UNCOUNTED, countedAt: nowHere().toISOString() } })}>
            Count it
          </Button>
        </>
      )}
      <OffCuts data={data} save={save} />
    </section>
  )
}

/** Off-cuts of strips that were kept: the next cut list begins with them. */
function OffCuts({ data, save }: Props) {
  const { offCuts, steps, unit, seals } = data
  if (offCuts.length === 0) return <Quiet>No off-cuts of strips are kept.</Quiet>
  const known = new Map(sealsToChoose(SEALS, seals).map(one => [one.id, one.name]))
  return (
    <>
      <h3>Off-cuts of strips</h3>
      <ul style={{ maxHeight: 320, overflowY: 'auto' }} aria-label="Off-cuts of strips">
        {offCuts.map((one, i) => (
          <li
            // biome-ignore lint/suspicious/noArrayIndexKey: two off-cuts can be alike
            key={i}
            data-off-cut={one.seal}
            style={{ display: 'flex', gap: 10, alignItems: 'center', padding: '4px 0' }}
          >
            <span style={{ flex: 1 }}>
              {known.get(one.seal) ?? one.seal}:{' '}
              <strong>{formatWithUnit(one.length, workStep(steps[unit]), 'down')}</strong>
              {one.holes !== null && `, ${one.holes} holes`}
            </span>
            <Button
              $plain
              aria-label={`Used up: ${known.get(one.seal) ?? one.seal}`}
              onPress={() => save({ offCuts: offCuts.filter(it => it !== one) })}
            >
              Used up
            </Button>
          </li>
        ))}
      </ul>
    </>
  )
}

type CountsProps = { readonly data: Firm; readonly van: VanStock; readonly onChange: (van: VanStock) => void }

function Counts({ data: { unit, steps }, van, onChange }: CountsProps) {
  const name = (thickness: Length) => formatWithUnit(thickness, workStep(steps[unit]))
  const setFlat = (thickness: Length, count: number) =>
    onChange({ ...van, flats: van.flats.map(one => (one.thickness === thickness ? { thickness, count } : one)) })
  return (
    <>
      <div className="figures">
        {van.flats.map(({ thickness, count }) => (
          <Count
            key={thickness}
            label={`Flats of ${name(thickness)}`}
            count={count}
            onChange={next => setFlat(thickness, next ?? 0)}
          />
        ))}
        <Count
          label="Wedge pairs"
          count={van.wedgePairs}
          onChange={next => onChange({ ...van, wedgePairs: next ?? 0 })}
        />
      </div>
      <Another
        unit={unit}
        onThickness={thickness =>
          van.flats.some(one => one.thickness === thickness)
            ? undefined
            : onChange({ ...van, flats: [...van.flats, { thickness, count: 0 }] })
        }
      />
    </>
  )
}

/** Flats of a thickness that is not on the list. */
function Another({ unit, onThickness }: { readonly unit: 'in' | 'mm'; readonly onThickness: (one: Length) => void }) {
  const [draft, setDraft] = useState('')
  const [wrong, setWrong] = useState<string | null>(null)
  const take = () => {
    if (draft.trim() === '') return
    const parsed = parseLength(draft, { unit })
    if (!parsed.ok) return setWrong(issueWords(parsed.issues[0]!))
    if (parsed.value.ticks <= 0) return setWrong('A flat is thicker than nothing.')
    onThickness(parsed.value.ticks)
    setDraft('')
    setWrong(null)
  }
  return (
    <Labelled label="Flats of another thickness">
      <input
        value={draft}
        maxLength={40}
        autoComplete="off"
        aria-invalid={wrong !== null}
        onChange={event => setDraft(event.target.value)}
        onBlur={take}
        onKeyDown={event => {
          if (event.key === 'Enter') take()
        }}
      />
      {wrong && (
        <span role="alert" style={{ color: 'var(--stop)' }}>
          {wrong}
        </span>
      )}
    </Labelled>
  )
}
