/** @type {import('next').NextConfig} */
const config = {
  reactStrictMode: true,
  poweredByHeader: false,
  compiler: { styledComponents: true },
  serverExternalPackages: ['pdfkit', 'mysql2'],
  devIndicators: false,
  redirects: async () => [{ source: '/openings/:id', destination: '/openings/:id/measure', permanent: false }],
}

export default config
