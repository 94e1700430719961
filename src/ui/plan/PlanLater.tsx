'use client'
import dynamic from 'next/dynamic'
import { type ComponentProps, useEffect } from 'react'
import { Button } from '../parts/controls'
import { usePlan } from '../store/use-plan'
import type { PlanPage } from './PlanPage'

const Waiting = ({ failed, again }: { readonly failed?: string | null; readonly again?: () => void }) => (
  <main
    aria-busy={!failed}
    style={{
      padding: '18px 20px',
      minHeight: '80dvh',
      display: 'grid',
      gap: 14,
      alignContent: 'start',
      justifyItems: 'start',
    }}
  >
    <h1>Plan</h1>
    {failed && (
      <>
        <p role="alert">{failed}</p>
        <Button onPress={again}>Try again</Button>
      </>
    )}
  </main>
)

// Worked out in the browser alone: a board of a thousand tasks made by the server would keep everybody waiting.
const Board = dynamic(() => import('./PlanPage').then(one => one.PlanPage), { ssr: false, loading: () => <Waiting /> })

/** The plan once it is there; its data come beside its scripts. */
export function PlanLater(page: Omit<ComponentProps<typeof PlanPage>, 'given'>) {
  const { given, failed, again } = usePlan()
  useEffect(() => void import('./PlanPage'), [])
  return given ? <Board given={given} {...page} /> : <Waiting failed={failed} again={again} />
}
