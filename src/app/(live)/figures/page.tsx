import type { Metadata } from 'next'
import { loadFiguresPage } from '@/server/page'
import { FiguresPage } from '@/ui/pages/FiguresPage'

export const metadata: Metadata = { title: 'Figures' }

export default async function Page() {
  return <FiguresPage {...(await loadFiguresPage(new Date()))} />
}
