import { bodyOf, speciesById, type Catalogue } from '../botany/catalogue';
import type { Arrangement } from '../compose/arrangement';
import type { PasteBall } from '../make/paste';
import { MATERIAL } from '../piece/materials';
import type { Form } from '../piece/part';
import { unmemoised, type Memoise } from '../geometry/memo';
import { suppliesFor, type Supply } from '../make/recipes';
import type { TrayKind } from '../make/tray';
import { tapeLengthMm, tapeWidthShare } from '../wire/bundle';
import { addTo, cutLongestFirst, type CutDemand, type CutPlan } from '../wire/cutList';
import { CUTTINGS, type Cutting } from '../wire/cutting';
import { cutFromOffcuts, type Offcut, type OffcutBar } from '../wire/offcuts';
import type { WireCut } from '../wire/wireLength';
import { finishesOf, type Finishes } from '../piece/finishes';
import type { Instance } from '../piece/expand';
import { windingsOf, type Winding } from '../piece/tape';
import { byInstance } from '../piece/thickness';
import type { Built } from './built';
import { catalogueOf } from './catalogueOf';
import { wiresOfPiece } from './partWires';
import type { Project } from './project';
import type { Warning } from './warnings';

/** Cut list of one gauge and colour: what ends that are there give, and full lengths for the rest. */
export interface GaugeCuts {
  gauge: number;
  colour: 'white' | 'green';
  diameterMm: number;
  fromOffcuts: OffcutBar[];
  /** what is cut from full lengths */
  demands: CutDemand[];
  least: CutPlan;
  /** lengths of wire that each way of cutting takes */
  lengths: Readonly<Record<Cutting, number>>;
}

interface Planned {
  arrangement: Arrangement;
  built: Built;
}

interface Gathered extends Pick<GaugeCuts, 'gauge' | 'colour' | 'diameterMm' | 'demands'> {
  ways: Record<Cutting, CutDemand[]>;
}

const lengthsOf = (demands: readonly CutDemand[], stockMm: number): number =>
  cutLongestFirst(
    [...demands].sort((a, b) => b.lengthMm - a.lengthMm),
    stockMm,
  ).bars.length;

/** Cut demands gathered by gauge and colour, quantities of whole arrangements counted in. */
export function cutLists(
  wires: readonly (WireCut & { times: number })[],
  { stockMm, offcuts }: { stockMm: number; offcuts: readonly Offcut[] },
  memoise: Memoise = unmemoised,
): GaugeCuts[] {
  const groups = new Map<string, Gathered>();
  for (const { gauge, colour, diameterMm, lengthMm, count, times, ways } of wires) {
    const key = `${gauge}|${colour}`;
    const group = groups.get(key) ?? { gauge, colour, diameterMm, demands: [], ways: { fractions: [], length: [], sizes: [] } };
    addTo(group.demands, lengthMm, count * times);
    for (const way of CUTTINGS) for (const d of ways[way]) addTo(group.ways[way], d.lengthMm, d.count * times);
    groups.set(key, group);
  }
  return [...groups.values()]
    .map(({ ways, ...g }) => {
      const demands = g.demands.sort((a, b) => b.lengthMm - a.lengthMm);
      const own = offcuts.filter((o) => o.gauge === g.gauge && o.colour === g.colour);
      const flat = (all: readonly CutDemand[]) => all.flatMap((d) => [d.lengthMm, d.count]);
      const eachWay = CUTTINGS.flatMap((way) => [way, ...flat(ways[way])]);
      const of = [g.gauge, g.colour, g.diameterMm, stockMm, ...flat(demands), ...eachWay, 'ends', ...own];
      return memoise('cuts', of, () => {
        const { bars, rest } = cutFromOffcuts(demands, own);
        return {
          ...g,
          fromOffcuts: bars,
          demands: rest,
          least: cutLongestFirst(rest, stockMm),
          lengths: {
            fractions: lengthsOf(ways.fractions, stockMm),
            length: lengthsOf(ways.length, stockMm),
            sizes: lengthsOf(ways.sizes, stockMm),
          },
        };
      });
    })
    .sort((a, b) => a.gauge - b.gauge || a.colour.localeCompare(b.colour));
}

