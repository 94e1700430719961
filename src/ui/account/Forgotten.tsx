'use client'
import { useState } from 'react'
import { Form, Said } from '../pages/form'
import { Page } from '../pages/Today'
import { Button } from '../parts/controls'
import { EmailLine, NewPassword } from './fields'
import { goTo, useAsking } from './use-asking'

/** Asks for a mail by which another password is chosen; says the same whether the address is known or not. */
export function Forgotten() {
  const [isSent, setSent] = useState(false)
  const { ask, said, isBusy } = useAsking(
    '/api/auth/request-password-reset',
    ({ email }) => ({ email }),
    () => setSent(true),
  )
  return (
    <Page>
      <h1>A new password</h1>
      {isSent ? (
        <p role="status">If this address signs in here, a mail with a link is on its way. It holds for an hour.</p>
      ) : (
        <Form onSubmit={ask}>
          <EmailLine />
          {said && <Said role="alert">{said}</Said>}
          <div>
            <Button type="submit" isDisabled={isBusy}>
              Send me a link
            </Button>
          </div>
        </Form>
      )}
    </Page>
  )
}

/** Chooses the password by the link of the mail. */
export function Reset({ token }: { readonly token: string }) {
  const { ask, said, isBusy } = useAsking(
    '/api/auth/reset-password',
    ({ password }) => ({ newPassword: password, token }),
    () => goTo('/sign-in'),
  )
  return (
    <Page>
      <h1>Choose a new password</h1>
      <Form onSubmit={ask}>
        <NewPassword />
        {said && <Said role="alert">{said} Ask for another link where you sign in.</Said>}
        <div>
          <Button type="submit" isDisabled={isBusy}>
            Take this password
          </Button>
        </div>
      </Form>
    </Page>
  )
}
