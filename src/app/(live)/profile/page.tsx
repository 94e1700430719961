import type { Metadata } from 'next'
import { loadProfile } from '@/server/page'
import { Profile } from '@/ui/account/Profile'

export const metadata: Metadata = { title: 'Profile' }

export default async function Page() {
  return <Profile {...(await loadProfile())} />
}
