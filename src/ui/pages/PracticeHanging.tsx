'use client'
import { type FormEvent, useEffect, useMemo, useRef, useState } from 'react'
import { v7 as uuidV7 } from 'uuid'
import { hangingScene } from '@/core/drawing/hanging-scene'
import type { HangScore } from '@/core/practice/hanging'
import {
  type Felt,
  GAUGE_PLACES,
  type GaugePlace,
  GRADES,
  type Grade,
  HUNG,
  MOVABLE,
  MOVE_STEP,
} from '@/core/practice/hanging'
import type { Adjuster, Move } from '@/core/tuning/reveals'
import { type Length, times } from '@/core/units/length'
import { adjusterName, GRADE_NAMES, gaugeName, LATCH_WORDS } from '@/words/practice'
import { moveWords } from '@/words/tuning'
import { Button, Panel, Quiet } from '../parts/controls'
import { Figure } from '../parts/Figure'
import { Labelled } from '../parts/Labelled'
import { LengthField } from '../parts/LengthField'
import { SceneView } from '../parts/SceneView'
import { send } from '../store/send'
import { HangScoreView } from './HangScore'
import { Bench } from './Practice'
import { PracticeHead } from './PracticeHead'
import { Page } from './Today'

const NAMES = new Map(GAUGE_PLACES.map(one => [one as string, gaugeName(one)]))
type Noted = { readonly [place in GaugePlace]?: Length | undefined }

/** The second bench: a leaf that hangs with hidden faults, a gauge and a level to read, cards, packs and a foot to move. */
export function PracticeHanging({ first }: { readonly first: string }) {
  const [id, setId] = useState(first)
  const [grade, setGrade] = useState<Grade>('1')
  const [done, setDone] = useState<{ readonly score: HangScore; readonly seconds: number } | null>(null)
  const again = (next: Grade = grade) => {
    setGrade(next)
    setId(uuidV7())
    setDone(null)
  }
  return (
    <Page>
      <PracticeHead now="hanging" />
      <Quiet>A leaf of 36 by 80 in, hung with something wrong. Read, move, shut it; then have it scored.</Quiet>
      <Labelled label="How hard">
        <select value={grade} onChange={event => again(event.target.value as Grade)}>
          {GRADES.map(one => (
            <option key={one} value={one}>
              {GRADE_NAMES[one]}
            </option>
          ))}
        </select>
      </Labelled>
      {done ? (
        <HangScoreView {...done} onAgain={() => again()} />
      ) : (
        <Hanging key={id} id={id} grade={grade} onScore={setDone} onAgain={() => again()} />
      )}
    </Page>
  )
}

type HangingProps = {
  readonly id: string
  readonly grade: Grade
  readonly onScore: (done: { readonly score: HangScore; readonly seconds: number }) => void
  readonly onAgain: () => void
}

/** One leaf while it is evened out. */
function Hanging({ id, grade, onScore, onAgain }: HangingProps) {
  const [moves, setMoves] = useState<readonly Move[]>([])
  const [noted, setNoted] = useState<Noted>({})
  const [place, setPlace] = useState<GaugePlace>('strike.top')
  const [said, setSaid] = useState<string | null>(null)
  const began = useRef(Date.now())
  const felt = useFelt(id, grade, moves)
  const scene = useMemo(() => hangingScene({ hung: HUNG, hinges: 'left', read: noted }), [noted])
  const score = async () => {
    const sent = await send<HangScore>('POST', `/api/practice/${id}/hanging/score`, { grade, moves })
    setSaid(sent.ok ? null : sent.message)
    if (sent.ok) onScore({ score: sent.value, seconds: Math.round((Date.now() - began.current) / 1000) })
  }
  return (
    <Bench>
      <div style={{ display: 'grid', gap: 14 }}>
        <Gauge
          key={place}
          look={`/api/practice/${id}/hanging/look?${new URLSearchParams({ grade, at: place, moves: JSON.stringify(moves) })}`}
          place={place}
          onPlace={setPlace}
          onNote={value => setNoted({ ...noted, [place]: value })}
        />
        <Moving onMove={move => setMoves([...moves, move])} />
        <Panel>
          <h2>Opened and shut</h2>
          <p role="status" data-felt={felt?.latch}>
            {felt ? feltWords(felt) : '…'}
          </p>
          <ol data-made={moves.length}>
            {moves.map((one, i) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: moves are only added
              <li key={i}>{moveWords(one, MOVE_STEP, '1/32')}</li>
            ))}
          </ol>
          <div style={{ display: 'flex', gap: 8, flexWrap: 'wrap' }}>
            <Button onPress={score}>Score it</Button>
            <Button $plain onPress={onAgain}>
              Another leaf
            </Button>
          </div>
          {said && <p role="alert">{said}</p>}
        </Panel>
      </div>
      <div className="drawing">
        <SceneView
          scene={scene}
          step="1/32"
          title="The leaf with its margins as noted"
          selected={place}
          names={NAMES}
          onSelect={one => {
            const picked = GAUGE_PLACES.find(it => it === one)
            if (picked) setPlace(picked)
          }}
        />
      </div>
    </Bench>
  )
}

