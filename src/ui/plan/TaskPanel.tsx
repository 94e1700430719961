'use client'
import { useState } from 'react'
import { styled } from 'styled-components'
import { earliestSpot, latestOpening } from '@/core/plan/spots'
import { dayOf, minuteOf, type Wall, wallAt } from '@/core/plan/wall'
import { dayWords } from '@/words/moments'
import { breakWords, clockWords, lastsWords, SKILL_NAMES, TASK_WAITS, wallWords } from '@/words/plan'
import { Button, Quiet } from '../parts/controls'
import { Labelled } from '../parts/Labelled'
import { Link } from '../parts/Link'
import { ReasonLine } from '../parts/ReasonLine'
import type { Spot } from '../store/use-placings'
import { type BoardView, lightFor, type Shown } from './board-view'

const Panel = styled.section`
  position: sticky; bottom: var(--bar); z-index: 5; max-height: 52dvh; overflow-y: auto; box-shadow: 0 -8px 24px rgb(0 0 0 / 14%);
  display: grid; gap: 10px; align-content: start; background: var(--sheet); border: 1px solid var(--rule); border-top: 2px solid var(--ink); padding: 14px 18px;
  h2 { font-size: 1.25rem; }
  .row { display: flex; flex-wrap: wrap; gap: 10px; align-items: end; }
  .break { color: var(--stop); font-weight: 600; }
  .watch { color: var(--watch); font-weight: 600; }
  select, input { min-height: 44px; font-size: 1rem; padding: 0 8px; border: 1.5px solid var(--strong-rule); border-radius: 4px; background: var(--sheet); color: var(--ink); }
  @media (max-width: 43.75em) { padding: 12px; }
`
type Props = {
  readonly one: Shown
  readonly view: BoardView
  readonly now: Wall
  readonly mayMove: boolean
  readonly onPut: (spot: Spot, isFixed: boolean, closure?: string | null) => void
  readonly onClose: () => void
}

/** One task: what it is, what its place breaks, and where else it can go. */
export function TaskPanel({ one, view, now, mayMove, onPut, onClose }: Props) {
  const { task, work, at, job, opening, breaks } = one
  const earliest = earliestSpot(view.board, view.placed, task, now)
  const crewName = (id: string) => view.board.crews.find(it => it.id === id)?.name ?? 'a crew that is gone'
  return (
    <Panel aria-label={one.name}>
      <div className="row" style={{ justifyContent: 'space-between' }}>
        <h2>{one.name}</h2>
        <Button $plain onPress={onClose}>
          Close
        </Button>
      </div>
      <Quiet>
        <Link
          href={`/openings/${opening.id}/${work.kind === 'survey' ? 'measure' : work.kind === 'work' ? 'fit' : 'handover'}`}
        >
          {opening.name}
        </Link>{' '}
        of <Link href={`/jobs/${job.id}`}>{job.name}</Link>, {job.site}. {lastsWords(work.minutes)} of work
        {work.doneMinutes > 0 && `, ${lastsWords(work.doneMinutes)} of it done`},{' '}
        {work.people === 1 ? 'one person' : `${work.people} people`}
        {work.skills.length > 0 && `; ${work.skills.map(it => SKILL_NAMES[it]).join(', ')}`}.
      </Quiet>
      <Closing one={one} view={view} />
      {at && <p>{`${crewName(at.crew)}, ${wallWords(at.start)}${at.isFixed ? ', fixed there' : ', as planned'}`}</p>}
      {breaks.map(it => (
        <p key={`${it.code}${it.other}`} className="break" role="status">
          {breakWords(it, view.nameOf)}
        </p>
      ))}
      {at && (at.closure || breaks.some(it => it.code === 'dark')) && (
        <Closure
          closure={at.closure ?? null}
          mayMove={mayMove}
          onClosure={closure => onPut({ crew: at.crew, start: at.start }, at.isFixed || closure !== null, closure)}
        />
      )}
      {task.arrives !== null && (
        <p className="watch">{`Its unit should be here by ${dayWords(opening.comesOn!)}. The old door stays in until it is looked at and accepted.`}</p>
      )}
      {task.blocked && !at && <p className="watch">{`Not to be planned: ${TASK_WAITS[task.blocked]}.`}</p>}
      {mayMove && (
        <>
          {earliest && (earliest.crew !== at?.crew || earliest.start !== at.start) && (
            <div className="row">
              <Button
                onPress={() => onPut(earliest, true)}
              >{`Put it to ${crewName(earliest.crew)}, ${wallWords(earliest.start)}`}</Button>
              <Quiet>the earliest that breaks nothing</Quiet>
            </div>
          )}
          <Elsewhere key={`${one.id}${at?.crew}${at?.start}`} one={one} view={view} now={now} onPut={onPut} />
          {at && (
            <div className="row">
              <Button $plain onPress={() => onPut({ crew: at.crew, start: at.start }, !at.isFixed, at.closure)}>
                {at.isFixed ? 'Let the plan move it' : 'Fix it where it is'}
              </Button>
              <Button $plain onPress={() => onPut(null, false)}>
                Take it off the plan
              </Button>
            </div>
          )}
        </>
      )}
    </Panel>
  )
}

