import type { Metadata } from 'next'
import { loadInvitation } from '@/server/page'
import { Join } from '@/ui/account/Join'
import { INVITATION_WORDS } from '@/words/roles'

export const metadata: Metadata = { title: 'Join' }

type Props = { readonly searchParams: Promise<{ readonly token?: string | readonly string[] }> }

export default async function Page({ searchParams }: Props) {
  const { token } = await searchParams
  const asked = typeof token === 'string' ? await loadInvitation(token) : null
  if (!asked || asked.why)
    return (
      <main style={{ maxWidth: 640, margin: '60px auto', padding: '0 20px', display: 'grid', gap: 14 }}>
        <h1>This link opens nothing</h1>
        <p>{INVITATION_WORDS[asked?.why ?? 'unknown']}</p>
      </main>
    )
  return <Join token={String(token)} firm={asked.company} name={asked.name} email={asked.email} />
}
