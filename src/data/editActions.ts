import { produce } from 'immer';
import type { Piece } from '@/core/compose/arrangement';
import { takenBack } from '@/core/make/stock';
import type { Label } from '@/core/words/asLabel';
import type { Autosave } from './autosave';
import type { Recipe, Studio } from './studio';

/** Changes to the open job, each a step with a name that is undone by it. */
export function editActions(
  autosave: Autosave,
  get: () => Studio,
): Pick<Studio, 'edit' | 'preview' | 'settle' | 'giveUp' | 'undo' | 'redo' | 'select' | 'applyRemedy'> {
  const edit = (label: Label, recipe: Recipe, large = false) => {
    const before = get().project;
    if (before) autosave.step(label, before, produce(before, recipe), { large });
  };
  return {
    edit: (label, recipe) => edit(label, recipe),
    preview(recipe) {
      const { project } = get();
      if (!project) return;
      autosave.beginPreview(project);
      autosave.show(produce(project, recipe));
    },
    settle(label) {
      const before = autosave.endPreview();
      const after = get().project;
      if (before && after) autosave.step(label, before, after);
    },
    giveUp() {
      const before = autosave.endPreview();
      if (before) autosave.show(before);
    },
    undo() {
      const { past, future, project } = get();
      const last = past[past.length - 1];
      if (!last || !project || get().onlyLook) return;
      const { n, label, stock } = last;
      autosave.show(last.project, {
        past: past.slice(0, -1),
        future: [{ n, label, project, ...(stock && { stock }) }, ...future],
      });
      if (stock) void autosave.setStock(takenBack(get(), stock.before, stock.after));
      autosave.saveSoon();
    },
    redo() {
      const { past, future, project } = get();
      const next = future[0];
      if (!next || !project || get().onlyLook) return;
      const { n, label, stock } = next;
      autosave.show(next.project, { future: future.slice(1), past: [...past, { n, label, project, ...(stock && { stock }) }] });
      // going forward again is taking the way back back
      if (stock) void autosave.setStock(takenBack(get(), stock.after, stock.before));
      autosave.saveSoon();
    },
    select: (ids) => get().set({ selection: ids }),
    applyRemedy(remedy, name) {
      const { arrangementIndex } = get();
      edit(
        name,
        (draft) => {
          const pieces = draft.arrangements[arrangementIndex]?.pieces;
          if (!pieces) return;
          for (const { id, to } of remedy.change) {
            const piece = pieces.find((p) => p.id === id);
            if (piece) Object.assign(piece, to);
          }
          for (const id of remedy.remove) {
            const at = pieces.findIndex((p) => p.id === id);
            if (at >= 0) pieces.splice(at, 1);
          }
          for (const piece of remedy.add) pieces.push({ ...piece, id: freshId(pieces) });
        },
        true,
      );
    },
  };
}

/** The next free piece id of an arrangement. */
export function freshId(pieces: readonly Pick<Piece, 'id'>[]): string {
  const taken = new Set(pieces.map((p) => p.id));
  let n = pieces.length + 1;
  while (taken.has(`p${n}`)) n++;
  return `p${n}`;
}
