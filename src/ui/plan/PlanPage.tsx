'use client'
import { ChevronLeft, ChevronRight } from 'lucide-react'
import { useMemo, useState } from 'react'
import { styled } from 'styled-components'
import { worksOn } from '@/core/plan/at-work'
import type { Planned } from '@/core/plan/plan-board'
import { type BoardGiven, type PlanGiven, wallIn } from '@/core/plan/plan-view'
import { dayOf, nextDay, type Wall, wallAt, weekdayOf } from '@/core/plan/wall'
import { leftWords, wallWords } from '@/words/plan'
import { Button, Choice, Quiet } from '../parts/controls'
import { Disclosure } from '../parts/Disclosure'
import { Empty } from '../parts/Empty'
import { Link } from '../parts/Link'
import { useMay } from '../store/rights'
import { type Put, type Spot, usePlacings } from '../store/use-placings'
import { useHeavy } from '../worker/use-heavy'
import { type BoardView, boardView, type Shown } from './board-view'
import { DayCell } from './DayCell'
import { PlanBoard } from './PlanBoard'
import { type Picking, TaskChips } from './TaskChips'
import { TaskPanel } from './TaskPanel'

const Wide = styled.main`
  max-width: 1500px; margin: 0 auto; padding: 18px 20px 60px; display: grid; grid-template-columns: minmax(0, 1fr); gap: 14px;
  .bar { display: flex; flex-wrap: wrap; gap: 8px 14px; align-items: center; }
  .bar .grow { flex: 1; }
  .bar h1 { margin-right: 6px; }
  .broken { color: var(--stop); font-weight: 650; }
  .tray { display: grid; grid-template-columns: repeat(auto-fill, minmax(210px, 1fr)); gap: 8px; }
  @media (max-width: 43.75em) { padding: 12px 10px 40px; .bar { gap: 8px; } .bar h1 { flex: 1 0 100%; } .bar button { padding: 0 10px; } }
`
type Props = {
  readonly given: BoardGiven
  readonly memberName: string
  /** ISO 8601, and the firm's clock. */
  readonly now: string
  readonly zone: string
}
type Span = 'week' | 'day'
const SPANS = [
  ['week', 'Week'],
  ['day', 'Day'],
] as const

const mondayOf = (at: Wall): Wall => wallAt(dayOf(at)) - (weekdayOf(at) - 1) * 1440

/** Who does what on which day: what stands, what a move breaks, what the plan proposes. */
export function PlanPage({ given: first, memberName, now: at, zone }: Props) {
  const { placings, put, undo, canUndo } = usePlacings(first.placings, first.placed, memberName)
  const given = useMemo(() => ({ ...first, placings }), [first, placings])
  const view = useMemo(() => boardView(given), [given])
  const now = wallIn(at, zone)
  const [shownDay, setShownDay] = useState(now)
  const [span, setSpan] = useState<Span>('week')
  const [selected, setSelected] = useState<string | null>(null)
  const mayMove = useMay('plan')
  const from = span === 'week' ? mondayOf(shownDay) : wallAt(dayOf(shownDay))
  const week = Array.from({ length: span === 'week' ? 7 : 1 }, (_, i) => dayOf(from + i * 1440))
  const isWorked = (day: string) =>
    view.board.crews.some(one => worksOn(one, wallAt(day)) || view.onDay(one.id, day).length > 0)
  const days = span === 'day' || !week.some(isWorked) ? week : week.filter(isWorked)
  const move = (id: string, spot: Spot, isFixed: boolean, closure: string | null = null) => {
    const one = view.shown.get(id)
    if (one) put([putOf(one, spot, isFixed, closure)])
  }
  const chosen = selected === null ? null : (view.shown.get(selected) ?? null)
  const broken = [...view.shown.values()].filter(one => one.breaks.length > 0)
  const step = span === 'week' ? 7 : 1
  return (
    <Wide>
      <div className="bar">
        <h1>Plan</h1>
        <Choice label="Shown" isLabelHidden value={span} options={SPANS} onChange={setSpan} />
        <Button
          $plain
          aria-label={span === 'week' ? 'The week before' : 'The day before'}
          onPress={() => setShownDay(shownDay - step * 1440)}
        >
          <ChevronLeft size={20} />
        </Button>
        <Button $plain onPress={() => setShownDay(now)}>
          Today
        </Button>
        <Button
          $plain
          aria-label={span === 'week' ? 'The week after' : 'The day after'}
          onPress={() => setShownDay(shownDay + step * 1440)}
        >
          <ChevronRight size={20} />
        </Button>
        <span className="grow" />
        {broken.length > 0 && (
          <span className="broken" role="status">
            {broken.length === 1 ? 'One task breaks something' : `${broken.length} tasks break something`}
          </span>
        )}
        {canUndo && (
          <Button $plain onPress={undo}>
            Undo
          </Button>
        )}
      </div>
      {view.board.crews.length === 0 ? (
        <Empty says="The plan puts each door’s work on the days of a crew, by light, deliveries and waits. No crew yet: who works together, on which days, is said on the firm’s page.">
          <Link className="tall" href="/firm">
            Add a crew
          </Link>
        </Empty>
      ) : (
        <>
          {mayMove && <Proposal given={given} view={view} now={now} onTake={put} />}
          <PlanBoard
            view={view}
            days={days}
            today={dayOf(now)}
            selected={selected}
            onSelect={setSelected}
            onPut={(id, spot) => {
              move(id, spot, true)
              setSelected(id)
            }}
            mayMove={mayMove}
          />
        </>
      )}
      {given.pace && (
        <Quiet>
          Hours by your own past: × {given.pace.factor}, from {given.pace.count} steps that were begun and done.
        </Quiet>
      )}
      <Tray
        view={view}
        selected={selected}
        onSelect={setSelected}
        onOff={id => move(id, null, false)}
        mayMove={mayMove}
      />
      {chosen && (
        <TaskPanel
          one={chosen}
          view={view}
          now={now}
          mayMove={mayMove}
          onPut={(spot, isFixed, closure) => move(chosen.id, spot, isFixed, closure)}
          onClose={() => setSelected(null)}
        />
      )}
    </Wide>
  )
}

