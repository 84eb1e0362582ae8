import { createHash } from 'node:crypto';
import { readdirSync, readFileSync, statSync } from 'node:fs';
import path from 'node:path';
import type { NextConfig } from 'next';

/** What the application is built from. */
const SOURCES = [
  'app',
  'public/icons',
  'src',
  'next.config.ts',
  'package-lock.json',
  'postcss.config.mjs',
  'proxy.ts',
  'tsconfig.json',
];

const filesOf = (place: string): string[] =>
  statSync(place).isDirectory()
    ? readdirSync(place)
        .sort()
        .flatMap((name) => filesOf(path.join(place, name)))
    : [place];

/** The same sources give the same id, on any machine and at any time. */
function contentId(): string {
  const hash = createHash('sha256');
  for (const file of SOURCES.flatMap(filesOf))
    hash.update(file.replaceAll(path.sep, '/')).update('\0').update(readFileSync(file));
  return hash.digest('hex').slice(0, 20);
}

const build = contentId();
const { version } = JSON.parse(readFileSync('package.json', 'utf8')) as { version: string };

/** The content policy itself depends on the page and stands in proxy.ts. */
const HEADERS = Object.entries({
  'X-Content-Type-Options': 'nosniff',
  'Referrer-Policy': 'no-referrer',
  'Cross-Origin-Opener-Policy': 'same-origin',
  'Permissions-Policy': 'camera=(), microphone=(), geolocation=(), payment=(), usb=()',
}).map(([key, value]) => ({ key, value }));

const config: NextConfig = {
  env: { BUILD: build, VERSION: version },
  generateBuildId: () => build,
  reactStrictMode: true,
  // they name what is shipped (scripts/notices.mjs) and are gone when the build is sealed
  productionBrowserSourceMaps: true,
  // types are checked by npm test and npm run types
  typescript: { ignoreBuildErrors: true },
  poweredByHeader: false,
  devIndicators: false,
  turbopack: { rules: { '**/private/intl/**/*.mjs': { loaders: ['./scripts/languagesOfFields.cjs'] } } },
  headers: async () => [
    { source: '/:path*', headers: HEADERS },
    // asked for anew each time, and given from what is stored when nothing changed; only files named by their content last
    { source: '/((?!_next/static/|api(?:/|$)).*)', headers: [{ key: 'Cache-Control', value: 'private, no-cache' }] },
  ],
};

export default config;
