import { CALLED } from '../../testing/samples';
import { refusalOf } from '../../boundary/refusal';
import { ENGLISH } from '../../words/english';
import {
  allSpecies,
  bodyOf,
  catalogueWith,
  kindKey,
  kindMesh,
  SHIPPED,
  SPECIES,
  speciesById,
  type Catalogue,
} from '../catalogue';
import { ownCopyOf, ownSpeciesSchema, withPetals, type OwnSpecies } from '../ownSpecies';
import { wiredLines } from '../../piece/named';
import { largestOf } from '../built';
import { seededRandom } from '../../geometry/random';
import { MeshBuilder } from './mesh';
import { PLAIN_TUNE, shareOverRings, tuneWhorls } from './tune';
import type { Whorl } from './whorl';
import * as v from 'valibot';

const blossomOpen = {
  species: 'blossom',
  stage: 'open',
  sizeMm: 24,
  colourway: speciesById('blossom', SHIPPED).colourways[0]!.id,
};

/** Petals counted in a picture seen along the axis: how often the outline rises above its middle radius, going once round. */
function lobesOf(petals: number): number {
  const shape = withPetals(speciesById('blossom', SHIPPED), petals).shape!;
  const b = new MeshBuilder(false);
  shape.build(b, 1, { hue: '#808080' }, seededRandom(4));
  const far = new Float64Array(720);
  for (let i = 0; i < b.vertexCount; i++) {
    const [x, y] = [b.positions[i * 3]!, b.positions[i * 3 + 1]!];
    const at = Math.floor((Math.atan2(y, x) / (2 * Math.PI) + 0.5) * 719.999);
    far[at] = Math.max(far[at]!, Math.hypot(x, y));
  }
  const smooth = Array.from(far, (_, i) => Math.max(...Array.from({ length: 25 }, (_, k) => far[(i + k - 12 + 720) % 720]!)));
  const middle = (Math.max(...smooth) + Math.min(...smooth)) / 2;
  return smooth.filter((r, i) => r > middle && smooth[(i + 719) % 720]! <= middle).length;
}

describe('petals of a cutter', () => {
  test.each([4, 5, 6, 7])('a cutter of %i gives a blossom with as many petals in the picture', (petals) => {
    expect(lobesOf(petals)).toBe(petals);
  });

  test('rings share the petals: none is lost, each ring keeps its part', () => {
    const random = seededRandom(11);
    for (let k = 0; k < 200; k++) {
      const counts = Array.from({ length: 1 + Math.floor(random() * 4) }, () => 1 + Math.floor(random() * 12));
      const wanted = 1 + Math.floor(random() * 60);
      const shared = shareOverRings(counts, wanted);
      expect(shared.reduce((a, b) => a + b, 0)).toBe(wanted);
      const total = counts.reduce((a, b) => a + b, 0);
      shared.forEach((n, i) => expect(Math.abs(n - (counts[i]! * wanted) / total)).toBeLessThan(1));
    }
    expect(shareOverRings([], 5)).toEqual([]);
  });

  test('a plain tune changes nothing that is seen', () => {
    for (const s of SPECIES) {
      if (!s.shape?.tuned) continue;
      const [before, after] = [s.shape, s.shape.tuned(PLAIN_TUNE)].map((shape) => {
        const b = new MeshBuilder(true);
        shape.build(b, 1, { hue: '#808080' }, seededRandom(1));
        return Array.from(b.positions);
      });
      expect(after).toEqual(before);
    }
  });

  test('the wires follow: a wired flower with a petal more in each ring has a wire more for each', () => {
    const eight = withPetals(speciesById('lily', SHIPPED), 8);
    const petals = (s: typeof eight) => wiredLines(largestOf(s, 'open').instances).find((l) => l.part === 'petal')!.count;
    expect(petals(eight) - petals(speciesById('lily', SHIPPED))).toBe(2);
  });

  test('cup and curl are added to what the ring has', () => {
    const ring: Whorl = {
      count: 5,
      layout: 'ring',
      near: [2, 2],
      far: [1, 1],
      inner: { cup: 10, curl: 4, length: 1, halfWidth: 0.4 },
    };
    const [tuned] = tuneWhorls([ring], { petals: null, lengthShare: 1.1, widthShare: 0.8, cupDeg: 7, curlDeg: -9 });
    expect(tuned!.inner).toMatchObject({ cup: 17, curl: -5 });
    expect(tuned!.inner.length).toBeCloseTo(1.1);
    expect(tuned!.inner.halfWidth).toBeCloseTo(0.32);
  });
});

describe('a job’s own catalogue', () => {
  const own = () => ({
    ...ownCopyOf({ base: speciesById('blossom', SHIPPED), id: 'own-dogwood', basedOn: 'blossom', called: CALLED }),
    name: 'Dogwood',
    petals: 4,
    sizesMm: [30],
  });

  const withOwn = (over: Partial<OwnSpecies> = {}) => catalogueWith({ ...SHIPPED.own, species: [{ ...own(), ...over }] });

  test('stands beside what ships, in the catalogue of its job alone; the same job has the same catalogue', () => {
    const catalogue = withOwn();
    expect(withOwn()).toBe(catalogue);
    expect(speciesById('own-dogwood', catalogue).shape!.petals).toBe(4);
    expect(allSpecies(catalogue)).toHaveLength(SPECIES.length + 1);
    const kind = { ...blossomOpen, species: 'own-dogwood', sizeMm: 30 };
    expect(bodyOf(kind, catalogue).radialMm).toBeCloseTo(15, 0);
    expect(() => speciesById('own-dogwood', SHIPPED)).toThrow('own-dogwood');
  });

  test('what was kept of a species is not used for its changed self', () => {
    const [thin, thick] = [withOwn({ basedOn: 'cosmos' }), withOwn({ basedOn: 'cosmos', pasteMm: 1.2 })];
    const kind = { ...blossomOpen, species: 'own-dogwood' };
    expect(kindKey(kind, thick)).not.toBe(kindKey(kind, thin));
    expect(bodyOf(kind, thick).massGrams).toBeGreaterThan(bodyOf(kind, thin).massGrams * 1.3);
  });

  test('a cutter changes the picture of a species that ships, in its job alone', () => {
    const six = catalogueWith({ ...SHIPPED.own, cutters: [{ species: 'blossom', petals: 6 }] });
    const corners = (catalogue: Catalogue) => kindMesh(blossomOpen, 'near', catalogue).positions.length;
    const five = corners(SHIPPED);
    expect(corners(six)).toBeGreaterThan(five);
    expect(corners(SHIPPED)).toBe(five);
  });

  test.each([
    [{ sizesMm: [] }, 'there are fewer than 1'],
    [{ name: '  ' }, 'it is empty'],
    [{ pasteMm: 0 }, '“0” is less than 0.2'],
    [{ id: 'rose' }, 'own-'],
    [{ colourways: [{ id: 'a', name: 'a', hue: 'pinkish' }] }, '#rrggbb'],
    [{ petals: 2.5 }, '“2.5” is not a whole number'],
  ])('%j is refused with a sentence', (change, sentence) => {
    const result = v.safeParse(ownSpeciesSchema, { ...own(), ...change });
    expect(result.success).toBe(false);
    expect(result.issues && ENGLISH.say(refusalOf(result.issues[0]))).toContain(sentence);
  });
});
