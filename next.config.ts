import type { NextConfig } from 'next';
import { fileURLToPath } from 'node:url';

const config: NextConfig = {
  reactStrictMode: true,
  poweredByHeader: false,
  // Types are a step of their own in bin/test.
  typescript: { ignoreBuildErrors: true },
  agentRules: false,
  experimental: {
    agentUpgrade: false,
    // All pages are loaded before the first is asked for; a server about to be killed need not.
    preloadEntriesOnStart: process.env.EAST_GATE_PRELOAD !== '0',
  },
  serverExternalPackages: [
    'pdfkit',
    'pg',
    'pg-boss',
    '@node-rs/argon2',
    'yazl',
    'yauzl',
    'sharp',
    'piscina',
    'prom-client',
    'pino',
    'nodemailer',
  ],
  turbopack: { root: fileURLToPath(new URL('.', import.meta.url)) },
};

export default config;
