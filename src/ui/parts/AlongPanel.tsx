'use client'
import { momentHere } from '@/words/moments'
import type { Taken } from '../outbox/take-along'
import { type AlongStore, useAlong } from '../store/use-along'
import { Button, Quiet } from './controls'

type Props = {
  /** One job, or the next seven days. */
  readonly jobs: readonly [string] | 'week'
  readonly title: string
}

/** Takes along what is needed where there is no signal, and says what lies here. */
export function AlongPanel({ jobs, title }: Props) {
  const along = useAlong(jobs)
  return (
    <div className="unprinted" style={{ display: 'flex', flexWrap: 'wrap', gap: '6px 14px', alignItems: 'center' }}>
      <Button $plain isDisabled={along.isBusy || !along.isAble} onPress={() => void along.take()}>
        {title}
      </Button>
      <Quiet role="status">{stateWords(along)}</Quiet>
    </div>
  )
}

function stateWords({ isAble, isBusy, so, taken, said }: AlongStore): string {
  if (!isAble) return 'This browser keeps nothing for when there is no signal: open Harvek in another one for that.'
  if (isBusy) return so ? `Fetching photos and papers: ${so[0]} of ${so[1]} …` : 'Fetching …'
  if (said) return said
  return taken ? takenWords(taken) : 'Not taken along yet.'
}

const MB = 1024 * 1024
const size = (bytes: number): string =>
  bytes >= 1024 * MB ? `${(bytes / 1024 / MB).toFixed(1)} GB` : `${(bytes / MB).toFixed(1)} MB`
const count = (n: number, one: string, more: string): string => `${n} ${n === 1 ? one : more}`

function takenWords({ at, openings, photos, papers, used, room }: Taken): string {
  const what = [
    count(openings, 'opening', 'openings'),
    count(photos, 'photo', 'photos'),
    count(papers, 'paper', 'papers'),
  ].join(', ')
  const takes =
    used === null ? '' : ` All that lies here takes ${size(used)}${room === null ? '' : ` of ${size(room)}`}.`
  return `Here since ${momentHere(at)}: ${what}.${takes}`
}
