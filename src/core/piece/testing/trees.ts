import { line, onWire, sheet } from '../constructions/build';
import type { Part } from '../part';

/** Trees for the tests of this room: the worked examples of the own study. */

/** Round leaves in pairs on a carrier, small at the tip: 13 of them as a rule. */
export const leafBranch = (count = 13, fromMm = 18, toMm = 43): Part =>
  line({
    id: 'branch',
    kind: 'branch',
    on: onWire(20),
    join: 'itself',
    parts: [
      line({
        id: 'leaf',
        kind: 'leaf',
        many: { by: 'run', count, fromMm, toMm },
        form: sheet({ outline: 'ellipse', widthShare: 0.92, thicknessMm: 0.8 }),
        work: ['leaf-pinched', 'dust-leaf'],
        on: onWire(30, { stalkMm: 2, cut: 5 }),
        habit: { by: 'pairs', gapMm: [12, 22], tip: true, turnRad: Math.PI / 2 },
      }),
    ],
  });

/** A filler of three levels: florets gathered to clusters, clusters on side branches, those on the main stem. */
export const filler = (florets = 78, clusters = 12): Part =>
  line({
    id: 'main',
    kind: 'branch',
    on: onWire(22),
    join: 'itself',
    parts: [
      line({
        id: 'cluster',
        kind: 'cluster',
        many: { by: 'sizes', of: [{ count: clusters, sizeMm: 0 }] },
        on: onWire(24, { stalkMm: 20 }),
        habit: { by: 'singly', gapMm: [14, 16], turnRad: Math.PI },
        parts: [
          line({
            id: 'floret',
            kind: 'floret',
            many: { by: 'share', inAll: florets, sizeMm: 12 },
            form: sheet({ outline: 'disc', widthShare: 1, thicknessMm: 0.35 }),
            on: onWire(28, { tip: 'hook', stalkMm: 27, cut: 6 }),
            join: 'gathered',
            work: ['floret-scrunched', 'stem-painted'],
          }),
        ],
      }),
    ],
  });

/** A head of wired petals in rings, the middle on a thick wire. */
export const ringed = (rings: readonly number[] = [9], petalMm = 58): Part =>
  line({
    id: 'head',
    kind: 'head',
    many: { by: 'sizes', of: [{ count: 1, sizeMm: 60 }] },
    on: onWire(18, { tip: 'hook' }),
    join: 'itself',
    parts: [
      line({
        id: 'petal',
        kind: 'petal',
        many: { by: 'sizes', of: rings.map((count) => ({ count, sizeMm: petalMm })) },
        form: sheet({ outline: 'obovate', widthShare: 0.8, thicknessMm: 0.6 }),
        on: onWire(26),
        join: 'ring',
        work: ['petal-wired', 'dust-petal'],
        habit: { by: 'rings', stepMm: 2 },
      }),
    ],
  });

/** The same tree, nothing of it on wire. */
export const unwired = (part: Part): Part => ({ ...part, on: { by: 'nothing' }, join: 'glued', parts: part.parts.map(unwired) });
