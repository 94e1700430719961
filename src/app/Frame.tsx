import type { ReactNode } from 'react'
import { counting, visitor } from '@/server/page'
import { Live } from '@/ui/theme/Live'

/** The frame round a page that the server makes for somebody. */
export async function Frame({ children }: { readonly children: ReactNode }) {
  const [who, counts] = await Promise.all([visitor(), counting()])
  return (
    <Live visitor={who} counting={counts}>
      {children}
    </Live>
  )
}
