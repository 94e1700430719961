'use client'
import { type FormEvent, useMemo, useRef, useState } from 'react'
import { styled } from 'styled-components'
import { v7 as uuidV7 } from 'uuid'
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
import { isLevelReading, isSigned, isSlot, placeOf, waySlot } from '@/core/survey/slots'
import { historyOf } from '@/core/survey/survey'
import { WAY_READINGS } from '@/core/survey/ways'
import type { OpeningRecords } from '@/core/terms'
import { inches } from '@/core/units/length'
import { work } from '@/core/work'
import { tradeWith } from '@/trade/trade'
import { FAULT_WORDS, MARK_WORDS } from '@/words/practice'
import { slotHow, slotName } from '@/words/walk'
import { Button, Choice, Panel, Quiet } from '../parts/controls'
import { Figure } from '../parts/Figure'
import { FindingList } from '../parts/FindingList'
import { LengthField } from '../parts/LengthField'
import { SceneView } from '../parts/SceneView'
import { readingFrom } from '../sheet/instrument'
import { send } from '../store/send'
import { Page } from './Today'

const Bench = styled.div`
  display: grid; grid-template-columns: minmax(300px, 380px) minmax(0, 1fr); gap: 20px; align-items: start;
  .drawing { height: 560px; background: var(--sheet); border: 1px solid var(--rule); }
  .look { width: 100%; max-width: 640px; border: 1.5px solid var(--ink); display: block; aspect-ratio: 640 / 220; background: var(--sheet); }
  @media (max-width: 900px) { grid-template-columns: minmax(0, 1fr); .drawing { height: 380px; } }
`
const Marks = styled.table`
  border-collapse: collapse; width: 100%; background: var(--sheet);
  th, td { text-align: left; padding: 6px 10px; border-bottom: 1px solid var(--rule); }
  td.figure { text-align: right; font-weight: 600; }
  tr[data-mark='misread'] td:last-child, tr[data-mark='left-out'] td:last-child { color: var(--correct); font-weight: 650; }
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
  const [readings, setReadings] = useState<readonly Reading[]>([])
  const [name, setName] = useState<NetworkReading>(NAMES[0]!)
  const [score, setScore] = useState<Score | null>(null)
  const [said, setSaid] = useState<string | null>(null)
  const slot = waySlot(WAY, name)
  const done = useMemo(() => work(practised(id, readings), TRADE, ''), [id, readings])
  const scene = useMemo(() => walkMarks(elevation(drawnOf(done, newWishes(WAY)), 'measure'), slot), [done, slot])
  const names = new Map(NAMES.map(one => [waySlot(WAY, one) as string, slotName(waySlot(WAY, one))]))
  const again = () => {
    setId(uuidV7())
    setReadings([])
    setScore(null)
    setSaid(null)
    setName(NAMES[0]!)
  }
  const judge = async () => {
    const attempts = readings.map(one => ({
      name: placeOf(one.slot),
      value: one.value,
      level: one.levelLength,
    }))
    const sent = await send<Score>('POST', `/api/practice/${id}/score`, { attempts })
    if (sent.ok) setScore(sent.value)
    setSaid(sent.ok ? null : sent.message)
  }
  return (
    <Page>
      <h1>Practice</h1>
      <Quiet>A made-up opening with one to three faults. Hook, stretch and read; then have it scored.</Quiet>
      {score ? (
        <ScoreTable score={score} onAgain={again} />
      ) : (
        <Bench>
          <div>
            <Take
              key={`${id}/${name}`}
              id={id}
              name={name}
              taken={historyOf(slot, readings).length}
              onTake={reading => {
                const all = [...readings, reading]
                setReadings(all)
                const open = NAMES.find(one => !all.some(row => row.slot === waySlot(WAY, one)))
                setName(open ?? name)
              }}
            />
            <Panel style={{ marginTop: 14 }}>
              <Choice
                label="Reading"
                value={name}
                options={NAMES.map(one => [
                  one,
                  `${slotName(waySlot(WAY, one))}${readings.some(row => row.slot === waySlot(WAY, one)) ? ' ✓' : ''}`,
                ])}
                onChange={setName}
              />
              <div style={{ display: 'flex', gap: 8 }}>
                <Button onPress={judge}>Score it</Button>
                <Button $plain onPress={again}>
                  Another opening
                </Button>
              </div>
              {said && <p role="alert">{said}</p>}
            </Panel>
          </div>
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
                  if (isNetworkReading(picked)) setName(picked)
                }}
              />
            </div>
            <FindingList
              findings={done.measure.findings}
              step="1/16"
              selected={slot}
              onSelect={() => undefined}
              empty="Nothing stands against the readings so far."
            />
          </div>
        </Bench>
      )}
    </Page>
  )
}

type Places = Pick<Grip, 'hook' | 'stretch'>

function Take({
  id,
  name,
  taken,
  onTake,
}: {
  readonly id: string
  readonly name: NetworkReading
  readonly taken: number
  readonly onTake: (reading: Reading) => void
}) {
  const [places, setPlaces] = useState<Places>({ hook: 'before', stretch: 'before' })
  const [level, setLevel] = useState<'24' | '72'>('72')
  const [draft, setDraft] = useState('')
  const input = useRef<HTMLInputElement>(null)
  const slot = waySlot(WAY, name)
  const isLevelled = isLevelReading(slot)
  const isTape = !isSigned(slot)
  const query = new URLSearchParams({ name, ...places, level })
  const [from, to] = kindOf(name) === 'heights' ? [FLOOR, HEADER] : [STUD, STUD]
  return (
    <section aria-label="Reading now" style={{ display: 'grid', gap: 10 }}>
      <h2>{slotName(slot)}</h2>
      <p>{slotHow(slot)}</p>
      {isTape && (
        <>
          <Choice
            label="Hook the tape on"
            value={places.hook}
            options={from}
            onChange={hook => setPlaces({ ...places, hook })}
          />
          <Choice
            label="Stretch it to"
            value={places.stretch}
            options={to}
            onChange={stretch => setPlaces({ ...places, stretch })}
          />
        </>
      )}
      {isLevelled && (
        <Choice
          label="Level, in"
          value={level}
          options={[
            ['24', '24'],
            ['72', '72'],
          ]}
          onChange={setLevel}
        />
      )}
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
          onTake={({ value, text }) =>
            onTake(
              readingFrom({
                slot,
                value,
                text,
                graduation: '1/16',
                levelLength: isLevelled ? inches(Number(level)) : null,
                reader: 'learner',
                occasion: 'survey',
                from: null,
              }),
            )
          }
          doubt={() => null}
          inputRef={input}
          note={taken ? { text: `Read ${taken} ${taken === 1 ? 'time' : 'times'} already.`, tone: 'plain' } : null}
        />
      </form>
    </section>
  )
}

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

function ScoreTable({ score, onAgain }: { readonly score: Score; readonly onAgain: () => void }) {
  return (
    <section aria-label="Score" style={{ display: 'grid', gap: 14 }}>
      <h2 style={{ fontSize: 28 }}>{score.points} of 100</h2>
      <p>What was wrong with the opening: {score.faults.map(one => FAULT_WORDS[one]).join(', ')}.</p>
      <Marks>
        <thead>
          <tr>
            <th>Reading</th>
            <th>Truly</th>
            <th>Read</th>
            <th>Judged</th>
          </tr>
        </thead>
        <tbody>
          {score.readings.map(one => (
            <tr key={one.name} data-mark={one.mark}>
              <td>{slotName(waySlot(WAY, one.name))}</td>
              <td className="figure">
                <Figure value={one.truth} step="1/64" unit />
              </td>
              <td className="figure">{one.read === null ? '–' : <Figure value={one.read} step="1/64" unit />}</td>
              <td>
                {MARK_WORDS[one.mark]}
                {one.times > 1 ? `, read ${one.times} times` : ''}
              </td>
            </tr>
          ))}
        </tbody>
      </Marks>
      <div>
        <Button onPress={onAgain}>Another opening</Button>
      </div>
    </section>
  )
}
