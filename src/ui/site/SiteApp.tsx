'use client'
import dynamic from 'next/dynamic'
import { type ReactNode, useEffect, useState } from 'react'
import { STAGES } from '@/core/base/stages'
import type { OpeningSheet } from '@/core/sheet'
import { baseOf, copyOfJob, copyOfOrder } from '../outbox/copies'
import { withWaiting } from '../outbox/disk'
import type { Base, JobCopy, OrderCopy, SheetCopy } from '../outbox/kept'
import { type Place, placeOf } from '../outbox/place'
import { Page } from '../pages/Today'
import { Quiet } from '../parts/controls'
import { useOutbox } from '../store/use-outbox'
import { keptWho, type Who } from '../store/who'
import { Live } from '../theme/Live'
import { Along } from './Along'
import { useSignal } from './use-signal'

const Sheet = dynamic(() => import('../opening/Sheet').then(one => one.Sheet), { ssr: false })
const Job = dynamic(() => import('../pages/Job').then(one => one.Job), { ssr: false })
const OrderPage = dynamic(() => import('../pages/OrderPage').then(one => one.OrderPage), { ssr: false })

/** What stands at an address, by what lies on this device. */
type Shown =
  | { readonly kind: 'list'; readonly jobs: readonly JobCopy[] }
  | { readonly kind: 'job'; readonly job: JobCopy }
  | { readonly kind: 'sheet'; readonly copy: SheetCopy; readonly stage: (typeof STAGES)[number] }
  | { readonly kind: 'order'; readonly order: OrderCopy }
  | { readonly kind: 'not-along' }

async function find(member: string, path: string): Promise<Shown> {
  const base = await baseOf(member)
  const place = placeOf(path)
  if (place === 'list') {
    const jobs = await base.jobs.toArray()
    return {
      kind: 'list',
      jobs: jobs.sort((a, b) => (a.page.job.visitOn ?? '9').localeCompare(b.page.job.visitOn ?? '9')),
    }
  }
  const shown = place && (await SHOWN[place.table](base, place.id, path.split('/')[3]))
  return shown ?? { kind: 'not-along' }
}

const SHOWN: Readonly<
  Record<Place['table'], (base: Base, id: string, stage: string | undefined) => Promise<Shown | null>>
> = {
  jobs: async (base, id) => {
    const found = await copyOfJob(base, id)
    return found && { kind: 'job', job: found.job }
  },
  sheets: async (base, id, stage) => {
    const copy = await base.sheets.get(id)
    return copy ? { kind: 'sheet', copy, stage: STAGES.find(one => one === stage) ?? 'measure' } : null
  },
  orders: async (base, id) => {
    const order = await copyOfOrder(base, id)
    return order && { kind: 'order', order }
  },
}

/** Any address, from what was taken along: the same pages on what lies on this device. */
export function SiteApp() {
  const [who, setWho] = useState<Who | null | undefined>(undefined)
  const [shown, setShown] = useState<Shown | null>(null)
  useEffect(() => {
    const kept = keptWho()
    setWho(kept)
    if (!kept) return
    find(kept.visitor.id, location.pathname).then(setShown, () => setShown({ kind: 'not-along' }))
  }, [])
  if (who === undefined) return null
  if (who === null) return <Nobody />
  return (
    <Live visitor={{ ...who.visitor, others: [] }} counting={who.counting} isSite>
      <Signal isNothing={shown?.kind === 'not-along'} />
      {shown && show(shown)}
    </Live>
  )
}

/** Looks for the signal. Where nothing lies here, the page is opened once it is back. */
function Signal({ isNothing }: { readonly isNothing: boolean }) {
  const isBack = useSignal()
  useEffect(() => {
    if (isBack && isNothing) location.reload()
  }, [isBack, isNothing])
  return null
}

type KeptSheetProps = Extract<Shown, { readonly kind: 'sheet' }>

/** A sheet as it was taken along, with what was done on it here since. */
function KeptSheet({ copy, stage }: KeptSheetProps) {
  const outbox = useOutbox()
  const [sheet, setSheet] = useState<OpeningSheet | null>(null)
  useEffect(() => {
    void outbox.loaded().then(() => setSheet(withWaiting(copy.sheet, outbox.of(`/api/openings/${copy.id}`))))
  }, [outbox, copy])
  return sheet && <Sheet initial={sheet} glance={copy.glance} scene={null} stage={stage} />
}

function show(shown: Shown): ReactNode {
  switch (shown.kind) {
    case 'list':
      return <Along jobs={shown.jobs} />
    case 'job':
      return <Job {...shown.job.page} />
    case 'sheet':
      return <KeptSheet {...shown} />
    case 'order':
      return <OrderPage initial={shown.order.view} />
    case 'not-along':
      return <NotAlong />
  }
}

const NotAlong = () => (
  <Page>
    <h1>Not taken along</h1>
    <p>
      There is no signal, and what stands here was not taken along on this device. It opens by itself once there is.
    </p>
    <p>
      <a href="/">To what was taken along</a>
    </p>
  </Page>
)

const Nobody = () => (
  <Live visitor={null}>
    <Page>
      <h1>No signal</h1>
      <p>Nobody is signed in on this device. Sign in where there is signal; what lies here is shown to nobody else.</p>
      <Quiet>What waits to be stored stays here until whoever did it is signed in again.</Quiet>
    </Page>
  </Live>
)
