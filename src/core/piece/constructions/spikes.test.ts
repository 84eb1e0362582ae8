import { expand, spanMm } from '../expand';
import { linesOf } from '../lines';
import { minutesOf } from '../minutes';
import { wiresOf } from '../wires';
import { spike } from './spikes';

describe('a spray in the hand: the first stem carries the next (docs/trade.md W6; common practice, no source)', () => {
  const tree = spike('spike', { buds: 3, opening: 5, open: 7 });
  const all = expand(tree);
  const wires = wiresOf(all, { footMm: 60, stockMm: 360 });

  test('fifteen florets have fifteen wires: the first stands on that which carries', () => {
    expect(all.filter((i) => i.part.kind === 'bud' || i.part.kind === 'floret')).toHaveLength(15);
    expect(wires).toHaveLength(15);
    expect(all[1]!.part).toMatchObject({ id: 'bud', on: { by: 'nothing' }, join: 'on wire' });
    // up into the first bud, past all the others, and on for a foot to hold it by
    const own = wires.find((w) => w.instanceId === all[0]!.id)!;
    expect(own.need).toMatchObject({ insideMm: 4.5 * 0.75, spanMm: spanMm(all[0]!), stalkMm: 60 });
  });

  test('its florets are on 24, a sixth each (docs/trade.md W3: 50 to 75 mm)', () => {
    const others = wires.filter((w) => w.instanceId !== all[0]!.id);
    expect([...new Set(others.map((w) => `${w.swg} ${w.cutMm}`))]).toEqual(['24 60']);
  });

  test('the lines are the same, laid in or not, and one wire and one part more is held where one is laid in', () => {
    const { firstCarries: _, ...laid } = tree;
    const other = expand(laid);
    const otherWires = wiresOf(other, { footMm: 60, stockMm: 360 });
    expect(otherWires).toHaveLength(16);
    expect(linesOf(all, wires).map((l) => [l.id, l.count, l.wire?.cutMm])).toEqual(linesOf(other, otherWires).map((l) => [l.id, l.count, l.id === 'branch' ? expect.any(Number) : l.wire?.cutMm])); // prettier-ignore
    expect(minutesOf(other)[1] - minutesOf(all)[1]).toBeCloseTo(0.12, 9);
  });
});
