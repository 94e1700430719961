/** @type {import('next').NextConfig} */
const config = {
  reactStrictMode: true,
  poweredByHeader: false,
  // What listens packs (src/server/serve.ts): faster than the framework does.
  compress: false,
  compiler: { styledComponents: true },
  serverExternalPackages: ['pdfkit', 'mysql2', 'pino'],
  devIndicators: false,
  // Types are a part of the tests by themselves (bin/test types): a start, and each build of the tests, need not wait for them again.
  typescript: { ignoreBuildErrors: true },
  // Pictures come by their own route alone, which asks who looks.
  images: { unoptimized: true },
  // A page's code is loaded when it is first asked for: a sixth less memory (bench), and only its first view waits for it.
  // What is not somebody’s to see is answered as such, and not as if it were not there.
  experimental: { preloadEntriesOnStart: false, authInterrupts: true },
  redirects: async () => [{ source: '/openings/:id', destination: '/openings/:id/measure', permanent: false }],
}

export default config
