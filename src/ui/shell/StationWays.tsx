'use client';

import Link from 'next/link';
import { useStudio } from '../useStudio';
import { useWords } from '../speech/useWords';
import { budsOf, STATIONS, type StationId } from './stations';

/** The ways to all stations as a list over the bar, each with what its bud says. */
export function StationWays({ here, onGo }: { here: StationId | null; onGo(): void }) {
  const words = useWords();
  const project = useStudio((s) => s.project);
  const plan = useStudio((s) => s.plan);
  const buds = budsOf(project, plan, words);
  return (
    <ol className="ways">
      {STATIONS.map((s) => (
        <li key={s.id}>
          <Link
            href={s.path}
            aria-current={s.id === here ? 'page' : undefined}
            className={buds[s.id].state === 'stop' ? 'stopped' : ''}
            onClick={onGo}
          >
            <b>{words.label(s.name)}</b> <span>{buds[s.id].note}</span>
          </Link>
        </li>
      ))}
    </ol>
  );
}
