import type { Role } from '../botany/species';
import type { Arrangement } from '../compose/arrangement';
import type { PasteBall } from '../make/paste';
import { afresh, type Recall } from '../geometry/memory';
import { suppliesFor, type Supply } from '../make/recipes';
import type { TrayKind } from '../make/tray';
import type { Warning } from '../place/entry';
import { tapeLengthMm } from '../tape/bundle';
import { cutByFractions, cutLongestFirst, type CutDemand, type CutPlan } from '../wire/cutList';
import { cutFromOffcuts, type Offcut, type OffcutBar } from '../wire/offcuts';
import { wireName } from '../wire/gauge';
import type { WireCut } from '../wire/wireLength';
import type { Built } from './built';
import type { Project } from './project';

/** Cut list of one gauge and colour: what ends that are there give, and full lengths for the rest. */
export interface GaugeCuts {
  gauge: number;
  colour: 'white' | 'green';
  diameterMm: number;
  fromOffcuts: OffcutBar[];
  /** what is cut from full lengths */
  demands: CutDemand[];
  least: CutPlan;
  fractions: ReturnType<typeof cutByFractions>;
}

interface Planned {
  arrangement: Arrangement;
  built: Built;
}

/** Cut demands gathered by gauge and colour, quantities of whole arrangements counted in. */
export function cutLists(
  wires: readonly (WireCut & { times: number })[],
  { stockMm, offcuts }: { stockMm: number; offcuts: readonly Offcut[] },
  recall: Recall = afresh,
): GaugeCuts[] {
  const groups = new Map<string, Pick<GaugeCuts, 'gauge' | 'colour' | 'diameterMm' | 'demands'>>();
  for (const { gauge, colour, diameterMm, lengthMm, count, times } of wires) {
    const key = `${gauge}|${colour}`;
    const group = groups.get(key) ?? { gauge, colour, diameterMm, demands: [] };
    const known = group.demands.find((d) => d.lengthMm === lengthMm);
    if (known) known.count += count * times;
    else group.demands.push({ lengthMm, count: count * times });
    groups.set(key, group);
  }
  return [...groups.values()]
    .map((g) => {
      const demands = g.demands.sort((a, b) => b.lengthMm - a.lengthMm);
      const own = offcuts.filter((o) => o.gauge === g.gauge && o.colour === g.colour);
      return recall('cuts', [g, stockMm, own], () => {
        const { bars, rest } = cutFromOffcuts(demands, own);
        return {
          ...g,
          fromOffcuts: bars,
          demands: rest,
          least: cutLongestFirst(rest, stockMm),
          fractions: cutByFractions(rest, stockMm),
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
    c.least.tooLong.map((d) => ({
      level: 'stop' as const,
      station: 'Wire & tape' as const,
      what: `A wire of ${d.lengthMm} mm is longer than a length of ${stockMm} mm`,
      where: wireName(c.gauge),
      why: 'It cannot be cut in one piece.',
      remedy: 'Shorten the arm, set a second pick, or enter a longer stock length in Brief.',
    })),
  );

const GLAZED: readonly Role[] = ['berry', 'foliage'];

/** Glue, glaze, starch and fat to have ready. */
export const suppliesOf = (project: Project, tray: readonly TrayKind[], paste: readonly PasteBall[]): Supply[] =>
  suppliesFor({
    pieces: tray.reduce((a, k) => a + k.toMake, 0),
    glazed: tray.filter((k) => GLAZED.includes(k.role)).reduce((a, k) => a + k.toMake, 0),
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

/** Tape for stems, joints and bundles of every arrangement as often as it is made, mm. */
export function tapeNeeded(planned: readonly Planned[]): number {
  let whole = 0;
  for (const { arrangement, built } of planned) {
    let mm = 0;
    for (const stem of built.stems) mm += tapeLengthMm(stem.gauge.diameterMm + 0.3, stem.lengthMm + 5);
    for (const spray of built.sprays)
      for (const joint of spray.joints)
        mm += tapeLengthMm(joint.thicknessMm, joint.onto ? 15 : 12) + 2 * Math.PI * joint.thicknessMm;
    for (const entry of built.entries) mm += tapeLengthMm(entry.bundleMm, entry.wireInsideMm);
    whole += mm * arrangement.quantity;
  }
  return Math.round(whole * (1 + TAPE_LOST_SHARE));
}
