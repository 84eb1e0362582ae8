import type { useRouter } from 'next/navigation';
import { exportJob } from '../jobs/takeIn';
import { getStudio } from '../useStudio';
import { STATIONS } from './stations';
import type { Words } from '@/core/words/words';

export interface Command {
  name: string;
  /** other words under which it is looked for */
  also?: string;
  keys?: string;
  run(): void;
}

/** Sheets that a command opens. */
export type Sheet = 'keys' | 'habits' | 'tour' | 'help' | 'about';

/** Everything that can be asked for by its name, from anywhere; what makes no sense just now is not offered. */
export function commandsNow(router: ReturnType<typeof useRouter>, open: (sheet: Sheet) => void, words: Words): Command[] {
  const studio = getStudio();
  const { project, past, future, jobs, evening } = studio;
  const go = (path: string) => () => router.push(path);
  return [
    ...STATIONS.map((s) => ({ name: words.label('shell.go-to', { s: words.label(s.name) }), run: go(s.path) })),
    { name: words.label('shell.go-to-jobs'), also: words.label('shell.files-backup'), run: go('/jobs') },
    { name: words.label('shell.go-helpers-bench'), run: go('/helper') },
    ...(past.length
      ? [
          {
            name: words.label('shell.undo-3', { label: words.tell(past.at(-1)!.label) }),
            keys: 'Ctrl Z',
            run: () => studio.undo(),
          },
        ]
      : []),
    ...(future.length
      ? [{ name: words.label('shell.redo-3', { label: words.tell(future[0]!.label) }), keys: 'Ctrl Y', run: () => studio.redo() }]
      : []),
    ...(project
      ? [
          {
            name: words.label('shell.compose-three-proposals'),
            run: () => {
              router.push('/compose');
              studio.compose(3);
            },
          },
          {
            name: words.label('shared.at-bench-step-by-step'),
            also: words.label('shell.tape-wire'),
            run: go('/wire#at-the-bench'),
          },
          {
            name: words.label('shared.own-species'),
            also: words.label('shell.flower-make'),
            run: go('/make#species'),
          },
          {
            name: words.label('shared.price'),
            also: words.label('shell.money-cost-shopping'),
            run: go('/make#price'),
          },
          {
            name: words.label('shared.export-the-open-job'),
            also: words.label('shell.save-file'),
            run: () => void exportJob(project),
          },
        ]
      : []),
    {
      name: words.label('shared.new-job'),
      run: () => void studio.create().then(() => router.push('/brief')),
    },
    ...jobs
      .filter((j) => j.id !== project?.id)
      .slice(0, 12)
      .map((j) => ({
        name: words.label('shell.open', { j: j.name }),
        run: () => void studio.open(j.id).then(() => router.push('/compose')),
      })),
    {
      name: evening ? words.label('shell.day-light') : words.label('shell.evening-light'),
      also: words.label('shell.dark-theme'),
      run: () => studio.setEvening(!evening),
    },
    {
      name: words.label('shell.language-lengths-clock'),
      also: words.label('shell.settings-units-inches-spanish-espan'),
      run: () => open('habits'),
    },
    {
      name: words.label('shell.the-keys'),
      keys: '?',
      also: words.label('shell.shortcuts'),
      run: () => open('keys'),
    },
    { name: words.label('shell.why-this-station-works-as-3'), also: words.label('shell.help-words'), run: () => open('help') },
    {
      name: words.label('shell.guided-tour-one-minute'),
      also: words.label('shell.tour-help-begin'),
      run: () => open('tour'),
    },
    { name: words.label('shell.about'), run: () => open('about') },
  ];
}