type ClosureProps = {
  readonly closure: string | null
  readonly mayMove: boolean
  readonly onClosure: (closure: string | null) => void
}

/** A hole that can't be closed by a door before dark is shut for the night by something else, or put to another day. */
function Closure({ closure, mayMove, onClosure }: ClosureProps) {
  if (closure !== null)
    return (
      <div className="row">
        <p className="watch">Shut for the night by: {closure}</p>
        {mayMove && (
          <Button $plain onPress={() => onClosure(null)}>
            No closure after all
          </Button>
        )}
      </div>
    )
  if (!mayMove) return null
  return (
    <div>
      <Quiet>Put it to another day, or shut the hole for the night: against weather, falls and intruders.</Quiet>
      <ReasonLine
        label="Shut by what, such as OSB on two battens, screwed from inside"
        act="Plan the closure"
        onAct={onClosure}
      >
        Plan the closure
      </ReasonLine>
    </div>
  )
}

/** By when a hole is to be opened, and by what. */
function Closing({ one, view }: { readonly one: Shown; readonly view: BoardView }) {
  const { task, work, at } = one
  if (!task.opens || !at) return null
  const crew = view.board.crews.find(it => it.id === at.crew)
  if (!crew) return null
  const latest = latestOpening(task, crew, dayOf(at.start), view.board.closedFactor) ?? 0
  const light = lightFor(one, at.start)
  const ends =
    light.said === 'no-place'
      ? `the crew’s end at ${clockWords(crew.to)}; where the job is has not been said, so the dark is not known`
      : light.said === 'no-daylight'
        ? `the crew’s end at ${clockWords(crew.to)}; there is no daylight on this day: bring your own light`
        : light.darkAt !== null && light.darkAt <= crew.to
          ? `dark at ${clockWords(light.darkAt)}`
          : `the crew’s end at ${clockWords(crew.to)}`
  return (
    <p className={light.said === 'no-daylight' || light.said === 'no-place' ? 'watch' : undefined}>
      {work.isOpen
        ? 'The doorway stands open: '
        : `The old door comes out by ${latest < 0 ? 'no time of this day' : clockWords(latest)} at the latest: `}
      {`${lastsWords(task.opens.minutes)} until a door in it locks, a quarter more reckoned in, before ${ends}.`}
    </p>
  )
}

type ElsewhereProps = Pick<Props, 'one' | 'view' | 'now' | 'onPut'>

/** Somewhere else, by crew, day and time: it goes there whatever it breaks, and what it breaks is said. */
function Elsewhere({ one: { at }, view, now, onPut }: ElsewhereProps) {
  const [crew, setCrew] = useState(at?.crew ?? view.board.crews[0]?.id ?? '')
  const [day, setDay] = useState(dayOf(at?.start ?? now))
  const [time, setTime] = useState(clockWords(at ? minuteOf(at.start) : (view.board.crews[0]?.from ?? 480)))
  if (view.board.crews.length === 0) return null
  const [, hours, minutes] = /^(\d{2}):(\d{2})$/.exec(time) ?? []
  const isWhole = hours !== undefined && minutes !== undefined && /^\d{4}-\d{2}-\d{2}$/.test(day)
  return (
    <div className="row">
      <Labelled label="Crew">
        <select value={crew} onChange={event => setCrew(event.target.value)}>
          {view.board.crews.map(one => (
            <option key={one.id} value={one.id}>
              {one.name}
            </option>
          ))}
        </select>
      </Labelled>
      <Labelled label="Day">
        <input type="date" value={day} onChange={event => setDay(event.target.value)} />
      </Labelled>
      <Labelled label="Begins at">
        <input type="time" value={time} onChange={event => setTime(event.target.value)} />
      </Labelled>
      <Button
        $plain
        isDisabled={!isWhole}
        onPress={() => isWhole && onPut({ crew, start: wallAt(day, Number(hours) * 60 + Number(minutes)) }, true)}
      >
        Put it there
      </Button>
    </div>
  )
}
