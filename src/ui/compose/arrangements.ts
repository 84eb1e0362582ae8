import type { Project } from '@/core/plan/project';
import { defaultLine, newArrangement } from '@/core/plan/newProject';
import { getStudio } from '../useStudio';
import { asLabel } from '@/core/words/asLabel';

const freeId = (project: Project): string => {
  const taken = new Set(project.arrangements.map((a) => a.id));
  let n = project.arrangements.length + 1;
  while (taken.has(`a${n}`)) n++;
  return `a${n}`;
};

const MOST_ARRANGEMENTS = 12;

export function openArrangement(index: number): void {
  const { set, search } = getStudio();
  set({ arrangementIndex: index, selection: [], search: { ...search, proposals: [], fault: null } });
}

/** A further arrangement on the same cake: a side spray on the bottom tier, to be changed at once. */
export function addArrangement(): void {
  const { project, edit } = getStudio();
  if (!project || project.arrangements.length >= MOST_ARRANGEMENTS) return;
  const line = defaultLine('side spray', project.cake);
  edit(asLabel('compose.do-another-arrangement'), (d) => void d.arrangements.push(newArrangement(freeId(project), line)));
  openArrangement(project.arrangements.length);
  getStudio().set({ lineInHand: true });
}

export function copyArrangement(): void {
  const { project, edit, arrangementIndex } = getStudio();
  const one = project?.arrangements[arrangementIndex];
  if (!project || !one || project.arrangements.length >= MOST_ARRANGEMENTS) return;
  edit(asLabel('compose.do-copy-the-arrangement'), (d) => void d.arrangements.push({ ...one, id: freeId(project) }));
  openArrangement(project.arrangements.length);
}

export function removeArrangement(): void {
  const { project, edit, arrangementIndex } = getStudio();
  if (!project || project.arrangements.length < 2) return;
  edit(asLabel('compose.do-take-the-arrangement-away'), (d) => void d.arrangements.splice(arrangementIndex, 1));
  openArrangement(Math.max(0, arrangementIndex - 1));
}
