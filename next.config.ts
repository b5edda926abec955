import type { NextConfig } from 'next';
import { fileURLToPath } from 'node:url';

const securityHeaders = [
  { key: 'X-Content-Type-Options', value: 'nosniff' },
  { key: 'X-Frame-Options', value: 'DENY' },
  { key: 'Referrer-Policy', value: 'same-origin' },
];

const config: NextConfig = {
  reactStrictMode: true,
  poweredByHeader: false,
  // Types are a step of their own in bin/test.
  typescript: { ignoreBuildErrors: true },
  agentRules: false,
  experimental: { agentUpgrade: false },
  serverExternalPackages: ['pdfkit', 'pg', 'pg-boss', '@node-rs/argon2', 'yazl', 'yauzl', 'sharp'],
  turbopack: { root: fileURLToPath(new URL('.', import.meta.url)) },
  async headers() {
    return [{ source: '/:path*', headers: securityHeaders }];
  },
};

export default config;
