import { asLabel } from '@/core/words/asLabel';
import { produce, type Draft } from 'immer';
import type { Arrangement } from '@/core/compose/arrangement';
import type { Project } from '@/core/plan/project';
import { composeRequestOf } from '@/core/plan/composeRequest';
import { bestFirst, type Proposal } from '@/core/compose/proposal';
import { takingsFor } from '@/core/make/takings';
import { freeForJob } from './tinActions';
import type { Autosave } from './autosave';
import type { Studio, StudioPorts, StudioState } from './studio';

/** Searches for arrangements beside the page, and what is kept of them. */
export function composeActions(
  ports: StudioPorts,
  autosave: Autosave,
  get: () => Studio,
): Pick<Studio, 'compose' | 'improve' | 'stopComposing' | 'keep'> {
  const search = (patch: Partial<StudioState['search']>) => get().set({ search: { ...get().search, ...patch } });
  return {
    compose(proposals) {
      const { project, arrangementIndex } = get();
      const seed = get().search.seed;
      const request = project && composeRequestOf({ project, index: arrangementIndex, seed, proposals, tin: freeForJob(get()) });
      if (!request) return;
      search({ running: true, fault: null, progress: null, proposals: [], seed: seed + 1 });
      ports.composer.start(request, {
        progress: ({ found, ...progress }) =>
          search({ progress, ...(found && { proposals: bestFirst([...get().search.proposals, found]) }) }),
        done: (found) => search({ running: false, progress: null, proposals: asShown(get().search.proposals, found) }),
        fault: (fault) => search({ running: false, progress: null, fault }),
      });
    },
    improve(task) {
      const { project, arrangementIndex } = get();
      const seed = get().search.seed;
      const request =
        project && composeRequestOf({ project, index: arrangementIndex, seed, proposals: 1, tin: freeForJob(get()) });
      if (!request) return;
      search({ running: true, fault: null, progress: null, proposals: [], seed: seed + 1 });
      ports.composer.start(
        { ...request, task },
        {
          progress: (progress) => search({ progress }),
          done: ([found]) => {
            search({ running: false, progress: null });
            const now = get().project;
            if (!found || !now || now.id !== project.id) return;
            const { pieces } = found.arrangement;
            autosave.step(
              asLabel(task === 'finish' ? 'studio.do-finish-it' : 'studio.do-re-balance'),
              now,
              produce(now, (draft) => void (draft.arrangements[arrangementIndex]!.pieces = pieces)),
              { large: true },
            );
          },
          fault: (fault) => search({ running: false, progress: null, fault }),
        },
      );
    },
    /** Stops at once; the best found so far is kept as one step that can be undone. */
    stopComposing() {
      const { progress } = get().search;
      const { project, arrangementIndex } = get();
      ports.composer.cancel();
      search({ running: false, progress: null });
      if (!progress || !project) return;
      const pieces = progress.pieces.map((p) => ({ ...p }));
      autosave.step(
        asLabel('studio.do-keep-best'),
        project,
        produce(project, (draft) => void (draft.arrangements[arrangementIndex]!.pieces = pieces)),
        { large: true },
      );
    },
    keep(proposal, step = asLabel('studio.do-keep-proposal')) {
      const { arrangementIndex, project } = get();
      if (!project) return;
      autosave.step(
        step,
        project,
        produce(project, (draft) => {
          const own = draft.arrangements[arrangementIndex];
          if (own) putNew(draft, own, proposal.arrangement);
          if (draft.brief.useTin) draft.taken = takingsFor(draft.arrangements, freeForJob(get()));
        }),
        { large: true },
      );
      get().set({ selection: [] });
    },
  };
}

/** What is shown already stays the same thing, so that a proposal that was taken early is still marked as taken. */
function asShown(shown: readonly Proposal[], found: readonly Proposal[]): Proposal[] {
  const text = (p: Proposal) => JSON.stringify(p.arrangement.pieces);
  return found.map((f) => shown.find((s) => s.name === f.name && text(s) === text(f)) ?? f);
}

/** Other pieces under the same ids: what was set, taped or counted out for the old ones is not theirs. */
function putNew(draft: Draft<Project>, own: Draft<Arrangement>, { line, pieces }: Arrangement): void {
  Object.assign(own, { line, pieces, joints: [] });
  const theirs = (key: string) => !key.includes(`${own.id}-`);
  draft.taped = draft.taped.filter(theirs);
  draft.countedOut = draft.countedOut.filter(theirs);
  draft.barrierFor = draft.barrierFor.filter((b) => theirs(b.entryId));
}
