import { expect, type Page } from '@playwright/test';
import { readdirSync, readFileSync } from 'node:fs';

export const STATIONS = ['Brief', 'Compose', 'Make', 'Wire & tape', 'Place', 'Days', 'Log', 'Hand over'] as const;
const PATHS = {
  Brief: '/brief',
  Compose: '/compose',
  Make: '/make',
  'Wire & tape': '/wire',
  Place: '/place',
  Days: '/days',
  Log: '/log',
  'Hand over': '/hand-over',
} as const;
export type StationName = (typeof STATIONS)[number];

/** Opens the application and waits until the demo job stands on the turntable with its plan derived. */
export async function openBench(page: Page, path = '/compose'): Promise<void> {
  await page.goto(path);
  await expect(page.getByRole('heading', { name: 'Harbour library, a hundred years' })).toBeVisible();
  await unfoldStem(page);
  // the first plan of a fresh browser: no matter how long, on a busy machine
  await expect(stationLink(page, 'Make')).toContainText(/to make/, { timeout: 60_000 });
  await page.keyboard.press('Escape');
}

/** Where the stem is folded into a key, its ways to the stations are opened. */
async function unfoldStem(page: Page): Promise<void> {
  const key = page.getByRole('navigation', { name: 'Stations' }).getByRole('button');
  await expect(key.or(stationLink(page, 'Make'))).toBeVisible();
  if (await key.isVisible()) await key.click();
}

export const stationLink = (page: Page, name: StationName) =>
  page.getByRole('navigation', { name: 'Stations' }).getByRole('link', { name: new RegExp(`^${name.replace('&', '&')}`) });

export async function goTo(page: Page, name: StationName): Promise<void> {
  await unfoldStem(page);
  await stationLink(page, name).click();
  await expect(page).toHaveURL(new RegExp(PATHS[name]));
}

/** Waits until the mark says that everything is on disk. */
export const saved = (page: Page) => expect(page.getByRole('status', { name: 'Saving' })).toHaveText('saved');

export const undo = (page: Page) => page.getByRole('button', { name: /^Undo/ });
export const redo = (page: Page) => page.getByRole('button', { name: /^Redo/ });

/** A number that stands in a text: the first group of the pattern. */
export async function numberIn(page: Page, pattern: RegExp): Promise<number> {
  const text = await page.locator('main').innerText();
  const found = pattern.exec(text);
  expect(found, `${pattern} in ${text.slice(0, 300)}`).not.toBeNull();
  return Number(found![1]);
}

/** Every request that leaves this machine, and every error the page logs. */
export function watch(page: Page): { outside: string[]; errors: string[] } {
  const seen = { outside: [] as string[], errors: [] as string[] };
  page.on('request', (r) => {
    const { hostname, protocol } = new URL(r.url());
    if (protocol.startsWith('http') && hostname !== '127.0.0.1') seen.outside.push(r.url());
  });
  page.on('console', (m) => m.type() === 'error' && seen.errors.push(m.text()));
  page.on('pageerror', (e) => seen.errors.push(e.message));
  return seen;
}

/** What people wrote in the demo jobs is theirs: it is the same in every language. The longest first. */
export const written = (): string[] => {
  const texts = new Set<string>();
  const take = (value: unknown): void => {
    if (typeof value === 'string') texts.add(value);
    else if (value && typeof value === 'object') Object.values(value).forEach(take);
  };
  for (const file of readdirSync('src/core/demo').filter((f) => f.endsWith('.json')))
    take(JSON.parse(readFileSync(`src/core/demo/${file}`, 'utf8')));
  return [...texts].filter((t) => t.length > 1).sort((a, b) => b.length - a.length);
};

/** A text without what people wrote, where it stands as words of its own: “en” is no part of “Argentina”. */
export function withoutOwn(text: string, own: readonly string[]): string {
  const letter = /[\p{L}\p{N}]/u;
  return own.reduce((rest, theirs) => {
    let out = rest;
    for (let at = out.indexOf(theirs); at >= 0; at = out.indexOf(theirs, at + 1))
      if (!letter.test(out.charAt(at - 1)) && !letter.test(out.charAt(at + theirs.length)))
        out = out.slice(0, at) + out.slice(at + theirs.length);
    return out;
  }, text);
}
