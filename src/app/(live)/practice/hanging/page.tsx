import type { Metadata } from 'next'
import { v7 as uuidV7 } from 'uuid'
import { PracticeHanging } from '@/ui/pages/PracticeHanging'

export const metadata: Metadata = { title: 'Practice: even out a leaf' }

export default function Page() {
  return <PracticeHanging first={uuidV7()} />
}
