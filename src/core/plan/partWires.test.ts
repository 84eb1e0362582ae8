import { SHIPPED } from '../botany/catalogue';
import { drawLine } from '../compose/line';
import { placePiece } from '../compose/placement';
import { cakeOf } from '../testing/samples';
import { bundleMm } from '../wire/bundle';
import { derivePlan } from './derivePlan';
import { defaultLine, newArrangement, newProject } from './newProject';
import { footWires, partWires, reaching, type WireContext } from './partWires';

const CAKE = cakeOf([220, 110]);
const GREEN: WireContext = { system: 'SWG', colour: 'green', gauges: [], stockMm: 360, cutting: 'length' };
const line = drawLine(defaultLine('crescent', CAKE), CAKE)!;
const placed = (species: string, stage: string, sizeMm: number) =>
  placePiece(
    {
      id: 'p',
      species,
      stage,
      colourway: '',
      sizeMm,
      s: 0.5,
      side: 0,
      lift: 0.3,
      tiltRad: 0,
      headingRad: 0,
      rollRad: 0,
      pinned: false,
    },
    line,
    SHIPPED,
  );

describe('wires of parts below the foot of a piece', () => {
  test('petals and stamens of a head all run on as far as they are taped to its stem', () => {
    // ten petals and 34 stamens run 25 mm past the foot, the upper ring from 2 mm higher up
    const wires = footWires(placed('anemone', 'open', 54), GREEN);
    expect(wires).toHaveLength(44);
    expect(reaching(wires, 22)).toHaveLength(44);
    expect(reaching(wires, 24)).toHaveLength(5);
    expect(reaching(wires, 25)).toEqual([]);
  });

  test('of a branch only those of parts that join near its foot; what is pushed into a base ends there', () => {
    const branch = placed('roundleaf', 'open', 120);
    const [leaf] = partWires(branch, { ...GREEN, cutting: 'fractions' });
    const along = leaf!.terms.find((t) => t.term === 'along-stem')!.mm;
    const wires = footWires(branch, GREEN);
    expect(wires.length).toBeGreaterThan(0);
    expect(wires.length).toBeLessThan(leaf!.count);
    for (const { belowMm } of wires) expect(belowMm).toBeLessThanOrEqual(along);
    expect(footWires(placed('hydrangea', 'open', 90), GREEN)).toEqual([]);
  });

  test('a head on one wire brings that wire alone', () => expect(footWires(placed('cosmos', 'open', 36), GREEN)).toEqual([]));
});

test('a bore holds the petal wires and stamens that are long enough to be in it', () => {
  const arrangement = newArrangement('a', defaultLine('crescent', CAKE));
  const one = (species: string) => {
    const piece = { ...placed(species, 'open', 38).piece, lift: 0.1 };
    return derivePlan({
      ...newProject('j', 'J', '2027-06-12T09:30'),
      cake: CAKE,
      arrangements: [{ ...arrangement, pieces: [piece] }],
    });
  };
  const plan = one('anemone');
  const [stem, entry] = [plan.stems[0]!, plan.entries[0]!];
  const inBore = plan.wires.flatMap((w) => {
    const runs = w.use === 'stem' ? Infinity : w.terms.find((t) => t.term === 'along-stem')!.mm;
    return runs > stem.lengthMm ? Array.from({ length: w.count }, () => w.diameterMm) : [];
  });
  expect(inBore.length).toBeGreaterThan(10);
  expect(entry.bundleMm).toBeCloseTo(bundleMm(inBore, true), 6);
  expect(entry.boreMm! - entry.bundleMm).toBeGreaterThanOrEqual(0.5);
  expect(entry.bundleMm).toBeGreaterThan(one('cosmos').entries[0]!.bundleMm * 2);
});
