import { must } from '../geometry/must';
import {
  inTheHand,
  laidIn,
  pulledLine,
  sharedOut,
  startingAt,
  withCount,
  withCut,
  withGap,
  withGauge,
  withMany,
  withoutWire,
  withPairs,
  withSizes,
  withStalk,
} from './edited';
import { countIn, lineIn, linesIn } from './treeLines';
import { mapParts } from './changed';
import { newLine } from './newLine';
import { spokenOf, type Mention, type Ripe, type Spoken } from './mention';
import { USUAL_MATERIAL, type Material } from './materials';
import { mayBeOf, withMaterial } from './ofMaterial';
import type { Many, Part } from './part';

/** Millimetres as a hand says them: whole from ten up, else to a tenth. */
export const spokenMm = (mm: number): number => (mm < 10 ? Math.round(mm * 10) / 10 : Math.round(mm));
/** A figure that is said as it was written changes nothing. */
const same = (is: number, told: number): boolean => is === told || spokenMm(is) === told;

const parentOf = (root: Part, id: string): Part | null => linesIn(root).find((p) => p.parts.some((q) => q.id === id)) ?? null;

/** How many carry a line, over the whole piece. */
function parentsOf(root: Part, id: string): number {
  const parent = parentOf(root, id);
  return parent ? parentsOf(root, parent.id) * countIn(parent) : 1;
}

/** The tip of a side branch that florets are gathered on is a twig of it too. */
const tipTwigs = (parent: Part | null): number =>
  parent?.kind === 'arm' && parent.parts.some((p) => p.join === 'gathered') ? 1 : 0;

/** How many a line has on each that carries it, as it is said. */
function saidCount(root: Part, part: Part): number {
  return countIn(part) + (part.kind === 'cluster' ? tipTwigs(parentOf(root, part.id)) : 0);
}

/** What is said of one line, after its name and how many. */
function aboutLine(part: Part): Mention[] {
  const { many, on, habit } = part;
  const told: Mention[] = [];
  if (many.by === 'run') told.push({ say: 'sizes', fromMm: many.fromMm, toMm: many.toMm });
  else if (many.by === 'share') told.push({ say: 'sizes', fromMm: many.sizeMm, toMm: many.sizeMm });
  else if (many.of.every((s) => s.stage !== undefined))
    many.of.forEach((s) => told.push({ say: 'ripe', count: s.count, stage: s.stage as Ripe }));
  else if (many.of.length > 1) many.of.forEach((s) => told.push({ say: 'well', count: s.count, sizeMm: s.sizeMm }));
  else if (must(many.of[0]).sizeMm > 0)
    told.push({ say: 'sizes', fromMm: must(many.of[0]).sizeMm, toMm: must(many.of[0]).sizeMm });
  if (part.form && part.form.material !== USUAL_MATERIAL) told.push({ say: 'material', material: part.form.material });
  if (on.by === 'wire') {
    told.push({ say: 'gauge', swg: on.swg });
    if (on.cut !== 'what fits') told.push({ say: 'cut', cut: on.cut });
    if (on.stalkMm > 0) told.push({ say: 'stalk', mm: on.stalkMm });
  }
  if ('gapMm' in habit && countIn(part) > 1) {
    const [tipMm, footMm] = typeof habit.gapMm === 'number' ? [habit.gapMm, habit.gapMm] : habit.gapMm;
    told.push({ say: 'gap', tipMm, footMm });
  }
  return told;
}

/** A piece as it is said line by line, its own wire last. */
export function mentionsOf(root: Part): Mention[][] {
  const lines = linesIn(root).flatMap((part): Mention[][] => {
    const name = spokenOf(part);
    // a piece that is one leaf is said as that; what only carries the others is said last
    if (!name || (part === root && root.kind !== 'leaf')) return [];
    const each = part.many.by !== 'share' && parentsOf(root, part.id) > 1 ? ({ each: true } as const) : {};
    return [[{ say: 'count', name, count: saidCount(root, part), ...each }, ...aboutLine(part)]];
  });
  if (root.firstCarries) return [...lines, [{ say: 'in hand' }]];
  return root.on.by === 'wire' && root.kind !== 'leaf' ? [...lines, [{ say: 'carrier', swg: root.on.swg }]] : lines;
}

/** A line that was taken out stands where it stood; null where the piece never had one. */
function restored(root: Part, original: Part, id: string): Part | null {
  const line = lineIn(original, id);
  const parent = parentOf(original, id);
  if (!line || !parent || !lineIn(root, parent.id)) return null;
  const order = parent.parts.map((p) => p.id);
  return mapParts(root, (part) =>
    part.id === parent.id
      ? { ...part, parts: [...part.parts, line].sort((a, b) => order.indexOf(a.id) - order.indexOf(b.id)) }
      : part,
  );
}

/** Reading of what is said: the tree as far as it is changed, and the lines that are spoken of. */
interface Reading {
  tree: Part;
  /** of the name that was said last; all of it where one figure is for all */
  lines: string[];
  /** some line was said by its name */
  named: boolean;
  /** sizes of the line that are being said one by one */
  wells: { count: number; sizeMm: number; stage?: string }[];
  /** what was said last as how many there are on the whole piece */
  inAll: number | null;
}

