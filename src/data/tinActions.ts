import { asLabel, type Label } from '@/core/words/asLabel';
import { produce } from 'immer';
import { takingsFor, tinAfter } from '@/core/make/takings';
import { freeInTin, type TinPiece } from '@/core/compose/tin';
import type { Stock } from '@/core/make/stock';
import { offcutsWith } from '@/core/wire/offcuts';
import type { Autosave } from './autosave';
import type { Recipe, Studio } from './studio';

/** What of the tin is free for the open job: not set aside for another. */
export const freeForJob = ({ tin, jobs, project }: Pick<Studio, 'tin' | 'jobs' | 'project'>): TinPiece[] =>
  freeInTin(
    tin,
    jobs.filter((j) => j.id !== project?.id).flatMap((j) => j.taken),
  );

const piecesIn = (rows: readonly { count: number }[]): number => rows.reduce((sum, row) => sum + row.count, 0);

export function tinActions(
  autosave: Autosave,
  get: () => Studio,
): Pick<Studio, 'setTin' | 'bringBackStock' | 'takeFromTin' | 'putAway' | 'setOffcuts' | 'useOffcuts' | 'keepOffcuts'> {
  /** A step of the job that changes the stock with it; both are undone together. */
  const stockStep = async (label: Label, after: Stock, recipe: Recipe) => {
    const { project, tin, offcuts } = get();
    if (!project) return;
    if (get().onlyLook) return autosave.step(label, project, produce(project, recipe));
    const set = autosave.setStock(after);
    autosave.step(label, project, produce(project, recipe), { stock: { before: { tin, offcuts }, after } });
    await set;
  };
  /** What is taken out can be brought back, until something else is taken out. */
  const changeStock = (after: Stock) => {
    const { tin, offcuts } = get();
    const fewer = piecesIn(after.tin) < piecesIn(tin) || piecesIn(after.offcuts) < piecesIn(offcuts);
    if (fewer) get().set({ takenOut: { tin, offcuts }, message: null });
    return autosave.setStock(after);
  };
  return {
    setTin: (tin) => changeStock({ tin, offcuts: get().offcuts }),
    setOffcuts: (offcuts) => changeStock({ tin: get().tin, offcuts }),
    async bringBackStock() {
      const { takenOut } = get();
      get().set({ takenOut: null });
      if (takenOut) await autosave.setStock(takenOut);
    },
    takeFromTin() {
      const { project } = get();
      if (!project) return;
      const taken = takingsFor(project.arrangements, freeForJob(get()));
      autosave.step(
        asLabel('studio.do-take-from-tin'),
        project,
        produce(project, (draft) => void (draft.taken = taken)),
      );
    },
    async putAway(leftOver) {
      const { project, tin, offcuts } = get();
      if (!project) return;
      await stockStep(
        asLabel('studio.do-put-away'),
        { tin: tinAfter(tin, project.taken, leftOver), offcuts },
        (draft) => void (draft.taken = []),
      );
    },
    useOffcuts(wanted) {
      const { project, tin, offcuts } = get();
      if (!project) return;
      const all = offcutsWith(offcuts, project.offcuts, 1);
      void stockStep(asLabel('studio.do-cut-from-ends'), { tin, offcuts: offcutsWith(all, wanted, -1) }, (draft) => {
        draft.offcuts = wanted.map((o) => ({ ...o }));
      });
    },
    keepOffcuts(left) {
      const { project, tin, offcuts } = get();
      if (!project || project.wiresCut) return;
      void stockStep(
        asLabel('studio.do-wires-cut'),
        { tin, offcuts: offcutsWith(offcuts, left, 1) },
        (draft) => void (draft.wiresCut = true),
      );
    },
  };
}
