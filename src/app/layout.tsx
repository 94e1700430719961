import '@fontsource-variable/source-sans-3/index.css'
import './font-until.css'
import '@/ui/theme/global.css'
import type { Metadata, Viewport } from 'next'
import { headers } from 'next/headers'
import { connection } from 'next/server'
import type { ReactNode } from 'react'
import { KEPT_FIRST } from '@/ui/parts/first-paint'
import { LIGHT_FIRST } from '@/ui/theme/light'
import { StyleRegistry } from '@/ui/theme/StyleRegistry'

export const metadata: Metadata = {
  title: { default: 'Harvek', template: '%s · Harvek' },
  description: 'Measure an opening, order the door that fits it, set it, seal it, hand it over.',
  icons: { icon: '/icon.svg', apple: '/icon-apple-180.png' },
}
export const viewport: Viewport = { width: 'device-width', initialScale: 1, themeColor: '#F7F5EF' }

/** What every page has, whoever looks: nothing of anybody. */
export default async function Layout({ children }: { readonly children: ReactNode }) {
  await connection()
  const nonce = (await headers()).get('x-nonce') ?? ''
  return (
    <html lang="en" suppressHydrationWarning>
      <head>
        {/* What makes styles in the browser asks here for the page's secret. */}
        <meta property="csp-nonce" nonce={nonce} />
        {/* biome-ignore lint/security/noDangerouslySetInnerHtml: a text of our own, that must act before the first paint */}
        <script nonce={nonce} dangerouslySetInnerHTML={{ __html: `${LIGHT_FIRST};${KEPT_FIRST}` }} />
      </head>
      <body>
        <StyleRegistry nonce={nonce}>{children}</StyleRegistry>
      </body>
    </html>
  )
}