const countOfName = (tree: Part, name: Spoken): string[] =>
  linesIn(tree)
    .filter((p) => spokenOf(p) === name)
    .map((p) => p.id);

/** So many of the lines that are spoken of: each on what carries it, or over the whole piece. */
function counted(at: Reading, { count, each }: { count: number; each?: true }): void {
  // of the piece itself there is one
  const parts = at.lines.map((id) => must(lineIn(at.tree, id))).filter((p) => p !== at.tree);
  const shares = sharedOut(parts.map(countIn), count);
  parts.forEach((part, i) => {
    const parents = parentsOf(at.tree, part.id);
    const tips = part.kind === 'cluster' ? tipTwigs(parentOf(at.tree, part.id)) : 0;
    const perParent = each || parents === 1 || part.many.by === 'share' ? must(shares[i]) : Math.max(count > 0 ? 1 : 0, Math.round(must(shares[i]) / parents)); // prettier-ignore
    const own = Math.max(0, perParent - tips);
    if (own !== countIn(part)) at.tree = withCount(at.tree, part.id, own);
  });
  at.inAll = each ? null : count;
  at.lines = at.lines.filter((id) => lineIn(at.tree, id));
}

const firstLine = (at: Reading): Part | null => (at.lines[0] === undefined ? null : lineIn(at.tree, at.lines[0]));

const sizesNow = ({ many }: Part): readonly [number, number] =>
  many.by === 'run' ? [many.fromMm, many.toMm] : many.by === 'share' ? [many.sizeMm, many.sizeMm] : [must(many.of[0]).sizeMm, must(many.of.at(-1)).sizeMm]; // prettier-ignore

function sized(at: Reading, fromMm: number, toMm: number): void {
  for (const id of at.lines) {
    const part = must(lineIn(at.tree, id));
    const [from, to] = sizesNow(part);
    const single = part.many.by !== 'sizes' || part.many.of.length === 1;
    if (!(single && same(from, fromMm) && same(to, toMm))) at.tree = withSizes(at.tree, id, fromMm, toMm);
  }
}

const sameWells = (many: Many, wells: Reading['wells']): boolean =>
  many.by === 'sizes' &&
  many.of.length === wells.length &&
  many.of.every((s, i) => s.count === wells[i]?.count && same(s.sizeMm, wells[i].sizeMm) && s.stage === wells[i].stage);

/** The sizes that were said one by one become the line’s. */
function filled(at: Reading): void {
  const part = firstLine(at);
  if (part && at.wells.length > 0 && part.many.by !== 'share' && !sameWells(part.many, at.wells))
    at.tree = withMany(at.tree, part.id, { by: 'sizes', of: at.wells });
  at.wells = [];
}

/** So many of a line to one of what carries them: there are as many of those as that takes. */
function perParent(at: Reading, count: number): boolean {
  const part = firstLine(at);
  const parent = part && parentOf(at.tree, part.id);
  if (!part || !parent || parent === at.tree || count < 1) return false;
  const inAll = at.inAll ?? saidCount(at.tree, part) * parentsOf(at.tree, part.id);
  at.tree = withCount(at.tree, parent.id, Math.max(1, Math.round(inAll / count)));
  at.tree = withCount(at.tree, part.id, Math.max(1, count - (part.kind === 'cluster' ? tipTwigs(parent) : 0)));
  return true;
}

/** The line that a figure without a name is said of. */
const mainLine = (tree: Part): string[] => {
  const main = pulledLine(tree) ?? tree.parts.find((p) => spokenOf(p) !== null);
  return main ? [main.id] : [];
};

/** The lines of a name: those that are there, or where more are said those that the piece had at first. */
const linesOfName = (tree: Part, original: Part, { name, times }: { name: Spoken; times: number }): string[] => {
  const there = countOfName(tree, name);
  return times > there.length ? countOfName(original, name) : there;
};

/** The lines that a mention speaks of: its place among those of its name, or all of them where it is said once. */
function named(at: Reading, ids: readonly string[], { nth, times, original }: { nth: number; times: number; original: Part }) {
  const wanted = times === 1 && ids.some((id) => lineIn(at.tree, id)) ? ids : ids.slice(nth, nth + 1);
  if (wanted.length === 1)
    for (const id of wanted) at.tree = lineIn(at.tree, id) ? at.tree : (restored(at.tree, original, id) ?? at.tree);
  at.lines = wanted.filter((id) => lineIn(at.tree, id));
  at.named = true;
  return at.lines.length > 0;
}

/** A line of this name that the piece never had is put on it; false where none of it belongs there. */
function added(at: Reading, name: Spoken): boolean {
  const line = countOfName(at.tree, name).length === 0 ? newLine(at.tree, name) : null;
  if (!line) return false;
  at.tree = { ...at.tree, parts: [...at.tree.parts, line] };
  at.lines = [line.id];
  at.named = true;
  return true;
}

