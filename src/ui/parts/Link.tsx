import NextLink from 'next/link'
import type { ComponentProps } from 'react'

/** A way to another page of Harvek. Nothing is asked for before it is followed: each page is made for who looks, so that asking ahead brings
 * none of it, and a list of openings would ask dozens of times on a weak signal. */
export const Link = (props: Omit<ComponentProps<typeof NextLink>, 'prefetch'>) => (
  <NextLink {...props} prefetch={false} />
)
