import { redirect } from 'next/navigation'

export default async function Page({ params }: { readonly params: Promise<{ readonly id: string }> }) {
  redirect(`/openings/${(await params).id}/measure`)
}
