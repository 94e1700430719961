import type { Metadata } from 'next'
import { Forgotten } from '@/ui/account/Forgotten'

export const metadata: Metadata = { title: 'A new password' }

export default function Page() {
  return <Forgotten />
}
