import { notFound, redirect } from 'next/navigation'
import { openingByCode } from '@/server/page'

type Props = { readonly params: Promise<{ readonly code: string }> }

/** Where a label leads to: the door's page. */
export default async function Page({ params }: Props): Promise<never> {
  const address = await openingByCode((await params).code)
  return address === null ? notFound() : redirect(address)
}
