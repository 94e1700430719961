'use client'
import type { ReactNode } from 'react'
import type { Counting } from '@/core/catalogue/firm'
import type { Visitor } from '@/server/page'
import { AS_SHIPPED, MoneyIn } from '../parts/Money'
import { useWeekAlong } from '../store/use-along'
import { OutboxOf } from '../store/use-outbox'
import { WhoIs } from '../store/who'
import { Shell } from './Shell'
import { SyncBar } from './SyncBar'

type Props = {
  readonly visitor: Visitor | null
  readonly counting?: Counting
  /** Shown from what lies on the device, as there is no signal. */
  readonly isSite?: boolean
  readonly children: ReactNode
}

/** Everything round a page: who acts, in which firm, and what waits to be stored. */
export function Live({ visitor, counting = AS_SHIPPED, isSite = false, children }: Props) {
  const page = (
    <MoneyIn counting={counting}>
      <Shell visitor={visitor}>{children}</Shell>
    </MoneyIn>
  )
  if (!visitor) return page
  return (
    <WhoIs who={{ visitor, counting }}>
      <OutboxOf key={visitor.id} member={visitor.id}>
        {page}
        <SyncBar isSite={isSite} />
        {!isSite && <WeekAlong />}
      </OutboxOf>
    </WhoIs>
  )
}

function WeekAlong() {
  useWeekAlong()
  return null
}
