/** Labels of the screen that hold what the words already say in this language. */
export const SCREEN = {
  'wire.for-kind': 'Wire for {kind}',
  'place.round-tier': 'Round the {tier}',
  'place.barrier-for': 'For {goodFor}.',
  'place.barrier-in-full': 'For {goodFor}. Not for {notFor}. Touches the cake: {touches}. Taken out: {takenOut}.',
} as const;
