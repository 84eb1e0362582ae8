import { builtOf } from '@/core/botany/built';
import { colourwayOf } from '@/core/botany/species';
import { speciesById } from '@/core/botany/catalogue';
import { sideView, type SideMark } from '@/core/piece/sideView';
import type { BenchStep } from '@/core/plan/step';
import { Mark } from '../shared/SideMark';
import { useCatalogue } from '../useCatalogue';

/** Bare stem that is drawn below the last joint, mm. */
const FOOT_MM = 26;
const MOST_PX = 8;

interface Props {
  grown: NonNullable<BenchStep['grown']>;
  /** the room that there is */
  wide: number;
  high: number;
}

/** A branch as far as it has come, from the side with its tip left, what comes now marked; what is made apart by itself. */
export function Grown({ grown, wide, high }: Props) {
  const catalogue = useCatalogue();
  const species = speciesById(grown.species, catalogue);
  const { tree } = builtOf(species, grown.stage, grown.sizeMm);
  const view = sideView(tree);
  const { hue } = colourwayOf(species, grown.colourway);
  const [have, add] = [new Set(grown.have), new Set(grown.add)];
  const marks = view.marks.filter((m) => have.has(m.id) || add.has(m.id));
  // what is not on the piece’s own stem yet is seen by itself
  const apart = grown.apart === true && marks.length > 0;
  const { left, right, top, bottom } = apart ? boxOf(marks) : { ...view.box, right: view.spanMm + FOOT_MM };
  const px = Math.min(MOST_PX, (wide - 60) / Math.max(1, right - left), (high - 60) / Math.max(1, bottom - top));
  const x = (mm: number) => wide / 2 + (mm - (left + right) / 2) * px;
  const y = (mm: number) => high / 2 + (mm - (top + bottom) / 2) * px;
  return (
    <g>
      {!apart && (
        <path d={`M${x(0)} ${y(0)}H${x(view.spanMm + FOOT_MM)}`} stroke="var(--leaf)" strokeWidth={Math.max(3, 0.9 * px)} />
      )}
      {[...marks]
        .sort((a, b) => Number(add.has(a.id)) - Number(add.has(b.id)) || Number(b.behind) - Number(a.behind))
        .map((m) => (
          <Mark key={m.id} mark={m} at={[x, y]} px={px} hue={hue} look={{ step: add.has(m.id) ? 'comes' : 'there' }} />
        ))}
    </g>
  );
}

function boxOf(marks: readonly SideMark[]) {
  const xs = marks.flatMap((m) => [m.joins[0], m.at[0], m.end[0] - m.wideMm / 2, m.end[0] + m.wideMm / 2]);
  const ys = marks.flatMap((m) => [m.joins[1], m.at[1], m.end[1] - m.wideMm / 2, m.end[1] + m.wideMm / 2]);
  return { left: Math.min(...xs), right: Math.max(...xs), top: Math.min(...ys), bottom: Math.max(...ys) };
}
