import { createHash } from 'node:crypto';
import { readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { gzipSync } from 'node:zlib';
import { injectManifest } from '@serwist/build';
import { build as bundle } from 'esbuild';
import { writeNotices } from './notices.mjs';

/**
 * What is done to a finished build: the hash of each inline script that the framework wrote into a page (so that the content
 * policy allows these and no other), the offline worker with the list of all it keeps, and the size of what loads first.
 */
const PAGES_FOLDER = '.next/server/app';
/** Script that a station loads before its turntable, compressed; docs/benchmarks.md says what it is. */
const SCRIPT_BUDGET_KB = 350;

const filesIn = (folder, end) =>
  readdirSync(folder, { recursive: true })
    .map(String)
    .filter((name) => name.endsWith(end));

/** Pages that stand as finished HTML, by address: `/compose` → its text. */
function pages() {
  const entries = filesIn(PAGES_FOLDER, '.html').map((name) => [
    `/${name.replace(/\.html$/, '').replace(/^index$/, '')}`,
    readFileSync(path.join(PAGES_FOLDER, name), 'utf8'),
  ]);
  return Object.fromEntries(entries.sort());
}

const sha256 = (text) => `sha256-${createHash('sha256').update(text).digest('base64')}`;

/** The hashes of a page's inline scripts, as a content policy wants them. */
const inlineHashes = (html) => [
  ...new Set([...html.matchAll(/<script(?![^>]*\bsrc=)[^>]*>([\s\S]*?)<\/script>/g)].map((m) => sha256(m[1]))),
];

/** Kilobytes, compressed, of the scripts that a page names, without those for browsers that know no modules. */
function scriptKb(html) {
  const tags = [...html.matchAll(/<script[^>]*\bsrc="\/_next\/([^"?]+)[^>]*>/g)].filter((m) => !/nomodule/i.test(m[0]));
  const names = [...new Set(tags.map((m) => m[1]))];
  return names.reduce((sum, name) => sum + gzipSync(readFileSync(path.join('.next', name))).length, 0) / 1000;
}

async function offlineWorker(stations) {
  const build = readFileSync('.next/BUILD_ID', 'utf8').trim();
  const raw = '.next/offline.raw.js';
  await bundle({
    entryPoints: ['src/workers/offline.worker.ts'],
    outfile: raw,
    bundle: true,
    minify: true,
    format: 'iife',
    logLevel: 'warning',
    define: {
      'process.env.NODE_ENV': '"production"',
      'process.env.OFRENDA_BUILD': JSON.stringify(build),
      'process.env.OFRENDA_PAGES': JSON.stringify(JSON.stringify(stations)),
    },
  });
  const fixed = [...stations, '/icon.svg', '/manifest.webmanifest', '/notices.txt', '/icons/192.png', '/icons/512.png'];
  return injectManifest({
    swSrc: raw,
    swDest: 'public/offline.js',
    globDirectory: '.next/static',
    globPatterns: ['**/*.{js,css,woff,woff2,wasm,svg,png,json}'],
    modifyURLPrefix: { '': '/_next/static/' },
    dontCacheBustURLsMatching: /./,
    maximumFileSizeToCacheInBytes: 12e6,
    additionalPrecacheEntries: fixed.map((url) => ({ url, revision: build })),
  });
}

/** The script of the server's threads in one file; only the solver stays where it is installed, beside its own binary. */
export const bundleWork = () =>
  bundle({
    entryPoints: ['src/server/work.worker.ts'],
    outfile: '.next/work.cjs',
    bundle: true,
    minify: true,
    external: ['highs'],
    platform: 'node',
    format: 'cjs',
    target: 'node20',
    logLevel: 'warning',
    metafile: true,
  });

/** True when the build is sealed and within its budget; says what it did. */
export async function seal() {
  const all = pages();
  writeFileSync('.next/inline-scripts.json', JSON.stringify(Object.fromEntries(Object.entries(all).map(([at, html]) => [at, inlineHashes(html)])))); // prettier-ignore
  const work = await bundleWork();
  const known = writeNotices(Object.keys(work.metafile.inputs));
  const stations = Object.keys(all).filter((at) => /^\/[a-z-]+$/.test(at));
  const { count, size, warnings } = await offlineWorker(stations);
  for (const warning of warnings) console.error(warning);
  console.log(
    `Kept for offline: ${count} files, ${(size / 1e6).toFixed(1)} MB, ${statSync('public/offline.js').size} bytes of worker.`,
  );
  const heavy = Object.entries(all).map(([at, html]) => [at, scriptKb(html)]);
  heavy.sort((a, b) => b[1] - a[1]);
  console.log(`Script before the turntable: ${heavy[0][1].toFixed(0)} kB on ${heavy[0][0]} (budget ${SCRIPT_BUDGET_KB}).`);
  if (heavy[0][1] > SCRIPT_BUDGET_KB) console.error(`${heavy[0][0]} loads more script than its budget.`);
  return known && heavy[0][1] <= SCRIPT_BUDGET_KB;
}
