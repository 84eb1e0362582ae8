import type * as v from 'valibot';
import type { Cake, StackedTier, Tier } from '../../cake/cake';
import type { Skin } from '../../cake/skin';
import type { LineLimit } from '../facts';
import type { DrawnLine } from '../line';
import type { LineField } from './fields';
import type { Grip } from './grips';

/** What every line has: its form, where the eye rests along it, half-width and rise. */
export interface LineShape {
  form: string;
  focal: number;
  widthMm: number;
  riseMm: number;
}
type LineSchema = v.GenericSchema<unknown, LineShape>;

/** The measures of a cake that a first line is in proportion to, mm. A cake without tiers is taken for a tier of 200 by 110. */
export interface Proportions {
  tiers: number;
  /** index of the uppermost */
  top: number;
  topTier: Tier | undefined;
  topRadiusMm: number;
  topHeightMm: number;
  bottomRadiusMm: number;
  bottomHeightMm: number;
  heightMm: number;
}

export function proportionsOf({ tiers }: Cake): Proportions {
  const top = Math.max(0, tiers.length - 1);
  return {
    tiers: tiers.length,
    top,
    topTier: tiers[top],
    topRadiusMm: (tiers[top]?.diameterMm ?? 200) / 2,
    topHeightMm: tiers[top]?.heightMm ?? 110,
    bottomRadiusMm: (tiers[0]?.diameterMm ?? 200) / 2,
    bottomHeightMm: tiers[0]?.heightMm ?? 110,
    heightMm: tiers.reduce((a, t) => a + t.heightMm, 0),
  };
}

/** The tier a line lies on, the one that stands on it, and the cake. */
export interface Around {
  tier: StackedTier;
  above: StackedTier | undefined;
  cake: Cake;
}

/** How pieces are held on a line: each in the cake or in taped sprays as a person says, on one stem, or glued with no wire. */
type LineHold = 'as said' | 'one stem' | 'glued';

/** One form of line, all that is known of it. A new form is a file with one of these and a row in `lineKinds.ts`. */
export interface LineKind<S extends LineSchema = LineSchema> {
  schema: S;
  /** a first line in proportion to a cake */
  plain(cake: Proportions): v.InferOutput<S>;
  draw(spec: v.InferOutput<S>, skin: Skin, cake: Cake): DrawnLine;
  /** its own figures as a person types them, in the order one would say them; half-width and rise follow */
  fields(spec: v.InferOutput<S>): readonly LineField[];
  /** the points of it that a hand takes hold of */
  grips: readonly Grip<v.InferOutput<S>>[];
  /** what it asks for that its cake does not allow */
  limits(spec: v.InferOutput<S>, around: Around): LineLimit[];
  /** it stands on a tier's top, about a place */
  onTop: boolean;
  hold: LineHold;
  /** its pieces lie on the skin: it has no rise of its own to change */
  flat?: true;
  /** a stroke over a little cake, 52 by 44, and where its large flowers are */
  picture: { d: string; dots: readonly (readonly [x: number, y: number])[]; tall?: boolean };
}
