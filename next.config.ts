import type { NextConfig } from 'next';

const config: NextConfig = {
  poweredByHeader: false,
  reactStrictMode: true,
  outputFileTracingRoot: import.meta.dirname,
  turbopack: { root: import.meta.dirname },
  serverExternalPackages: ['mysql2', 'pino', 'exceljs', '@react-pdf/renderer', 'piscina'],
  devIndicators: false,
  redirects: () =>
    Promise.resolve([{ source: '/studies/:id/made', destination: '/studies/:id/process-steps', permanent: true }]),
  // Where the types are checked as a step of its own they are not checked a second time by the build.
  typescript: { ignoreBuildErrors: process.env['NINE_POURS_TYPES'] === 'checked-elsewhere' },
};

export default config;
