import { changeLine, withMany } from './edited';
import { countOf, groupsOf, sizesOf } from './many';
import { placesOf } from './habit';
import { lineIn } from './treeLines';
import type { Form, Many, Outline, Part } from './part';
import type { OwnTool } from './tools';

/** What a tool gives for a part: its size, and in how many cuts. */
interface Given {
  tool: OwnTool;
  longMm: number;
  wideMm: number;
  cuts: 1 | 2;
}

/** Outlines that lie between two arcs of a round cutter. */
const BETWEEN_ARCS: readonly Outline[] = ['ellipse', 'ovate', 'lance'];

type Sheet = Extract<Form, { as: 'sheet' }>;

/**
 * A round of diameter D cut twice leaves a leaf between two arcs: of width W it is √(2·D·W − W²) long, so with W a share k of the length
 * 2·D·k / (1 + k²). Plane geometry.
 */
const lensMm = (diameterMm: number, widthShare: number): number => (2 * diameterMm * widthShare) / (1 + widthShare ** 2);

function givenBy(tool: OwnTool, { outline, widthShare }: Sheet): Given | null {
  if (tool.kind === 'veiner') return null;
  if (tool.outline === outline) return { tool, longMm: tool.longMm, wideMm: tool.wideMm, cuts: 1 };
  if (tool.outline !== 'disc' || !BETWEEN_ARCS.includes(outline) || widthShare >= 1) return null;
  const longMm = lensMm(tool.longMm, widthShare);
  return { tool, longMm, wideMm: longMm * widthShare, cuts: 2 };
}

/** The tool whose part is nearest in size; of two as near the one that cuts once. Null where none has the outline. */
export function nearestTool(form: Form | null, sizeMm: number, tools: readonly OwnTool[]): Given | null {
  if (form?.as !== 'sheet') return null;
  const off = (g: Given): number => Math.abs(g.longMm - sizeMm) + (g.cuts - 1) * 0.01;
  return tools
    .flatMap((t) => givenBy(t, form) ?? [])
    .reduce<Given | null>((best, g) => (!best || off(g) < off(best) ? g : best), null);
}

/** The smallest veiner that a part of this size lies on whole; null where none is so large. */
export function veinerFor(form: Form | null, sizeMm: number, tools: readonly OwnTool[]): OwnTool | null {
  if (form?.as !== 'sheet') return null;
  const wideMm = sizeMm * form.widthShare;
  return tools
    .filter((t) => t.kind === 'veiner' && t.outline === form.outline && t.longMm >= sizeMm && t.wideMm >= wideMm)
    .reduce<OwnTool | null>((best, t) => (!best || t.longMm < best.longMm ? t : best), null);
}

/** The sizes of a line, each once, from the tip down. */
export function sizesIn({ many, habit }: Pick<Part, 'many' | 'habit'>): number[] {
  const count = many.by === 'share' ? 1 : countOf(many);
  const nodes = placesOf(habit, groupsOf(many, count)).map((p) => p.node);
  return [...new Set(sizesOf(many, nodes).map((s) => s.sizeMm))];
}

/** A line whose every size is that of the nearest tool, its width that of the largest; as it was where none has its outline. */
export function withTools(root: Part, id: string, tools: readonly OwnTool[]): Part {
  const part = lineIn(root, id);
  if (!part || part.form?.as !== 'sheet' || !nearestTool(part.form, 1, tools)) return root;
  const { form } = part;
  const sizeOf = (mm: number): number => nearestTool(form, mm, tools)?.longMm ?? mm;
  const largest = nearestTool(form, Math.max(...sizesIn(part)), tools);
  const shared = changeLine(root, id, (own) => ({
    ...own,
    form: largest ? { ...form, widthShare: largest.wideMm / largest.longMm } : form,
  }));
  return withMany(shared, id, toldBySize(part, sizeOf));
}

function toldBySize({ many, habit }: Part, sizeOf: (mm: number) => number): Many {
  if (many.by === 'share') return { ...many, sizeMm: sizeOf(many.sizeMm) };
  if (many.by === 'sizes') return { by: 'sizes', of: many.of.map((s) => ({ ...s, sizeMm: sizeOf(s.sizeMm) })) };
  const nodes = placesOf(habit, groupsOf(many, countOf(many))).map((p) => p.node);
  const of: { count: number; sizeMm: number }[] = [];
  for (const { sizeMm } of sizesOf(many, nodes)) {
    const mm = sizeOf(sizeMm);
    const last = of.at(-1);
    if (last?.sizeMm === mm) last.count += 1;
    else of.push({ count: 1, sizeMm: mm });
  }
  return { by: 'sizes', of };
}