/** Of ends that are there those from which something would be cut, whatever is cut from ends already counted in. */
export const offcutsThatServe = (cuts: readonly GaugeCuts[], kept: readonly Offcut[]): Offcut[] =>
  cuts.flatMap(({ gauge, colour, fromOffcuts, demands }) => {
    const all = [...demands.map((d) => ({ ...d }))];
    for (const mm of fromOffcuts.flatMap((b) => b.cutsMm)) {
      const known = all.find((d) => d.lengthMm === mm);
      if (known) known.count += 1;
      else all.push({ lengthMm: mm, count: 1 });
    }
    const own = kept.filter((o) => o.gauge === gauge && o.colour === colour);
    const { bars } = cutFromOffcuts(
      all.sort((a, b) => b.lengthMm - a.lengthMm),
      own,
    );
    return own.map((o) => ({ ...o, count: bars.filter((b) => b.lengthMm === o.lengthMm).length })).filter((o) => o.count > 0);
  });

export const tooLongWarnings = (cuts: readonly GaugeCuts[], stockMm: number): Warning[] =>
  cuts.flatMap((c) =>
    c.least.tooLong.map(({ lengthMm }): Warning => ({
      code: 'wire.longer-than-stock',
      values: { lengthMm, stockMm, gauge: c.gauge },
      level: 'stop',
      station: 'wire',
    })),
  );

/** A piece that is glued to a plaque or a cake takes so much, ml. Assumed. */
const GLUED_ON_ML = 0.05;

/** What is brushed on all pieces that are made, g and ml as it is used; `glued` pieces are set on with glue. */
export function brushedOn(tray: readonly TrayKind[], glued: number, catalogue: Catalogue): Finishes {
  const sum: Finishes = { glueMl: glued * GLUED_ON_ML, glazeMl: 0, dustGrams: 0 };
  for (const kind of tray) {
    const placed = Math.max(1, kind.placed);
    for (const { sizeMm, count } of kind.sizes) {
      const one = finishesOf(bodyOf({ ...kind, sizeMm }, catalogue).built.instances);
      const times = (count / placed) * kind.toMake;
      sum.glueMl += one.glueMl * times;
      sum.glazeMl += one.glazeMl * times;
      sum.dustGrams += one.dustGrams * times;
    }
  }
  return sum;
}

/** What is cut of paper takes so much more than the boxes that its parts fill; a sheet as it is sold, mm². Own study; from memory. */
const PAPER = { waste: 1.6, sheetMm2: 210 * 297 } as const;

const boxMm2 = (form: Form | null, sizeMm: number): number =>
  form?.as === 'sheet' && !MATERIAL[form.material].paste ? sizeMm * sizeMm * form.widthShare * Math.ceil(form.layers ?? 1) : 0;

/** Sheets of wafer paper for all that is still to make, spare parts too. */
export function paperSheetsFor(tray: readonly TrayKind[], catalogue: Catalogue): number {
  const mm2 = tray.reduce((sum, kind) => {
    const spares = kind.spareParts.reduce((a, { part, sizeMm, count }) => a + boxMm2(part.form, sizeMm) * count, 0);
    return kind.sizes.reduce((a, { sizeMm, count }) => {
      const one = bodyOf({ ...kind, sizeMm }, catalogue).built.instances.reduce((b, i) => b + boxMm2(i.part.form, i.sizeMm), 0);
      return a + one * (count / Math.max(1, kind.placed)) * kind.toMake;
    }, sum + spares);
  }, 0);
  return Math.ceil((mm2 * PAPER.waste) / PAPER.sheetMm2 - 1e-9);
}

/** Glue, glaze, starch and fat to have ready. */
export const suppliesOf = (project: Project, brushed: Finishes, paste: readonly PasteBall[]): Supply[] =>
  suppliesFor({
    ...brushed,
    pasteGrams: paste.reduce((a, b) => a + b.grams, 0),
    glue: project.brief.glue,
  });

/** Barriers of every arrangement as often as it is made. */
export function barriersNeeded(planned: readonly Planned[]): { id: string; count: number }[] {
  const counts = new Map<string, number>();
  for (const { arrangement, built } of planned)
    for (const { barrier } of built.entries) if (barrier) counts.set(barrier, (counts.get(barrier) ?? 0) + arrangement.quantity);
  return [...counts].map(([id, count]) => ({ id, count }));
}

