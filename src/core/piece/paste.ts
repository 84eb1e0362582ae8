import type { Instance } from './expand';
import { MATERIAL, type Material } from './materials';
import type { Form, Outline, Part } from './part';

/** Area of an outline as a share of its length times its width; within a tenth. Own study. */
const AREA_SHARE: Readonly<Record<Outline, number>> = {
  disc: 0.785,
  ellipse: 0.785,
  ovate: 0.68,
  obovate: 0.7,
  lance: 0.62,
  heart: 0.72,
  lobed: 0.5,
  needle: 0.8,
  'five-petal': 0.487,
  'four-petal': 0.5,
  daisy: 0.5,
  star: 0.33,
  strip: 1,
};

/** Edges are thinned on a pad: what is left of an even sheet. Assumed. */
const THINNED = 0.85;

const ballMm3 = (diameterMm: number): number => (Math.PI / 6) * diameterMm ** 3;

/** Paste of one part of a size, mm³. */
function mm3Of(form: Form, sizeMm: number): number {
  if (form.as === 'ball') return ballMm3(sizeMm) * form.kept;
  if (form.as === 'balls') return ballMm3(form.ballMm) * form.count;
  const areaMm2 = AREA_SHARE[form.outline] * sizeMm * sizeMm * form.widthShare;
  return areaMm2 * form.thicknessMm * (form.layers ?? 1) * THINNED;
}

/** All faces of one part, mm²: both of a sheet, the surface of a ball. */
export function facesMm2(form: Form, sizeMm: number): number {
  if (form.as === 'sheet') return 2 * AREA_SHARE[form.outline] * sizeMm * sizeMm * form.widthShare;
  return Math.PI * (form.as === 'ball' ? sizeMm ** 2 : form.ballMm ** 2 * form.count);
}

/** Paste of one part of a size, g. */
export const gramsOf = (form: Form, sizeMm: number): number => (mm3Of(form, sizeMm) * MATERIAL[form.material].gramsPerCm3) / 1000;

/** Paste of a piece, mm³. */
export const pasteMm3 = (instances: readonly Instance[]): number =>
  instances.reduce((a, { part, sizeMm }) => a + (part.form ? mm3Of(part.form, sizeMm) : 0), 0);

/** The role of the colour of a part: berries that have not all come as far are coloured one by one. */
export const colourOf = ({ kind }: Pick<Part, 'kind'>, form: Form, stage: string | null): string =>
  kind === 'berry' && stage !== null ? stage : form.colour;

/** Paste of a piece by colour, g, and of which material. */
export function pasteOf(instances: readonly Instance[]): { material: Material; colour: string; grams: number }[] {
  const found = new Map<string, { material: Material; colour: string; grams: number }>();
  for (const { part, sizeMm, stage } of instances) {
    if (!part.form) continue;
    const { material } = part.form;
    const colour = colourOf(part, part.form, stage);
    const known = found.get(`${material}|${colour}`) ?? { material, colour, grams: 0 };
    found.set(`${material}|${colour}`, { ...known, grams: known.grams + gramsOf(part.form, sizeMm) });
  }
  return [...found.values()];
}

/** What a piece is made of, each once. */
export const materialsOf = (instances: readonly Instance[]): Material[] => [
  ...new Set(instances.flatMap(({ part }) => part.form?.material ?? [])),
];

/** How thin and how thick the sheets of a piece are rolled, mm; null where nothing of it is cut of a sheet. */
export function rolledMm(instances: readonly Instance[]): [leastMm: number, mostMm: number] | null {
  const thick = instances.flatMap(({ part }) => (part.form?.as === 'sheet' ? [part.form.thicknessMm] : []));
  return thick.length > 0 ? [Math.min(...thick), Math.max(...thick)] : null;
}
