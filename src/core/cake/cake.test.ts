import { newTier } from '../plan/newProject';
import { cakeOf } from '../testing/samples';
import { cakeFaults, cakeHeightMm, stackTiers, type Cake } from './cake';

const CAKE = cakeOf([250, 110], [180, 100], [120, 90]);
const faults = (change: (cake: Cake) => void, cake = CAKE) => {
  const own = structuredClone(cake);
  change(own);
  return cakeFaults(own);
};

test('each tier stands on the one below', () => {
  expect(stackTiers(CAKE).map((t) => [t.index, t.footMm, t.topMm, t.radiusMm])).toEqual([
    [0, 0, 110, 125],
    [1, 110, 210, 90],
    [2, 210, 300, 60],
  ]);
  expect(cakeHeightMm(CAKE)).toBe(300);
});

test.each([
  ['as typed', { edgeRadiusMm: 8 }, 8],
  ['no more than half the height', { edgeRadiusMm: 40, heightMm: 30 }, 15],
  ['no more than the half width, less a millimetre', { edgeRadiusMm: 40, diameterMm: 60, heightMm: 100 }, 29],
  ['a rectangle by its narrower side', { shape: 'rectangle', diameterMm: 200, depthMm: 50, heightMm: 100, edgeRadiusMm: 40 }, 24],
] as const)('a softened edge: %s', (_name, change, edgeMm) => {
  const cake = {
    ...CAKE,
    tiers: [{ ...newTier({ id: 't', diameterMm: 200, heightMm: 100, colour: '#ffffff', name: 'white' }), ...change }],
  };
  expect(stackTiers(cake)[0]!.edgeMm).toBe(edgeMm);
});

describe('what cannot be stacked is said, with the field it is about', () => {
  test('a cake as it should be has no fault', () => expect(cakeFaults(CAKE)).toEqual([]));

  test('no tier', () => expect(faults((c) => void (c.tiers = [])).map((f) => f.code)).toEqual(['cake.no-tier']));

  test('a tier wider than the one below', () => {
    expect(faults((c) => void (c.tiers[1]!.diameterMm = 260))).toEqual([
      {
        code: 'cake.tier-wider',
        values: { tier: { index: 1, of: 3 }, widthMm: 260, belowMm: 250 },
        path: 'cake.tiers.1.diameterMm',
      },
    ]);
  });

  test('a tier pushed over the edge, told in whole millimetres', () => {
    // 60 of radius, 40 to the right, on 90: 10 over, and the one above it, still in the middle, is not
    expect(faults((c) => void (c.tiers[2]!.offset = { xMm: 39.5, yMm: 0 }))).toEqual([
      { code: 'cake.tier-overhangs', values: { tier: { index: 2, of: 3 }, overMm: 10 }, path: 'cake.tiers.2.offset' },
    ]);
    expect(faults((c) => void (c.tiers[2]!.offset = { xMm: 30, yMm: 0 }))).toEqual([]);
  });

  test('a board smaller than the cake on it', () => {
    expect(faults((c) => void (c.board.diameterMm = 240))).toEqual([
      {
        code: 'cake.board-small',
        values: { boardMm: 240, tierMm: expect.closeTo(250, 0) as number },
        path: 'cake.board.diameterMm',
      },
    ]);
    expect(faults((c) => void (c.board.diameterMm = 251))).toEqual([]);
  });
});
