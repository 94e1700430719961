import type { Metadata } from 'next'
import { loadOpenings } from '@/server/page'
import { Openings } from '@/ui/pages/Openings'

export const metadata: Metadata = { title: 'Openings' }

type Props = { readonly searchParams: Promise<{ readonly q?: string | string[] }> }

export default async function Page({ searchParams }: Props) {
  const { q } = await searchParams
  return <Openings found={await loadOpenings(typeof q === 'string' ? q : '')} />
}
