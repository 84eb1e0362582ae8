import { allSpecies, kindMesh, SHIPPED } from '../botany/catalogue';
import { detailOf, MOST_TRIANGLES, WITH_CARD, WITHOUT_CARD } from './detail';

test('as many as are drawn with paste thickness stay within what may be drawn, whatever the species', () => {
  for (const s of allSpecies(SHIPPED)) {
    const kind = { species: s.id, stage: s.stages.at(-1)!.id, sizeMm: s.sizesMm[0]!, colourway: '' };
    expect((kindMesh(kind, 'close', SHIPPED).indices.length / 3) * WITH_CARD.thickUpTo).toBeLessThanOrEqual(MOST_TRIANGLES);
  }
});

describe('the fuller the table, the coarser', () => {
  const on = (pieces: number, role: 'focal' | 'spray', chosen = 0, budget = WITH_CARD) =>
    detailOf({ role, chosen: chosen > 0 }, { pieces, chosen }, budget);

  test('with a graphics card: large faces keep their petals, a few chosen have thickness, many chosen do not', () => {
    expect([on(40, 'spray'), on(41, 'spray'), on(121, 'spray'), on(300, 'focal')]).toEqual(['close', 'near', 'far', 'near']);
    expect([on(300, 'spray', 1), on(300, 'spray', 6), on(300, 'spray', 7)]).toEqual(['close', 'close', 'far']);
  });

  test('without one: fewer, and nothing finer for being large or chosen', () => {
    const plain = (pieces: number, chosen = 0) => on(pieces, 'focal', chosen, WITHOUT_CARD);
    expect([plain(24), plain(25), plain(121), plain(300, 1)]).toEqual(['close', 'near', 'far', 'far']);
  });
});
