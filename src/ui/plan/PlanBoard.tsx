'use client'
import { styled } from 'styled-components'
import { worksOn } from '@/core/plan/at-work'
import { spotOn } from '@/core/plan/spots'
import { wallAt } from '@/core/plan/wall'
import { dayShort } from '@/words/moments'
import { Link } from '../parts/Link'
import type { Spot } from '../store/use-placings'
import { DayCell } from './DayCell'
import { type Picking, TaskChips } from './TaskChips'

const Grid = styled.div<{ $days: number }>`
  display: grid; grid-template-columns: 128px repeat(${p => p.$days}, minmax(0, 1fr)); border: 1px solid var(--rule); border-left: none; border-top: none; background: var(--sheet);
  .head { padding: 8px; font-weight: 650; border-left: 1px solid var(--rule); border-top: 2px solid var(--ink); }
  .head[data-today] { background: var(--vial-wash); }
  .head a { color: inherit; }
  .crew { padding: 8px; border-left: 1px solid var(--rule); border-top: 1px solid var(--rule); display: grid; gap: 2px; align-content: start; overflow-wrap: anywhere; }
  .crew strong { font-size: 1rem; }
  .crew span, .crew a { font-size: 0.875rem; color: var(--quiet); }
  /* A narrow window shows as many days as can be read; the others are a pull away. */
  @media (max-width: 53.75em) {
    grid-template-columns: 84px repeat(${p => p.$days}, minmax(${p => (p.$days > 1 ? '164px' : '0')}, 1fr)); overflow-x: auto;
    .crew { position: sticky; left: 0; z-index: 1; background: var(--sheet); }
  }
  /* On paper the whole week, as narrow as it is. */
  @media print { grid-template-columns: 21mm repeat(${p => p.$days}, minmax(0, 1fr)); font-size: 8pt; .head, .crew { padding: 4px; } .crew :is(strong, span, a) { font-size: 8pt; } }
`
type Props = Picking & {
  readonly days: readonly string[]
  readonly today: string
  readonly onPut: (id: string, spot: Spot) => void
}

/** Crews by days, with what each does. */
export function PlanBoard({ view, days, today, selected, onSelect, onPut, mayMove }: Props) {
  const drop = (id: string, crewId: string, day: string) => {
    const [one, crew] = [view.shown.get(id), view.board.crews.find(it => it.id === crewId)]
    if (one && crew) onPut(id, { crew: crewId, start: spotOn(view.board, view.placed, one.task, crew, wallAt(day)) })
  }
  return (
    <Grid $days={days.length}>
      <div className="head" />
      {days.map(day => (
        <div key={day} className="head" data-today={day === today || undefined}>
          <Link href={`/days/${day}`}>{dayShort(day)}</Link>
        </div>
      ))}
      {view.board.crews.map(crew => [
        <div key={crew.id} className="crew">
          <strong>{crew.name}</strong>
          <span>{crew.people === 1 ? 'one person' : `${crew.people} people`}</span>
          <a className="tall" href={`/api/crews/${crew.id}/plan.ics`}>
            Calendar
          </a>
        </div>,
        ...days.map(day => (
          <DayCell
            key={`${crew.id}${day}`}
            label={`${crew.name}, ${dayShort(day)}`}
            isOff={!worksOn(crew, wallAt(day))}
            onDropTask={id => drop(id, crew.id, day)}
          >
            <TaskChips all={view.onDay(crew.id, day)} {...{ view, selected, onSelect, mayMove }} />
          </DayCell>
        )),
      ])}
    </Grid>
  )
}
