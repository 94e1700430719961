import type { Metadata } from 'next'
import { loadDayPage } from '@/server/page'
import { DayPage } from '@/ui/pages/DayPage'

type Props = { readonly params: Promise<{ readonly date: string }> }

export const generateMetadata = async ({ params }: Props): Promise<Metadata> => ({ title: (await params).date })

export default async function Page({ params }: Props) {
  return <DayPage {...(await loadDayPage((await params).date))} />
}
