import { produce } from 'immer';
import { takingsFor, tinAfter } from '@/core/make/takings';
import { freeInTin, type TinPiece } from '@/core/compose/tin';
import type { Stock } from '@/core/make/stock';
import { offcutsWith } from '@/core/wire/offcuts';
import type { Keeper } from './keeper';
import type { Recipe, Studio } from './studio';

/** What of the tin is free for the open job: not set aside for another. */
export const freeForJob = ({ tin, jobs, project }: Pick<Studio, 'tin' | 'jobs' | 'project'>): TinPiece[] =>
  freeInTin(
    tin,
    jobs.filter((j) => j.id !== project?.id).flatMap((j) => j.taken),
  );

export function tinActions(
  keeper: Keeper,
  get: () => Studio,
): Pick<Studio, 'setTin' | 'takeFromTin' | 'putAway' | 'setOffcuts' | 'useOffcuts' | 'keepOffcuts'> {
  /** A step of the job that changes the stock with it; both are undone together. */
  const stockStep = async (label: string, after: Stock, recipe: Recipe) => {
    const { project, tin, offcuts } = get();
    if (!project) return;
    if (get().onlyLook) return keeper.step(label, project, produce(project, recipe));
    const set = keeper.setStock(after);
    keeper.step(label, project, produce(project, recipe), { before: { tin, offcuts }, after });
    await set;
  };
  return {
    setTin: (tin) => keeper.setStock({ tin, offcuts: get().offcuts }),
    setOffcuts: (offcuts) => keeper.setStock({ tin: get().tin, offcuts }),
    takeFromTin() {
      const { project } = get();
      if (!project) return;
      const taken = takingsFor(project.arrangements, freeForJob(get()));
      keeper.step(
        'take from the tin',
        project,
        produce(project, (draft) => void (draft.taken = taken)),
      );
    },
    async putAway(leftOver) {
      const { project, tin, offcuts } = get();
      if (!project) return;
      await stockStep('put away', { tin: tinAfter(tin, project.taken, leftOver), offcuts }, (draft) => void (draft.taken = []));
    },
    useOffcuts(wanted) {
      const { project, tin, offcuts } = get();
      if (!project) return;
      const all = offcutsWith(offcuts, project.offcuts, 1);
      void stockStep('cut from offcuts', { tin, offcuts: offcutsWith(all, wanted, -1) }, (draft) => {
        draft.offcuts = wanted.map((o) => ({ ...o }));
      });
    },
    keepOffcuts(left) {
      const { project, tin, offcuts } = get();
      if (!project || project.wiresCut) return;
      void stockStep('wires cut', { tin, offcuts: offcutsWith(offcuts, left, 1) }, (draft) => void (draft.wiresCut = true));
    },
  };
}
