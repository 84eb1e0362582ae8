import { stackTiers, type Cake } from '../cake/cake';
import { cakeSkin } from '../cake/skin';
import type { LineSpec } from './arrangement';

/** What a line asks for that its cake does not allow, in a sentence, and what to do. The line itself is drawn as far as it goes. */
export interface LineLimit {
  what: string;
  remedy: string;
}

/** Empty when the line fits, and when it cannot be drawn at all (that is said elsewhere). */
export function lineLimits(spec: LineSpec, cake: Cake): LineLimit[] {
  const tier = 'tier' in spec ? stackTiers(cake)[spec.tier] : stackTiers(cake)[0];
  if (!tier) return [];
  const above = cake.tiers[tier.index + 1];
  const limits: LineLimit[] = [];
  const say = (what: string, remedy: string) => limits.push({ what, remedy });
  if (spec.form === 'crescent' && spec.trailMm > tier.tier.heightMm - tier.edgeMm) {
    say(
      `The trail of ${Math.round(spec.trailMm)} mm is longer than this tier is high`,
      'It ends at the foot; shorten it, or take a cascade.',
    );
  }
  if (spec.form === 'cascade') {
    const room = cakeSkin(cake).lengthMm - spec.startMm;
    if (spec.lengthDownMm > room)
      say(
        `The cascade of ${Math.round(spec.lengthDownMm)} mm is longer than the cake’s ${Math.round(room)}`,
        'It ends at the foot; shorten it.',
      );
  }
  if (spec.form === 'ring' && spec.where === 'top' && above && tier.radiusMm * spec.radiusShare < above.diameterMm / 2) {
    say('The ring lies under the tier above', 'It runs along that tier’s foot; make it wider.');
  }
  if (
    spec.form === 'posy' &&
    (Math.hypot(spec.xMm, spec.yMm) + spec.widthMm > tier.radiusMm || (above && spec.tier < cake.tiers.length - 1))
  ) {
    say(
      above ? 'The posy stands where the next tier stands' : 'The posy is wider than its tier',
      above ? 'Set it on the top tier.' : 'Make it narrower, or move it to the middle.',
    );
  }
  if ((spec.form === 'crescent' || spec.form === 'ring') && spec.widthMm > tier.radiusMm) {
    say(`A half-width of ${Math.round(spec.widthMm)} mm is more than the tier’s radius`, 'Make the line narrower.');
  }
  return limits;
}
