import type { Metadata } from 'next'
import { ZONES } from '@/core/units/zone'
import { mayStart } from '@/server/page'
import { Start } from '@/ui/account/Start'

export const metadata: Metadata = { title: 'Start' }

export default async function Page() {
  await mayStart()
  return <Start zones={ZONES} />
}
