import { speciesById } from '../botany/catalogue';
import { pieceName, stageOf, wiredParts, type Species } from '../botany/species';
import { wireName } from '../wire/gauge';
import type { WireCut } from '../wire/wireLength';
import { branchSteps } from './branchSteps';

/** Petals of one ring, each on its own wire: where they stand round the stem, clockwise from the front, and how far below the centre they are bound. */
export interface Ring {
  turnsDeg: number[];
  belowMm: number;
}

/** One thing to do while a piece is made up of parts that have wires of their own. */
export interface MakeUpStep {
  title: string;
  figures: { figure: string; words: string }[];
  how: string[];
  why: string[];
  /** rings bound so far, the new one last; none for what is not built in rings */
  rings: Ring[];
}

/** Each ring is bound this much below the last (the project's own study). */
const RING_STEP_MM = 2;

/** Petals ring by ring: as the flower has them, else in threes where that comes out even, else in two rings (trade.md T10). */
export function ringCounts(petals: number, own: readonly number[] = []): number[] {
  if (own.length && own.reduce((a, n) => a + n, 0) === petals) return [...own];
  if (petals <= 3 || petals === 5) return petals > 0 ? [petals] : [];
  if (petals % 3 === 0 && petals <= 9) return Array.from({ length: petals / 3 }, () => 3);
  return [Math.ceil(petals / 2), Math.floor(petals / 2)];
}

/** Every ring stands in the gaps of the one before: its first petal in the middle of a gap. */
export function ringsOf(counts: readonly number[]): Ring[] {
  const rings: Ring[] = [];
  let fromDeg = 0;
  counts.forEach((count, k) => {
    const before = counts[k - 1];
    if (before) fromDeg += 180 / before;
    rings.push({
      turnsDeg: Array.from({ length: count }, (_, i) => (fromDeg + (i * 360) / count) % 360),
      belowMm: k * RING_STEP_MM,
    });
  });
  return rings;
}

/**
 * How one piece is made up before it is taped into anything: stamens, petals ring by ring, or leaves, berries and florets by
 * level and from the tip down. Empty for a piece on a single wire. `wires` are those of one such piece.
 */
export function makeUpSteps(
  kind: { species: string; stage: string },
  longMm: number,
  wires: readonly Pick<WireCut, 'use' | 'label' | 'gauge' | 'colour' | 'lengthMm'>[],
  finish: 'everyday' | 'showpiece',
): MakeUpStep[] {
  const species = speciesById(kind.species);
  const parts = wiredParts(species, kind.stage).filter((p) => p.count > 0);
  const built = species.shape.parts?.(stageOf(species, kind.stage).open) ?? [];
  const wireFigure = (name: string) => {
    const w = wires.find((x) => x.use !== 'stem' && x.label.endsWith(`: ${name}`));
    return w ? [{ figure: wireName(w.gauge), words: `${w.colour}, each cut ${w.lengthMm} mm` }] : [];
  };
  const steps: MakeUpStep[] = [];
  const stamens = species.wiring.stamens;
  if (stamens)
    steps.push({
      title: `Bind ${stamens.count} stamens round the centre`,
      figures: [{ figure: `${stamens.count}`, words: 'stamens, tips level' }, ...wireFigure('stamen')],
      how: ['Set them round the centre a few at a time, tips at one height.', 'Bind three turns tight, then down.'],
      why: ['Bound in one go they slide to one side; a few at a time they stand all round.'],
      rings: [],
    });
  if (parts.length === 0) return steps;
  const inBase = parts.some((p) => p.inBase);
  if (inBase) return [...steps, ...intoBase(species, kind.stage, parts, wireFigure)];
  if (built.length > 0) return [...steps, ...composite(species, built, longMm, parts, wireFigure, finish)];
  for (const part of parts) steps.push(...petalSteps(species, part, wireFigure));
  return steps;
}

type WireFigure = (name: string) => { figure: string; words: string }[];

