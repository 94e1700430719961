import type { Metadata } from 'next'
import { loadPlanPage } from '@/server/page'
import { PlanLater } from '@/ui/plan/PlanLater'

export const metadata: Metadata = { title: 'Plan' }

export default async function Page() {
  return <PlanLater {...(await loadPlanPage(new Date()))} />
}
