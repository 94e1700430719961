import { type FormEvent, useState } from 'react'
import { whyNotTaken } from '@/words/sign-in'
import { send } from '../store/send'
import { typedIn } from './fields'

/** A form that is sent once at a time and says why it was not taken. `onDone` comes after it was. */
export function useAsking(
  path: string,
  body: (typed: Readonly<Record<string, string>>) => unknown,
  onDone: () => void,
) {
  const [said, setSaid] = useState<string | null>(null)
  const [isBusy, setBusy] = useState(false)
  const ask = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault()
    setBusy(true)
    setSaid(null)
    const sent = await send('POST', path, body(typedIn(event.currentTarget)))
    setBusy(false)
    if (sent.ok) onDone()
    else setSaid(whyNotTaken(sent))
  }
  return { ask, said, isBusy }
}

/** Goes to a page as it is for whoever is signed in now. */
export const goTo = (path: string): void => location.assign(path)
