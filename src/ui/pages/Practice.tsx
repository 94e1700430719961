'use client'
import { type FormEvent, useMemo, useRef, useState } from 'react'
import { styled } from 'styled-components'
import { v7 as uuidV7 } from 'uuid'
import { figureOf } from '@/core/base/figure'
import { USUAL_KIND } from '@/core/base/kinds'
import { drawnOf } from '@/core/draw'
import { elevation } from '@/core/drawing/elevation'
import { walkMarks } from '@/core/drawing/walk-marks'
import { newEdits } from '@/core/new-edits'
import type { Grip } from '@/core/practice/exercise'
import type { Score } from '@/core/practice/score'
import { newWishes } from '@/core/specification/new-wishes'
import { isNetworkReading, kindOf, type NetworkReading } from '@/core/survey/network'
import type { Reading } from '@/core/survey/reading'
import { isLevelReading, isSigned, isSlot, placeOf, type Slot, waySlot } from '@/core/survey/slots'
import { historyOf } from '@/core/survey/survey'
import { WAY_READINGS } from '@/core/survey/ways'
import type { OpeningRecords } from '@/core/terms'
import { inches, type Length } from '@/core/units/length'
import { work } from '@/core/work'
import { tradeWith } from '@/trade/trade'
import { slotHow, slotName } from '@/words/walk'
import { Button, Choice, Panel, Quiet } from '../parts/controls'
import { FindingList } from '../parts/FindingList'
import { LengthField } from '../parts/LengthField'
import { SceneView } from '../parts/SceneView'
import { readingFrom } from '../sheet/instrument'
import { send } from '../store/send'
import { PracticeHead } from './PracticeHead'
import { ScoreTable } from './PracticeScore'
import { Page } from './Today'

/** Tools beside the drawing. */
export const Bench = styled.div`
  display: grid; grid-template-columns: minmax(300px, 380px) minmax(0, 1fr); gap: 20px; align-items: start;
  .drawing { height: 560px; background: var(--sheet); border: 1px solid var(--rule); }
  .look { width: 100%; max-width: 640px; border: 1.5px solid var(--ink); display: block; aspect-ratio: 640 / 220; background: var(--sheet); }
  @media (max-width: 56.25em) { grid-template-columns: minmax(0, 1fr); .drawing { height: 380px; } }
`
const WAY = 'trim-off' as const
const NAMES = WAY_READINGS[WAY]
const TRADE = tradeWith([])

/** What was read of a made-up opening so far. */
const practised = (id: string, readings: readonly Reading[]): OpeningRecords => ({
  ...newEdits(WAY),
  opening: { id, tag: '', name: '', family: USUAL_KIND },
  readings,
  answers: [],
  orders: [],
  receipts: [],
  log: [],
})

/** The practice corner: a made-up opening, a tape and a level to read, and a score by the core that judges real surveys. */
export function Practice({ first }: { readonly first: string }) {
  const [id, setId] = useState(first)
  const [score, setScore] = useState<Score | null>(null)
  const again = () => {
    setId(uuidV7())
    setScore(null)
  }
  return (
    <Page>
      <PracticeHead now="survey" />
      <Quiet>A made-up opening with one to three faults. Hook, stretch and read; then have it scored.</Quiet>
      {score ? (
        <ScoreTable way={WAY} score={score} onAgain={again} />
      ) : (
        <Exercise key={id} id={id} onScore={setScore} onAgain={again} />
      )}
    </Page>
  )
}

type ExerciseProps = {
  readonly id: string
  readonly onScore: (score: Score) => void
  readonly onAgain: () => void
}

/** One made-up opening while it is read. */
function Exercise({ id, onScore, onAgain }: ExerciseProps) {
  const [readings, setReadings] = useState<readonly Reading[]>([])
  const [name, setName] = useState<NetworkReading>(NAMES[0]!)
  const [said, setSaid] = useState<string | null>(null)
  const slot = waySlot(WAY, name)
  const isRead = (one: NetworkReading, all = readings) => all.some(row => row.slot === waySlot(WAY, one))
  const take = (reading: Reading) => {
    const all = [...readings, reading]
    setReadings(all)
    setName(NAMES.find(one => !isRead(one, all)) ?? name)
  }
  const judge = async () => {
    const attempts = readings.map(one => ({ name: placeOf(one.slot), value: one.value, level: one.levelLength }))
    const sent = await send<Score>('POST', `/api/practice/${id}/score`, { attempts })
    setSaid(sent.ok ? null : sent.message)
    if (sent.ok) onScore(sent.value)
  }
  return (
    <Bench>
      <div>
        <Take key={name} id={id} name={name} taken={historyOf(slot, readings).length} onTake={take} />
        <Panel style={{ marginTop: 14 }}>
          <Choice
            label="Reading"
            value={name}
            options={NAMES.map(one => [one, `${slotName(waySlot(WAY, one))}${isRead(one) ? ' ✓' : ''}`])}
            onChange={setName}
          />
          <div style={{ display: 'flex', gap: 8 }}>
            <Button onPress={judge}>Score it</Button>
            <Button $plain onPress={onAgain}>
              Another opening
            </Button>
          </div>
          {said && <p role="alert">{said}</p>}
        </Panel>
      </div>
      <SoFar id={id} readings={readings} slot={slot} onPick={setName} />
    </Bench>
  )
}

