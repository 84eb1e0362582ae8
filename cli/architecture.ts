import { readdirSync, readFileSync } from 'node:fs';
import { dirname, join, normalize, relative } from 'node:path';

/** The rooms of the house, from the outermost to the innermost, and what each is for. */
const ROOMS: readonly { id: string; folder: string; what: string }[] = [
  { id: 'app', folder: 'app', what: 'routes, one page a station; the two addresses of the service' },
  { id: 'ui', folder: 'src/ui', what: 'stations and what they share; no rule of the trade' },
  { id: 'data', folder: 'src/data', what: 'the studio’s state, its history, saving, tabs, versions, backups' },
  { id: 'workers', folder: 'src/workers', what: 'heavy work off the page' },
  { id: 'words', folder: 'src/core/words', what: 'what facts are called in each language, by code' },
  { id: 'plan', folder: 'src/core/plan', what: 'the whole derived plan of a job, a pure function' },
  { id: 'formats', folder: 'src/core/formats', what: 'files in and out: JSON, CSV, SVG, PDF, calendar, ZIP' },
  { id: 'picture', folder: 'src/core/picture', what: 'pictures drawn without a screen' },
  { id: 'days', folder: 'src/core/days', what: 'tasks, drying, who works when, the scheduler' },
  { id: 'place', folder: 'src/core/place', what: 'barriers, entries, holding, contact, order' },
  { id: 'tape', folder: 'src/core/tape', what: 'sprays: branch trees, joints, bundles' },
  { id: 'make', folder: 'src/core/make', what: 'tray, spares, paste, mixing, price' },
  { id: 'compose', folder: 'src/core/compose', what: 'lines, placing, readings, the composer' },
  { id: 'piece', folder: 'src/core/piece', what: 'a piece as a tree of parts: places, sizes, wires, paste, thickness' },
  { id: 'wire', folder: 'src/core/wire', what: 'gauge, length, mechanics, cut lists' },
  { id: 'log', folder: 'src/core/log', what: 'what really happened, and what is learnt from it' },
  { id: 'botany', folder: 'src/core/botany', what: 'species, methods, shapes' },
  { id: 'cake', folder: 'src/core/cake', what: 'tiers, outlines, the solid, unrolling' },
  { id: 'geometry', folder: 'src/core/geometry', what: 'vectors, curves, packing, numbers, random' },
  { id: 'facts', folder: 'src/core/facts', what: 'what a fact is: a code with typed values, no words' },
];

const filesIn = (folder: string): string[] =>
  readdirSync(folder, { withFileTypes: true }).flatMap((e) => {
    const path = join(folder, e.name);
    if (e.isDirectory()) return filesIn(path);
    return /\.tsx?$/.test(e.name) && !/\.test\.tsx?$/.test(e.name) ? [path] : [];
  });

const roomOf = (path: string): string | null =>
  ROOMS.filter((r) => path.startsWith(`${r.folder}/`)).sort((a, b) => b.folder.length - a.folder.length)[0]?.id ?? null;

/** Which room imports from which, read from the code: how many files do. Tests are left out. */
export function importsBetween(root: string): Map<string, number> {
  const arrows = new Map<string, number>();
  for (const room of ROOMS)
    for (const file of filesIn(join(root, room.folder))) {
      const targets = new Set<string>();
      for (const [, from = ''] of readFileSync(file, 'utf8').matchAll(/(?:from|import\()\s*'([^']+)'/g)) {
        const path = from.startsWith('@/')
          ? `src/${from.slice(2)}`
          : from.startsWith('.')
            ? relative(root, normalize(join(dirname(file), from)))
            : null;
        const to = path && roomOf(path);
        if (to && to !== room.id) targets.add(to);
      }
      for (const to of targets) arrows.set(`${room.id} ${to}`, (arrows.get(`${room.id} ${to}`) ?? 0) + 1);
    }
  return arrows;
}

/** An arrow that follows from two others says nothing new. */
function withoutDetours(arrows: ReadonlyMap<string, number>): string[] {
  const next = new Map<string, string[]>();
  for (const key of arrows.keys()) {
    const [a, b] = key.split(' ') as [string, string];
    next.set(a, [...(next.get(a) ?? []), b]);
  }
  const reaches = (from: string, to: string, seen = new Set<string>()): boolean =>
    (next.get(from) ?? []).some((n) => n === to || (!seen.has(n) && (seen.add(n), reaches(n, to, seen))));
  return [...arrows.keys()].filter((key) => {
    const [a, b] = key.split(' ') as [string, string];
    return !next.get(a)!.some((n) => n !== b && reaches(n, b));
  });
}

/** The page on the house as it stands in the code: rooms, arrows, and what each room is for. */
export function architecturePage(root: string): string {
  const arrows = importsBetween(root);
  const lines = withoutDetours(arrows)
    .sort()
    .map((key) => `  ${key.replace(' ', ' --> ')}`);
  const rows = ROOMS.map((r) => {
    const uses = [...arrows.keys()].filter((k) => k.startsWith(`${r.id} `)).map((k) => k.split(' ')[1]!);
    return `| \`${r.folder}\` | ${r.what} | ${filesIn(join(root, r.folder)).length} | ${uses.sort().join(', ') || 'nothing'} |`;
  });
  return [
    '# The house',
    '',
    'Written from the code by `npm run architecture`; do not edit by hand. Imports point one way, from the routes inward; a lint rule',
    'holds them to it. An arrow that follows from two others is left out of the picture; the table has them all.',
    '',
    '```mermaid',
    'flowchart TD',
    ...lines,
    '```',
    '',
    '| room | what for | files | uses |',
    '| ---- | -------- | ----- | ---- |',
    ...rows,
    '',
    'One geometry: `core/compose` puts a piece on a line with a position, a direction and a stem; `core/tape` and `core/place` follow',
    'the stem to what holds it; `core/wire` cuts it; `core/plan` gathers all of it into one plan, a pure function of the job. Whatever',
    'a screen shows is read from that plan.',
    '',
  ].join('\n');
}