function feltWords({ latch, rubs, binds }: Felt): string {
  const where = rubs.map(one => gaugeName(one).toLowerCase()).join(', ')
  return [LATCH_WORDS[latch], where && `It rubs: ${where}.`, binds && 'It springs back from its hinges.']
    .filter(Boolean)
    .join(' ')
}

/** What is felt after the moves so far; `null` until it was shut once. */
function useFelt(id: string, grade: Grade, moves: readonly Move[]): Felt | null {
  const [felt, setFelt] = useState<Felt | null>(null)
  useEffect(() => {
    let isLate = false
    void send<Felt>('POST', `/api/practice/${id}/hanging/feel`, { grade, moves }).then(sent => {
      if (sent.ok && !isLate) setFelt(sent.value)
    })
    return () => {
      isLate = true
    }
  }, [id, grade, moves])
  return felt
}

type GaugeProps = {
  readonly look: string
  readonly place: GaugePlace
  readonly onPlace: (place: GaugePlace) => void
  readonly onNote: (value: Length) => void
}

/** The gauge in a margin, to be read by eye and noted. */
function Gauge({ look, place, onPlace, onNote }: GaugeProps) {
  const [draft, setDraft] = useState('')
  const input = useRef<HTMLInputElement>(null)
  return (
    <section aria-label="Reading now" style={{ display: 'grid', gap: 10 }}>
      <Labelled label="Gauge at">
        <select value={place} onChange={event => onPlace(event.target.value as GaugePlace)}>
          {GAUGE_PLACES.map(one => (
            <option key={one} value={one}>
              {gaugeName(one)}
            </option>
          ))}
        </select>
      </Labelled>
      {/* biome-ignore lint/performance/noImgElement: drawn anew for each move, never to be kept */}
      <img className="look" src={look} alt="The gauge, to be read by eye" />
      <form onSubmit={(event: FormEvent) => event.preventDefault()}>
        <LengthField
          label={gaugeName(place)}
          unit="in"
          graduation="1/32"
          signed={place === 'level'}
          example="1/8"
          draft={draft}
          onDraft={setDraft}
          onTake={({ value }) => {
            onNote(value)
            const next = GAUGE_PLACES[GAUGE_PLACES.indexOf(place) + 1]
            if (next) onPlace(next)
          }}
          doubt={() => null}
          inputRef={input}
          note={null}
        />
      </form>
    </section>
  )
}

/** What is moved, which way and by how much: a move is made, and only another one undoes it. */
function Moving({ onMove }: { readonly onMove: (move: Move) => void }) {
  const [adjuster, setAdjuster] = useState<Adjuster>('strike.top')
  const [steps, setSteps] = useState(1)
  const by = times(MOVE_STEP, Math.abs(steps))
  const other = (next: number) => setSteps(Math.max(-12, Math.min(12, next === 0 ? (steps > 0 ? -1 : 1) : next)))
  return (
    <Panel>
      <h2>Move</h2>
      <Labelled label="What is moved">
        <select value={adjuster} onChange={event => setAdjuster(event.target.value as Adjuster)}>
          {MOVABLE.map(one => (
            <option key={one} value={one}>
              {adjusterName(one)}
            </option>
          ))}
        </select>
      </Labelled>
      <div style={{ display: 'flex', gap: 8, alignItems: 'center', margin: '8px 0' }}>
        <Button $plain aria-label="Less" onPress={() => other(steps - 1)}>
          −
        </Button>
        <span style={{ fontSize: '1.375rem', fontWeight: 600, minWidth: 120, textAlign: 'center' }}>
          {steps > 0 ? '+' : '−'} <Figure value={by} step="1/32" unit />
        </span>
        <Button $plain aria-label="More" onPress={() => other(steps + 1)}>
          +
        </Button>
      </div>
      <p>{moveWords({ adjuster, steps }, MOVE_STEP, '1/32')}</p>
      <Button onPress={() => onMove({ adjuster, steps })}>Make this move</Button>
    </Panel>
  )
}
