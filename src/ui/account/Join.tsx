'use client'
import { Form, Said } from '../pages/form'
import { Page } from '../pages/Today'
import { Button } from '../parts/controls'
import { Line, NewPassword } from './fields'
import { goTo, useAsking } from './use-asking'

type Props = { readonly token: string; readonly firm: string; readonly name: string; readonly email: string }

/** Answers an invitation: name and password, and one is in. */
export function Join({ token, firm, name, email }: Props) {
  const { ask, said, isBusy } = useAsking(
    '/api/invitation',
    typed => ({ token, name: typed.name, password: typed.password }),
    () => goTo('/'),
  )
  return (
    <Page>
      <h1>Join {firm}</h1>
      <p>You sign in with {email}. If that address has a password here already, type that one.</p>
      <Form onSubmit={ask}>
        <Line label="Name" name="name" maxLength={80} defaultValue={name} autoComplete="name" />
        <NewPassword />
        {said && <Said role="alert">{said}</Said>}
        <div>
          <Button type="submit" isDisabled={isBusy}>
            Join
          </Button>
        </div>
      </Form>
    </Page>
  )
}
