import type { NextConfig } from 'next';

/** The content policy itself depends on the page and stands in proxy.ts. */
const HEADERS = Object.entries({
  'X-Content-Type-Options': 'nosniff',
  'Referrer-Policy': 'no-referrer',
  'Cross-Origin-Opener-Policy': 'same-origin',
  'Permissions-Policy': 'camera=(), microphone=(), geolocation=(), payment=(), usb=()',
}).map(([key, value]) => ({ key, value }));

const config: NextConfig = {
  env: { BUILD: process.env.BUILD ?? String(Date.now()) },
  reactStrictMode: true,
  poweredByHeader: false,
  devIndicators: false,
  headers: async () => [
    { source: '/:path*', headers: HEADERS },
    { source: '/offline.js', headers: [{ key: 'Cache-Control', value: 'no-cache' }] },
  ],
};

export default config;
