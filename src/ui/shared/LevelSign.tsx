import type { Level } from '@/core/facts/fact';

/** Shape carries the level: a red octagon stops, a dashed ring with an eye asks to look again, a leaf is a note. */
export function LevelSign({ level }: { level: Level }) {
  return (
    <svg width="40" height="40" viewBox="0 0 40 40" className="shrink-0" aria-hidden="true">
      {level === 'stop' && (
        <>
          <path d="M12 2H28L38 12V28L28 38H12L2 28V12Z" fill="var(--stop)" />
          <path d="M20 9V23M20 29V31" stroke="var(--onstop)" strokeWidth="4" strokeLinecap="round" />
        </>
      )}
      {level === 'look again' && (
        <>
          <circle cx="20" cy="20" r="16" fill="none" stroke="var(--ink)" strokeWidth="2.6" strokeDasharray="5 4" />
          <path d="M10 20C14 13 26 13 30 20C26 27 14 27 10 20Z" fill="none" stroke="var(--ink)" strokeWidth="2" />
          <circle cx="20" cy="20" r="3" fill="var(--ink)" />
        </>
      )}
      {level === 'note' && (
        <path
          d="M7 33C6 16 16 7 33 7C34 24 24 34 7 33ZM7 33L24 16"
          fill="none"
          stroke="var(--ink2)"
          strokeWidth="2.2"
          strokeLinecap="round"
        />
      )}
    </svg>
  );
}
