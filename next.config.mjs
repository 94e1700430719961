/** @type {import('next').NextConfig} */
const config = {
  reactStrictMode: true,
  poweredByHeader: false,
  compiler: { styledComponents: true },
  serverExternalPackages: ['pdfkit', 'mysql2'],
  devIndicators: false,
  typedRoutes: false,
}

export default config