const putOf = (one: Shown, spot: Spot, isFixed: boolean, closure: string | null = null): Put => ({
  openingId: one.opening.id,
  part: one.work.part,
  what: `${one.name}: ${spot ? wallWords(spot.start) : 'off the plan'}`,
  spot,
  isFixed,
  closure,
})

/** So many of what is on no day are shown at once. */
const MOST_CHIPS = 60

type TrayProps = Picking & { readonly onOff: (id: string) => void }

/** What is on no day: what can be planned, and what waits for somebody else. */
function Tray({ view, selected, onSelect, onOff, mayMove }: TrayProps) {
  const [free, waiting] = [
    view.unplaced.filter(one => !one.task.blocked),
    view.unplaced.filter(one => one.task.blocked),
  ]
  const [most, setMost] = useState(MOST_CHIPS)
  const chips = (all: readonly Shown[]) => (
    <>
      <div className="tray">
        <TaskChips all={all.slice(0, most)} {...{ view, selected, onSelect, mayMove }} />
      </div>
      {all.length > most && (
        <Button $plain onPress={() => setMost(most + MOST_CHIPS)}>
          Show more of {all.length - most}
        </Button>
      )}
    </>
  )
  return (
    <>
      <h2>On no day yet</h2>
      <DayCell label="On no day yet" isOff={false} onDropTask={onOff}>
        {free.length === 0 ? <Quiet>Everything that can be done is on the plan.</Quiet> : chips(free)}
      </DayCell>
      {waiting.length > 0 && <Disclosure title={`Waits for its unit: ${waiting.length}`}>{chips(waiting)}</Disclosure>}
    </>
  )
}

type ProposalProps = {
  readonly given: PlanGiven
  readonly view: BoardView
  readonly now: Wall
  readonly onTake: (puts: readonly Put[]) => void
}

/** “Plan it for me”: what would be done by when, taken or left as a whole. */
function Proposal({ given, view, now, onTake }: ProposalProps) {
  const [asked, setAsked] = useState<{ readonly given: PlanGiven; readonly from: Wall } | null>(null)
  const isNow = asked?.given === given
  const { value, isBehind, failed } = useHeavy('board', isNow ? asked : null)
  // What was left to do today is for whoever is out there: a plan begins tomorrow.
  const ask = () => setAsked({ given, from: nextDay(now) })
  if (!isNow || failed)
    return (
      <div className="bar">
        <Button onPress={ask}>Plan it for me</Button>
        <Quiet>{failed ?? 'From tomorrow on, as early as can be; what is fixed stays where it is.'}</Quiet>
      </div>
    )
  if (!value || isBehind) return <Quiet role="status">Planning …</Quiet>
  const puts = putsOf(value, view)
  return (
    <section
      aria-label="Proposal"
      style={{
        display: 'grid',
        gap: 8,
        background: 'var(--sheet)',
        borderTop: '2px solid var(--ink)',
        padding: '12px 18px',
      }}
    >
      <p>
        {value.finish === null
          ? 'Nothing can be planned.'
          : `All that can be planned is done by ${wallWords(value.finish)}.`}{' '}
        {value.finish !== null &&
          (value.optimal
            ? 'Nothing ends sooner.'
            : value.least !== null &&
              `It can’t be sooner than ${wallWords(value.least)}; whether it could be sooner than this was not proven.`)}
      </p>
      <LeftOut left={value.left} view={view} />
      <div className="bar">
        <Button
          isDisabled={puts.length === 0}
          onPress={() => {
            onTake(puts)
            setAsked(null)
          }}
        >
          {puts.length === 0
            ? 'It stands so already'
            : `Take it: ${puts.length} ${puts.length === 1 ? 'task' : 'tasks'}`}
        </Button>
        <Button $plain onPress={() => setAsked(null)}>
          Leave it
        </Button>
      </div>
    </section>
  )
}

function putsOf({ placed }: Planned, view: BoardView): readonly Put[] {
  return placed.flatMap(one => {
    const shown = view.shown.get(one.task)
    const isThere = shown?.at?.crew === one.crew && shown.at.start === one.start
    return shown && !one.isFixed && !isThere ? [putOf(shown, { crew: one.crew, start: one.start }, false)] : []
  })
}

/** What found no place, by its reason; what waits for its unit is listed below anyway. */
function LeftOut({ left, view }: { readonly left: Planned['left']; readonly view: BoardView }) {
  // What comes after what is left is left with it.
  const own = left.filter(one => one.why !== 'blocked' && one.why !== 'needs')
  const later = left.filter(one => one.why === 'needs').length
  const reasons = [...new Set(own.map(one => one.why))]
  if (left.length === 0) return null
  return (
    <ul>
      {reasons.map(why => (
        <li key={why}>
          {own
            .filter(one => one.why === why)
            .map(one => view.nameOf(one.task))
            .join(', ')}
          : {leftWords(why)}.
        </li>
      ))}
      {later > 0 && (
        <li>
          <Quiet>{`${later} more: ${leftWords('needs')}.`}</Quiet>
        </li>
      )}
    </ul>
  )
}
