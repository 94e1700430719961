import '@fontsource-variable/source-sans-3/index.css'
import type { Metadata, Viewport } from 'next'
import { headers } from 'next/headers'
import { connection } from 'next/server'
import type { ReactNode } from 'react'
import { counting, visitor } from '@/server/page'
import { MoneyIn } from '@/ui/parts/Money'
import { Shell } from '@/ui/theme/Shell'
import { StyleRegistry } from '@/ui/theme/StyleRegistry'

export const metadata: Metadata = {
  title: { default: 'Harvek', template: '%s · Harvek' },
  description: 'Measure an opening, order the door that fits it, set it, seal it, hand it over.',
}
export const viewport: Viewport = { width: 'device-width', initialScale: 1 }

export default async function Layout({ children }: { readonly children: ReactNode }) {
  await connection()
  const nonce = (await headers()).get('x-nonce') ?? ''
  return (
    <html lang="en" suppressHydrationWarning>
      <head>
        {/* What makes styles in the browser asks here for the page's secret. */}
        <meta property="csp-nonce" nonce={nonce} />
      </head>
      <body>
        <StyleRegistry nonce={nonce}>
          <MoneyIn counting={await counting()}>
            <Shell visitor={await visitor()}>{children}</Shell>
          </MoneyIn>
        </StyleRegistry>
      </body>
    </html>
  )
}
