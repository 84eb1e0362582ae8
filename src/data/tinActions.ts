import { produce } from 'immer';
import * as v from 'valibot';
import { takingsFor, tinAfter } from '@/core/make/takings';
import { freeInTin, tinPieceSchema, type TinPiece } from '@/core/compose/tin';
import type { Keeper } from './keeper';
import type { Studio, StudioPorts } from './studio';

const TIN = 'tin';

/** What of the tin is free for the open job: not set aside for another. */
export const freeForJob = ({ tin, jobs, project }: Pick<Studio, 'tin' | 'jobs' | 'project'>): TinPiece[] =>
  freeInTin(
    tin,
    jobs.filter((j) => j.id !== project?.id).flatMap((j) => j.taken),
  );

/** The tin as it was last kept; a row that cannot be read any more is left out, the others stay. */
export async function readTin(shelf: StudioPorts['shelf']): Promise<TinPiece[]> {
  const kept = await shelf.getSetting(TIN);
  return (Array.isArray(kept) ? kept : []).flatMap((row) => {
    const read = v.safeParse(tinPieceSchema, row);
    return read.success ? [read.output] : [];
  });
}

export function tinActions(
  { shelf }: StudioPorts,
  keeper: Keeper,
  get: () => Studio,
): Pick<Studio, 'setTin' | 'takeFromTin' | 'putAway'> {
  const setTin = async (tin: readonly TinPiece[]) => {
    get().set({ tin });
    await shelf.setSetting(TIN, tin);
  };
  return {
    setTin,
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
      const { project, tin } = get();
      if (!project) return;
      await setTin(tinAfter(tin, project.taken, leftOver));
      keeper.step(
        'put away',
        project,
        produce(project, (draft) => void (draft.taken = [])),
      );
    },
  };
}
