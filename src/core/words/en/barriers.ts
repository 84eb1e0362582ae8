import type { Messages } from '../messages';

/** How barriers are fitted, used and taken out. */
export const BARRIERS: Messages['barriers'] = {
  straw: {
    touches: 'its outside, made for food; the wire stays inside',
    goodFor: 'single stems and small bunches in cake that is not too shallow',
    notFor: 'stems thicker than its bore, cake under 35 mm deep, heavy heads in soft sponge',
    takenOut: 'flower and straw together, the way they went in',
    steps: [
      'Pinch or plug the lower end so that no crumb is cored up to the wire.',
      'Bend the wire so that it springs, slide it in.',
      'Cut the straw about 10 mm below the wire’s end, on a slant.',
      'Push it in with pliers at the mouth; the rim stays 2 mm proud.',
    ],
    caution: 'Bright straws only, so that the person who cuts finds them. An unplugged straw is not safe.',
  },
  pick: {
    touches: 'its outside, made for food, tip sealed',
    goodFor: 'thick stems, sprays, heavy heads; the flower can come out and go in again',
    notFor: 'shallow tiers: its length is fixed',
    takenOut: 'the flower first, then every pick',
    steps: [
      'Push the pick into the cake first; its rim stays 2 mm proud.',
      'A little soft paste in the pick holds the stem.',
      'Set the stem in after.',
    ],
    caution: 'Hard plastic: count it out before anyone cuts.',
  },
  wax: {
    touches: 'the coat, made for food contact',
    goodFor: 'light stems, shallow tiers, thin places where no straw fits',
    notFor: 'heads over 6 g, wire that is bent after dipping: the coat cracks',
    takenOut: 'the stem whole; check that the coat came out with it',
    steps: [
      'Tape the stem closed to its end.',
      'Dip as deep as it will go in, let it set, dip again.',
      'Look for bare places; only a whole coat goes into cake.',
    ],
    caution: 'Hot wax burns: melt it over water, keep children away.',
  },
  'compound-coat': {
    touches: 'the coat, which is food',
    goodFor: 'light stems, shallow tiers; no plastic on the plate',
    notFor: 'heads over 6 g, warm rooms, guests who may not have milk or soya',
    takenOut: 'the stem whole; crumbs of coat may stay and are food',
    steps: [
      'Tape the stem closed to its end.',
      'Dip the whole length that enters; it sets in about 10 min.',
      'Look for bare places; only a whole coat goes into cake.',
    ],
    caution: 'Compound coat may hold milk and soya.',
  },
  skewer: {
    touches: 'bare bamboo, made for food; wire and tape end above the icing',
    goodFor: 'weight that needs a stiff stem, sprays up to 4 mm thick',
    notFor: 'shallow tiers, places that children reach: the point is sharp',
    takenOut: 'flower and skewer together',
    steps: [
      'Tape the stem to the skewer; wire and tape end at least 5 mm above the icing.',
      'Cut the skewer to length, point down.',
      'Push it in bare.',
    ],
    caution: 'Wood splinters: count it out, and keep the point away from fingers.',
  },
  toothpick: {
    touches: 'bare wood, made for food; wire and tape end above the icing',
    goodFor: 'single light heads and plaques in shallow cake',
    notFor: 'heavy heads, small children: it is short, pale and easily missed',
    takenOut: 'flower and toothpick together, each counted',
    steps: [
      'Tape the stem to the upper third; wire and tape end at least 5 mm above the icing.',
      'Push it in bare, along its own line.',
    ],
    caution: 'Small and pale: it is easily missed. Count every one out before anyone cuts.',
  },
  'own-straw': {
    touches: 'its outside: be sure that it is made for food',
    goodFor: 'what you measured it for',
    notFor: 'stems thicker than its bore',
    takenOut: 'flower and straw together',
    steps: [
      'Plug its lower end.',
      'Slide the stem in, cut on a slant about 10 mm below the wire’s end.',
      'Push it in; its rim stays 2 mm proud.',
    ],
    caution: 'Your own sizes. Be sure that it is made for food, and count it out.',
  },
  'own-pick': {
    touches: 'its outside: be sure that it is made for food',
    goodFor: 'what you measured it for',
    notFor: 'shallow tiers: its length is fixed',
    takenOut: 'the flower first, then the pick',
    steps: ['Push it in first; its rim stays 2 mm proud.', 'Set the stem in after.'],
    caution: 'Your own sizes. Be sure that it is made for food, and count it out.',
  },
};
