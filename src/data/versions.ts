import type { Project } from '@/core/plan/project';

/** A job as it was; milliseconds since 1970. */
export interface JobVersion {
  at: number;
  project: Project;
}

const APART_MS = 10 * 60_000;
const MOST_VERSIONS = 20;

/** Whether what is saved now is kept as a version, and which go for it: one in ten minutes, the latest twenty. */
export function dueVersions(keptAt: readonly number[], now: number): { keep: boolean; drop: number[] } {
  const keep = keptAt.every((at) => Math.abs(now - at) >= APART_MS);
  const sorted = [...keptAt].sort((a, b) => a - b);
  return { keep, drop: keep ? sorted.slice(0, Math.max(0, sorted.length + 1 - MOST_VERSIONS)) : [] };
}
