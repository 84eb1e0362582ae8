import { foodOf } from '../make/mixing';
import { tierName } from '../cake/cake';
import { azimuthToClockWords } from '../geometry/units';
import type { TrayKind } from '../make/tray';
import { barrierById } from '../place/barrier';
import type { Entry } from '../place/entry';
import { speciesById } from '../botany/catalogue';
import { pieceName } from '../botany/species';
import type { Project } from './project';

/** The US nine (FALCPA 2004 with FASTER 2021). Values from memory. */
export const ALLERGENS_US = ['milk', 'egg', 'fish', 'shellfish', 'tree nuts', 'peanuts', 'wheat', 'soybeans', 'sesame'] as const;

export interface HandOver {
  goesIn: number;
  comesOut: number;
  out: { number: number; entryId: string; what: string; where: string; tier: string }[];
  eaten: string[];
  notEaten: string[];
  allergens: string[];
  smallParts: string[];
  cautions: string[];
}

/** What the client and the person who cuts need to know. Cautions only; nothing claims that a rule is met. */
export function handOverOf(project: Project, entries: readonly Entry[], tray: readonly TrayKind[], wired: boolean): HandOver {
  const { cake, brief } = project;
  const dust = foodOf(brief.dust, project.paints);
  const out = entries
    .filter((e) => e.countsOut)
    .map((e) => ({
      number: e.number,
      entryId: e.id,
      what: e.barrierName,
      where: azimuthToClockWords(e.azimuthRad),
      tier: tierName(cake, e.tierIndex),
    }));
  const names = cake.tiers.map((t, i) => ({ t, name: tierName(cake, i) }));
  const eaten = names
    .filter(({ t }) => t.kind === 'edible')
    .map(({ t, name }) => `${name}${t.covering.eaten ? ' with its covering' : ', without its covering'}`);
  const notEaten = [
    ...names
      .filter(({ t }) => t.kind === 'dummy')
      .map(({ t, name }) => `${name}: foam${t.covering.eaten ? '' : ', covering too'}`),
    ...(tray.length && wired ? ['every flower, berry and leaf: they hold wire and tape'] : []),
    ...(tray.length && !wired && brief.keepsake ? ['every topper: a keepsake'] : []),
    ...(dust === 'edible' ? [] : [`dust that is ${dust === 'unknown' ? 'not known to be edible' : 'not edible'}`]),
  ];
  const fromBarriers = entries.flatMap((e) => (e.barrier ? (barrierById(e.barrier)?.allergens ?? []) : []));
  const allergens = [
    ...new Set([...brief.allergensInCake, ...fromBarriers, ...(brief.glue === 'egg white' && tray.length ? ['egg'] : [])]),
  ];
  const small = tray
    .filter((k) => k.role === 'berry' || k.role === 'bud')
    .map((k) => (k.role === 'bud' ? `${pieceName(speciesById(k.species), k.stage)}s` : speciesById(k.species).plural));
  return {
    goesIn: entries.length,
    comesOut: out.length,
    out,
    eaten,
    notEaten,
    allergens,
    smallParts: brief.smallChildren ? [...new Set(small)] : [],
    cautions: [
      ...(brief.keepsake
        ? ['A keepsake, not to be eaten: lift it off whole before cutting, keep it dry and out of the light.']
        : []),
      ...(brief.smallChildren
        ? ['Small children at the table: keep picks, berries and buds out of reach, and count everything out first.']
        : []),
      'Keep dry and out of the sun; take the flowers off before chilling, damp lifts their colour.',
      'Usual cautions. Check your local food rules; nothing here says that a rule is met.',
    ],
  };
}
