import type { Pool, Shop, Work } from '../days/schedule';
import { PLAIN_CLOCK, wallFromText, type WallMinutes } from '../days/clock';
import { SKILLS, windowsOf, type Maker, type Skill, type Window } from '../days/windows';
import { seededRandom } from '../geometry/random';
import { must } from '../geometry/must';

export const evenings = (fromHour: number, toHour: number): Maker['hours'] =>
  Array.from({ length: 7 }, () => ({ fromMinute: fromHour * 60, toMinute: toHour * 60 }));

/** A shop with one pair of hands and endless racks. */
export const simpleShop = (maker: Maker, windows: readonly Window[], end: WallMinutes): Shop => ({
  makers: [maker],
  windows,
  places: { rack: Infinity, former: Infinity },
  taken: [],
  end,
  begin: null,
  clock: PLAIN_CLOCK,
  direction: 'late',
});

/** A job drawn at random on a grid of `grid` minutes: strands of steps that dry between, then what runs together at the end. */
export function randomShop(
  seed: number,
  { tasks, makers = 1, grid = 30, racks = false }: { tasks: number; makers?: number; grid?: number; racks?: boolean },
): { works: Work[]; shop: Shop } {
  const random = seededRandom(seed);
  const between = (least: number, most: number) => least + Math.floor(random() * (most - least + 1));
  const works: Work[] = [];
  const ends: Work['after'][number][] = [];
  const step = ({
    id,
    skill,
    likeness,
    after,
    dryHours,
    pool,
  }: {
    id: string;
    skill: Skill;
    likeness: string;
    after: Work['after'];
    dryHours: number;
    pool: Pool;
  }): string => {
    works.push({
      id,
      duration: grid * between(1, Math.max(1, Math.floor(90 / grid))),
      after,
      skill,
      likeness,
      dries: dryHours > 0 ? { pool, places: between(2, 12), minutes: dryHours * 60 } : null,
    });
    return id;
  };
  let strand = 0;
  while (works.length < tasks - 2) {
    strand++;
    let before: Work['after'] = [];
    const long = Math.min(between(2, 4), tasks - 2 - works.length);
    for (let k = 0; k < long; k++) {
      const dryHours = must([8, 12, 2, 1][k]) * between(1, 2);
      const id = step({
        id: `s${strand}-${k}`,
        skill: k < 2 ? 'making' : 'dusting',
        likeness: must(['centre', 'petals', 'dust', 'steam'][k]),
        after: before,
        dryHours,
        pool: k === 1 ? 'former' : 'rack',
      });
      before = [{ id, wait: dryHours * 60 }];
    }
    ends.push(...before);
  }
  step({ id: 'tape', skill: 'taping', likeness: 'tape', after: ends, dryHours: 0, pool: 'rack' });
  step({ id: 'place', skill: 'placing', likeness: 'place', after: [{ id: 'tape', wait: 0 }], dryHours: 0, pool: 'rack' });
  const leavesAt = wallFromText('2027-06-12T09:00');
  const people: Maker[] = Array.from({ length: makers }, (_, m) => ({
    name: `maker ${m + 1}`,
    hours: evenings(18, m === 0 ? 21 : 20).map((h, day) => (random() < 0.12 && day !== 6 ? null : h)),
    can: m === 0 ? SKILLS : SKILLS.filter(() => random() < 0.7),
    away: [],
  }));
  const windows = windowsOf(people, { leavesAt, bufferMinutes: 0, fillShare: 1, lastMorningFrom: 6 * 60 });
  return {
    works,
    shop: {
      makers: people,
      windows,
      places: racks ? { rack: 24, former: 16 } : { rack: Infinity, former: Infinity },
      taken: [],
      end: leavesAt,
      begin: null,
      clock: PLAIN_CLOCK,
      direction: 'late',
    },
  };
}
