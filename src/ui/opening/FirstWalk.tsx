'use client'
import { useEffect } from 'react'
import { styled } from 'styled-components'
import type { Stage } from '@/core/base/stages'
import { FIRST_WALK, type WalkStop } from '@/words/first-walk'
import { Button } from '../parts/controls'
import { walkTo } from './walk'

const Card = styled.section`
  position: fixed; z-index: 23; right: 16px; bottom: calc(var(--bar) + 12px); width: min(400px, calc(100vw - 24px)); padding: 14px 16px; display: grid; gap: 8px;
  background: var(--sheet); color: var(--ink); border: 2px solid var(--ink); box-shadow: 0 6px 18px rgb(0 0 0 / 0.2);
  p { line-height: 1.4; }
  .at { color: var(--quiet); font-size: 0.875rem; }
  .ways { display: flex; gap: 8px; } .ways .on { flex: 1; }
  @media (max-width: 37.5em) { right: 12px; padding: 10px 12px; }
`
const PARTS: Readonly<Record<WalkStop['part'], string>> = {
  drawing: '.middle',
  now: '[aria-label="Reading now"]',
  left: '.ladder',
  right: '.findings',
}

type Props = {
  readonly at: number
  readonly stage: Stage
  readonly isIdle: (stage: Stage) => boolean
  readonly onShow: (stage: Stage) => void
}

/** A stop of the first walk: what one sees, said in two sentences; on, back, or away at any moment. Loaded when somebody walks. */
export default function FirstWalk({ at, stage, isIdle, onShow }: Props) {
  // What is not done with a door, such as ordering an old one that stays, is no stop.
  const stops = FIRST_WALK.filter(one => !isIdle(one.stage))
  const stop = stops[Math.min(at, stops.length - 1)]!
  // biome-ignore lint/correctness/useExhaustiveDependencies: another stop may stand on another stage
  useEffect(() => {
    if (stop.stage !== stage) onShow(stop.stage)
  }, [stop])
  useLit(stop, stage)
  useLeftByKey()
  const isLast = at >= stops.length - 1
  return (
    <Card aria-label="First walk" aria-live="polite">
      <span className="at">
        {Math.min(at, stops.length - 1) + 1} of {stops.length}
      </span>
      <h2>{stop.title}</h2>
      <p>{stop.says}</p>
      <div className="ways">
        <Button $plain onPress={() => walkTo(null)}>
          {isLast ? 'Close' : 'Leave'}
        </Button>
        {at > 0 && (
          <Button $plain onPress={() => walkTo(at - 1)} aria-label="Back to the stop before">
            ‹
          </Button>
        )}
        {!isLast && (
          <Button className="on" onPress={() => walkTo(at + 1)}>
            Go on
          </Button>
        )}
      </div>
    </Card>
  )
}

/** What a stop is about has a frame round it while one stands there. */
function useLit({ part }: WalkStop, stage: Stage): void {
  // biome-ignore lint/correctness/useExhaustiveDependencies: another stage shows other parts
  useEffect(() => {
    const lit = document.querySelector<HTMLElement>(PARTS[part])
    if (!lit) return
    lit.dataset.walked = 'yes'
    if (lit.getBoundingClientRect().top > window.innerHeight * 0.6) lit.scrollIntoView({ block: 'start' })
    return () => {
      delete lit.dataset.walked
    }
  }, [part, stage])
}

function useLeftByKey(): void {
  useEffect(() => {
    const act = (event: KeyboardEvent) => {
      if (event.key === 'Escape' && !document.querySelector('[role="dialog"]')) walkTo(null)
    }
    window.addEventListener('keydown', act)
    return () => window.removeEventListener('keydown', act)
  }, [])
}