/** What is torn off and thrown away at the ends of strips. Assumed. */
const TAPE_LOST_SHARE = 0.12;
/** A strip is torn off about so long, then split to its width. Assumed. */
export const STRIP_MM = 300;
/** A roll of 30 yards. Value from memory. */
const ROLL_MM = 27_400;

type TapeColour = 'green' | 'white' | 'brown';

/** Tape of one colour and width: mm of strips as they are wound, how many strips, and the share of a roll that they are split from. */
export interface TapeUse {
  colour: TapeColour;
  widthShare: number;
  mm: number;
  strips: number;
  rolls: number;
}

/** Strip that a winding takes, mm: a helix over the stretch, and turns on the spot. */
export const woundMm = ({ thickMm, stretchMm, turns }: Winding): number =>
  tapeLengthMm({ stemMm: thickMm, stretchMm }) + turns * Math.PI * thickMm;

/** What is wound on the parts of a piece, for as long as the piece is the same. */
const keptWindings = new WeakMap<readonly Instance[], Map<string, readonly Winding[]>>();
function windingsOfPiece(
  instances: readonly Instance[],
  stockMm: number,
  finish: Project['brief']['finish'],
): readonly Winding[] {
  const kept = keptWindings.get(instances) ?? new Map<string, readonly Winding[]>();
  keptWindings.set(instances, kept);
  const key = `${finish} ${stockMm}`;
  const fine = finish === 'showpiece';
  const known = kept.get(key) ?? windingsOf(instances, byInstance(wiresOfPiece(instances, stockMm)), { footMm: 0, fine });
  kept.set(key, known);
  return known;
}

/**
 * Tape for stems, parts, joints and bundles of every arrangement as often as it is made. Woody stems are taped brown, a spray's
 * own stem in the colour of the wire.
 */
export function tapeNeeded(planned: readonly Planned[], project: Project): TapeUse[] {
  const wound = new Map<string, { colour: TapeColour; widthShare: number; mm: number }>();
  const { wireColour, finish } = project.brief;
  const catalogue = catalogueOf(project);
  for (const { arrangement, built } of planned) {
    const pieces = new Map(arrangement.pieces.map((p) => [p.id, p]));
    const speciesOf = (id: string) => {
      const piece = pieces.get(id);
      return piece ? speciesById(piece.species, catalogue) : null;
    };
    const colourAt = (pieceId: string): TapeColour => (speciesOf(pieceId)?.bark ? 'brown' : wireColour);
    const wind = (colour: TapeColour, winding: Winding) => {
      const widthShare = tapeWidthShare(winding.thickMm);
      const key = `${colour}|${widthShare}`;
      const use = wound.get(key) ?? { colour, widthShare, mm: 0 };
      use.mm += woundMm(winding) * arrangement.quantity;
      wound.set(key, use);
    };
    for (const { pieceId, gauge, lengthMm } of built.stems) {
      wind(colourAt(pieceId), { thickMm: gauge.diameterMm + 0.3, stretchMm: lengthMm + 5, turns: 0 });
      const piece = pieces.get(pieceId);
      if (!piece) continue;
      // its own stem is wound above, its parts here: nothing twice
      const { instances } = bodyOf(piece, catalogue).built;
      for (const w of windingsOfPiece(instances, project.brief.stockMm, finish)) wind(colourAt(pieceId), w);
    }
    for (const spray of built.sprays)
      for (const joint of spray.joints)
        wind(wireColour, { thickMm: joint.thicknessMm, stretchMm: joint.onto ? 15 : 12, turns: 2 });
    for (const entry of built.entries) wind(wireColour, { thickMm: entry.bundleMm, stretchMm: entry.wireInsideMm, turns: 0 });
  }
  return [...wound.values()]
    .map(({ colour, widthShare, mm: net }) => {
      const mm = Math.round(net * (1 + TAPE_LOST_SHARE));
      const strips = Math.ceil(mm / STRIP_MM);
      return { colour, widthShare, mm, strips, rolls: (strips * STRIP_MM * widthShare) / ROLL_MM };
    })
    .filter((t) => t.mm > 0)
    .sort((a, b) => b.widthShare - a.widthShare || a.colour.localeCompare(b.colour));
}

/** Metres that come off the roll: a strip split in two gives two. */
export const offTheRollMm = (tape: readonly TapeUse[]): number => tape.reduce((a, t) => a + t.rolls * ROLL_MM, 0);