function petalSteps(species: Species, part: { name: string; count: number }, wireFigure: WireFigure): MakeUpStep[] {
  const rings = ringsOf(ringCounts(part.count, species.shape.rings));
  return rings.map((ring, k) => ({
    title: `${k === 0 ? 'Tape' : 'Then'} ${ring.turnsDeg.length} ${part.name}s ${k === 0 ? 'round the centre' : 'into the gaps'}`,
    figures: [
      { figure: `ring ${k + 1} of ${rings.length}`, words: `${ring.turnsDeg.length} ${part.name}s, evenly round` },
      {
        figure: ring.belowMm === 0 ? 'at the foot' : `${ring.belowMm} mm`,
        words: ring.belowMm ? 'below the centre’s foot' : 'of the centre',
      },
      ...(k > 0
        ? [{ figure: `${Math.round(180 / rings[k - 1]!.turnsDeg.length)}°`, words: 'turned against the ring before' }]
        : []),
      ...wireFigure(part.name),
    ],
    how: [
      'Bend each petal’s wire outward where the petal ends, then lay it along the stem.',
      'Bind each petal with one turn as it comes, the ring with two more.',
    ],
    why: [
      k === 0
        ? 'The first ring holds the centre; what is loose here stays loose.'
        : 'Every ring lies in the gaps of the one before, so that no wire and no hole shows.',
      `Each ring is bound ${RING_STEP_MM} mm lower: bound at one place they would swell to a knot.`,
    ],
    rings: rings.slice(0, k + 1),
  }));
}

/** Stems of the finest parts are painted for everyday work and taped to their ends for a showpiece (trade.md T3). */
const FINEST = ['floret', 'bud'];

function composite(
  species: Species,
  built: Parameters<typeof branchSteps>[0],
  longMm: number,
  parts: readonly { name: string }[],
  wireFigure: WireFigure,
  finish: 'everyday' | 'showpiece',
): MakeUpStep[] {
  const fine = parts.find((p) => FINEST.includes(p.name));
  const first: MakeUpStep[] = fine
    ? [
        {
          title: finish === 'showpiece' ? `Tape every ${fine.name}’s stem to its end` : `Paint the ${fine.name}s’ stems`,
          figures: wireFigure(fine.name),
          how: [
            finish === 'showpiece'
              ? 'A third of the tape’s width, stretched thin, from under the head to the end.'
              : 'Green on white wire, thinned; hang them until they are dry. Tape only where they are joined.',
          ],
          why: [
            finish === 'showpiece'
              ? 'A showpiece is looked at closely: taped stems take dust like the rest.'
              : 'So thin a wire looks thick under tape; painted it vanishes.',
          ],
          rings: [],
        },
      ]
    : [];
  const joined = branchSteps(built, longMm).map((s): MakeUpStep => {
    const name = parts.find((p) => s.text.includes(p.name))?.name ?? '';
    return {
      title: s.text,
      figures: [
        ...(s.belowMm === null ? [] : [{ figure: `${Math.round(s.belowMm)} mm`, words: 'below the last' }]),
        ...wireFigure(name),
      ],
      how: [
        s.belowMm === null
          ? 'Even the heads out, bind three turns, and wind down.'
          : 'Bend the stalk out at 45°, lay it along the carrier, bind, and wind down to the next.',
        ...(species.wiring.bark ? ['Brown tape; bend small kinks into the wire, as wood grows.'] : []),
      ],
      why: [
        s.belowMm === null
          ? 'The finest level first: once it hangs on the carrier no finger gets between.'
          : 'From the tip down: smallest and tightest first, larger ones lower.',
      ],
      rings: [],
    };
  });
  return [...first, ...joined];
}

/** Florets on short wires go into a base that is still soft (trade.md T13). */
const intoBase = (
  species: Species,
  stage: string,
  parts: readonly { name: string; count: number; inBase?: boolean }[],
  wireFigure: WireFigure,
): MakeUpStep[] => [
  {
    title: `Shape the base of the ${pieceName(species, stage)}, and let it firm`,
    figures: [{ figure: '5–10 min', words: 'until a pinch just dents it' }],
    how: ['Roll a ball on its skewer or wires, glue it where it meets them, and wait.'],
    why: ['Too soft it slides down; once it has set no wire goes in.'],
    rings: [],
  },
  ...parts
    .filter((p) => p.inBase)
    .map((p): MakeUpStep => ({
      title: `Push in ${p.count} ${p.name}s, from the middle outward`,
      figures: [{ figure: `${p.count}`, words: `${p.name}s, buds in the middle, open ones round them` }, ...wireFigure(p.name)],
      how: ['Trim each wire as you go, dip it in glue, push it in while the base still dents.'],
      why: ['Buds in the middle make the dome; open ones round them hide the base.'],
      rings: [],
    })),
];
