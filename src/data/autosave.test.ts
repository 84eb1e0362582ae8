import { derivePlan } from '@/core/plan/derivePlan';
import type { Project } from '@/core/plan/project';
import { DEMO_JOBS } from '@/core/demo/jobs';
import { opened, newProjectWithHelper, step } from './testing/studioForTest';

describe('several jobs share the days', () => {
  const job = (id: string, leavesAt: string): Project => {
    const demo = newProjectWithHelper((DEMO_JOBS as Project[])[0]!);
    return { ...demo, id, name: id, brief: { ...demo.brief, leavesAt } };
  };
  test('what leaves before keeps its hours: planned first, then the open job round it; not where a person does not want it', async () => {
    const { studio, bench } = await opened();
    await bench.shelf.save(job('early', '2027-09-04T09:30'));
    await bench.shelf.save(job('late', '2027-09-06T09:30'));
    await bench.shelf.save(job('long ago', '2027-01-06T09:30'));
    await studio().open('late');
    await studio().shareDays();
    expect(studio().others.map((o) => o.job)).toEqual(['early']);
    const own = derivePlan(studio().project!, undefined, studio().others);
    for (const p of own.schedule.filter((x) => x.maker === 0))
      for (const s of studio().others[0]!.sittings) expect(p.to <= s.from || p.from >= s.to).toBe(true);
    studio().edit(step('alone'), (d) => void (d.days.withOthers = false));
    await studio().shareDays();
    expect(studio().others).toEqual([]);
    await studio().open('early');
    await studio().shareDays();
    expect(studio().others).toEqual([]);
  });
});
