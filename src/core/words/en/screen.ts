/** Labels of the screen that hold what the words already say in this language. */
export const SCREEN = {
  'wire.for-kind': 'Wire for {kind}',
  'place.round-tier': 'Round the {tier}',
  'compose.bare-at': 'bare, {place}',
  'paint.any': 'For any piece.',
  'paint.kept': 'For pieces that are kept, off the icing.',
  'paint.on-wire': 'For pieces on wire that nobody eats, off the icing.',
  'place.barrier-for': 'For {goodFor}.',
  'place.barrier-in-full': 'For {goodFor}. Not for {notFor}. Touches the cake: {touches}. Taken out: {takenOut}.',
} as const;
