import { createHmac, timingSafeEqual } from 'node:crypto'

/** A member's id with this installation's signature: what the cookie holds. */
export function signMember(id: string, secret: string): string {
  return `${id}.${createHmac('sha256', secret).update(id).digest('hex')}`
}

/** The id in a signed text; `null` when the signature is not ours, or there is no secret to sign with. */
export function readSigned(signed: string, secret: string): string | null {
  const [id] = signed.split('.')
  if (!id || secret === '') return null
  const expected = Buffer.from(signMember(id, secret))
  const given = Buffer.from(signed)
  return given.length === expected.length && timingSafeEqual(given, expected) ? id : null
}
