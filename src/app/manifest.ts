import type { MetadataRoute } from 'next'

/** What a device needs to put Harvek among its own. */
export default function manifest(): MetadataRoute.Manifest {
  return {
    name: 'Harvek',
    short_name: 'Harvek',
    description: 'Measure an opening, order the door that fits it, set it, seal it, hand it over.',
    start_url: '/',
    scope: '/',
    display: 'standalone',
    background_color: '#F7F5EF',
    theme_color: '#F7F5EF',
    icons: [
      { src: '/icon-192.png', sizes: '192x192', type: 'image/png' },
      { src: '/icon-512.png', sizes: '512x512', type: 'image/png' },
      { src: '/icon-maskable-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
      { src: '/icon.svg', sizes: 'any', type: 'image/svg+xml' },
    ],
  }
}
