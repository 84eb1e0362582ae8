import type { Project } from '@/core/plan/project';

/**
 * A job as it was. `at` only grows from version to version of a job, whatever the clock does; `seenAt` is what the clock said.
 * Milliseconds since 1970.
 */
export interface JobVersion {
  at: number;
  seenAt: number;
  project: Project;
}

const APART_MS = 10 * 60_000;
export const MOST_VERSIONS = 30;

/**
 * Whether what is saved now is kept as a version, under which number, and which go for it: one in ten minutes by the clock, or
 * where it is `wanted`; the latest thirty. `kept` in their order. A clock that was set back drops nothing that is newer.
 */
export function dueVersion(
  kept: readonly Pick<JobVersion, 'at' | 'seenAt'>[],
  now: number,
  wanted = false,
): { at: number | null; drop: number[] } {
  const last = kept[kept.length - 1];
  if (!wanted && last && Math.abs(now - last.seenAt) < APART_MS) return { at: null, drop: [] };
  return {
    at: last ? Math.max(now, last.at + 1) : now,
    drop: kept.slice(0, Math.max(0, kept.length + 1 - MOST_VERSIONS)).map((v) => v.at),
  };
}
