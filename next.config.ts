import type { NextConfig } from 'next';

const config: NextConfig = {
  poweredByHeader: false,
  reactStrictMode: true,
  outputFileTracingRoot: import.meta.dirname,
  turbopack: { root: import.meta.dirname },
  serverExternalPackages: ['mysql2', 'pino', 'exceljs', '@react-pdf/renderer'],
  devIndicators: false,
};

export default config;
