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
  } else if (mend.do === 'by the rule') {
    project.barrierFor = project.barrierFor.filter((b) => b.entryId !== warning.entryId);
  } else if (mend.do === 'dummy tier' || mend.do === 'covering not eaten') {
    const tier = project.cake.tiers[mend.tierIndex];
    if (!tier) return;
    if (mend.do === 'dummy tier') tier.kind = 'dummy';
    tier.covering.eaten = false;
  }
}
