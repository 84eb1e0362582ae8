/** Where a pace comes from, as it is said. */
export const PACE_FROM = {
  'this kind': 'log.yours',
  'same work': 'log.from-your-pace-at-this-work',
  'other kinds': 'log.from-your-pace-at-others',
  'starting value': 'log.starting-value',
} as const;
