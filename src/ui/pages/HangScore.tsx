'use client'
import type { HangScore } from '@/core/practice/hanging'
import { MOVE_STEP } from '@/core/practice/hanging'
import { minutesOf } from '@/core/tuning/move-minutes'
import type { Move } from '@/core/tuning/reveals'
import { MOVE_MINUTES } from '@/trade/moves'
import { gaugeName, WORTH_WORDS } from '@/words/practice'
import { moveWords } from '@/words/tuning'
import { Button } from '../parts/controls'
import { Figure } from '../parts/Figure'
import { Marks } from './PracticeScore'

type Props = { readonly score: HangScore; readonly seconds: number; readonly onAgain: () => void }

const said = (move: Move): string => moveWords(move, MOVE_STEP, '1/32')
const timeWords = (moves: readonly Move[]): string =>
  `${moves.length} ${moves.length === 1 ? 'move' : 'moves'}, about ${minutesOf(moves, MOVE_MINUTES)} min on site`

/** What each move was worth, what would have done, and what was wrong. */
export function HangScoreView({ score, seconds, onAgain }: Props) {
  const { points, moves, off, binds, least, faults } = score
  return (
    <section aria-label="Score" style={{ display: 'grid', gap: 14 }}>
      <h2 style={{ fontSize: '1.75rem' }}>{points} of 100</h2>
      <p>
        Yours: {timeWords(moves.map(one => one.move))}, {Math.floor(seconds / 60)} min {seconds % 60} s here. The least:{' '}
        {timeWords(least)}.
      </p>
      {off.length > 0 && (
        <p>
          Still out:{' '}
          {off.map(({ name, value }, i) => (
            <span key={name}>
              {i > 0 && ', '}
              {gaugeName(name).toLowerCase()} <Figure value={value} step="1/32" unit />
            </span>
          ))}
          .
        </p>
      )}
      {binds && <p>It binds at its hinges.</p>}
      <MovesMade moves={moves} />
      <div>
        <h3>What would have done</h3>
        <ol data-least={least.length}>
          {least.map(one => (
            <li key={one.adjuster}>{said(one)}</li>
          ))}
        </ol>
      </div>
      <div>
        <h3>What had been done to an even leaf</h3>
        <ul>
          {faults.map(one => (
            <li key={one.adjuster}>{said(one)}</li>
          ))}
        </ul>
      </div>
      <div>
        <Button onPress={onAgain}>Another leaf</Button>
      </div>
    </section>
  )
}

/** Each move, and what it was worth beside all the others. */
const MovesMade = ({ moves }: Pick<HangScore, 'moves'>) => (
  <Marks>
    <thead>
      <tr>
        <th>Your move</th>
        <th>All else the same, without it and with it the margins miss by</th>
        <th>It</th>
      </tr>
    </thead>
    <tbody>
      {moves.map(({ move, without, withIt, worth }, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: two moves may be alike
        <tr key={i} data-worth={worth}>
          <td>{said(move)}</td>
          <td>
            <Figure value={without} step="1/64" unit /> · <Figure value={withIt} step="1/64" unit />
          </td>
          <td>{WORTH_WORDS[worth]}</td>
        </tr>
      ))}
    </tbody>
  </Marks>
)
