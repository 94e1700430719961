'use client'
import { Form, Said } from '../pages/form'
import { Page } from '../pages/Today'
import { Button } from '../parts/controls'
import { Link } from '../parts/Link'
import { EmailLine, Line } from './fields'
import { goTo, useAsking } from './use-asking'

/** Signs in with address and password. */
export function SignIn() {
  const { ask, said, isBusy } = useAsking(
    '/api/auth/sign-in/email',
    typed => typed,
    () => goTo('/'),
  )
  return (
    <Page>
      <h1>Sign in</h1>
      <Form onSubmit={ask}>
        <EmailLine />
        <Line label="Password" name="password" type="password" autoComplete="current-password" />
        {said && <Said role="alert">{said}</Said>}
        <div>
          <Button type="submit" isDisabled={isBusy}>
            Sign in
          </Button>
        </div>
      </Form>
      <p>
        <Link href="/forgotten">I have forgotten my password</Link>
      </p>
      <p>Who has no account is asked to join by the owner or the office of a firm.</p>
    </Page>
  )
}
