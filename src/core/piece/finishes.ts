import type { Instance } from './expand';
import { facesMm2 } from './paste';
import type { Part } from './part';
import type { Work } from './work';

/** A dot of glue at a joint, ml; a petal that is wrapped round is brushed along its foot. Assumed. */
const GLUE_ML: Readonly<Partial<Record<Part['join'], number>>> = { glued: 0.02, wrapped: 0.02, 'on wire': 0.02, threaded: 0.02 };

/** Glaze lies so thick, mm. Assumed. */
const GLAZE_MM = 0.03;

/** Dust on one part by how it is dusted, g. Assumed. */
const DUST_GRAMS: Readonly<Partial<Record<Work, number>>> = {
  'dust-tiny': 0.003,
  'dust-leaf': 0.01,
  'dust-petal': 0.01,
  'dust-head': 0.05,
  'dust-wire': 0.01,
};

/** What a piece takes of what is brushed on, as it is used. */
export interface Finishes {
  glueMl: number;
  glazeMl: number;
  dustGrams: number;
}

const sumOver = (instances: readonly Instance[], of: (at: Instance) => number): number =>
  instances.reduce((a, i) => a + of(i), 0);

/** Glue by joints, glaze by the faces of what is glazed, dust by how each part is dusted; leaves are glazed as berries are. */
export const finishesOf = (instances: readonly Instance[]): Finishes => ({
  glueMl: sumOver(instances, ({ part }) => (part.form ? (GLUE_ML[part.join] ?? 0) : 0)),
  glazeMl: sumOver(instances, ({ part, sizeMm }) => {
    const glazed = part.work.includes('glaze') || part.kind === 'leaf';
    return glazed && part.form ? (facesMm2(part.form, sizeMm) * GLAZE_MM) / 1000 : 0;
  }),
  dustGrams: sumOver(instances, ({ part }) => part.work.reduce((a, work) => a + (DUST_GRAMS[work] ?? 0), 0)),
});