function ripened(at: Reading, count: number, stage: Ripe): boolean {
  if (spokenOf(firstLine(at) ?? at.tree) !== 'berry') at.lines = countOfName(at.tree, 'berry').slice(0, 1);
  const berry = firstLine(at);
  if (!berry) return false;
  const [from, to] = sizesNow(berry);
  const known = berry.many.by === 'sizes' ? berry.many.of.find((s) => s.stage === stage) : undefined;
  if (count > 0) at.wells.push({ count, sizeMm: known?.sizeMm ?? (stage === 'ripe' ? to : stage === 'green' ? from : (from + to) / 2), stage }); // prettier-ignore
  return true;
}

function gapped(at: Reading, tipMm: number, footMm: number): void {
  for (const id of at.lines) {
    const { habit } = must(lineIn(at.tree, id));
    const now = 'gapMm' in habit ? (typeof habit.gapMm === 'number' ? [habit.gapMm, habit.gapMm] : habit.gapMm) : [NaN, NaN];
    if (!same(must(now[0]), tipMm) || !same(must(now[1]), footMm)) at.tree = withGap(at.tree, id, tipMm === footMm ? tipMm : [tipMm, footMm]); // prettier-ignore
  }
}

/** The lines that are spoken of, or all of the piece before any is named, of another material; false where none can be made of it. */
function ofMaterial(at: Reading, material: Material, original: Part): boolean {
  const lines = at.named ? at.lines.map((id) => must(lineIn(at.tree, id))) : linesIn(at.tree);
  const own = lines.filter((p) => mayBeOf(p, material));
  for (const { id } of own) at.tree = withMaterial(at.tree, id, material, original);
  return own.length > 0;
}

/** One mention; false where there is nothing that it could be said of. */
function apply(at: Reading, m: Mention, original: Part): boolean {
  if (m.say === 'carrier') {
    if (at.tree.on.by !== 'wire') return false;
    if (at.tree.firstCarries) at.tree = laidIn(at.tree, m.swg);
    else if (at.tree.on.swg !== m.swg) at.tree = withGauge(at.tree, at.tree.id, m.swg);
    return true;
  }
  if (m.say === 'in hand') {
    at.tree = at.tree.firstCarries ? at.tree : inTheHand(at.tree);
    return at.tree.firstCarries === true;
  }
  if (m.say === 'ripe') return ripened(at, m.count, m.stage);
  if (at.lines.length === 0) at.lines = mainLine(at.tree);
  if (at.lines.length === 0) return false;
  const each = (change: (tree: Part, id: string) => Part): true => {
    for (const id of at.lines) at.tree = change(at.tree, id);
    return true;
  };
  switch (m.say) {
    case 'count':
      counted(at, m);
      return true;
    case 'per':
      return perParent(at, m.count);
    case 'pairs':
      return each((tree, id) => withPairs(tree, id, m.count));
    case 'well':
      if (m.count > 0) at.wells.push({ count: m.count, sizeMm: m.sizeMm });
      return true;
    case 'sizes':
      sized(at, m.fromMm, m.toMm);
      return true;
    case 'gauge':
      return each((tree, id) => {
        const { on } = must(lineIn(tree, id));
        return on.by !== 'nothing' && on.swg === m.swg ? tree : withGauge(tree, id, m.swg);
      });
    case 'cut':
      return each((tree, id) => withCut(tree, id, m.cut));
    case 'no wire':
      return each(withoutWire);
    case 'material':
      return ofMaterial(at, m.material, original);
    case 'gap':
      gapped(at, m.tipMm, m.footMm);
      return true;
    case 'stalk':
      return each((tree, id) => {
        const { on } = must(lineIn(tree, id));
        return on.by === 'wire' && same(on.stalkMm, m.mm) ? tree : withStalk(tree, id, m.mm);
      });
    case 'start':
      return each((tree, id) => startingAt(tree, id, m.mm));
  }
}

/**
 * A tree with what is said of it; `original` has the lines that may have been taken out. What could be said of nothing is told by its
 * number and changes nothing.
 */
export function said(tree: Part, mentions: readonly Mention[], original = tree): { tree: Part; untaken: number[] } {
  const at: Reading = { tree, lines: [], named: false, wells: [], inAll: null };
  const untaken: number[] = [];
  const names = mentions.flatMap((m) => (m.say === 'count' ? [m.name] : []));
  const seen = new Map<Spoken, number>();
  const timesOf = (name: Spoken) => names.filter((n) => n === name).length;
  const lines = new Map(names.map((name) => [name, linesOfName(tree, original, { name, times: timesOf(name) })]));
  mentions.forEach((m, i) => {
    if (m.say !== 'well' && m.say !== 'ripe') filled(at);
    if (m.say === 'count') {
      const nth = seen.get(m.name) ?? 0;
      seen.set(m.name, nth + 1);
      // none of what is not there is no fault
      if (m.count === 0 && countOfName(at.tree, m.name).length === 0) return;
      if (!named(at, must(lines.get(m.name)), { nth, times: timesOf(m.name), original }) && !added(at, m.name))
        return void untaken.push(i);
    }
    if (!apply(at, m, original)) untaken.push(i);
  });
  filled(at);
  return { tree: at.tree, untaken };
}
