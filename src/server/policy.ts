import { knownDevices } from '@/devices/known'

/** What a page may load and run: what this installation sent for this very answer, and what that loads. */
export const policyFor = (nonce: string): string =>
  [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'`,
    `style-src-elem 'self' 'nonce-${nonce}'`,
    // A drawing says of each mark where it stands and how wide it is.
    "style-src-attr 'unsafe-inline'",
    "img-src 'self' blob: data:",
    "font-src 'self'",
    // Measuring devices are reached on this very machine, where they are.
    ["connect-src 'self'", ...[...knownDevices().values()]].join(' '),
    "worker-src 'self' blob:",
    "manifest-src 'self'",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ')

/** What every answer carries. */
export const ALWAYS: readonly (readonly [name: string, value: string])[] = [
  ['x-content-type-options', 'nosniff'],
  ['referrer-policy', 'same-origin'],
  ['cross-origin-opener-policy', 'same-origin'],
  // Of what is no page; no page of another site shows these in a frame of its own. A page’s own policy says more.
  ['content-security-policy', "frame-ancestors 'none'; base-uri 'none'; form-action 'self'"],
  ['permissions-policy', 'camera=(self), microphone=(self), geolocation=(), payment=(), usb=()'],
]
