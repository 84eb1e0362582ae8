import type { Messages } from '../messages';

const WIDTH = '{width, select, full {full width} half {half width} other {a third of its width}}';
const COLOUR = '{colour, select, white {white} other {green}}';

/** A large figure, and what it is. */
export const FIGURES: Messages['figures'] = {
  'figure.wire': {
    figure: '{count, plural, one {{gauge}} other {# × {gauge}}}',
    words: `${COLOUR}, Ø {diameterMm}, cut {lengthMm}`,
  },
  'figure.part-wire': {
    figure: '{gauge}',
    words: 'for each {part}: {colour, select, white {white} other {green}}, cut {lengthMm}',
  },
  'figure.own-wire': {
    figure: '{gauge}',
    words: '{colour, select, white {white} other {green}}, each to its own length in the cut list',
  },
  'figure.stalk': { figure: '{lengthMm}', words: 'free, from the head to the joint' },
  'figure.below-head': { figure: '{lengthMm}', words: 'below the head {ontoOf}' },
  'figure.below-joint': {
    figure: '{lengthMm}',
    words: 'below joint {joint}, to the {side, select, left {left} other {right}}',
  },
  'figure.turns': { figure: '{turns, plural, one {# turn} other {# turns}}', words: `tape ${WIDTH}, {woundMm} down` },
  'figure.thick-below': { figure: '{thickMm}', words: 'thick below it, {wires, plural, one {# wire} other {# wires}}' },
  'figure.from-pick': { figure: '{lengthMm}', words: 'from the pick, its upper end' },
  'figure.arm-bent': { figure: '{lengthMm}', words: 'of each arm bent down' },
  'figure.arms': { figure: '{firstMm} and {secondMm}', words: 'from the tips to the bend' },
  'figure.thick-at-end': { figure: '{thickMm}', words: 'thick at the end' },
  'figure.stem-inside': { figure: '{lengthMm}', words: 'of stem into it' },
  'figure.barrier-cut': { figure: '{lengthMm}', words: 'of {barrier}, its length' },
  'figure.free-above': { figure: '{lengthMm}', words: 'free above the barrier' },
  'figure.thick-at-entry': { figure: '{thickMm}', words: 'thick where it goes in' },
  'figure.same-for-each': { figure: '{count} ×', words: 'the same for each' },
  'figure.stamens': { figure: '{count}', words: '{count, plural, one {stamen} other {stamens}}, tips level' },
  'figure.ring': {
    figure: 'ring {ring} of {of}',
    words: '{count} {count, plural, one {{part}} other {{partMany}}}, evenly round',
  },
  'figure.ring-below': { figure: '{belowMm}', words: 'below the centre’s foot' },
  'figure.turned': { figure: '{rad}', words: 'turned against the ring before' },
  'figure.turned-last': { figure: '{rad}', words: 'turned against the last' },
  'figure.below-last': { figure: '{lengthMm}', words: 'below the last' },
  'figure.each-lower': { figure: '{lengthMm}', words: 'each below the one before' },
  'figure.base-firms': { figure: '5–10 min', words: 'until a pinch just dents it' },
  'figure.pushed-in': { figure: '{count}', words: '{partMany}, buds in the middle, open ones round them' },
  'figure.barriers': { figure: '{count}', words: '{count, plural, one {{barrier}} other {{barrierMany}}}' },
  'figure.in-foam': { figure: '{count}', words: 'into foam, no barrier' },
  'figure.clock': { figure: '{clock}', words: '{heightMm} above the board' },
  'figure.down': { figure: '{rad} down', words: '{straight, select, yes {straight down} other {below level}}' },
  'figure.deep': { figure: '{insideMm}', words: 'deep; {proudMm} {barrierOf} stay out' },
  'figure.deep-foam': { figure: '{insideMm}', words: 'into the foam' },
  'figure.glued': { figure: '{count}', words: 'glued on, no wire in {count, plural, one {it} other {them}}' },
  'figure.sides': { figure: '{sides} sides', words: 'and from above, at the height of a guest' },
  'figure.seen-from': { figure: '{entry}', words: 'seen from {sides}' },
  'figure.count': { figure: '{count}', words: '{count, plural, one {goes in, one comes out} other {go in, as many come out}}' },
};
