import type { NextConfig } from 'next';
import { fileURLToPath } from 'node:url';

const config: NextConfig = {
  reactStrictMode: true,
  poweredByHeader: false,
  // Types are a step of their own in bin/test.
  typescript: { ignoreBuildErrors: true },
  agentRules: false,
  experimental: { agentUpgrade: false },
  serverExternalPackages: [
    'pdfkit',
    'pg',
    'pg-boss',
    '@node-rs/argon2',
    'yazl',
    'yauzl',
    'sharp',
    'piscina',
  ],
  turbopack: { root: fileURLToPath(new URL('.', import.meta.url)) },
};

export default config;
