'use client'
import dynamic from 'next/dynamic'
import type { ComponentProps } from 'react'
import type { PlanPage } from './PlanPage'

// Worked out in the browser alone: a board of a thousand tasks made by the server would keep everybody waiting.
const Board = dynamic(() => import('./PlanPage').then(one => one.PlanPage), {
  ssr: false,
  loading: () => (
    <main aria-busy="true" style={{ padding: '18px 20px', minHeight: '80dvh' }}>
      <h1>Plan</h1>
    </main>
  ),
})

export const PlanLater = (given: ComponentProps<typeof PlanPage>) => <Board {...given} />
