import { speciesById } from '../botany/catalogue';
import { must } from '../geometry/must';
import { cakeSolid } from '../cake/solid';
import { drawLine } from '../compose/line';
import type { Mend, WarningPlace } from '../facts/fact';
import { liftedClear } from '../compose/lifted';
import { catalogueOf } from './catalogueOf';
import type { Project } from './project';

/** Changes the project that it is handed so that a warning's cause goes away; `move apart` is `movedApart` in apart.ts. */
export function applyMend(project: Project, warning: WarningPlace, mend: Mend): void {
  const arrangement = project.arrangements.find((a) => a.id === warning.arrangementId);
  const piece = arrangement?.pieces.find((p) => p.id === warning.pieceId);
  if (mend.do === 'lift' && arrangement && piece) {
    const line = drawLine(arrangement.line, project.cake);
    if (line)
      Object.assign(
        piece,
        liftedClear(piece, { line, solid: cakeSolid(project.cake), catalogue: catalogueOf(project) }, mend.mm),
      );
  } else if (mend.do === 'underlay' && arrangement && piece) {
    piece.underlaid = true;
  } else if (mend.do === 'edible dust') {
    project.brief.dust = 'edible';
  } else if (mend.do === 'its leaves') {
    toLeaves(project, mend);
  } else if (mend.do === 'by the rule') {
    project.barrierFor = project.barrierFor.filter((b) => b.entryId !== warning.entryId);
  } else if (mend.do === 'dummy tier' || mend.do === 'covering not eaten') {
    const tier = project.cake.tiers[mend.tierIndex];
    if (!tier) return;
    if (mend.do === 'dummy tier') tier.kind = 'dummy';
    tier.covering.eaten = false;
  }
}

/** Every piece of a species becomes a branch of leaves, as near to its size as there is one; what was asked for of it as well. */
function toLeaves(project: Project, { species, leaves }: Extract<Mend, { do: 'its leaves' }>): void {
  const { sizesMm, stages, colourways } = speciesById(leaves, catalogueOf(project));
  const as = { species: leaves, stage: must(stages.at(-1)).id, colourway: must(colourways[0]).id };
  const nearest = (mm: number) => sizesMm.reduce((best, own) => (Math.abs(own - mm) < Math.abs(best - mm) ? own : best));
  const taken = project.brief.choices.some((c) => c.species === leaves);
  project.brief.choices = project.brief.choices.flatMap((c) => {
    if (c.species !== species) return [c];
    return taken ? [] : [{ ...c, species: leaves, colourway: as.colourway, petalsCut: null }];
  });
  for (const { pieces } of project.arrangements)
    for (const piece of pieces) if (piece.species === species) Object.assign(piece, { ...as, sizeMm: nearest(piece.sizeMm) });
}