type SoFarProps = {
  readonly id: string
  readonly readings: readonly Reading[]
  readonly slot: Slot
  readonly onPick: (name: NetworkReading) => void
}

/** The made-up opening as it was read so far, and what stands against the readings. */
function SoFar({ id, readings, slot, onPick }: SoFarProps) {
  const done = useMemo(() => work(practised(id, readings), TRADE, ''), [id, readings])
  const scene = useMemo(() => walkMarks(elevation(drawnOf(done, newWishes(WAY)), 'measure'), slot), [done, slot])
  const names = new Map(NAMES.map(one => [waySlot(WAY, one) as string, slotName(waySlot(WAY, one))]))
  return (
    <div style={{ display: 'grid', gap: 14 }}>
      <div className="drawing">
        <SceneView
          scene={scene}
          step="1/16"
          title="The opening as read so far"
          selected={slot}
          names={names}
          onSelect={id => {
            const picked = isSlot(id) ? placeOf(id) : ''
            if (isNetworkReading(picked)) onPick(picked)
          }}
        />
      </div>
      <FindingList
        findings={done.measure.findings}
        step="1/16"
        figure={one => figureOf(one, done.terms.lengths, TRADE.numbers)}
        selected={slot}
        onSelect={() => undefined}
        empty="Nothing stands against the readings so far."
      />
    </div>
  )
}

type Places = Pick<Grip, 'hook' | 'stretch'>

type TakeProps = {
  readonly id: string
  readonly name: NetworkReading
  readonly taken: number
  readonly onTake: (reading: Reading) => void
}

function Take({ id, name, taken, onTake }: TakeProps) {
  const [places, setPlaces] = useState<Places>({ hook: 'before', stretch: 'before' })
  const [level, setLevel] = useState<'24' | '72'>('72')
  const [draft, setDraft] = useState('')
  const input = useRef<HTMLInputElement>(null)
  const slot = waySlot(WAY, name)
  const isLevelled = isLevelReading(slot)
  const isTape = !isSigned(slot)
  const query = new URLSearchParams({ name, ...places, level })
  const levelLength = isLevelled ? inches(Number(level)) : null
  const take = ({ value, text }: { readonly value: Length; readonly text: string }) =>
    onTake(
      readingFrom({
        slot,
        value,
        text,
        graduation: '1/16',
        levelLength,
        reader: 'learner',
        occasion: 'survey',
        from: null,
      }),
    )
  return (
    <section aria-label="Reading now" style={{ display: 'grid', gap: 10 }}>
      <h2>{slotName(slot)}</h2>
      <p>{slotHow(slot)}</p>
      {isTape && <GripChoice name={name} places={places} onChange={setPlaces} />}
      {isLevelled && <Choice label="Level, in" value={level} options={LEVELS} onChange={setLevel} />}
      {/* biome-ignore lint/performance/noImgElement: drawn anew for each grip, never to be kept */}
      <img className="look" src={`/api/practice/${id}/look?${query}`} alt="The scale, to be read by eye" />
      <form onSubmit={(event: FormEvent) => event.preventDefault()}>
        <LengthField
          label={slotName(slot)}
          unit="in"
          graduation="1/16"
          signed={!isTape}
          example={isTape ? '36 3/8' : '-1/16'}
          draft={draft}
          onDraft={setDraft}
          onTake={take}
          doubt={() => null}
          inputRef={input}
          note={taken ? { text: `Read ${taken} ${taken === 1 ? 'time' : 'times'} already.`, tone: 'plain' } : null}
        />
      </form>
    </section>
  )
}

type GripProps = {
  readonly name: NetworkReading
  readonly places: Places
  readonly onChange: (places: Places) => void
}

/** Where the tape is hooked, and to where it is stretched. */
function GripChoice({ name, places, onChange }: GripProps) {
  const [from, to] = kindOf(name) === 'heights' ? [FLOOR, HEADER] : [STUD, STUD]
  return (
    <>
      <Choice
        label="Hook the tape on"
        value={places.hook}
        options={from}
        onChange={hook => onChange({ ...places, hook })}
      />
      <Choice
        label="Stretch it to"
        value={places.stretch}
        options={to}
        onChange={stretch => onChange({ ...places, stretch })}
      />
    </>
  )
}

const LEVELS = [
  ['24', '24'],
  ['72', '72'],
] as const
const STUD = [
  ['before', 'the casing'],
  ['on', 'the stud'],
] as const
const FLOOR = [
  ['before', 'the old sill'],
  ['on', 'the floor'],
] as const
const HEADER = [
  ['before', 'the casing'],
  ['on', 'the header'],
] as const
