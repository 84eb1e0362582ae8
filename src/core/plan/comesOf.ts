import { expand } from '../piece/expand';
import { linesOf, type PartLine } from '../piece/lines';
import { longMm } from '../piece/long';
import { minutesOf, setUpMinutes } from '../piece/minutes';
import type { Material } from '../piece/materials';
import { isCarrier, type Part } from '../piece/part';
import { pasteOf } from '../piece/paste';
import { windingsOf } from '../piece/tape';
import { byInstance, thickestMm } from '../piece/thickness';
import { wireGrams } from '../piece/wires';
import type { Spread } from '../piece/work';
import { must } from '../geometry/must';
import { FOOT_MM, wiresOfPiece } from './partWires';
import { woundMm } from './usedUp';

/** What comes of a piece as it is described, for one of it, with 60 mm of stem below it. */
export interface ComesOf {
  longMm: number;
  /** line by line, its own wire first where it has one */
  lines: PartLine[];
  /** where the most wires run side by side, taped; null for what has no wire */
  thickMm: number | null;
  tapeMm: number;
  /** quick, usual and first attempts; set-ups of the boards beside it */
  minutes: Spread;
  setUp: Spread;
  paste: { material: Material; colour: string; grams: number }[];
  /** with the wires in it */
  grams: number;
}

/** Figures of one piece from its tree alone, its wires cut as is usual. Throws for a tree that is too much: ask `tooMuch` first. */
export function comesOf(tree: Part, stockMm: number): ComesOf {
  const instances = expand(tree);
  const root = must(instances[0]);
  const wires = wiresOfPiece(instances, stockMm);
  const own = byInstance(wires);
  const carriers = instances.filter((i) => isCarrier(i.part) || i === root);
  const paste = pasteOf(instances);
  return {
    longMm: longMm(root),
    lines: linesOf(instances, wires),
    thickMm: wires.length > 0 ? Math.max(...carriers.map((c) => thickestMm(c, own))) : null,
    tapeMm: windingsOf(instances, own, { footMm: FOOT_MM, fine: false }).reduce((a, w) => a + woundMm(w), 0),
    minutes: minutesOf(instances),
    setUp: setUpMinutes([{ instances, times: 1 }]),
    paste,
    grams: paste.reduce((a, p) => a + p.grams, 0) + wireGrams(instances),
  };
}
