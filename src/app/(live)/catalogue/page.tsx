import type { Metadata } from 'next'
import { loadCatalogue } from '@/server/page'
import { Catalogue } from '@/ui/pages/Catalogue'

export const metadata: Metadata = { title: 'Catalogue' }

export default async function Page() {
  return <Catalogue first={await loadCatalogue()} />
}
