'use client'
import { ChevronDown, ChevronUp } from 'lucide-react'
import { type ReactNode, useState } from 'react'
import { styled } from 'styled-components'
import type { DayEntry } from '@/core/plan/day-entry'
import type { LoadItem } from '@/core/plan/van-load'
import type { DisplayStep } from '@/core/units/format-length'
import type { DayView } from '@/server/page'
import { TOOL_NAMES } from '@/words/steps'
import { itemCount, itemName, itemWhere, shortWords, takingWords, toolKey } from '@/words/take-off'
import { ButtonLink, Quiet } from '../parts/controls'
import type { useDayEntries } from '../store/use-day-entries'

const Load = styled.ul`
  background: var(--sheet); border-top: 2px solid var(--ink); padding: 0 18px;
  li { border-bottom: 1px solid var(--rule); display: grid; grid-template-columns: minmax(0, 1fr) 44px; align-items: center; }
  li > :not(label):not(button) { grid-column: 1 / -1; }
  label { display: grid; grid-template-columns: 34px 70px minmax(0, 1fr) auto; gap: 0 12px; align-items: center; min-height: 52px; cursor: pointer; padding: 4px 0; }
  input { width: 26px; height: 26px; margin: 0; }
  .count { font-size: 1.375rem; font-weight: 650; text-align: right; white-space: nowrap; }
  .where { color: var(--quiet); font-size: 0.9375rem; }
  .short { color: var(--correct); font-weight: 600; font-size: 0.9375rem; white-space: nowrap; }
  &, li { min-width: 0; }
  [data-loaded] :is(.count, .name) { color: var(--quiet); }
  button { min-width: 44px; min-height: 44px; border: none; background: none; cursor: pointer; color: var(--blue); display: grid; place-items: center; }
  .how { padding: 0 0 10px 116px; font-size: 0.9375rem; display: grid; gap: 2px; }
  @media (max-width: 43.75em) {
    padding: 0 4px 0 12px;
    label { grid-template-columns: 34px 58px minmax(0, 1fr); }
    .where { grid-column: 3; }
    .how { padding-left: 8px; }
  }
`
const Tools = styled.ul`
  background: var(--sheet); border-top: 2px solid var(--ink); padding: 8px 18px; display: grid; grid-template-columns: repeat(auto-fill, minmax(180px, 1fr)); gap: 0 14px;
  label { display: flex; gap: 10px; align-items: center; min-height: 44px; cursor: pointer; }
  input { width: 24px; height: 24px; margin: 0; flex: none; }
`

type Props = {
  readonly day: DayView
  readonly loaded: ReadonlyMap<string, DayEntry>
  readonly note: ReturnType<typeof useDayEntries>['note']
}

/** What a day takes along, each to be ticked when it is in the van. */
export function VanList({ day, loaded, note }: Props) {
  const { date, items, strips, tools, countedAt, step } = day
  const isCounted = items.some(one => one.held !== null)
  const isIn = (key: string) => loaded.get(key)?.result === 'yes'
  const tick = (key: string, name: string) => (next: boolean) =>
    note('loaded', key, next ? 'yes' : 'no', `${name}, ${next ? 'in the van' : 'not in the van'}`)
  const keys = [...items.map(one => one.key), ...strips.map(one => one.key)]
  return (
    <>
      <div style={{ display: 'flex', flexWrap: 'wrap', gap: '4px 18px', alignItems: 'center' }}>
        <h2>Van list</h2>
        <span role="status" style={{ color: 'var(--quiet)', flex: '1 1 160px' }}>
          {keys.length === 0
            ? 'Nothing is used up on this day.'
            : `${keys.filter(isIn).length} of ${keys.length} in the van`}
        </span>
        <ButtonLink href={`/api/days/${date}/load.pdf`} target="_blank">
          Van list, PDF
        </ButtonLink>
        <ButtonLink href={`/api/days/${date}/load.csv`}>The same, CSV</ButtonLink>
      </div>
      {keys.length > 0 && (
        <Load aria-label="Van list">
          {items.map(one => (
            <Item
              key={one.key}
              item={one}
              step={step}
              isIn={isIn(one.key)}
              onTick={tick(one.key, itemName(one, step))}
              isCounted={isCounted}
            />
          ))}
          {strips.map(one => (
            <li key={one.key} data-loaded={isIn(one.key) || undefined}>
              <Ticked isIn={isIn(one.key)} onTick={tick(one.key, one.name)}>
                <span className="count">{one.bars.split(' ')[0]}</span>
                <span className="name">{one.name}</span>
                <span className="where">{one.bars}, by the cut list</span>
              </Ticked>
            </li>
          ))}
        </Load>
      )}
      <Quiet>
        {!isCounted
          ? 'What the van holds is not counted: all of it is to be fetched. It is counted on the firm’s page.'
          : countedAt === null
            ? 'When the van was counted is not said: what was used since is not taken off.'
            : `The van was counted on ${countedAt.slice(0, 10)}; what was used since is taken off.`}
      </Quiet>
      {tools.length > 0 && (
        <>
          <h2>Tools</h2>
          <Tools aria-label="Tools">
            {tools.map(one => (
              <li key={one}>
                <Ticked isIn={isIn(toolKey(one))} onTick={tick(toolKey(one), TOOL_NAMES[one])}>
                  <span>{TOOL_NAMES[one]}</span>
                </Ticked>
              </li>
            ))}
          </Tools>
        </>
      )}
    </>
  )
}

type TickedProps = { readonly isIn: boolean; readonly onTick: (isIn: boolean) => void; readonly children: ReactNode }

const Ticked = ({ isIn, onTick, children }: TickedProps) => (
  <label>
    <input type="checkbox" checked={isIn} onChange={event => onTick(event.currentTarget.checked)} />
    {children}
  </label>
)

type ItemProps = Pick<TickedProps, 'isIn' | 'onTick'> & { readonly item: LoadItem; readonly step: DisplayStep }

/** One thing: how many, what, for which doors, and how that came about. */
function Item({ item, step, isIn, onTick, isCounted }: ItemProps & { readonly isCounted: boolean }) {
  const [isOpen, setOpen] = useState(false)
  const short = isCounted ? shortWords(item) : null
  return (
    <li data-loaded={isIn || undefined}>
      <Ticked isIn={isIn} onTick={onTick}>
        <span className="count">{itemCount(item, step)}</span>
        <span className="name">
          {itemName(item, step)} {short && <span className="short">{short}</span>}
        </span>
        <span className="where">{itemWhere(item)}</span>
      </Ticked>
      <button
        type="button"
        aria-expanded={isOpen}
        aria-label={`How it comes to that: ${itemName(item, step)}`}
        onClick={() => setOpen(!isOpen)}
      >
        {isOpen ? <ChevronUp size={20} aria-hidden /> : <ChevronDown size={20} aria-hidden />}
      </button>
      {isOpen && (
        <div className="how">
          {item.parts.flatMap(({ opening, tag, takings }) =>
            takings.map((taking, i) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: the takings of a door keep their order
              <p key={`${opening}${i}`}>
                {tag}: {takingWords(taking, step)}
              </p>
            )),
          )}
        </div>
      )}
    </li>
  )
}
