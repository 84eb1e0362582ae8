import { readFileSync } from 'node:fs';
import { architecturePage, importsBetween } from './architecture';

const arrowsIn = (page: string): string[] => [...page.matchAll(/^ {2}(\w+ --> \w+)$/gm)].map((m) => m[1]!).sort();

test('imports between rooms point one way: no room reaches itself', () => {
  const next = new Map<string, string[]>();
  for (const key of importsBetween('.').keys()) {
    const [a, b] = key.split(' ') as [string, string];
    next.set(a, [...(next.get(a) ?? []), b]);
  }
  expect(next.size).toBeGreaterThan(10);
  const reached = (from: string, seen: Set<string>): Set<string> => {
    for (const n of next.get(from) ?? [])
      if (!seen.has(n)) {
        seen.add(n);
        reached(n, seen);
      }
    return seen;
  };
  for (const room of next.keys()) expect([room, reached(room, new Set()).has(room)]).toEqual([room, false]);
});

test('the page in docs is the one that the code gives (npm run architecture)', () => {
  const page = readFileSync('docs/architecture.md', 'utf8');
  expect(arrowsIn(page)).toEqual(arrowsIn(architecturePage('.')));
  expect(arrowsIn(page).length).toBeGreaterThan(15);
});
