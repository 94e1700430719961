import type { Metadata } from 'next'
import { Reset } from '@/ui/account/Forgotten'

export const metadata: Metadata = { title: 'A new password' }

type Props = { readonly searchParams: Promise<{ readonly token?: string | readonly string[] }> }

export default async function Page({ searchParams }: Props) {
  const { token } = await searchParams
  return <Reset token={typeof token === 'string' ? token : ''} />
}
