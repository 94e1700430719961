import { whyNotTaken } from './sign-in'

const refused = (code: unknown, status = 401) => ({ status, message: 'As the server says.', body: { code } })

it.each([
  [refused('INVALID_EMAIL_OR_PASSWORD'), /^Nobody signs in here with this e-mail and this password\./],
  [refused('INVALID_PASSWORD', 400), /nothing was changed/],
  [refused('INVALID_TOKEN', 400), /used already, or is older than an hour/],
  [refused('PASSWORD_TOO_SHORT', 400), /10 letters at least/],
  [refused('INVALID_EMAIL_OR_PASSWORD', 429), /^Too many tries/],
  [refused('something else'), /^As the server says\.$/],
  [refused('constructor'), /^As the server says\.$/],
  [{ ...refused(1), body: null }, /^As the server says\.$/],
])('%j is said as a sentence', (one, expected) => expect(whyNotTaken(one)).toMatch(expected))
