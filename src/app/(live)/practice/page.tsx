import type { Metadata } from 'next'
import { v7 as uuidV7 } from 'uuid'
import { Practice } from '@/ui/pages/Practice'

export const metadata: Metadata = { title: 'Practice' }

export default function Page() {
  return <Practice first={uuidV7()} />
}
