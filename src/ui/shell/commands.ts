import type { useRouter } from 'next/navigation';
import { exportJob } from '../jobs/takeIn';
import { getStudio } from '../useStudio';
import { STATIONS } from './stations';
import { currentWords } from '../speech/useWords';

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
    ...STATIONS.map((s) => ({ name: currentWords().label('shell.go-to', { s: s.name }), run: go(s.path) })),
    { name: currentWords().label('shell.go-to-jobs'), also: currentWords().label('shell.files-backup'), run: go('/jobs') },
    { name: currentWords().label('shell.go-helpers-bench'), run: go('/helper') },
    ...(past.length
      ? [{ name: currentWords().label('shell.undo-3', { label: past.at(-1)!.label }), keys: 'Ctrl Z', run: () => studio.undo() }]
      : []),
    ...(future.length
      ? [{ name: currentWords().label('shell.redo-3', { label: future[0]!.label }), keys: 'Ctrl Y', run: () => studio.redo() }]
      : []),
    ...(project
      ? [
          {
            name: currentWords().label('shell.compose-three-proposals'),
            run: () => {
              router.push('/compose');
              studio.compose(3);
            },
          },
          {
            name: currentWords().label('shared.at-bench-step-by-step'),
            also: currentWords().label('shell.tape-wire'),
            run: go('/wire#at-the-bench'),
          },
          {
            name: currentWords().label('shared.own-species'),
            also: currentWords().label('shell.flower-make'),
            run: go('/make#species'),
          },
          {
            name: currentWords().label('shared.price'),
            also: currentWords().label('shell.money-cost-shopping'),
            run: go('/make#price'),
          },
          {
            name: currentWords().label('shared.export-the-open-job'),
            also: currentWords().label('shell.save-file'),
            run: () => void exportJob(project),
          },
        ]
      : []),
    {
      name: currentWords().label('shared.new-job'),
      run: () => void studio.create().then(() => router.push('/brief')),
    },
    ...jobs
      .filter((j) => j.id !== project?.id)
      .slice(0, 12)
      .map((j) => ({
        name: currentWords().label('shell.open', { j: j.name }),
        run: () => void studio.open(j.id).then(() => router.push('/compose')),
      })),
    {
      name: evening ? currentWords().label('shell.day-light') : currentWords().label('shell.evening-light'),
      also: currentWords().label('shell.dark-theme'),
      run: () => studio.setEvening(!evening),
    },
    {
      name: currentWords().label('shell.language-lengths-clock'),
      also: currentWords().label('shell.settings-units-inches-spanish-espan'),
      run: () => open('habits'),
    },
    {
      name: currentWords().label('shell.the-keys'),
      keys: '?',
      also: currentWords().label('shell.shortcuts'),
      run: () => open('keys'),
    },
    { name: currentWords().label('shell.why-this-station-works-as-3'), also: 'help', run: () => open('help') },
    {
      name: currentWords().label('shell.guided-tour-one-minute'),
      also: currentWords().label('shell.tour-help-begin'),
      run: () => open('tour'),
    },
  ];
}
