import { spawn, spawnSync } from 'node:child_process';
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';

export const NEXT = 'node_modules/next/dist/bin/next';
const quiet = { ...process.env, NEXT_TELEMETRY_DISABLED: '1' };

/** Runs a command to its end with its output shown; true when it went well. */
export function run(command, args, env = {}) {
  return spawnSync(command, args, { stdio: 'inherit', env: { ...quiet, ...env } }).status === 0;
}

export const start = (command, args, env = {}) => spawn(command, args, { stdio: 'inherit', env: { ...quiet, ...env } });

/** Installs exactly what the lock file says, if it is not installed yet or the lock file is newer. */
export function install() {
  const mark = 'node_modules/.package-lock.json';
  if (existsSync(mark) && statSync(mark).mtimeMs >= statSync('package-lock.json').mtimeMs) return true;
  console.log('Installing the packages of the lock file…');
  return run('npm', ['ci', '--no-audit', '--no-fund']);
}

const SOURCES = [
  'app',
  'src',
  'public/icons',
  'proxy.ts',
  'scripts/seal.mjs',
  'package.json',
  'package-lock.json',
  'next.config.ts',
  'postcss.config.mjs',
  'tsconfig.json',
];

function newest(place) {
  if (!existsSync(place)) return 0;
  const stat = statSync(place);
  if (!stat.isDirectory()) return stat.mtimeMs;
  return readdirSync(place).reduce(
    (latest, name) => (/\.test\.ts$/.test(name) ? latest : Math.max(latest, newest(path.join(place, name)))),
    0,
  );
}

/** Builds when there is no build or a source is newer than it; then seals the build: offline worker, hashes, script budget. */
export async function build() {
  const mark = '.next/built-from';
  const latest = String(SOURCES.reduce((a, s) => Math.max(a, newest(s)), 0));
  if (existsSync('.next/BUILD_ID') && existsSync(mark) && readFileSync(mark, 'utf8') >= latest) return true;
  console.log('Building, about a minute…');
  if (!run(process.execPath, [NEXT, 'build'])) return false;
  // only here: what it needs may have just been installed
  const { seal } = await import('./seal.mjs');
  if (!(await seal())) return false;
  writeFileSync(mark, latest);
  return true;
}

/** Debian's Chromium, installed when it is missing and that is allowed; null with a clear sentence when it is not. */
export function chromium() {
  const known = [process.env.CHROMIUM, '/usr/bin/chromium', '/usr/bin/chromium-browser'].find((p) => p && existsSync(p));
  if (known) return known;
  console.log('Chromium is missing: asking Debian’s package manager for it…');
  const sudo = process.getuid?.() === 0 ? [] : ['sudo', '-n'];
  const apt = (...args) => {
    const [command, ...rest] = [...sudo, 'apt-get', ...args];
    return run(command, rest, { DEBIAN_FRONTEND: 'noninteractive' });
  };
  if (apt('update') && apt('install', '-y', '--no-install-recommends', 'chromium') && existsSync('/usr/bin/chromium'))
    return '/usr/bin/chromium';
  console.error('The tests drive a real Chromium. Install it (apt-get install chromium) or name one in the variable CHROMIUM.');
  return null;
}
