'use client'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { styled } from 'styled-components'
import { ROLES, type Role } from '@/core/access/access'
import type { Invitation, Person } from '@/core/access/people'
import { ROLE_NAMES, ROLE_TELLS } from '@/words/roles'
import { Field, Form, Said } from '../pages/form'
import { Page } from '../pages/Today'
import { Button, Quiet } from '../parts/controls'
import { Otherwise } from '../parts/Otherwise'
import { send } from '../store/send'
import { Line } from './fields'
import { useAsking } from './use-asking'

const List = styled.ul`
  background: var(--sheet); border-top: 2px solid var(--ink);
  > li { display: grid; grid-template-columns: minmax(0, 1fr) auto auto; gap: 8px 14px; align-items: center; padding: 8px 18px; border-bottom: 1px solid var(--rule); min-height: 60px; }
  strong { font-size: 1.125rem; display: block; }
  .quiet { color: var(--quiet); font-size: 0.9375rem; overflow-wrap: anywhere; }
  select { min-height: 44px; font-size: 1rem; }
  @media (max-width: 43.75em) { > li { grid-template-columns: minmax(0, 1fr); } }
`
type Props = {
  readonly people: readonly Person[]
  readonly invitations: readonly Invitation[]
  readonly memberId: string
  readonly role: Role
}

/** Everybody of the firm with what they may, and who is asked to join. */
export function People({ people, invitations, memberId, role }: Props) {
  const router = useRouter()
  const [said, setSaid] = useState<string | null>(null)
  const own: readonly Role[] = role === 'owner' ? ROLES : ['installer', 'trainee']
  const act = async (method: 'PUT' | 'DELETE', path: string, body?: unknown) => {
    const sent = await send(method, path, body)
    setSaid(sent.ok ? null : sent.message)
    router.refresh()
  }
  return (
    <Page>
      <h1>People</h1>
      {said && <Said role="alert">{said}</Said>}
      <List aria-label="People of the firm">
        {people.map(one => (
          <PersonRow key={one.id} one={one} own={one.id === memberId ? [] : own} onAct={act} />
        ))}
      </List>
      {invitations.length > 0 && (
        <List aria-label="Asked to join">
          {invitations.map(one => (
            <li key={one.id}>
              <span>
                <strong>{one.name}</strong>
                <span className="quiet">
                  {one.email}, {ROLE_NAMES[one.role]}, asked {one.createdAt.slice(0, 10)}, holds until{' '}
                  {one.expiresAt.slice(0, 10)}
                </span>
              </span>
              <Button $plain onPress={() => void act('DELETE', `/api/people/invitations/${one.id}`)}>
                Take back
              </Button>
            </li>
          ))}
        </List>
      )}
      <Invite own={own} onInvited={() => router.refresh()} />
    </Page>
  )
}

type RowProps = {
  readonly one: Person
  /** The roles that may be given to them and taken from them. */
  readonly own: readonly Role[]
  readonly onAct: (method: 'PUT' | 'DELETE', path: string, body?: unknown) => Promise<void>
}

function PersonRow({ one, own, onAct }: RowProps) {
  return (
    <li>
      <span>
        <strong>{one.name}</strong>
        <span className="quiet">
          {one.email ?? 'has no sign-in'} · {ROLE_TELLS[one.role]}
        </span>
      </span>
      {own.includes(one.role) ? (
        <>
          <select
            aria-label={`Role of ${one.name}`}
            value={one.role}
            onChange={event => void onAct('PUT', `/api/people/${one.id}`, { role: event.target.value })}
          >
            {own.map(name => (
              <option key={name} value={name}>
                {ROLE_NAMES[name]}
              </option>
            ))}
          </select>
          <Otherwise of={one.name} word="Let go">
            {close => (
              <Button
                onPress={() => {
                  close()
                  void onAct('DELETE', `/api/people/${one.id}`)
                }}
              >
                Let {one.name} go: what they did keeps their name
              </Button>
            )}
          </Otherwise>
        </>
      ) : (
        <span>{ROLE_NAMES[one.role]}</span>
      )}
    </li>
  )
}

function Invite({ own, onInvited }: { readonly own: readonly Role[]; readonly onInvited: () => void }) {
  const [sent, setSent] = useState(0)
  const { ask, said, isBusy } = useAsking(
    '/api/people/invitations',
    typed => typed,
    () => {
      setSent(sent + 1)
      onInvited()
    },
  )
  return (
    <Form key={sent} onSubmit={ask}>
      <h2>Ask somebody to join</h2>
      <Line label="Name" name="name" maxLength={80} />
      <Line label="E-mail" name="email" type="email" />
      <Field>
        As
        <select name="role" defaultValue="installer">
          {own.map(name => (
            <option key={name} value={name}>
              {ROLE_NAMES[name]}: {ROLE_TELLS[name]}
            </option>
          ))}
        </select>
      </Field>
      {said && <Said role="alert">{said}</Said>}
      {sent > 0 && <Quiet role="status">The mail is on its way.</Quiet>}
      <div>
        <Button type="submit" isDisabled={isBusy}>
          Send the invitation
        </Button>
      </div>
    </Form>
  )
}
