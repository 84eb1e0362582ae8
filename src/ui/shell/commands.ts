import type { useRouter } from 'next/navigation';
import { exportJob } from '../jobs/takeIn';
import { getStudio } from '../useStudio';
import { STATIONS } from './stations';

export interface Command {
  name: string;
  /** other words under which it is looked for */
  also?: string;
  keys?: string;
  run(): void;
}

/** Sheets that a command opens. */
export type Sheet = 'keys' | 'habits' | 'tour' | 'help';

/** Everything that can be asked for by its name, from anywhere; what makes no sense just now is not offered. */
export function commandsNow(router: ReturnType<typeof useRouter>, open: (sheet: Sheet) => void): Command[] {
  const studio = getStudio();
  const { project, past, future, jobs, evening } = studio;
  const go = (path: string) => () => router.push(path);
  return [
    ...STATIONS.map((s) => ({ name: `Go to ${s.name}`, run: go(s.path) })),
    { name: 'Go to Jobs', also: 'files backup', run: go('/jobs') },
    { name: 'Go to the helper’s bench', run: go('/helper') },
    ...(past.length ? [{ name: `Undo ${past.at(-1)!.label}`, keys: 'Ctrl Z', run: () => studio.undo() }] : []),
    ...(future.length ? [{ name: `Redo ${future[0]!.label}`, keys: 'Ctrl Y', run: () => studio.redo() }] : []),
    ...(project
      ? [
          {
            name: 'Compose three proposals',
            run: () => {
              router.push('/compose');
              studio.compose(3);
            },
          },
          { name: 'At the bench, step by step', also: 'tape wire', run: go('/wire#at-the-bench') },
          { name: 'Own species', also: 'flower make', run: go('/make#species') },
          { name: 'Price', also: 'money cost shopping', run: go('/make#price') },
          { name: 'Export the open job', also: 'save file', run: () => void exportJob(project) },
        ]
      : []),
    {
      name: 'New job',
      run: () => void studio.create().then(() => router.push('/brief')),
    },
    ...jobs
      .filter((j) => j.id !== project?.id)
      .slice(0, 12)
      .map((j) => ({ name: `Open ${j.name}`, run: () => void studio.open(j.id).then(() => router.push('/compose')) })),
    { name: evening ? 'Day light' : 'Evening light', also: 'dark theme', run: () => studio.setEvening(!evening) },
    { name: 'Language, lengths, clock', also: 'settings units inches spanish español', run: () => open('habits') },
    { name: 'The keys', keys: '?', also: 'shortcuts', run: () => open('keys') },
    { name: 'Why this station works as it does', also: 'help', run: () => open('help') },
    { name: 'Guided tour, one minute', also: 'tour help begin', run: () => open('tour') },
  ];
}
