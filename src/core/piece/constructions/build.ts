import type { Form, Outline, Own, Part } from '../part';

type Wire = Extract<Own, { by: 'wire' }>;

/** A wire as most parts have it: straight, past its joint, cut to length. */
export const onWire = (swg: number, other: Partial<Wire> = {}): Wire => ({
  by: 'wire',
  swg,
  tip: 'straight',
  stalkMm: 0,
  run: 'past joint',
  cut: 'what fits',
  ...other,
});

interface Sheet {
  outline: Outline;
  widthShare: number;
  thicknessMm: number;
  colour?: string;
  /** so many sheets of it, one on the other; half of one is a smaller one */
  layers?: number;
}

/** Flower paste rolled flat. */
export const sheet = ({ colour = 'main', ...sheet }: Sheet): Form => ({
  as: 'sheet',
  material: 'flower paste',
  colour,
  ...sheet,
});

/** Flower paste rolled between the palms, nothing of it pinched off unless said. */
export const ball = (colour = 'main', kept = 1): Form => ({ as: 'ball', material: 'flower paste', colour, kept });

/** A line of parts; what is not said is one part that sits on nothing and is joined by tape. */
export const line = (part: Partial<Part> & Pick<Part, 'id' | 'kind'>): Part => ({
  many: { by: 'sizes', of: [{ count: 1, sizeMm: 0 }] },
  form: null,
  on: { by: 'nothing' },
  join: 'taped',
  work: [],
  habit: { by: 'together' },
  parts: [],
  ...part,
});

/** So many of one size. */
export const so = (count: number, sizeMm: number): Part['many'] => ({ by: 'sizes', of: [{ count, sizeMm }] });
