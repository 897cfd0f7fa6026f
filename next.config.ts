import type { NextConfig } from 'next';

const config: NextConfig = {
  poweredByHeader: false,
  reactStrictMode: true,
  outputFileTracingRoot: import.meta.dirname,
  turbopack: { root: import.meta.dirname },
  serverExternalPackages: ['mysql2', 'pino', 'exceljs', '@react-pdf/renderer', 'piscina'],
  devIndicators: false,
  // Addresses of earlier builds, which people may have kept.
  redirects: () =>
    Promise.resolve([
      { source: '/studies/:id/made', destination: '/studies/:id/process-steps', permanent: true },
      { source: '/studies/:id/bench', destination: '/studies/:id/calculator', permanent: true },
      { source: '/bench', destination: '/calculator', permanent: true },
    ]),
  // Where the types are checked as a step of its own they are not checked a second time by the build.
  typescript: { ignoreBuildErrors: process.env['NINE_POURS_TYPES'] === 'checked-elsewhere' },
};

export default config;
