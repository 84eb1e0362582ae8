import { stackTiers, type Cake, type StackedTier } from '../cake/cake';
import { cakeSkin } from '../cake/skin';
import { bodyOf } from '../botany/catalogue';
import type { Arrangement, LineSpec } from './arrangement';
import { effectiveAreaMm2 } from './envelope';
import { SKEWER_SHARE, type Line } from './line';
import { kindName } from './names';

/** What a line asks for that its cake does not allow, in a sentence, and what to do. The line itself is drawn as far as it goes. */
export interface LineLimit {
  what: string;
  remedy: string;
}

/** Empty when the line fits, and when it cannot be drawn at all (that is said elsewhere). */
export function lineLimits(spec: LineSpec, cake: Cake): LineLimit[] {
  const tier = 'tier' in spec ? stackTiers(cake)[spec.tier] : stackTiers(cake)[0];
  if (!tier) return [];
  const limits: LineLimit[] = [];
  const say = (what: string, remedy: string) => limits.push({ what, remedy });
  const around = { tier, above: stackTiers(cake)[tier.index + 1], cake, say };
  downLimits(spec, around);
  ringLimits(spec, around);
  onTopLimits(spec, around);
  return limits;
}

interface Around {
  tier: StackedTier;
  above: StackedTier | undefined;
  cake: Cake;
  say(what: string, remedy: string): void;
}

/** Lines that run down a side: a trail, a cascade, a spray on the side, a swag. */
function downLimits(spec: LineSpec, { tier, cake, say }: Around): void {
  const sideMm = tier.tier.heightMm - tier.edgeMm;
  const trailMm =
    spec.form === 'crescent' || spec.form === 'corner spray' ? spec.trailMm : spec.form === 'lazy S' ? spec.dropMm : 0;
  if (trailMm > sideMm)
    say(
      `The trail of ${Math.round(trailMm)} mm is longer than this tier is high`,
      'It ends at the foot; shorten it, or take a cascade.',
    );
  if (spec.form === 'cascade') {
    const room = cakeSkin(cake).lengthMm - spec.startMm;
    if (spec.lengthDownMm > room)
      say(
        `The cascade of ${Math.round(spec.lengthDownMm)} mm is longer than the cake’s ${Math.round(room)}`,
        'It ends at the foot; shorten it.',
      );
  }
  if (spec.form === 'side spray') {
    const half = (spec.lengthMm / 2) * Math.abs(Math.sin(spec.slopeRad)) + Math.abs(spec.bowMm) + spec.widthMm;
    if (spec.heightMm - half < -spec.widthMm * 0.5 || spec.heightMm + half > sideMm + spec.widthMm * 0.5)
      say(
        `The spray is ${Math.round(2 * half)} mm from top to bottom, more than this side of ${Math.round(sideMm)}`,
        'It is kept between foot and edge; make it narrower, flatter or shorter.',
      );
  }
  if (spec.form === 'garland' && spec.hangMm + spec.dropMm > sideMm)
    say(
      `The swags hang ${Math.round(spec.hangMm + spec.dropMm)} mm below the edge, more than this side is high`,
      'They end at the foot; hang them higher.',
    );
}

function ringLimits(spec: LineSpec, { tier, above, say }: Around): void {
  if (spec.form === 'ring' && spec.where === 'top' && above && tier.radiusMm * spec.radiusShare < above.radiusMm)
    say('The ring lies under the tier above', 'It runs along that tier’s foot; make it wider.');
  if ((spec.form === 'crescent' || spec.form === 'ring') && spec.widthMm > tier.radiusMm)
    say(`A half-width of ${Math.round(spec.widthMm)} mm is more than the tier’s radius`, 'Make the line narrower.');
}

const FORM_WORDS = { posy: 'posy', cluster: 'cluster', plaque: 'plaque', pick: 'pick' } as const;

/** Forms that stand on a top: nothing above them, and no farther out than the tier bears. */
function onTopLimits(spec: LineSpec, { tier, above, say }: Around): void {
  if (spec.form !== 'posy' && spec.form !== 'cluster' && spec.form !== 'plaque' && spec.form !== 'pick') return;
  const word = FORM_WORDS[spec.form];
  const footMm =
    spec.form === 'posy'
      ? spec.widthMm
      : spec.form === 'plaque'
        ? (spec.plateWidthMm / 2) * (spec.upright ? SKEWER_SHARE : 1) + (spec.upright ? 11 : 0)
        : 11;
  if (above) {
    say(`The ${word} stands where the next tier stands`, 'Set it on the top tier.');
    return;
  }
  if (-tier.outline.signedMm(tier.outline.xMm + spec.xMm, tier.outline.yMm + spec.yMm) < footMm)
    say(
      spec.form === 'posy' ? 'The posy is wider than its tier' : `The ${word} stands too near the edge of its tier`,
      spec.form === 'posy' ? 'Make it narrower, or move it to the middle.' : 'Move it to the middle, or make it narrower.',
    );
}

/** A line takes at most this many times the area of its envelope in pieces before they press. */
const MOST_FILL = 2.1;

/** What the pieces of an arrangement ask for that its cake or line does not allow: the worst of each, once. */
export function pieceLimits(arrangement: Arrangement, cake: Cake, line: Line): LineLimit[] {
  const limits: LineLimit[] = [];
  const tiers = stackTiers(cake);
  let widest: { name: string; mm: number; tierMm: number } | null = null;
  let outlineMm2 = 0;
  for (const piece of arrangement.pieces) {
    const body = bodyOf(piece);
    if (body.species.habit === 'head') outlineMm2 += Math.PI * body.radialMm ** 2;
    const at = line.at(piece.s, 0).pointMm;
    const tier = tiers.find((t) => at[2] <= t.topMm + 1) ?? tiers[tiers.length - 1];
    const mm = body.radialMm * 2;
    if (tier && body.role === 'focal' && mm > tier.outline.nearMm * 2 && mm > (widest?.mm ?? 0))
      widest = { name: kindName(body.species, piece.stage), mm, tierMm: tier.outline.nearMm * 2 };
  }
  if (widest)
    limits.push({
      what: `${widest.name} of ${Math.round(widest.mm)} mm is wider than its tier of ${Math.round(widest.tierMm)}`,
      remedy: 'Take a smaller one, or set it on a wider tier.',
    });
  if (outlineMm2 > effectiveAreaMm2(line) * MOST_FILL)
    limits.push({
      what: `The flowers cover ${(outlineMm2 / effectiveAreaMm2(line)).toFixed(1)} times what this line holds`,
      remedy: 'Ask for fewer, take smaller ones, or make the line wider or longer.',
    });
  return limits;
}
