import { fileName } from '@/core/formats/endings';
import type { NumberedPicture } from '@/core/formats/handOverPdf';
import type { HandOverSheet } from '@/core/formats/handOverSheets';
import type { DerivedPlan } from '@/core/plan/derivePlan';
import type { Project } from '@/core/plan/project';
import { currentWords } from '../speech/useWords';
import { paperFonts } from '../shared/paperFonts';
import { saveFile } from '../shared/fileAccess';
import { pictureToPaper } from '../shared/Portrait';
import { leavesWords, wallOf } from '../shared/words';
import { pictureOf, placesOn, sidesShown } from './NumberedView';

const PDF_TIMES = 2;

const picturesOf = (plan: DerivedPlan, project: Project): Promise<NumberedPicture[]> =>
  Promise.all(
    sidesShown(plan, project).map(async (side): Promise<NumberedPicture> => {
      const picture = await pictureOf(side, project, PDF_TIMES);
      return {
        jpeg: await pictureToPaper(picture),
        widthPx: picture.width,
        heightPx: picture.height,
        marks: placesOn(side, plan, project).map(({ entry, x, y }) => ({ number: entry.number, x, y })),
      };
    }),
  );

/** Both sheets with the numbered pictures, as a file. */
export async function savePdf(sheets: readonly HandOverSheet[], plan: DerivedPlan, project: Project): Promise<void> {
  const { handOverPdf } = await import('@/core/formats/handOverPdf');
  const pdf = await handOverPdf({
    sheets,
    pictures: await picturesOf(plan, project),
    job: { name: project.name, size: project.brief.paper },
    fonts: await paperFonts(),
    words: currentWords(),
  });
  await saveFile('hand-over.pdf', new Uint8Array(pdf), 'application/pdf');
}

/** Everything that lies on the bench, as one file. */
export async function savePack(sheets: readonly HandOverSheet[], plan: DerivedPlan, project: Project): Promise<void> {
  const { benchPackPdf } = await import('@/core/formats/benchPackPdf');
  const notes = {
    leaves: leavesWords(project.brief.leavesAt, currentWords()),
    printed: currentWords().units.day(wallOf(new Date()), { day: 'numeric', month: 'long', year: 'numeric' }),
    sheets,
    pictures: await picturesOf(plan, project),
    fonts: await paperFonts(),
  };
  const pdf = await benchPackPdf(project, plan, notes, currentWords());
  await saveFile(fileName(project.name, '-bench-pack.pdf'), new Uint8Array(pdf), 'application/pdf');
}
