import type { Metadata } from 'next'
import { loadPlanPage } from '@/server/page'
import { PlanPage } from '@/ui/plan/PlanPage'

export const metadata: Metadata = { title: 'Plan' }

export default async function Page() {
  return <PlanPage {...(await loadPlanPage(new Date()))} />
}
