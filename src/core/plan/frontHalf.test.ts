import { SHIPPED } from '../botany/catalogue';
import { dot, sub } from '../geometry/vec3';
import { buildScene } from '../compose/scene';
import { composeAll } from '../compose/composer';
import { cakeOf, FORMS } from '../testing/samples';
import { composeRequestOf } from './composeRequest';
import { defaultLine, newArrangement, newProject } from './newProject';
import { derivePlan } from './derivePlan';

const CAKE = cakeOf([220, 110], [150, 100]);

/** How far every head’s middle stands before the back that the spray lies on, and how far it looks off it. */
function backs(form: (typeof FORMS)[number], seed: number) {
  const arrangement = { ...newArrangement('a1', defaultLine(form, CAKE)), method: 'taped spray' as const };
  const job = { ...newProject('j', 'J', '2027-06-12T09:30'), cake: CAKE, arrangements: [arrangement] };
  const [best] = composeAll({ ...composeRequestOf({ project: job, index: 0, seed, proposals: 1, tin: [] })!, effort: 0.05 });
  const heads = new Map(buildScene(CAKE, best!.arrangement, SHIPPED)!.heads.map((h) => [h.piece.id, h]));
  const plan = derivePlan({ ...job, arrangements: [best!.arrangement] });
  return plan.arrangements[0]!.sprays.flatMap((spray) =>
    spray.joints.map((joint) => {
      const head = heads.get(joint.pieceId)!;
      const { normal } = head.frame;
      return {
        beforeMm: dot(sub(head.centre, head.frame.pointMm), normal),
        looksOff: dot(head.axis, normal),
      };
    }),
  );
}

// a flat-backed spray lies on its stems: docs/trade.md T12; common practice, no source
describe.each(FORMS.filter((f) => f !== 'plaque' && f !== 'cluster'))('a flat-backed %s', (form) => {
  test.each([3, 7])('has every head before its back, looking off the cake; seed %i', (seed) => {
    const own = backs(form, seed);
    expect(own.length).toBeGreaterThan(5);
    for (const { beforeMm, looksOff } of own) {
      expect(looksOff).toBeGreaterThan(0);
      expect(beforeMm).toBeGreaterThan(0);
    }
  });
});
