import type { Metadata } from 'next'
import { ZONES } from '@/core/units/zone'
import { loadFirm } from '@/server/page'
import { FirmPage } from '@/ui/pages/FirmPage'

export const metadata: Metadata = { title: 'Firm' }

export default async function Page() {
  return <FirmPage {...(await loadFirm())} zones={ZONES} />
}
