import type { Form, Own, Part } from './part';

/** What a person changes of a piece as a whole; nothing where it is as it was. */
export interface Change {
  /** petals of every ring by this share, one at the least */
  petalsShare?: number;
  /** petals longer, and wider for their length */
  lengthShare?: number;
  widthShare?: number;
  /** sheets thicker or thinner by this share */
  thickShare?: number;
  /** gauge and bent end of the piece's own wire */
  swg?: number;
  hookMm?: number;
}

/** Every part of a tree, changed from the root down. */
export const mapParts = (part: Part, change: (part: Part) => Part): Part => {
  const own = change(part);
  return { ...own, parts: own.parts.map((p) => mapParts(p, change)) };
};

/** Petals that are made one by one; a flower cut in one piece has no number of them. */
const isPetal = ({ kind, form }: Part): boolean =>
  kind === 'petal' && form?.as === 'sheet' && (form.outline === 'obovate' || form.outline === 'heart');

const many = (m: Part['many'], share: number, long: number): Part['many'] =>
  m.by === 'sizes'
    ? { by: 'sizes', of: m.of.map((s) => ({ ...s, count: Math.max(1, Math.round(s.count * share)), sizeMm: s.sizeMm * long })) }
    : m;

const sheetOf = (form: Form | null, { thickShare = 1, widthShare = 1 }: Change, petal: boolean): Form | null =>
  form?.as === 'sheet'
    ? { ...form, thicknessMm: form.thicknessMm * thickShare, widthShare: form.widthShare * (petal ? widthShare : 1) }
    : form;

function changedPart(part: Part, change: Change): Part {
  const petal = isPetal(part);
  const { petalsShare = 1, lengthShare = 1 } = change;
  return {
    ...part,
    form: sheetOf(part.form, change, petal),
    many: petal ? many(part.many, petalsShare, lengthShare) : part.many,
  };
}

const ownWire = (on: Own, { swg, hookMm }: Change): Own =>
  on.by === 'wire' ? { ...on, ...(swg === undefined ? {} : { swg }), ...(hookMm === undefined ? {} : { hookMm }) } : on;

/** A tree with what a person has changed of it. */
export function changed(root: Part, change: Change): Part {
  const all = mapParts(root, (part) => changedPart(part, change));
  return { ...all, on: ownWire(all.on, change) };
}

/** The same piece with its petals glued instead of wired, or each on a wire of its own. */
export const petalsGlued = (root: Part): Part =>
  mapParts(root, (part) =>
    isPetal(part) && part.on.by === 'wire'
      ? { ...part, on: { by: 'nothing' }, join: 'wrapped', work: ['petal-glued', 'dust-petal'] }
      : part,
  );
