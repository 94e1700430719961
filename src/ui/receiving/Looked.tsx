'use client'
import { useMemo, useState } from 'react'
import { styled } from 'styled-components'
import { frontOf } from '@/core/doors/doors'
import { receivingScene } from '@/core/drawing/receiving'
import { answerIn, readingsAsked, walkOf } from '@/core/order/asked-of-delivered'
import type { OrderLine } from '@/core/order/order'
import type { DisplayStep } from '@/core/units/format-length'
import type { Length } from '@/core/units/length'
import { deliveredName } from '@/words/looked'
import { SceneView } from '../parts/SceneView'
import { DamageList } from './DamageList'
import { LookedList } from './LookedList'
import { LookedNow } from './LookedNow'
import type { LookedStore } from './use-looked'

const Walk = styled.div`
  display: grid; grid-template-columns: minmax(280px, 1fr) minmax(240px, 1fr) minmax(240px, 1fr); gap: 20px; align-items: start;
  .front { height: 460px; background: var(--paper); }
  .list { max-height: 460px; overflow-y: auto; }
  @media (max-width: 68.75em) { grid-template-columns: minmax(0, 1fr) minmax(0, 1fr); .list { grid-column: 1 / -1; } }
  @media (max-width: 43.75em) { grid-template-columns: minmax(0, 1fr); .front { height: 240px; order: -1; } .list { max-height: none; } }
`

type Props = {
  readonly line: OrderLine
  readonly unit: 'in' | 'mm'
  readonly step: DisplayStep
  readonly tolerance: Length
  readonly looked: LookedStore
}

/** A walk round a delivered unit: one thing at a time, with what it is by the order and its place on the front. */
export function Looked({ line, unit, step, tolerance, looked }: Props) {
  const walk = useMemo(() => walkOf(line), [line])
  const { found } = looked
  const isOpen = (place: string) => answerIn(found, walk.find(one => one.place === place)!) === null
  const [place, setPlace] = useState<string>(() => (walk.find(one => isOpen(one.place)) ?? walk[0]!).place)
  const at = walk.findIndex(one => one.place === place)
  const asked = walk[at]!
  const front = useMemo(() => frontOf(line), [line])
  const scene = useMemo(
    () => front && receivingScene(front, line.unit, readingsAsked(line), found.readings, place),
    [front, line, found.readings, place],
  )
  const names = useMemo(() => new Map<string, string>(walk.map(one => [one.place, deliveredName(one.place)])), [walk])
  const move = (by: number) => setPlace(walk[(at + by + walk.length) % walk.length]!.place)
  const next = () => {
    const after = [...walk.slice(at + 1), ...walk.slice(0, at)]
    setPlace((after.find(one => isOpen(one.place)) ?? after[0] ?? asked).place)
  }
  return (
    <>
      <Walk>
        <LookedNow
          asked={asked}
          looked={looked}
          unit={unit}
          step={step}
          tolerance={tolerance}
          onTaken={next}
          onMove={move}
        />
        {scene && (
          <div className="front">
            <SceneView
              scene={scene}
              step={step}
              title="The unit as ordered, seen from outside"
              selected={place}
              names={names}
              onSelect={setPlace}
            />
          </div>
        )}
        <section className="list scroll" aria-label="Looked at so far">
          <LookedList walk={walk} found={found} step={step} selected={place} onSelect={setPlace} />
        </section>
      </Walk>
      <DamageList damage={found.damage} onChange={damage => looked.onAnswer({ damage })} />
    </>
  )
}
