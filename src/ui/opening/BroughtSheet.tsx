'use client'
import { useState } from 'react'
import type { Stage } from '@/core/base/stages'
import type { BroughtSheet as Brought, SeenSheet, SheetBeside } from '@/server/sheets'
import { Sheet } from './Sheet'

type Props = Pick<Brought, 'seen' | 'beside'> & { readonly stage: Stage }

/** A sheet as the page brought it. */
export function BroughtSheet({ seen, beside, stage }: Props) {
  const [brought] = useState(() => read(seen, beside))
  return <Sheet {...brought} stage={stage} />
}

function read(seen: string, beside: SheetBeside) {
  const { sheet, glance, scene } = JSON.parse(seen) as SeenSheet
  return { initial: { ...sheet, ...beside }, glance, scene }
}
