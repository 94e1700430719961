'use client'
import { useState } from 'react'
import { styled } from 'styled-components'
import type { PlannedTest, TestPart } from '@/core/handover/plan-tests'
import { momentWords } from '@/words/moments'
import { partWords, pointName, testWords, VERDICT_NAMES } from '@/words/tests'
import { Button } from '../../parts/controls'
import { Otherwise } from '../../parts/Otherwise'
import { PhotoGrid, PhotoTaker } from '../../parts/PhotoTaker'
import { Worded } from '../../parts/Worded'
import type { StageProps } from '../../sheet/stage-props'
import { PartFound } from './PartFound'

export const Tests = styled.ol`
  > li { border-top: 1px solid var(--rule); padding: 9px 2px; display: grid; grid-template-columns: minmax(0, 1fr); gap: 5px; overflow-wrap: anywhere; }
  .small { font-size: 0.9375rem; color: var(--quiet); }
  .line { display: grid; grid-template-columns: 1fr 1fr; gap: 6px; }
  .line input { grid-column: 1 / -1; }
  .wrong { color: var(--stop); font-size: 0.9375rem; }
  .head { display: flex; gap: 8px; justify-content: space-between; align-items: baseline; }
  .parts { display: grid; gap: 4px; margin: 0; padding: 0; list-style: none; }
  .parts > li { display: grid; gap: 4px; padding: 4px 0 4px 8px; border-left: 3px solid var(--rule); }
  .parts > li[data-result='passed'], .parts > li[data-result='waived'] { border-left-color: var(--fine); }
  .parts > li[data-result='failed'] { border-left-color: var(--stop); }
  .more { display: flex; flex-wrap: wrap; gap: 6px; align-items: start; }
  .more > button, .more > div > button { border-color: transparent; padding: 0 8px; font-size: 0.9375rem; }
  .row { display: grid; grid-template-columns: minmax(0, 1fr) auto; gap: 6px; align-items: center; }
  .choices { display: flex; flex-wrap: wrap; gap: 6px; }
  input { min-width: 0; height: 44px; padding: 0 8px; border: 1.5px solid var(--strong-rule); border-radius: 4px; background: var(--sheet); }
`
type Store = StageProps['store']
export const MARKS = { passed: '✓', failed: '◆', waived: '–', open: '' } as const

type Props = { readonly test: PlannedTest; readonly store: Store }

/** One test: how it is made, its limit, and at each of its places what was found, or what is to be read there. */
export function TestItem({ test, store }: Props) {
  const [name, how, limit] = testWords(test.id, store.say)
  const { parts, verdict } = test
  const [isAgain, setAgain] = useState(false)
  const isParted = parts.some(one => one.point !== null)
  const settled = parts.filter(one => one.verdict !== 'open').length
  const isSettled = parts.some(isDone)
  return (
    <li data-test={test.id} data-result={verdict}>
      <span className="head">
        <strong>
          <Worded text={name} isLabel />
        </strong>
        {isParted && (
          <span className="small">
            {MARKS[verdict]} {verdict === 'open' ? `${settled} of ${parts.length}` : VERDICT_NAMES[verdict]}
          </span>
        )}
      </span>
      <span className="small">
        <Worded text={how} /> Limit: <Worded text={limit} isLabel />.
      </span>
      <ul className={isParted ? 'parts' : undefined}>
        {parts.map(part => (
          <li key={part.code} data-part={part.code} data-result={part.verdict}>
            <Part
              test={test}
              part={part}
              name={isParted ? `${name}, ${pointName(part.point!)}` : name}
              isAsked={isAgain || !isDone(part)}
              store={store}
              onNoted={() => setAgain(isParted && isAgain)}
            />
          </li>
        ))}
      </ul>
      <span className="more">
        {isSettled && (
          <Button $plain aria-expanded={isAgain} aria-label={`Test again: ${name}`} onPress={() => setAgain(!isAgain)}>
            Test again …
          </Button>
        )}
        <TestPhotos id={test.id} name={name} store={store} />
      </span>
    </li>
  )
}

const isDone = ({ verdict }: TestPart): boolean => verdict === 'passed' || verdict === 'waived'

type PartProps = Props & {
  readonly part: TestPart
  readonly name: string
  readonly isAsked: boolean
  readonly onNoted: () => void
}

function Part({ test, part, name, isAsked, store, onNoted }: PartProps) {
  const { found, verdict, point } = part
  return (
    <>
      {(point !== null || found) && (
        <span>
          {point !== null && `${pointName(point)} `}
          {found && (
            <strong>
              {MARKS[verdict]} {partWords(part, test.unit, store.sheet.job.step)}
            </strong>
          )}
          {found && (
            <span className="small">
              {' '}
              · {found.by}, {momentWords(found.at, store.trade.zone)}
            </span>
          )}
        </span>
      )}
      {isAsked && <PartFound test={test} part={part} name={name} store={store} onNoted={onNoted} />}
    </>
  )
}

/** Photos that belong to a test. */
function TestPhotos({ id, name, store }: { readonly id: string; readonly name: string; readonly store: Store }) {
  const place = `test.${id}` as const
  const photos = store.sheet.photos.filter(one => one.slot === place)
  return (
    <>
      <Otherwise of={name} word="Photo">
        {() => <PhotoTaker openingId={store.sheet.opening.id} place={place} by={() => store.reader} />}
      </Otherwise>
      {photos.length > 0 && <PhotoGrid photos={photos} captionOf={() => name} />}
    </>
  )
}
