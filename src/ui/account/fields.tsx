import type { InputHTMLAttributes } from 'react'
import { PASSWORD_LEAST, PASSWORD_MOST } from '@/core/access/sign-in-limits'
import { Field } from '../pages/form'

type Props = InputHTMLAttributes<HTMLInputElement> & { readonly label: string }

/** One line of a form, asked for. */
export const Line = ({ label, ...input }: Props) => (
  <Field>
    {label}
    <input required maxLength={200} {...input} />
  </Field>
)

export const EmailLine = () => <Line label="E-mail" name="email" type="email" autoComplete="username" />

/** A password that is chosen. */
export const NewPassword = ({
  label = `Password, ${PASSWORD_LEAST} letters at least`,
}: {
  readonly label?: string
}) => (
  <Line
    label={label}
    name="password"
    type="password"
    autoComplete="new-password"
    minLength={PASSWORD_LEAST}
    maxLength={PASSWORD_MOST}
  />
)

/** What was typed into a form, by name. */
export const typedIn = (form: HTMLFormElement): Readonly<Record<string, string>> =>
  Object.fromEntries([...new FormData(form)].map(([name, value]) => [name, String(value)]))
