import type { NextConfig } from 'next';

const config: NextConfig = {
  // The tests build into a folder of their own while the application runs from `.next`.
  distDir: process.env.COATREL_BUILD ?? '.next',
  poweredByHeader: false,
  reactStrictMode: true,
  devIndicators: false,
  serverExternalPackages: ['mysql2', 'piscina', '@node-rs/argon2', 'pino', '@zxcvbn-ts/language-common'],
  // Photos of 15 MB pass the proxy; each route holds its own, smaller limit.
  // Pages that somebody may not read answer 403.
  experimental: { proxyClientMaxBodySize: '17mb', authInterrupts: true },
  // `npm test` checks the types; doing it again here doubles the time of every build.
  typescript: { ignoreBuildErrors: true },
};

export default config;
