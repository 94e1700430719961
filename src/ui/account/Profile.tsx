'use client'
import { useEffect, useState } from 'react'
import type { Role } from '@/core/access/access'
import type { Membership } from '@/core/access/people'
import { momentHere } from '@/words/moments'
import { ROLE_NAMES } from '@/words/roles'
import { whyNotTaken } from '@/words/sign-in'
import { Form, Said } from '../pages/form'
import { Page } from '../pages/Today'
import { Button, Panel, Quiet } from '../parts/controls'
import { Otherwise } from '../parts/Otherwise'
import { send } from '../store/send'
import { useOutbox, useSnapshot } from '../store/use-outbox'
import { forgetWho } from '../store/who'
import { Line, NewPassword } from './fields'
import { goTo, useAsking } from './use-asking'

type Props = {
  readonly name: string
  readonly role: Role
  readonly firm: string
  readonly memberId: string
  /** `null` in the demo, where nobody signs in. */
  readonly email: string | null
  readonly firms: readonly Membership[]
}

/** Who one is here: one’s firms, password and sessions. */
export function Profile({ name, role, firm, memberId, email, firms }: Props) {
  const [said, setSaid] = useState<string | null>(null)
  const act = async (path: string, body: unknown, to: string) => {
    const sent = await send('POST', path, body)
    if (!sent.ok) return setSaid(whyNotTaken(sent))
    await forgetWho()
    goTo(to)
  }
  return (
    <Page>
      <h1>{name}</h1>
      <p>
        {ROLE_NAMES[role]} of {firm}
        {email ? `, signed in with ${email}` : '. In the demo nobody signs in: above, choose whom to go on as.'}
      </p>
      {said && <Said role="alert">{said}</Said>}
      {firms.length > 1 && (
        <Panel>
          <h2>Your firms</h2>
          {firms.map(one => (
            <div key={one.memberId}>
              <Button
                $plain
                isDisabled={one.memberId === memberId}
                onPress={() => void act('/api/account/firm', { memberId: one.memberId }, '/')}
              >
                {one.memberId === memberId ? `In ${one.company} now` : `Go on in ${one.company}`}
              </Button>
            </div>
          ))}
        </Panel>
      )}
      {email && (
        <>
          <ChangePassword />
          <Sessions />
          <div style={{ display: 'flex', flexWrap: 'wrap', gap: 10 }}>
            <SignOut name={name} onOut={() => void act('/api/auth/sign-out', {}, '/sign-in')} />
            <Otherwise of={firm} word="Leave">
              {() => (
                <Button $plain onPress={() => void act('/api/account/leave', {}, '/')}>
                  Leave {firm}: what you did keeps your name
                </Button>
              )}
            </Otherwise>
          </div>
        </>
      )}
    </Page>
  )
}

/** Signs out; asks first where something of it is not stored yet. */
function SignOut({ name, onOut }: { readonly name: string; readonly onOut: () => void }) {
  const outbox = useOutbox()
  const waiting = useSnapshot(outbox).items.length
  const [isAsked, setAsked] = useState(false)
  const ask = async () => {
    // What lies on the device is known a moment after the page is there.
    await outbox.loaded()
    if (outbox.snapshot().items.length) setAsked(true)
    else onOut()
  }
  if (!isAsked || waiting === 0) return <Button onPress={() => void ask()}>Sign out</Button>
  return (
    <div role="alert" style={{ display: 'grid', gap: 8 }}>
      <p>
        {waiting === 1 ? 'One thing you did waits' : `${waiting} things you did wait`} on this device and{' '}
        {waiting === 1 ? 'is' : 'are'} not stored. It stays here, shown to nobody else, and is sent when {name} is
        signed in on it again.
      </p>
      <span style={{ display: 'flex', flexWrap: 'wrap', gap: 8 }}>
        <Button onPress={() => void outbox.flush().then(() => setAsked(false))}>Send it now</Button>
        <Button $plain onPress={onOut}>
          Sign out all the same
        </Button>
      </span>
    </div>
  )
}

function ChangePassword() {
  const [isDone, setDone] = useState(false)
  const { ask, said, isBusy } = useAsking(
    '/api/auth/change-password',
    ({ current, password }) => ({ currentPassword: current, newPassword: password, revokeOtherSessions: true }),
    () => setDone(true),
  )
  return (
    <Form onSubmit={ask}>
      <h2>Another password</h2>
      <Line label="Password now" name="current" type="password" autoComplete="current-password" />
      <NewPassword label="New password" />
      {said && <Said role="alert">{said}</Said>}
      {isDone && <Quiet role="status">Changed; other devices must sign in anew.</Quiet>}
      <div>
        <Button type="submit" isDisabled={isBusy}>
          Change it
        </Button>
      </div>
    </Form>
  )
}

type SessionRow = {
  readonly id: string
  readonly token: string
  readonly userAgent: string | null
  readonly updatedAt: string
}

/** Where one is signed in, each to be ended. */
function Sessions() {
  const [all, setAll] = useState<readonly SessionRow[]>([])
  const [own, setOwn] = useState<string | null>(null)
  const look = () =>
    void send<readonly SessionRow[]>('GET', '/api/auth/list-sessions').then(sent => sent.ok && setAll(sent.value))
  useEffect(look, [])
  useEffect(() => {
    void send<{ readonly session: SessionRow } | null>('GET', '/api/auth/get-session').then(
      sent => sent.ok && setOwn(sent.value?.session.id ?? null),
    )
  }, [])
  const end = async (token: string) => {
    await send('POST', '/api/auth/revoke-session', { token })
    look()
  }
  return (
    <Panel>
      <h2>Where you are signed in</h2>
      <ul aria-label="Sessions" style={{ display: 'grid', gap: 8 }}>
        {all.map(one => (
          <li key={one.id} style={{ display: 'flex', flexWrap: 'wrap', gap: 10, alignItems: 'center' }}>
            <span>
              {one.id === own ? 'Here, now' : `${deviceIn(one.userAgent)}, last seen ${momentHere(one.updatedAt)}`}
            </span>
            {/* Here one signs out instead: that asks while something waits. */}
            {one.id !== own && (
              <Button $plain onPress={() => void end(one.token)}>
                End it
              </Button>
            )}
          </li>
        ))}
      </ul>
    </Panel>
  )
}

/** What kind of device a browser says it runs on. */
const deviceIn = (agent: string | null): string =>
  agent === null
    ? 'A program'
    : /Mobi|Android|iPhone/.test(agent)
      ? 'A phone'
      : /iPad|Tablet/.test(agent)
        ? 'A tablet'
        : 'A computer'
