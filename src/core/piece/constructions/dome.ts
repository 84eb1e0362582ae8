import type { Part } from '../part';
import { ball, line, onWire, sheet, so } from './build';

interface Dome {
  buds: number;
  open: number;
}

/** Buds in the middle, open florets round them (docs/trade.md T13; common practice, no source). */
const DOME: Dome = { buds: 12, open: 24 };

interface DomeStage {
  baseMm: number;
  budMm: number;
  swg: number;
  /** a cut floret so wide, or one pulled from a ball */
  floret: { cutMm: number } | { ballMm: number };
  wideMm: number;
}

/** Sizes of the own study. */
const STAGES = {
  opening: { baseMm: 26, budMm: 4, swg: 28, floret: { ballMm: 6 }, wideMm: 56 },
  open: { baseMm: 28, budMm: 4.5, swg: 26, floret: { cutMm: 24 }, wideMm: 62 },
  star: { baseMm: 22, budMm: 4, swg: 28, floret: { ballMm: 6 }, wideMm: 44 },
} as const satisfies Readonly<Record<string, DomeStage>>;
export type DomeStageId = keyof typeof STAGES;

/** Wires that end in the base: pushed in so far, nothing runs on; with hook and neck 30 to 40 mm. Common practice, no source. */
const WIRE_MM = { stalk: 14, inBase: 9 } as const;

/**
 * The tree of a domed cluster: florets on short wires pushed into a soft base, which four wires of 22 carry (docs/trade.md T13). Nine of a
 * length of 360 are cut to 40 mm each, so they are cut to length.
 */
export function dome(stage: DomeStageId, counts: Partial<Dome> = {}, scale = 1): Part {
  const { buds, open } = { ...DOME, ...counts };
  const spec: DomeStage = STAGES[stage];
  const floret =
    'cutMm' in spec.floret
      ? ({
          mm: spec.floret.cutMm,
          form: sheet({ outline: 'four-petal', widthShare: 1, thicknessMm: 0.7 }),
          work: 'floret-cut',
        } as const)
      : ({ mm: spec.floret.ballMm, form: ball('main', 0.85), work: 'floret-tiny' } as const);
  const wire = (tip: 'straight' | 'hook') => onWire(spec.swg, { tip, stalkMm: WIRE_MM.stalk, run: WIRE_MM.inBase });
  const lines = [
    line({ id: 'bud', kind: 'bud', many: so(buds, spec.budMm * scale), form: ball(), on: wire('straight'), join: 'pushed in', work: ['bud-tiny'], habit: { by: 'dome' } }),
    line({ id: 'floret', kind: 'floret', many: so(open, floret.mm * scale), form: floret.form, on: wire('hook'), join: 'pushed in', work: [floret.work, 'dust-tiny'], habit: { by: 'dome' } }),
  ].filter((_, i) => (i === 0 ? buds : open) > 0); // prettier-ignore
  return line({
    id: 'base',
    kind: 'base',
    many: so(1, spec.baseMm * scale),
    form: ball('green'),
    on: onWire(22, { strands: 4 }),
    join: 'itself',
    work: ['base-soft', 'dust-head'],
    parts: lines,
  });
}
