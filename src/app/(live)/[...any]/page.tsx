import { notFound } from 'next/navigation'

/** An address that no page has, in the frame of whoever asks for it. */
export default function Page(): never {
  return notFound()
}
