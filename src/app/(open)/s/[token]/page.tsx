import type { Metadata } from 'next'
import { loadShared } from '@/server/page'
import { SharedPage } from '@/ui/sharing/SharedPage'
import { LINK_OVER } from '@/words/sharing'

export const metadata: Metadata = {
  title: 'Your door',
  robots: { index: false, follow: false },
  referrer: 'no-referrer',
}

type Props = {
  readonly params: Promise<{ readonly token: string }>
  readonly searchParams: Promise<{ readonly here?: string }>
}

export default async function Page({ params, searchParams }: Props) {
  const [{ token }, { here }] = await Promise.all([params, searchParams])
  const shared = await loadShared(token)
  if (!shared)
    return (
      <main style={{ maxWidth: 640, margin: '60px auto', padding: '0 20px', display: 'grid', gap: 14 }}>
        <h1>This link opens nothing</h1>
        <p>{LINK_OVER}</p>
      </main>
    )
  return <SharedPage token={token} isHere={here !== undefined} {...shared} />
}
